/** The characters at which readline parts words beside blanks (COMP_WORDBREAKS as bash sets it). */
const BREAKS = /^[=:<>|&;()'"]$/;

/** How readline parts the words of a command line for a bash completion function, and the word that it is to complete. */
export interface PartedWords {
  readonly words: readonly string[];
  readonly current: string;
  readonly previous: string;
}

/** Parts words where readline does: `--sort=size` is three words. */
export function partWords(words: readonly string[], typed: string): PartedWords {
  const parts = [...words.slice(0, 1), ...words.slice(1).flatMap(partsOf), ...partsOf(typed)];
  if (typed === '') parts.push('');
  const last = parts.at(-1) ?? '';
  return {
    words: parts,
    // Behind a break the word to complete is empty, though the break itself is the last word.
    current: BREAKS.test(last) ? '' : last,
    previous: parts.at(-2) ?? '',
  };
}

function partsOf(word: string): string[] {
  const parts: string[] = [];
  for (const character of word) {
    const before = parts.at(-1);
    const joins = before !== undefined && BREAKS.test(character) === BREAKS.test(before.slice(-1));
    if (joins) parts[parts.length - 1] = before + character;
    else parts.push(character);
  }
  return parts;
}
