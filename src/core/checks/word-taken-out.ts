import type { TextEdit } from '../edits/text-edits.ts';
import type { Place, Span } from '../source/source.ts';

/** What may stand in a list of words that a shell reads, between quotes or brackets. */
const LIST = /^[\w\-=:,.+/@% \t]*$/;

/** Lists and lines that are longer are left to their author. */
const LONGEST = 4000;

/**
 * The edit that takes a word out of a completion script: out of the list in quotes or brackets that has others too, or the line that is about
 * nothing else. None where it stands in anything else.
 */
export function wordTakenOut(place: Place): TextEdit[] {
  if (place === null) return [];
  const { source, start, end } = place;
  const { text } = source;
  const list = listAround(place);
  const [before, behind] =
    list === undefined ? ['', ''] : [text.slice(list.start, start), text.slice(end, list.end)];
  const isWord = /^$|[ \t]$/.test(before) && /^$|^[ \t]/.test(behind);
  if (isWord && /\S/.test(before + behind) && LIST.test(before) && LIST.test(behind)) {
    const blank = /[ \t]+$/.exec(before)?.[0].length ?? 0;
    const next = blank > 0 ? 0 : (/^[ \t]+/.exec(behind)?.[0].length ?? 0);
    const gap = blank > 0 ? [start - blank, start] : [end, end + next];
    // The blank is an edit of its own, since the word beside may be taken out together with the same blank.
    return [
      { place: { source, start: gap[0] ?? start, end: gap[1] ?? start }, text: '' },
      { place, text: '' },
    ];
  }
  const line = lineAround(place);
  return isAboutOneThing(line) ? [{ place: line, text: '' }] : [];
}

/** The list in quotes or brackets of one line in which something stands, without these; undefined where there is none. */
export function listAround({ source, start, end }: Span): Span | undefined {
  const { text } = source;
  let quote: number | undefined;
  let bracket: number | undefined;
  const line = text.lastIndexOf('\n', start - 1) + 1;
  if (start - line > LONGEST) return undefined;
  for (let i = line; i < start; i++) {
    const character = text[i] ?? '';
    const isQuote = quote === undefined ? /['"]/.test(character) : character === text[quote];
    if (isQuote) quote = quote === undefined ? i : undefined;
    if (isQuote || character === ')') bracket = undefined;
    else if (character === '(') bracket = i;
  }
  // A list in brackets may stand within quotes, as the values in a specification of zsh do.
  const opening = bracket ?? quote;
  if (opening === undefined) return undefined;
  const closing = /['"()\n]/g;
  closing.lastIndex = end;
  const last = closing.exec(text);
  const isClosed = last !== null && last[0] === (bracket === undefined ? text[opening] : ')');
  return isClosed ? { source, start: opening + 1, end: last.index } : undefined;
}

/** The whole line of a place, with its end. */
function lineAround({ source, start, end }: Span): Span {
  const next = source.text.indexOf('\n', end);
  return {
    source,
    start: source.text.lastIndexOf('\n', start - 1) + 1,
    end: next < 0 ? source.text.length : next + 1,
  };
}

/** A line of fish that is a command by itself, or one of zsh that is a word in quotes within a list or a call. */
function isAboutOneThing({ source, start, end }: Span): boolean {
  if (end - start > LONGEST) return false;
  const line = source.text.slice(start, end).trim();
  const goesOn = source.text.endsWith('\\\n', start);
  if (/^complete\b[^;&|]*$/.test(line) && !line.endsWith('\\')) return true;
  return goesOn ? /^['"(].*\\$/.test(line) : /^(['"])[^'"]*\1$/.test(line);
}
