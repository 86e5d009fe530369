import type { Fact } from '../model/fact.ts';
import type { Observation } from '../model/interface.ts';

/** How many characters of an output are looked at: a version stands in its first line. */
const LINE_LIMIT = 400;

/** `tiffin (harbour tools) 1.4`, `v2.0.1-rc.1`, `tiffin/3.2`: numbers with dots, and what belongs to them. */
const DOTTED = /(?:^|[\s@/(])v?(\d{1,9}(?:\.\w{1,20}){1,5}(?:[+~:-][\w.+~:-]{0,40})?)/;

/** `tiffin 590`, `tiffin version 12`: a number alone behind the name. */
const PLAIN = /^\S{1,60}(?: version)? v?(\d{1,9})\b(?!\.)/;

/** The version that a run of `--version` printed, in the first line that holds something; undefined where none of the runs did. */
export function observedVersion(observations: readonly Observation[]): Fact<string> | undefined {
  for (const { words, exitStatus, standardOutput, standardError } of observations) {
    if (words.length !== 1 || words[0] !== '--version' || exitStatus !== 0) continue;
    for (const source of [standardOutput, standardError]) {
      const start = source.text.search(/\S/);
      if (start < 0) continue;
      const [line = ''] = source.text.slice(start, start + LINE_LIMIT).split('\n', 1);
      const match = DOTTED.exec(line) ?? PLAIN.exec(line);
      if (match?.[1] === undefined) continue;
      const at = start + match.index + match[0].lastIndexOf(match[1]);
      return { value: match[1], basis: 'observed', place: { source, start: at, end: at + match[1].length } };
    }
  }
  return undefined;
}
