import { listNames } from '../../core/messages/wording.ts';
import type { Command } from '../../core/model/command.ts';
import type { Interface, Observation } from '../../core/model/interface.ts';
import { nearestRule } from '../../core/model/nearest-rule.ts';
import { longNames } from '../../core/model/option.ts';
import { type CommandAt, walkCommands } from '../../core/model/walk.ts';
import type { ProgramRun } from '../running/run-program.ts';
import { OptionWalk } from './option-walk.ts';
import { type ProbedCommand, probedInterface } from './probed-interface.ts';
import { Questions, type Runner } from './questions.ts';
import { isRiskyName } from './risky-name.ts';
import { askCommandRule, askOptionRules, rulesOfWalk, type ShownRule } from './rule-questions.ts';

/** How much may be asked of a program. */
export interface ProbingSettings {
  /** How often it may be run. */
  readonly mostRuns: number;
  /** How many runs go on side by side. */
  readonly parallel: number;
  readonly signal: AbortSignal | undefined;
}

/** What a program's parser said. */
export interface Probing {
  /** What it said, every fact observed. */
  readonly interface: Interface;
  /** The runs that showed it. */
  readonly observations: readonly Observation[];
  /** What was not asked and why, each as a sentence without its end. */
  readonly left: readonly string[];
}

/** A command that was asked, with the rules of its parser that were asked for on their own. */
interface AskedCommand {
  readonly at: CommandAt;
  readonly walk: OptionWalk;
  readonly rules: readonly ShownRule[];
}

/**
 * Asks a program's parser what it accepts, with command lines that it refuses before the program works: for the long options that it has, also
 * those that no help shows, and for its rules. `known` is what help shows of it. Options may still act while they are read.
 */
export async function probeProgram(
  known: Interface,
  run: Runner,
  observationOf: (words: readonly string[], run: ProgramRun) => Observation,
  settings: ProbingSettings,
): Promise<Probing> {
  const questions = new Questions(run, settings.mostRuns, settings.parallel, settings.signal);
  const asked = await askCommands(questions, known);
  const isCutOff = questions.isCutOff;
  // Where spellings of one option tie, a parser tells them all. Elsewhere there is no end to what may be asked.
  for (const { at, walk } of asked)
    if (nearestRule(at.line, 'spellingsTie')?.value !== true && walk.told.spellings?.tie !== true)
      await walk.askSpellings();
  const commands = asked.map(({ at, walk, rules }) => ({
    path: walk.prefixes.path,
    options: walk.told,
    letters: lettersOf(at),
    rules: [...rulesOfWalk(walk), ...rules],
  }));
  const observations = new Map<string, Observation>();
  for (const words of commands.flatMap(wordsShown)) {
    const shown = await questions.ask(words);
    if (shown !== undefined) observations.set(words.join('\0'), observationOf(words, shown));
  }
  return {
    interface: probedInterface(known.program.value, commands, (words) => observations.get(words.join('\0'))),
    observations: [...observations.values()],
    left: leftOf(questions, isCutOff, commands),
  };
}

/** Asks each command that is described, the program first; no more where the program refuses nothing, or takes no abbreviations. */
async function askCommands(questions: Questions, known: Interface): Promise<AskedCommand[]> {
  const asked: AskedCommand[] = [];
  for (const at of walkCommands(known)) {
    const path = at.path.slice(1);
    const isRoot = path.length === 0;
    if (!isRoot && (!at.command.described || path.some(isRiskyName))) continue;
    const walk = await OptionWalk.at(questions, path, {
      own: longNamesOf([at.command]),
      above: longNamesOf(at.line.slice(0, -1)),
    });
    if (walk === undefined && isRoot) return [];
    if (walk === undefined) continue;
    await walk.askOptions();
    const rules = isRoot
      ? [
          ...(await askOptionRules(questions, walk, at.command)),
          ...(await askCommandRule(questions, path, at.command)),
        ]
      : [];
    asked.push({ at, walk, rules });
    // Commands have the parser of their program.
    if (isRoot && walk.told.abbreviations?.accepted === false) return asked;
  }
  return asked;
}

function leftOf(questions: Questions, isCutOff: boolean, commands: readonly ProbedCommand[]): string[] {
  if (commands.length === 0)
    return [
      'its parser was not asked: it does not refuse an option that does not exist before all else, or not by its name',
    ];
  const names = commands.flatMap(({ options }) => options.names.all.map(({ name }) => name));
  const risky = [...new Set(names.filter(isRiskyName))].sort().map((name) => `--${name}`);
  return [
    ...(questions.isTooSlow ? ['several runs of its parser took too long; no more was asked'] : []),
    ...(isCutOff
      ? [`its parser was asked ${questions.count} times, which is the limit; options may be left`]
      : []),
    ...(risky.length > 0
      ? [`its parser was not asked for ${listNames(risky)}, because of what that may do`]
      : []),
  ];
}

/** The words of the runs that showed something of a command. */
function wordsShown({ options, rules }: ProbedCommand): (readonly string[])[] {
  const ofNames = options.names.all.flatMap(({ words }) => (words === undefined ? [] : [words]));
  return [...ofNames, ...options.refused.values(), ...rules.map(({ words }) => words)];
}

/** The letters of the options that a command has or inherits. */
function lettersOf({ line }: CommandAt): ReadonlySet<string> {
  const names = line.flatMap(({ options }) => options.items.flatMap((option) => option.names));
  return new Set(names.filter(({ form }) => form === 'short').map(({ text }) => text.slice(1)));
}

/** The long names of the options of some commands, those of one option together, without hyphens. */
function longNamesOf(commands: readonly Command[]): string[][] {
  const options = commands.flatMap((command) => command.options.items);
  const lists = options.flatMap((option) => [
    longNames(option).map(({ text }) => text),
    ...option.negatedNames.filter(({ form }) => form === 'long').map(({ text }) => [text]),
  ]);
  return lists.filter((names) => names.length > 0).map((names) => names.map((name) => name.slice(2)));
}
