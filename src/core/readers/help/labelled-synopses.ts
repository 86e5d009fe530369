import type { TextLine } from './text-line.ts';
import type { UsageLines } from './usage-found.ts';
import { withoutText } from './usage-text.ts';

/** What a synopsis is for, a colon, and the synopsis: `late mode : tiffin -l [-d DAY]`. */
const LABELLED = /^\s*[A-Za-z][\w -]{0,40}?\s*:\s+(?=([\w./-]{1,60}) .{0,200}?(?:[[<]|(?<=\s)-\w))/;

/** So many lines with one program behind their labels are its synopses. */
const MIN_LABELLED = 2;

/** So many lines are looked at. */
const LINES_LIMIT = 60;

/** Synopses one below the other that nothing announces, each behind a label of its own; undefined where there are none. */
export function labelledSynopses(lines: readonly TextLine[]): UsageLines | undefined {
  let run: { readonly line: TextLine; readonly start: number }[] = [];
  let program: string | undefined;
  for (const line of lines.slice(0, LINES_LIMIT)) {
    const label = LABELLED.exec(line.text.slice(0, 300));
    if (label !== null && (run.length === 0 || label[1] === program)) {
      program = label[1];
      run.push({ line, start: label[0].length });
      continue;
    }
    if (run.length >= MIN_LABELLED) break;
    run = label === null ? [] : [{ line, start: label[0].length }];
    program = label?.[1];
  }
  if (run.length < MIN_LABELLED) return undefined;
  return {
    forms: run.map(({ line, start }) => ({ pieces: [{ line, start, end: withoutText(line, start) }] })),
    taken: new Set(run.map(({ line }) => line.index)),
    announced: false,
    isPath: false,
  };
}
