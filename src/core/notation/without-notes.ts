import { notesIn } from './mark-notes.ts';

/** `Default: 3 Possible values: 3, 4`: notes that stood in lines of their own below a text. */
const LINES_OF_NOTES =
  /(?:^|\s)(?:Defaults?(?: value)?|(?:Possible|Allowed|Valid|Accepted) values|Choices|Environment variable): ?\S[\s\S]*$/;

/** A text without what notes tell beside it: `how many boxes (default: 3)` is `how many boxes`. */
export function withoutNotes(text: string): string {
  let plain = '';
  let at = 0;
  for (const { mark } of notesIn(text).toSorted((a, b) => a.mark.start - b.mark.start)) {
    if (mark.start < at) continue;
    plain += text.slice(at, mark.start);
    at = mark.end;
  }
  return (plain + text.slice(at)).replace(LINES_OF_NOTES, '').trim();
}
