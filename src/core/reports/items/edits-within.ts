import { firstIndex } from '../../collections/first-index.ts';
import { editsByFile, type TextEdit } from '../../edits/text-edits.ts';
import { inFile, type Span } from '../../source/source.ts';

/** Finds the edits that are made within a place. */
export function editsWithin(edits: readonly TextEdit[]): (place: Span) => TextEdit[] {
  const files = new Map(editsByFile(edits).map(({ source, edits: own }) => [source, own]));
  return (place) => {
    const { source, start, end } = inFile(place);
    const own = files.get(source) ?? [];
    const found: TextEdit[] = [];
    for (let i = firstIndex(own, (edit) => edit.place.start < start); i < own.length; i++) {
      const edit = own[i];
      if (edit === undefined || edit.place.start >= end) break;
      if (edit.place.end <= end) found.push(edit);
    }
    return found;
  };
}
