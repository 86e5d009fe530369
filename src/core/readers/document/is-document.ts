/** How much of a text is looked at. */
const LOOKED_AT = 64 * 1024;

/** Whether a text is an interface document: it has the key of the format. */
export function isDocument(text: string): boolean {
  return /^\uFEFF?\{?[ \t]*["']?dabbawala["']?[ \t]*:[ \t]*["']?\d/m.test(text.slice(0, LOOKED_AT));
}
