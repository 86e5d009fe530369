import { withoutTimes } from './times-of-day.ts';

/** Where and when a program was run. */
export interface RunCircumstances {
  /** The home that it was given; undefined where that is the user's. */
  readonly home: string | undefined;
  /** The folder for its temporary files. */
  readonly folder: string;
  /** Its path, and the word that it was called by. */
  readonly program: string;
  readonly calledBy: string;
  /** The number of its process; undefined where it did not start. */
  readonly process: number | undefined;
  /** When it ended, in milliseconds since 1970. */
  readonly ended: number;
}

/**
 * What a program printed, without what is another text each time: the home of the run stands as `~`, its folder as `.`, what the program made
 * there as one name, the program's path as the word that it was called by, the time of day as `(time)`, and the number of its process as
 * `(process)`.
 */
export function settledText(text: string, run: RunCircumstances): string {
  const { home, folder, program, calledBy } = run;
  const inFolder = new RegExp(`${literal(folder)}(?:/[^\\s'"\`]+)?`, 'g');
  const ownPath = new RegExp(`${literal(program)}(?![\\w/.-])`, 'g');
  const settled = (home === undefined ? text : text.replaceAll(home, '~'))
    .replace(inFolder, (all) => (all === folder ? '.' : './temporary'))
    .replace(ownPath, () => calledBy);
  return withoutTimes(withoutProcess(settled, run.process), run.ended);
}

/**
 * A text without the number of a process. A number that happens to be the same is a default or a limit more often than not, so it counts
 * only where it is said to be a process, as `[123]` behind a name or `pid 123`, and in the name of a file for everybody's temporary files.
 */
function withoutProcess(text: string, process: number | undefined): string {
  if (process === undefined) return text;
  const said = new RegExp(`(\\w\\[|\\b(?:pid|process)[ =:#]+)${process}(?!\\d)`, 'gi');
  const inPath = new RegExp(`(/(?:var/)?tmp/(?:[^\\s'"\`]*\\D)?)${process}(?!\\d)`, 'g');
  return text.replace(said, '$1(process)').replace(inPath, '$1(process)');
}

/** A text as a pattern that only it matches. */
function literal(text: string): string {
  return text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
}
