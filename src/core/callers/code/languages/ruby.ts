import type { CodeLanguage } from '../code-language.ts';

const EXPANSION = /#\{/y;
const same = (opening: string) => opening;

export const ruby: CodeLanguage = {
  comment: /#[^\n]*|(?<=^|\n)=begin\b[\s\S]*?(?:\n=end\b[^\n]*|$)|(?<=^|\n)__END__\r?\n[\s\S]*/y,
  word: /[$@]{0,2}[\p{L}_][\p{L}\p{N}_]*[?!]?|\d[\w.]*/uy,
  texts: [
    { opens: /'/y, closes: same, use: 'string', escapes: 'closing', isLong: true },
    { opens: /"/y, closes: same, use: 'string', escapes: 'as-in-c', expands: EXPANSION, isLong: true },
    { opens: /`/y, closes: same, use: 'command', escapes: 'as-in-c', expands: EXPANSION, isLong: true },
    { opens: /%x[({[<|!]/y, use: 'command', escapes: 'as-in-c', expands: EXPANSION, isLong: true },
    { opens: /%w[({[<|!]/y, use: 'words', escapes: 'closing', isLong: true },
    { opens: /%W[({[<|!]/y, use: 'words', escapes: 'as-in-c', expands: EXPANSION, isLong: true },
    { opens: /%q[({[<|!]/y, use: 'string', escapes: 'closing', isLong: true },
    { opens: /%Q?[({[<|!]/y, use: 'string', escapes: 'as-in-c', expands: EXPANSION, isLong: true },
    { opens: /%r[({[<|!]/y, use: 'pattern', escapes: 'closing', isLong: true },
  ],
  hasPatterns: true,
  linesBelow: /<<[~-]?(["'`]?)([A-Z_]\w*)\1/y,
  joinsTexts: true,
  callsBare: true,
  runners: new Set(),
};
