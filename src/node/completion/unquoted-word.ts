/** The text that a word stands for that a bash completion gives back, with backslashes and quotes; as it is where it is not one word. */
export function unquoteWord(word: string): string {
  let text = '';
  let quote = '';
  for (let i = 0; i < word.length; i++) {
    const character = word[i] ?? '';
    if (quote === "'") {
      if (character === "'") quote = '';
      else text += character;
    } else if (character === '\\') {
      const next = word[++i];
      if (next === undefined) return word;
      text += quote === '"' && !'$`"\\'.includes(next) ? `\\${next}` : next;
    } else if (quote === '"' && character === '"') quote = '';
    else if (quote === '' && (character === "'" || character === '"')) quote = character;
    else text += character;
  }
  return quote === '' ? text : word;
}
