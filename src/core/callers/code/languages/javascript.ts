import type { CodeLanguage } from '../code-language.ts';

/** JavaScript, with what TypeScript and markup within it add. */
export const javascript: CodeLanguage = {
  comment: /\/\/[^\n]*|\/\*[\s\S]*?(?:\*\/|$)/y,
  word: /[\p{L}_$][\p{L}\p{N}_$]*|\d[\w.]*/uy,
  texts: [
    { opens: /["']/y, closes: (opening) => opening, use: 'string', escapes: 'as-in-c', isLong: false },
    {
      opens: /`/y,
      closes: (opening) => opening,
      use: 'string',
      escapes: 'as-in-c',
      expands: /\$\{/y,
      isLong: true,
    },
  ],
  hasPatterns: true,
  joinsTexts: false,
  callsBare: false,
  runners: new Set(['$']),
};
