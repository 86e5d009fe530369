/** Whether all letters of a word stand in another, in their order. */
export function isWithin(word: string, other: string): boolean {
  let at = 0;
  for (const letter of other) if (letter === word[at]) at++;
  return at === word.length;
}
