/** So many values are looked for: each costs a look at all of the text. Who names these names the others. */
const MAX_VALUES = 100;

/** Whether a text names all of some values, so that they need not be listed beside it. */
export function saysValues(text: string, values: readonly string[]): boolean {
  return values.slice(0, MAX_VALUES).every((value) => text.includes(value));
}
