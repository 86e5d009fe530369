import type { CodeLanguage } from '../code-language.ts';

const same = (opening: string) => opening;

export const go: CodeLanguage = {
  comment: /\/\/[^\n]*|\/\*[\s\S]*?(?:\*\/|$)/y,
  word: /[\p{L}_][\p{L}\p{N}_]*|\d[\w.]*/uy,
  texts: [
    { opens: /"/y, closes: same, use: 'string', escapes: 'as-in-c', isLong: false },
    { opens: /`/y, closes: same, use: 'string', escapes: 'none', isLong: true },
    { opens: /'/y, closes: same, use: 'pattern', escapes: 'as-in-c', isLong: false },
  ],
  hasPatterns: false,
  joinsTexts: false,
  callsBare: false,
  runners: new Set(['exec.Command', 'exec.CommandContext']),
};
