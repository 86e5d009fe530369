/** How long a name made of the words of a choice may become; reports tell it again for each of its values. */
const MAX_CHOICE_LENGTH = 500;

/** `on|off`; where there are too many words, as many as have room and an ellipsis. */
export function choiceName(words: readonly string[]): string {
  const whole = words.join('|');
  if (whole.length <= MAX_CHOICE_LENGTH) return whole;
  const end = whole.lastIndexOf('|', MAX_CHOICE_LENGTH);
  return `${whole.slice(0, end < 0 ? MAX_CHOICE_LENGTH : end)}|…`;
}
