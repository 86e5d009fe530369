import type { Font } from './styled-text.ts';

/** A macro that prints its words in one font. */
export interface FontMacro {
  readonly font: Font;
  /** What stands before each word. */
  readonly before?: string;
  /** What it prints where it has no words. */
  readonly alone?: string;
}

/** The macros of mdoc(7) that print words and may stand in the lines of others. */
export const FONT_MACROS: ReadonlyMap<string, FontMacro> = new Map<string, FontMacro>([
  ['Fl', { font: 'bold', before: '-', alone: '-' }],
  ['Ar', { font: 'italic', alone: 'file ...' }],
  ['Cm', { font: 'bold' }],
  ['Ic', { font: 'bold' }],
  ['Sy', { font: 'bold' }],
  ['Cd', { font: 'bold' }],
  ['Ms', { font: 'bold' }],
  ['Fd', { font: 'bold' }],
  ['In', { font: 'bold' }],
  ['Em', { font: 'italic' }],
  ['Fa', { font: 'italic' }],
  ['Ft', { font: 'italic' }],
  ['Va', { font: 'italic' }],
  ['Vt', { font: 'italic' }],
  ['Pa', { font: 'italic', alone: '~' }],
  ['Ad', { font: 'italic' }],
  ['Sx', { font: 'italic' }],
  ...['No', 'Tn', 'Li', 'Ev', 'Dv', 'Er', 'An', 'Lb', 'Mt', 'Lk', 'Tg'].map(
    (name) => [name, { font: 'upright' }] as const,
  ),
  // The names of systems, and of what stands in references.
  ['Ux', { font: 'upright', alone: 'UNIX' }],
  ['Nx', { font: 'upright', before: 'NetBSD ', alone: 'NetBSD' }],
  ['Ox', { font: 'upright', before: 'OpenBSD ', alone: 'OpenBSD' }],
  ['Fx', { font: 'upright', before: 'FreeBSD ', alone: 'FreeBSD' }],
  ['Dx', { font: 'upright', before: 'DragonFly ', alone: 'DragonFly' }],
  ['Bsx', { font: 'upright', before: 'BSD/OS ', alone: 'BSD/OS' }],
  ['Bt', { font: 'upright', alone: 'is currently in beta test.' }],
  ['Ud', { font: 'upright', alone: 'currently under development.' }],
]);

/** Macros that stand around the rest of their line, with what they print before and behind it. */
export const ENCLOSURES: ReadonlyMap<string, readonly [string, string]> = new Map([
  ['Op', ['[', ']']],
  ['Bq', ['[', ']']],
  ['Brq', ['{', '}']],
  ['Pq', ['(', ')']],
  ['Aq', ['<', '>']],
  ['Dq', ['"', '"']],
  ['Qq', ['"', '"']],
  ['Sq', ["'", "'"]],
  ['Ql', ["'", "'"]],
  ['En', ['', '']],
]);

/** Macros that open something that another closes, maybe lines later; and those that close. */
export const OPENING: ReadonlyMap<string, string> = new Map([
  ['Oo', '['],
  ['Bo', '['],
  ['Bro', '{'],
  ['Po', '('],
  ['Ao', '<'],
  ['Do', '"'],
  ['Qo', '"'],
  ['So', "'"],
]);
export const CLOSING: ReadonlyMap<string, string> = new Map([
  ['Oc', ']'],
  ['Bc', ']'],
  ['Brc', '}'],
  ['Pc', ')'],
  ['Ac', '>'],
  ['Dc', '"'],
  ['Qc', '"'],
  ['Sc', "'"],
]);

/** Punctuation that follows a word without a blank, and that which a word follows so. */
export const BEHIND = new Set(['.', ',', ':', ';', ')', ']', '?', '!']);
export const BEFORE = new Set(['(', '[']);
/** Punctuation with a blank on either side. */
export const BETWEEN = new Set(['|', '\\*(Ba', '\\*[Ba]', '\\*Ba']);
