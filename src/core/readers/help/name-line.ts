import type { TextLine } from './text-line.ts';

/** So far from the top stands what is said of the program as a whole. */
export const TITLE_LINES = 200;

/** `tiffin, boxes - carry boxes`, the names and the summary of a manual page. */
const NAMES_AND_SUMMARY = /^\s*([\w.+:-]{1,60}(?:(?:, | )[\w.+:-]{1,60}){0,8}) (?:-{1,2}|[–—]) +(?=\S)/;

/** The line below the heading `NAME` of a manual page. */
export interface NameLine {
  readonly line: TextLine;
  /** The words in front of the mark: names, or the path of a command. */
  readonly names: string;
  /** Where the summary begins in the line. */
  readonly summaryStart: number;
}

/** Finds the line that names a program as a manual page does; undefined where there is none. */
export function findNameLine(lines: readonly TextLine[]): NameLine | undefined {
  const heading = lines.findIndex(({ text }, i) => i < TITLE_LINES && /^\s*NAME:?\s*$/.test(text));
  const line = lines.find(({ blank }, i) => heading >= 0 && i > heading && !blank);
  const names = NAMES_AND_SUMMARY.exec(line?.text.slice(0, 400) ?? '');
  return line === undefined || names === null
    ? undefined
    : { line, names: names[1] ?? '', summaryStart: names[0].length };
}

/** The words of `tiffin send - send boxes`, which name a command; none where commas part several names. */
export function titledPath(lines: readonly TextLine[]): readonly string[] {
  const names = findNameLine(lines)?.names ?? '';
  return names === '' || names.includes(',') ? [] : names.split(' ');
}
