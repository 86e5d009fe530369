import type { Source } from '../../source/source.ts';
import { TextBuilder } from '../../source/text-builder.ts';

/** A line that a script prints of its own text, without the end of the line. */
export interface ScriptLine {
  readonly text: string;
  /** Where its first unit stands in the script, the others behind it; or where each of them does. */
  readonly places: number | readonly number[];
}

/** What a program makes of the lines that it is given. */
export type LineFilter = (lines: readonly ScriptLine[]) => readonly ScriptLine[];

/** A call of a program that prints some of its lines: what it does, and the operands that are left, which are files. */
export interface FilterCall {
  readonly filter: LineFilter;
  readonly files: readonly string[];
}

/** The lines of a script. */
export function linesOf(source: Source): ScriptLine[] {
  const lines: ScriptLine[] = [];
  let start = 0;
  for (const text of source.text.split('\n')) {
    lines.push({ text, places: start });
    start += text.length + 1;
  }
  // Behind the last end of a line there is no further line.
  if (lines.at(-1)?.text === '') lines.pop();
  return lines;
}

/** Where a unit of a line stands. */
export function placeIn({ places }: ScriptLine, at: number): number {
  return typeof places === 'number' ? places + at : (places[at] ?? places.at(-1) ?? 0);
}

/** A part of a line. */
export function partOf(line: ScriptLine, start: number, end: number): ScriptLine {
  const { text, places } = line;
  return {
    text: text.slice(start, end),
    places: typeof places === 'number' ? places + start : places.slice(start, end),
  };
}

/** Lines of a script as one text. */
export function textOfLines(lines: readonly ScriptLine[], source: Source): TextBuilder {
  const text = new TextBuilder(source);
  for (const line of lines) {
    if (typeof line.places === 'number') text.copy(line.text, line.places);
    else for (let i = 0; i < line.text.length; i++) text.put(line.text[i] ?? '', line.places[i] ?? 0);
    text.put('\n', placeIn(line, line.text.length));
  }
  return text;
}
