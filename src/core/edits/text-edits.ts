import { addTo } from '../collections/grouped.ts';
import { inFile, type Source, type Span } from '../source/source.ts';

/** A part of a file that another text takes the place of. */
export interface TextEdit {
  /** The part, in the file itself. */
  readonly place: Span;
  /** What stands there afterwards. */
  readonly text: string;
}

/** The edits of one file, in the order of its text; of edits that meet, the first stays. */
export interface FileEdits {
  /** The file. */
  readonly source: Source;
  /** Its edits. */
  readonly edits: readonly TextEdit[];
}

/** Edits by the files that they are for. One that says what another says is left out, as is one that reaches into the one before it. */
export function editsByFile(edits: readonly TextEdit[]): FileEdits[] {
  const groups = new Map<Source, TextEdit[]>();
  for (const edit of edits) addTo(groups, inFile(edit.place).source, { ...edit, place: inFile(edit.place) });
  return [...groups].map(([source, own]) => {
    const kept: TextEdit[] = [];
    for (const edit of own.sort((a, b) => a.place.start - b.place.start || a.place.end - b.place.end))
      if (edit.place.start >= (kept.at(-1)?.place.end ?? 0) && !isAmong(kept, edit)) kept.push(edit);
    return { source, edits: kept };
  });
}

/** Whether the last of some edits, which begin where another does, say what that one says. */
function isAmong(kept: readonly TextEdit[], { place, text }: TextEdit): boolean {
  for (let i = kept.length - 1; i >= 0 && kept[i]?.place.start === place.start; i--)
    if (kept[i]?.place.end === place.end && kept[i]?.text === text) return true;
  return false;
}

/** The text of a file with its edits made; all else stays as it is, unit by unit. */
export function editedText({ source, edits }: FileEdits): string {
  const parts: string[] = [];
  let at = 0;
  for (const { place, text } of edits) {
    parts.push(source.text.slice(at, place.start), text);
    at = place.end;
  }
  parts.push(source.text.slice(at));
  return parts.join('');
}

/** The part of a file that some units of a text are, where they stand there side by side as they are; undefined where they do not. */
export function exactPlace(source: Source, start: number, end: number): Span | undefined {
  const text = source.text.slice(start, end);
  if (source.within === undefined) return { source, start, end };
  const { source: outer, offsets } = source.within;
  const from = offsets[start] ?? 0;
  for (let i = start; i < end; i++) if (offsets[i] !== from + i - start) return undefined;
  const place = exactPlace(outer, from, from + end - start);
  return place !== undefined && place.source.text.slice(place.start, place.end) === text ? place : undefined;
}
