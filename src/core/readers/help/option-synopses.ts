import type { OptionArgument } from '../../model/argument.ts';
import { type Fact, stated } from '../../model/fact.ts';
import type { Option } from '../../model/option.ts';
import { readUsageForm } from '../../notation/usage-form.ts';
import type { UsageReading } from '../../notation/usage-reading.ts';
import type { CleanedText } from './cleaned-text.ts';
import { TextFlow } from './text-flow.ts';
import type { TextLine } from './text-line.ts';

/** Options that a text shows without the program, in brackets or one behind the other, and the lines that show them. */
export interface OptionSynopses {
  readonly readings: readonly UsageReading[];
  readonly lines: ReadonlySet<number>;
  /** The names of options that stand one behind the other: words with one hyphen are no groups of letters there. */
  readonly words: ReadonlySet<string>;
}

/**
 * Reads paragraphs that hold options in brackets and nothing else, as some programs have them above the list of their options:
 *
 *     [--box <id>] [--day <day> [--day <day> ...]]
 *     [-q|--quiet]
 *
 * and paragraphs of options without brackets and texts:
 *
 *     -late -lids N -newer BOX -day [mtwf]
 *     -true -false
 */
export function readOptionSynopses(lines: readonly TextLine[], cleaned: CleanedText): OptionSynopses {
  const readings: UsageReading[] = [];
  const taken = new Set<number>();
  const words = new Set<string>();
  const read = (run: readonly TextLine[]) => {
    const pieces = run.map((line) => ({ line, start: line.first, end: line.text.length }));
    const reading = readUsageForm(new TextFlow(cleaned, pieces));
    readings.push(reading);
    for (const { index } of run) taken.add(index);
    return reading;
  };
  for (const run of bracketRuns(lines)) read(run);
  for (const run of plainRuns(lines)) for (const { declared } of read(run).options) words.add(declared.text);
  return { readings, lines: taken, words };
}

/**
 * Options whose list shows no arguments, with those that the synopses show: where one list leaves all arguments out, that it names
 * none says nothing.
 */
export function withArgumentsShown(options: readonly Option[], { readings }: OptionSynopses): Option[] {
  const shown = new Map<string, Fact<OptionArgument>>();
  for (const { declared, argument, place } of readings.flatMap((reading) => reading.options))
    if (argument !== undefined) shown.set(declared.text, stated(argument, place));
  if (shown.size === 0) return [...options];
  return options.map((option) => {
    const argument = option.names.map(({ text }) => shown.get(text)).find((one) => one !== undefined);
    return argument === undefined || option.argument?.basis === 'stated' ? option : { ...option, argument };
  });
}

/** `[-q]`, `[ -q|--quiet ]`, `[    --day <day> ]` */
const BEGINS_WITH_OPTION = /^\[\s{0,8}-/;

/** Whether a line holds brackets and nothing else, all of which close there. */
function holdsBracketsOnly({ text, first }: TextLine): boolean {
  if (text[first] !== '[') return false;
  let depth = 0;
  for (const character of text.slice(first).trimEnd()) {
    if (character === '[') depth++;
    else if (character === ']') depth--;
    else if (depth === 0 && character !== ' ') return false;
    if (depth < 0) return false;
  }
  return depth === 0;
}

/** A synopsis that goes on in brackets below it: `tiffin BOX ...`. */
const SYNOPSIS_ABOVE =
  /^\s*[a-z][\w.-]{0,40}(?: (?:[A-Z][A-Z_]*|<[^<>]{1,60}>|-{1,2}\w[\w-]*|\.{3})){1,8}\s*$/;

/**
 * Runs of lines with brackets only, up to a blank line, of which the first holds an option. Nothing, a heading, or a synopsis further left stands
 * above them.
 */
function* bracketRuns(lines: readonly TextLine[]): Generator<TextLine[]> {
  let run: TextLine[] = [];
  for (const line of lines) {
    if (!line.blank && holdsBracketsOnly(line)) {
      const before = lines[line.index - 1];
      const isStart =
        before === undefined ||
        before.blank ||
        before.text.trimEnd().endsWith(':') ||
        (before.indent < line.indent && SYNOPSIS_ABOVE.test(before.text.slice(0, 300)));
      const isOption = BEGINS_WITH_OPTION.test(line.text.slice(line.first, line.first + 10));
      if (run.length > 0 || (isStart && isOption)) run.push(line);
      continue;
    }
    if (line.blank && run.length > 0) yield run;
    run = [];
  }
  if (run.length > 0) yield run;
}

/** Names with a placeholder at most, and the marks that end a command in an argument (`-exec COMMAND {} +`). */
const PLAIN_OPTIONS =
  /^\s*(?:--?[a-z][\w-]+(?: (?:[A-Z][A-Z0-9]*(?:\[\w+\])?|\[[^\][]{1,40}\](?:[A-Z]+)?)){0,2}(?: (?:;|\{\}|\+)){0,2}(?: |$)){2,}\s*$/;

/** Paragraphs that hold options one behind the other and nothing else, as programs have them that take expressions. */
function* plainRuns(lines: readonly TextLine[]): Generator<TextLine[]> {
  let run: TextLine[] = [];
  let isWhole = true;
  for (const line of [...lines, undefined]) {
    if (line !== undefined && !line.blank) {
      // A heading may stand right above.
      const isHeading = run.length === 0 && line.text.trimEnd().endsWith(':');
      if (isHeading) continue;
      if (line.text.length > LINE_LIMIT || !PLAIN_OPTIONS.test(line.text)) isWhole = false;
      run.push(line);
      continue;
    }
    if (isWhole && run.length > 0) yield run;
    run = [];
    isWhole = true;
  }
}

/** Longer lines are no list of names. */
const LINE_LIMIT = 200;
