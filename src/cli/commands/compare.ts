import type { Command } from 'commander';
import { isAtLeast, type Level } from 'dabbawala';
import {
  type AnsweredWhatIf,
  assumeComplete,
  COMPARISON_REPORTS,
  type ComparedCallers,
  type ComparedSides,
  compareCallers,
  compareExtensions,
  compareInterfaces,
  WHAT_IF_REPORTS,
  whatIf,
} from 'dabbawala/analysis';
import type { Interface } from 'dabbawala/model';
import { calledAsOption } from '../called-as-option.ts';
import type { Declare } from '../declare.ts';
import { DONE, FOUND, UNUSABLE } from '../exit-status.ts';
import { findCalls } from '../find-calls.ts';
import { type Io, reportContext } from '../io.ts';
import { readGiven, type SettledSources } from '../read-sources.ts';
import { repeatedOption } from '../repeated-option.ts';
import { type FailOnOption, failOnOption, formatOption } from '../report-options.ts';
import { reportError } from '../report-problem.ts';
import { rewriteFiles } from '../rewrite-files.ts';
import { type ReportOptions, saveOption, writeReports } from '../save-reports.ts';
import { addSourceOptions, type SourceOptions } from '../source-options.ts';
import { tellLeft, tellUnfixed } from '../tell-edits.ts';

interface CompareOptions extends SourceOptions, ReportOptions<typeof COMPARISON_REPORTS>, FailOnOption {
  readonly complete?: boolean;
  readonly add?: readonly string[];
  readonly callers?: readonly string[];
  readonly calledAs?: readonly string[];
  readonly rewrite?: boolean;
}

export const declare: Declare = (command, io, done) => {
  command
    .description(
      'Tells what a new version changes for callers, worst first: what silently means something else, what is refused, ' +
        'and which kind of release it needs. Without NEW, tells what extensions or new names would change.',
    )
    .usage('[OPTION]... OLD [NEW]')
    .argument(
      '<OLD>',
      'a file with help output, an interface document, a shell script, a manual page or Markdown with help in it; - is standard input',
    )
    .argument('[NEW]', 'the same for the new version; leave it out with --with or --add');
  addSourceOptions(command)
    .addOption(formatOption(COMPARISON_REPORTS))
    .addOption(saveOption(COMPARISON_REPORTS))
    .option('--complete', 'assume that the sources list everything, unless they say otherwise')
    .addOption(
      repeatedOption(
        '--add <NAME>',
        "tell what adding NAME would change: a long option or a command, such as 'box list --late-fee'",
      ),
    )
    .addOption(
      repeatedOption(
        '--callers <FILE>',
        'a file or folder with calls of OLD, to tell which of them will break',
      ),
    )
    .addOption(calledAsOption())
    .option('--rewrite', 'write the names that NEW wants into the calls, file by file')
    .addOption(failOnOption('a change', 'never'))
    .action(async (old: string, newer: string | undefined, options: CompareOptions) =>
      done(await runCompare(old, newer, options, command, io)),
    );
};

async function runCompare(
  oldName: string,
  newName: string | undefined,
  options: CompareOptions,
  command: Command,
  io: Io,
): Promise<number> {
  const { add = [], with: extensions = [] } = options;
  if (newName !== undefined && add.length > 0)
    command.error('expected no NEW with --add, which compares OLD with OLD plus NAME');
  if (newName === undefined && add.length === 0 && extensions.length === 0)
    command.error('expected a second source, NEW, to compare OLD with; or --with EXTENSION, or --add NAME');
  if (options.callers === undefined && (options.rewrite === true || options.format === 'patch'))
    command.error(
      `expected --callers with ${options.rewrite === true ? '--rewrite' : '--format=patch'}, which fixes the calls of OLD`,
    );
  // With two versions, an extension is installed beside both.
  const old = await readOne(oldName, options, io);
  if (old.interface === undefined) return UNUSABLE;
  if (add.length > 0) return runWhatIf(old.interface, add, old.unusable, options, io);
  if (newName === undefined) {
    const base = old.interface.extended?.base ?? old.interface;
    const calls = await findGivenCalls(base, options, io);
    const sides = { ...extensionSides(old.interface), callers: calls.compared(old.interface) };
    return report(sides, old.unusable || calls.isUnusable, options, io);
  }
  const newer = await readOne(newName, options, io);
  if (newer.interface === undefined) return UNUSABLE;
  const [before, after] = [old.interface.program.value, newer.interface.program.value];
  if (before !== after)
    reportError(
      `the sources are of different programs, '${before}' and '${after}'; if they are the same, give its name with --program`,
      io,
    );
  const calls = await findGivenCalls(old.interface, options, io);
  const sides = {
    title: titleOf(old.interface, newer.interface),
    comparison: compareInterfaces(old.interface, newer.interface),
    callers: calls.compared(newer.interface),
  };
  return report(sides, old.unusable || newer.unusable || calls.isUnusable, options, io);
}

