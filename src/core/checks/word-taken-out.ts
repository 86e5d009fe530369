import type { TextEdit } from '../edits/text-edits.ts';
import type { Place } from '../source/source.ts';

/** What may stand in a list of words that a shell reads, between quotes or brackets. */
const LIST = /^[\w\-=:,.+/@% \t]*$/;

/** How far a list of words is looked at, to either side. */
const LOOKED_AT = 4000;

/**
 * The edit that takes a word out of a completion script: out of the list in quotes or brackets that has others too, or, in fish, the line
 * that is about nothing else. None where it stands in anything else.
 */
export function wordTakenOut(place: Place): TextEdit[] {
  if (place === null) return [];
  const { source, start, end } = place;
  const { text } = source;
  const before = /[^'"()\n]*$/.exec(text.slice(Math.max(0, start - LOOKED_AT), start))?.[0] ?? '';
  const behind = /^[^'"()\n]*/.exec(text.slice(end, end + LOOKED_AT))?.[0] ?? '';
  const [opening, closing] = [text[start - before.length - 1] ?? '', text[end + behind.length] ?? ''];
  const isWord = /^$|[ \t]$/.test(before) && /^$|^[ \t]/.test(behind);
  const hasOthers = /\S/.test(before + behind);
  if (isWord && hasOthers && isPair(opening, closing) && LIST.test(before) && LIST.test(behind)) {
    const blank = /[ \t]+$/.exec(before)?.[0].length ?? 0;
    const next = blank > 0 ? 0 : (/^[ \t]+/.exec(behind)?.[0].length ?? 0);
    return [{ place: { source, start: start - blank, end: end + next }, text: '' }];
  }
  const line = text.lastIndexOf('\n', start - 1) + 1;
  const next = text.indexOf('\n', end);
  const isOwn = /^complete\b[^;&|]*-(?:[sloa]|-(?:short|long|old)-option|-arguments) *['"]?$/.test(
    text.slice(line, start).replace(/^-+/, ''),
  );
  const whole = next < 0 ? text.slice(line) : text.slice(line, next);
  return isOwn && !whole.endsWith('\\') && !/[;&|]/.test(whole)
    ? [{ place: { source, start: line, end: next < 0 ? text.length : next + 1 }, text: '' }]
    : [];
}

function isPair(opening: string, closing: string): boolean {
  return opening === '(' ? closing === ')' : opening !== '' && opening === closing;
}
