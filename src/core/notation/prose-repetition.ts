const TIMES =
  '(?:multiple times|several times|many times|any number of times|(?:zero|one) or more times|more than once|repeatedly|again and again|as often as (?:needed|wanted|you like))';

/** The ways in which a text says that an option may be given more than once. */
const REPEATED = new RegExp(
  `\\b(?:can|may) be (?:(?:given|used|specified|repeated|provided|set|passed|supplied|stated|listed|added|declared) ${TIMES}|repeated(?! by\\b))|\\brepeatable\\b|\\b(?:multiple|several) (?:allowed|times allowed|times possible|uses allowed)|\\bmultiple occurrences (?:are )?(?:allowed|permitted)|\\buse ${TIMES}\\b`,
  'i',
);

/** Where a text says that an option may be given more than once; undefined where it does not. */
export function repetitionInProse(
  text: string,
): { readonly start: number; readonly end: number } | undefined {
  const match = REPEATED.exec(text);
  return match === null ? undefined : { start: match.index, end: match.index + match[0].length };
}