/** The calls in the files that were named. */
interface GivenCalls {
  /** What becomes of them with another interface; undefined where no files were named. */
  readonly compared: (next: Interface) => ComparedCallers | undefined;
  readonly isUnusable: boolean;
}

async function findGivenCalls(
  old: Interface,
  { callers = [], calledAs = [] }: CompareOptions,
  io: Io,
): Promise<GivenCalls> {
  if (callers.length === 0) return { compared: () => undefined, isUnusable: false };
  const { found, isUnusable } = await findCalls(callers, old, calledAs, io);
  return { compared: (next) => compareCallers(found, old, next), isUnusable };
}

interface OneSource extends Pick<SettledSources, 'unusable'> {
  /** Undefined where the source has none, or several. */
  readonly interface: Interface | undefined;
}

async function readOne(name: string, options: CompareOptions, io: Io): Promise<OneSource> {
  const { interfaces, unusable } = await readGiven([name], options, io);
  const [first, ...others] = interfaces;
  if (others.length > 0) {
    const programs = interfaces.map((cli) => `'${cli.program.value}'`).join(', ');
    reportError(`${name}: expected one program, found ${programs}; give each a file of its own`, io);
    return { interface: undefined, unusable: true };
  }
  return {
    interface: first !== undefined && options.complete === true ? assumeComplete(first) : first,
    unusable,
  };
}

function extensionSides(extended: Interface): ComparedSides {
  const base = extended.extended?.base ?? extended;
  const extensions = extended.extended?.extensions ?? [];
  const { comparison, clashes } = compareExtensions(base, extensions);
  const names = extensions.map(({ program }) => program.value).join(', ');
  return { title: `${nameOf(base)} with ${names}`, comparison, clashes };
}

function titleOf(old: Interface, newer: Interface): string {
  const isSame = old.program.value === newer.program.value;
  const version = newer.version?.value;
  if (isSame && (old.version === undefined || version === undefined))
    return `${old.program.value}, old to new`;
  return isSame ? `${nameOf(old)} to ${version}` : `${nameOf(old)} to ${nameOf(newer)}`;
}

function nameOf({ program, version }: Interface): string {
  return version === undefined ? program.value : `${program.value} ${version.value}`;
}

async function report(
  sides: ComparedSides,
  unusable: boolean,
  options: CompareOptions,
  io: Io,
): Promise<number> {
  const isSaved = await writeReports(COMPARISON_REPORTS, sides, options, reportContext(io), io);
  const isFixed = await fix(sides.callers === undefined ? [] : [sides.callers], options, io);
  if (unusable || !isSaved || !isFixed) return UNUSABLE;
  const all = [sides.comparison.changes, ...(sides.clashes ?? []).map(({ changes }) => changes)].flat();
  return fails(all, options) ? FOUND : DONE;
}

/** Writes what calls are to say, where that was asked for, and tells what stays; whether all could be written. What added names ask of calls is the same for each of them. */
async function fix(compared: readonly ComparedCallers[], options: CompareOptions, io: Io): Promise<boolean> {
  const [first] = compared;
  if (first === undefined) return true;
  if (options.rewrite === true || options.format === 'patch') {
    tellLeft(first.edits, io);
    for (const { changed } of compared) tellUnfixed(changed, io);
  }
  return options.rewrite !== true || (await rewriteFiles(first.edits.edits, io));
}

async function runWhatIf(
  cli: Interface,
  names: readonly string[],
  unusable: boolean,
  options: CompareOptions,
  io: Io,
): Promise<number> {
  const answers: AnsweredWhatIf[] = [];
  let isRefused = false;
  const calls = await findGivenCalls(cli, options, io);
  for (const name of names) {
    const answer = whatIf(cli, name);
    if ('comparison' in answer) answers.push({ ...answer, callers: calls.compared(answer.next) });
    else {
      reportError(`--add '${name}': ${answer.reason}`, io);
      isRefused = true;
    }
  }
  const isSaved = await writeReports(WHAT_IF_REPORTS, answers, options, reportContext(io), io);
  const isFixed = await fix(
    answers.flatMap(({ callers }) => callers ?? []),
    options,
    io,
  );
  if (unusable || isRefused || calls.isUnusable || !isSaved || !isFixed) return UNUSABLE;
  return fails(
    answers.flatMap(({ comparison }) => comparison.changes),
    options,
  )
    ? FOUND
    : DONE;
}

function fails(changes: readonly { readonly level: Level }[], { failOn }: CompareOptions): boolean {
  return failOn !== 'never' && changes.some(({ level }) => isAtLeast(level, failOn));
}
