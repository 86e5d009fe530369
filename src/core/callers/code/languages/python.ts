import type { CodeLanguage, TextForm } from '../code-language.ts';

const QUOTES = `(?:"""|'''|"|')`;

function text(prefix: string, rest: Pick<TextForm, 'escapes' | 'expands'>, isLong: boolean): TextForm {
  const quotes = isLong ? `(?:"""|''')` : `(?:"(?!"")|'(?!''))`;
  return {
    opens: new RegExp(prefix + quotes, 'y'),
    closes: (opening) => new RegExp(`${QUOTES}$`).exec(opening)?.[0] ?? opening,
    use: 'string',
    isLong,
    ...rest,
  };
}

/** A field of a formatted string; doubled braces are none. */
const FIELD = /(?<!\{)\{(?!\{)/y;

export const python: CodeLanguage = {
  comment: /#[^\n]*/y,
  word: /[\p{L}_][\p{L}\p{N}_]*|\d[\w.]*/uy,
  texts: [true, false].flatMap((isLong) => [
    text('(?:[rR][fF]|[fF][rR])', { escapes: 'closing', expands: FIELD }, isLong),
    text('[fF]', { escapes: 'as-in-c', expands: FIELD }, isLong),
    text('(?:[rR][bB]?|[bB][rR])', { escapes: 'closing' }, isLong),
    text('[bBuU]?', { escapes: 'as-in-c' }, isLong),
  ]),
  hasPatterns: false,
  joinsTexts: true,
  callsBare: false,
  runners: new Set(['shlex.split']),
};
