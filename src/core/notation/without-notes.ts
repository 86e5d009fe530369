import { notesIn } from './mark-notes.ts';

/** A text without what notes tell beside it: `how many boxes (default: 3)` is `how many boxes`. */
export function withoutNotes(text: string): string {
  let plain = '';
  let at = 0;
  for (const { mark } of notesIn(text).toSorted((a, b) => a.mark.start - b.mark.start)) {
    if (mark.start < at) continue;
    plain += text.slice(at, mark.start);
    at = mark.end;
  }
  return (plain + text.slice(at)).trim();
}
