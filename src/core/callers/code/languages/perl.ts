import type { CodeLanguage } from '../code-language.ts';

const EXPANSION = /[$@](?:\{|\w+(?:::\w+)*(?:(?:->)?[[{][^\]}\n]{0,80}[\]}])*)/y;
const same = (opening: string) => opening;
/** `m`, `qw` and the like before a bracket, where they are no variable, method or part of a name. */
function quoting(operator: string): RegExp {
  return new RegExp(String.raw`(?<![\w$@%&>])${operator}[ \t]*[({[<|!/]`, 'y');
}

export const perl: CodeLanguage = {
  comment: /#[^\n]*|(?<=^|\n)=[a-z]\w*[\s\S]*?(?:\n=cut\b[^\n]*|$)|(?<=^|\n)__(?:END|DATA)__[\s\S]*/y,
  // A sign behind a dollar is a variable of its own: `$'` opens nothing.
  word: /[$@%&]?[\p{L}_][\p{L}\p{N}_]*(?:::\w+)*|\$[^\w\s{]\w*|\d[\w.]*/uy,
  texts: [
    { opens: /'/y, closes: same, use: 'string', escapes: 'closing', isLong: true },
    { opens: /"/y, closes: same, use: 'string', escapes: 'as-in-c', expands: EXPANSION, isLong: true },
    { opens: /`/y, closes: same, use: 'command', escapes: 'as-in-c', expands: EXPANSION, isLong: true },
    { opens: quoting('qx'), use: 'command', escapes: 'as-in-c', expands: EXPANSION, isLong: true },
    { opens: quoting('qw'), use: 'words', escapes: 'closing', isLong: true },
    { opens: quoting('qq'), use: 'string', escapes: 'as-in-c', expands: EXPANSION, isLong: true },
    { opens: quoting('q'), use: 'string', escapes: 'closing', isLong: true },
    { opens: quoting('(?:m|qr)'), use: 'pattern', escapes: 'closing', isLong: true },
    { opens: quoting('(?:s|tr|y)'), use: 'pattern', escapes: 'closing', isLong: true, parts: 2 },
  ],
  hasPatterns: true,
  linesBelow: /<<~?(["'`]?)([A-Z_]\w*)\1/y,
  joinsTexts: false,
  callsBare: true,
  runners: new Set(['open']),
};
