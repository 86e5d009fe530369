import type { Place } from '../source/source.ts';
import type { InterfaceMend, Mend } from './mend.ts';

/** The longest line that is shown once more. */
const LONGEST = 160;

/**
 * The line of a help output at which a finding stands, as it should be; null where there is no certain mend, or the line does not show what is to
 * change. The text behind the name stays in its column.
 */
export function correctedLine(place: Place, mends: readonly Mend[]): string | null {
  if (place === null) return null;
  const all = place.source.text;
  const start = all.lastIndexOf('\n', place.start - 1) + 1;
  const end = all.indexOf('\n', start);
  const line = all.slice(start, end < 0 ? all.length : end);
  if (line.length > LONGEST) return null;
  for (const mend of mends) {
    const words = changedWords(mend);
    const at =
      words === undefined
        ? -1
        : line.indexOf(words.from, Math.max(0, place.start - start - words.from.length));
    if (words === undefined || at < 0) continue;
    const behind = line.slice(at + words.from.length);
    const isWord = !/[\w-]/.test(line[at - 1] ?? '') && !/^[\w-]/.test(behind);
    if (!isWord) continue;
    // The text calls the argument by its placeholder.
    const text = mend.kind === 'rename-placeholder' ? behind.replaceAll(words.from, words.to) : behind;
    return line.slice(0, at) + words.to + inColumn(text, words.to.length - words.from.length);
  }
  return null;
}

function changedWords(mend: Mend): { readonly from: string; readonly to: string } | undefined {
  if (mend.kind === 'rename-option' || mend.kind === 'rename-command')
    return { from: mend.name, to: mend.to };
  if (mend.kind === 'rename-placeholder') return { from: mend.from, to: mend.to };
  return mend.kind === 'change-text' ? firstWords(mend) : undefined;
}

/** The first or last word of a text, where that is what changes. */
function firstWords({ from, to }: Extract<InterfaceMend, { readonly kind: 'change-text' }>) {
  const [first = '', second = ''] = [from, to].map((text) => text.split(' ')[0]);
  return first === second ? undefined : { from: first, to: second };
}

/** What stands behind a word that has become longer by so much, or shorter, with its wide blank taking that up. */
function inColumn(behind: string, longer: number): string {
  return behind.replace(/ {2,}/, (blank) => ' '.repeat(Math.max(2, blank.length - longer)));
}
