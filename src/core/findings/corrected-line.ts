import type { Place } from '../source/source.ts';
import type { Fix, InterfaceFix } from './fix.ts';

/** The longest line that is shown once more. */
const LONGEST = 160;

/**
 * The line of a help output at which a finding stands, as it should be; null where there is no certain fix, or the line does not show what is to
 * change. The text behind the name stays in its column.
 */
export function correctedLine(place: Place, fixes: readonly Fix[]): string | null {
  if (place === null) return null;
  const all = place.source.text;
  const start = all.lastIndexOf('\n', place.start - 1) + 1;
  const end = all.indexOf('\n', start);
  const line = all.slice(start, end < 0 ? all.length : end);
  if (line.length > LONGEST) return null;
  for (const fix of fixes) {
    const words = changedWords(fix);
    const at =
      words === undefined
        ? -1
        : line.indexOf(words.from, Math.max(0, place.start - start - words.from.length));
    if (words === undefined || at < 0) continue;
    const behind = line.slice(at + words.from.length);
    const isWord = !/[\w-]/.test(line[at - 1] ?? '') && !/^[\w-]/.test(behind);
    if (!isWord) continue;
    // The text calls the argument by its placeholder.
    const text = fix.kind === 'rename-placeholder' ? behind.replaceAll(words.from, words.to) : behind;
    return line.slice(0, at) + words.to + inColumn(text, words.to.length - words.from.length);
  }
  return null;
}

function changedWords(fix: Fix): { readonly from: string; readonly to: string } | undefined {
  if (fix.kind === 'rename-option' || fix.kind === 'rename-command') return { from: fix.name, to: fix.to };
  if (fix.kind === 'rename-placeholder') return { from: fix.from, to: fix.to };
  return fix.kind === 'change-text' ? firstWords(fix) : undefined;
}

/** The first word of a text, where that is what changes: its end may stand in another line. */
function firstWords({ from, to }: Extract<InterfaceFix, { readonly kind: 'change-text' }>) {
  const [first = '', second = ''] = [from, to].map((text) => text.split(' ')[0]);
  return first === second ? undefined : { from: first, to: second };
}

/** What stands behind a word that has become longer by so much, or shorter, with its wide blank taking that up. */
function inColumn(behind: string, longer: number): string {
  return behind.replace(/ {2,}/, (blank) => ' '.repeat(Math.max(2, blank.length - longer)));
}
