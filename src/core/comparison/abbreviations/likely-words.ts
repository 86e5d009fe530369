import { likelyWords } from '../../abbreviations/fragility.ts';
import { compareCodeUnits } from '../../source/source.ts';
import type { WordRange } from '../change.ts';

/** The words of some ranges that callers are likely to have taken for names, sorted; full names are not among them. */
export function likelyAmong(ranges: readonly WordRange[]): string[] {
  const found = new Set<string>();
  for (const { scope, from, to, name } of ranges) {
    if (scope === 'commands') {
      // Of segmented commands it is the form with one letter of each that people learn by heart.
      if (name.includes(':') && /^[^:](?::[^:])+$/.test(from)) found.add(from);
      continue;
    }
    if (scope !== 'options') continue;
    for (const word of likelyWords(name)) {
      if (word.length >= from.length && word.length <= to.length && to.startsWith(word)) found.add(word);
    }
  }
  return [...found].sort(compareCodeUnits);
}
