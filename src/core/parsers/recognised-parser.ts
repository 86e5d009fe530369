import { inferred, type Knowable } from '../model/fact.ts';
import type { ParserMark } from '../model/interface.ts';
import type { HelpMark, ParserProfile } from './parser-profile.ts';
import { PARSERS } from './parsers.ts';

/** What of a help shows its parser. */
export interface ShownHelp {
  /** Its lines, with line feeds between them. */
  readonly text: string;
  /** The lines one by one, without blanks behind them; asked for only where a mark may be among them. */
  readonly lines: () => readonly ParserMark[];
  /** The text of the option `--help`; undefined where there is none. */
  readonly helpText: ParserMark | undefined;
  /** The text of the option `--version`; undefined where there is none. */
  readonly versionText: ParserMark | undefined;
}

/** A parser that was recognised. */
export interface RecognisedParser {
  /** Its name, or the names of those which it may be, by the place of the first mark. */
  readonly parser: NonNullable<Knowable<readonly string[]>>;
  /** The marks by which it was recognised, in the order of the text. */
  readonly marks: readonly ParserMark[];
}

/** So many marks must agree: one alone may be an author's own words. */
const MARKS_NEEDED = 2;

/**
 * The parser that printed a help, where at least two of its marks are there, none is lacking that it always prints, and none speaks against it. Several parsers
 * print alike: then all of them are named.
 */
export function recognisedParser(help: ShownHelp): RecognisedParser | undefined {
  const candidates = PARSERS.flatMap((profile) => {
    const marks = marksOf(profile, help);
    return marks === undefined ? [] : [{ name: profile.name, marks }];
  });
  const [first] = candidates;
  if (first === undefined) return undefined;
  const marks = first.marks.toSorted((a, b) => (a.place?.start ?? 0) - (b.place?.start ?? 0));
  const names = candidates.map(({ name }) => name);
  return { parser: inferred(names, marks[0]?.place ?? null), marks };
}

/** The marks of a parser that a help shows; undefined where they do not do. */
function marksOf({ helps = [] }: ParserProfile, help: ShownHelp): readonly ParserMark[] | undefined {
  for (const set of helps) {
    const found = marksOfSet(set, help);
    if (found.length >= MARKS_NEEDED) return found;
  }
  return undefined;
}

function marksOfSet(set: readonly HelpMark[], help: ShownHelp): readonly ParserMark[] {
  const found: ParserMark[] = [];
  for (const mark of set) {
    const shown = findMark(mark, help);
    const isAgainst =
      mark.shown === 'never' ? shown !== undefined : mark.shown === 'must' && shown === undefined;
    if (isAgainst) return [];
    if (shown !== undefined) found.push(shown);
  }
  return found;
}

function findMark({ of, pattern, holds }: HelpMark, help: ShownHelp): ParserMark | undefined {
  if (of === 'line') {
    if (holds !== undefined && !help.text.includes(holds)) return undefined;
    return help.lines().find(({ text }) => pattern.test(text));
  }
  const shown = of === 'help-text' ? help.helpText : help.versionText;
  return shown !== undefined && pattern.test(shown.text) ? shown : undefined;
}
