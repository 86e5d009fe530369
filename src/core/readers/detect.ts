import type { SourceKind } from '../model/interface.ts';

/** How much of a text is looked at. */
const LOOKED_AT = 64 * 1024;

/** The kind of source that a text is, told from its contents: an interface document has the key of its format; else it is help output. */
export function detectKind(text: string): Extract<SourceKind, 'document' | 'help'> {
  return /^\uFEFF?\{?[ \t]*["']?dabbawala["']?[ \t]*:[ \t]*["']?\d/m.test(text.slice(0, LOOKED_AT))
    ? 'document'
    : 'help';
}
