/** What parts a text in a column from the names before it. */
const MARK = '[-=]>|:|=|#|(?:\\* )?\\||-{1,2}|[–—]';

/** A mark in front of a text in a column: `-b     : the text`, `-b   | the text`, `-b   * | the text`. */
const TEXT_MARK = new RegExp(`^(?:${MARK}) +(?=[^\\s-])`);
const MARK_AT_END = new RegExp(`\\s(?:${MARK}) $`);

/** How long the mark at an index is, with the blanks behind it; 0 where there is none. */
export function markLength(text: string, at: number): number {
  return TEXT_MARK.exec(text.slice(at, at + 8))?.[0].length ?? 0;
}

/** Whether a mark in front of a text ends at an index. */
export function markEndsAt(text: string, at: number): boolean {
  return MARK_AT_END.test(text.slice(Math.max(0, at - 6), at));
}

/** A mark between a name and its text, with one blank on either side: `box - the text`. */
const MARK_BETWEEN = /^ (?:-{1,2}|[-=]>|[–—:=#]) /;

/** How long such a mark at an index is, with both blanks; 0 where there is none. */
export function markBetweenLength(text: string, at: number): number {
  return text[at] === ' ' ? (MARK_BETWEEN.exec(text.slice(at, at + 4))?.[0].length ?? 0) : 0;
}
