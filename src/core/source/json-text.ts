import { escapeControls } from './printable.ts';

/**
 * A value as JSON text in which every control, and every character that reorders or hides text, stands as a `\u` escape, so that it
 * can be shown on a terminal. `indent` and `replacer` are those of `JSON.stringify`; lines end with a line feed.
 */
export function jsonText(
  value: unknown,
  indent?: number,
  replacer?: (key: string, value: unknown) => unknown,
): string {
  return escapedControls(JSON.stringify(value, replacer, indent) ?? 'null');
}

/** A text of JSON, or of YAML whose scalars with controls are in double quotes, with the controls as escapes; line feeds stay. */
export function escapedControls(text: string): string {
  return escapeControls(text, (unit) => (unit === 0x0a ? '\n' : `\\u${unit.toString(16).padStart(4, '0')}`));
}
