import { unquoted } from './prose-default.ts';

const WORD = String.raw`("[^"\s]{1,60}"|'[^'\s]{1,60}'|\x60[^\x60\s]{1,60}\x60|[\w+-](?:[\w.+-]{0,58}[\w+-])?)`;
const NOT_GIVEN = '(?:not given|omitted|left out|not set|unset|absent|not specified|missing)';
const TAKEN = '(?:is|are) (?:used|taken|assumed|meant)';

/** The ways in which a sentence tells the default of what it is about. */
const OF_ITS_OWN = [
  String.raw`\bdefault(?:s| value)?(?: to| is|:|=| =) ?${WORD}`,
  String.raw`${WORD} (?:by default|is the default|unless (?:told|given|set|specified|stated)\b|if (?:it is )?${NOT_GIVEN})`,
  String.raw`\b(?:if (?:it is |this is )?${NOT_GIVEN}|without it|when ${NOT_GIVEN}),? ${WORD}(?: ${TAKEN})?`,
  String.raw`\bdefault (\d+(?:\.\d+)?)(?![\w.]*\w)`,
  String.raw`\bnormally ${WORD}`,
].map((pattern) => new RegExp(pattern, 'gi'));

/** `For boats the default is 8.` */
const CONDITION = /^\s*(?:for|on|with|when|under|in)\b(?! not\b)/i;

/** `(a slash and the days to look ahead. The default is 5)`: a further sentence in a bracket is about what the first one is about. */
const WITHIN_BRACKET = /(?<=\([^().]{10,200})\.\s[^()]{0,200}(?=\))/g;

/** The words that the text of an option tells to be its default, whatever else is given; one may be the default of something else. */
export function toldDefaults(text: string): string[] {
  const clauses = text
    .replace(WITHIN_BRACKET, '')
    .split(/[.;](?=\s|$)/)
    .filter((clause) => !CONDITION.test(clause));
  return clauses.flatMap((clause) =>
    OF_ITS_OWN.flatMap((pattern) => [...clause.matchAll(pattern)].map(([, word = '']) => unquoted(word))),
  );
}

const NAME = String.raw`["'\x60]?(-{1,2}[A-Za-z][\w-]{0,60})["'\x60]?`;

/** The ways in which a sentence tells the default of an option that it names. */
const OF_A_NAME = [
  String.raw`\b(?:without|if|unless|when) (?:the option )?${NAME}(?: is)?(?: ${NOT_GIVEN}| given)?,? ${WORD} ${TAKEN}`,
  String.raw`\bdefault (?:value )?(?:of|for) ${NAME} is ${WORD}`,
  `${NAME} defaults to ${WORD}`,
  String.raw`\bby default,? ${NAME} is ${WORD}(?=[.,;]|$)`,
  `${NAME} is ${WORD} by default`,
  // `Without --boxes, the round ends after 12 boxes`: the first number is what is meant.
  String.raw`\bwithout (?:the option )?${NAME},? (?:[a-z]+ ){1,6}(\d+)(?![\w.]*%)\b`,
].map((pattern) => new RegExp(pattern, 'gi'));

/** The defaults that running text tells of options that it names. */
export function defaultsOfNames(text: string): { readonly name: string; readonly value: string }[] {
  return OF_A_NAME.flatMap((pattern) =>
    [...text.matchAll(pattern)].map(([, name = '', word = '']) => ({ name, value: unquoted(word) })),
  );
}
