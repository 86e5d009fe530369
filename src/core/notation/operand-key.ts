/**
 * What two spellings of an operand's name share: letters and digits in lower case, without a part that may be left out. `[FROM-]TO`, `<to>`
 * and `To` give the same. `/LID:lid` and `lid=NUMBER` are told of by what stands before the mark.
 */
export function operandKey(name: string): string {
  const lower = name.toLowerCase().replace(/(?<=^\/?\w+)[:=].*$/, '');
  const withoutParts = lower.replace(/\[[^[\]]*\]/g, '');
  return letters(withoutParts) || letters(lower);
}

function letters(text: string): string {
  return text.replace(/[^\p{L}\p{N}]/gu, '');
}
