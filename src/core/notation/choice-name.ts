/** How long a name made of the words of a choice may become; reports tell it again for each of its values. */
const CHOICE_LENGTH_LIMIT = 500;

/** `on|off`; where there are too many words, as many as have room and an ellipsis. */
export function choiceName(words: readonly string[]): string {
  const joined = words.join('|');
  if (joined.length <= CHOICE_LENGTH_LIMIT) return joined;
  const end = joined.lastIndexOf('|', CHOICE_LENGTH_LIMIT);
  return `${joined.slice(0, end < 0 ? CHOICE_LENGTH_LIMIT : end)}|…`;
}
