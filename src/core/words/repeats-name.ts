/** What may stand around a name in a text that says no more: `set the level`, `level to use`, `the level option`. */
const FRAME =
  /^(?:(?:set|sets|specify|specifies|define|defines|use|the|a|an|to|name of|value of|value for) )*(.*?)(?: (?:to use|option|flag|switch|parameter|argument|value|name|setting|to be used|command))*$/;

/** Whether a text says no more than the words of a name, in small letters with blanks between them. */
export function repeatsName(text: string, name: string): boolean {
  const told = wordsInARow(text);
  return told === name || (told.length < name.length + 40 && FRAME.exec(told)?.[1] === name);
}

/** The words of a text in small letters, with blanks between them. */
export function wordsInARow(text: string): string {
  return (text.toLowerCase().match(/[\p{L}\d]+/gu) ?? []).join(' ');
}
