import type { Command } from '../../core/model/command.ts';
import { commandName } from '../../core/model/command.ts';
import type { RuleValues } from '../../core/model/parsing-rules.ts';
import type { ProgramRun } from '../running/run-program.ts';
import type { OptionWalk } from './option-walk.ts';
import { AFTER, VALUE } from './parser-answers.ts';
import type { Questions } from './questions.ts';
import { isRiskyName } from './risky-name.ts';

/** A parsing rule that a run showed, and the words of that run. */
export interface ShownRule<K extends keyof RuleValues = keyof RuleValues> {
  readonly rule: K;
  readonly value: RuleValues[K];
  readonly words: readonly string[];
}

/** Letters that few programs have for an option. */
const UNLIKELY_LETTERS = [...'qjyzxwkug'];

/** So many names are tried where one is needed of which the parser says something. */
const MOST_TRIED = 5;

/** The word that no program has for a command. */
const NO_COMMAND = 'dabbawala-no-such-command';

/** The rules of a command's parser that its answers about long options show by the way. */
export function rulesOfWalk({ told }: OptionWalk): ShownRule[] {
  const { abbreviations, tie, spellings, caseSensitive } = told;
  return [
    ...(abbreviations === undefined
      ? []
      : [shown('optionAbbreviations', abbreviations.accepted, abbreviations.words)]),
    ...(tie === undefined ? [] : [shown('prefixTie', 'refused', tie)]),
    ...(caseSensitive === undefined ? [] : [shown('caseSensitive', caseSensitive.is, caseSensitive.words)]),
    ...(spellings === undefined ? [] : [shown('spellingsTie', spellings.tie, spellings.words)]),
  ];
}

/** Asks a command's parser whether letters group, and whether one hyphen is as good as two. */
export async function askOptionRules(
  questions: Questions,
  walk: OptionWalk,
  command: Command,
): Promise<ShownRule[]> {
  const letters = shownLetters(command);
  const isUnshown = (name: string) => !letters.has(name[0] ?? '');
  return [
    ...(await askGrouping(questions, walk, letters)),
    ...(await askHyphens(questions, walk, await knownFlag(walk, isUnshown))),
  ];
}

/** The letters that help shows, and whether each is that of a flag that can be given without harm. */
function shownLetters(command: Command): Map<string, boolean> {
  const letters = new Map<string, boolean>();
  for (const option of command.options.items) {
    const isFlag = option.argument?.value.presence === 'none';
    const isHarmless = option.names.every(({ text }) => !/help|version/i.test(text) && !isRiskyName(text));
    for (const { text, form } of option.names)
      if (form === 'short') letters.set(text.slice(1), isFlag && isHarmless && option.names.length > 1);
  }
  return letters;
}

/** The long name of a flag that the parser knows, one that may be asked for; undefined where the first few are none. */
async function knownFlag(walk: OptionWalk, isUsable: (name: string) => boolean): Promise<string | undefined> {
  const names = walk.told.names.all.map(({ name }) => name);
  const usable = names.filter((name) => /^[a-z]{3}/.test(name) && !isRiskyName(name) && isUsable(name));
  for (const name of usable.slice(0, MOST_TRIED)) {
    const answer = await walk.prefixes.answerTo(name);
    if (answer?.kind === 'takes-none') return name;
  }
  return undefined;
}

/** A flag with a letter behind it that no option has: where letters group, the message is about that letter alone. */
async function askGrouping(
  questions: Questions,
  { prefixes: { path, answers } }: OptionWalk,
  letters: ReadonlyMap<string, boolean>,
): Promise<ShownRule[]> {
  const [flag] = [...letters].find(([, isHarmless]) => isHarmless) ?? [];
  // A parser that takes no notice of case names it in the other one.
  const unknown = UNLIKELY_LETTERS.find(
    (letter) => !letters.has(letter) && !letters.has(letter.toUpperCase()),
  );
  if (flag === undefined || unknown === undefined) return [];
  const words = [...path, `-${flag}${unknown}`, ...AFTER];
  const run = await questions.ask(words);
  const said = run && answers.wordsOf(run);
  const isAlone = said?.has(unknown) || said?.has(`-${unknown}`);
  const group = `${flag}${unknown}`.toLowerCase();
  const isTogether = said?.has(`-${group}`) || said?.has(group);
  return isAlone === isTogether ? [] : [shown('grouping', isAlone === true, words)];
}

/** A long name behind one hyphen, where no option is its first letter: it is refused for that letter, or as a flag for its value. */
async function askHyphens(
  questions: Questions,
  { prefixes: { path, answers } }: OptionWalk,
  name: string | undefined,
): Promise<ShownRule[]> {
  if (name === undefined) return [];
  const first = name.slice(0, 1);
  const words = [...path, `-${name}=${VALUE}`, ...AFTER];
  const run = await questions.ask(words);
  if (run === undefined) return [];
  const said = answers.wordsOf(run);
  if (said?.has(first) || said?.has(`-${first}`)) return [shown('longHyphens', 'as-listed', words)];
  const isName = answers.answerTo(name, run).kind === 'takes-none';
  return isName ? [shown('longHyphens', 'one-or-two', words)] : [];
}

/**
 * Asks whether a prefix of a command stands for it. A command that exists refuses the unknown option behind it; one that does not is refused
 * itself.
 */
export async function askCommandRule(
  questions: Questions,
  path: readonly string[],
  command: Command,
): Promise<ShownRule[]> {
  const names = command.commands.items.map(commandName);
  const all = command.commands.items.flatMap((one) => one.names.map(({ text }) => text));
  if (names.length === 0) return [];
  const unknown = await questions.ask([...path, NO_COMMAND, ...AFTER]);
  const about = unknown && lineWith(unknown, NO_COMMAND);
  if (about === undefined) return [];
  for (const name of names.filter((one) => /^[a-z]{4}/.test(one) && !isRiskyName(one)).slice(0, MOST_TRIED)) {
    const prefix = name.slice(0, -1);
    if (all.filter((one) => one.startsWith(prefix)).length > 1) continue;
    const whole = await questions.ask([...path, name, ...AFTER]);
    const refusal = whole && lineWith(whole, AFTER[0]);
    if (refusal === undefined || refusal.includes(name)) continue;
    const words = [...path, prefix, ...AFTER];
    const short = await questions.ask(words);
    if (short === undefined) return [];
    if (lineWith(short, AFTER[0]) === refusal) return [shown('commandAbbreviations', true, words)];
    if (lineWith(short, prefix) === about.replace(NO_COMMAND, prefix))
      return [shown('commandAbbreviations', false, words)];
  }
  return [];
}

/** The first line of a refusal that has a word; undefined where the run was not refused. */
function lineWith(
  { end, status, standardError, standardOutput }: ProgramRun,
  word: string,
): string | undefined {
  if (end !== 'exit' || status === undefined || status === 0) return undefined;
  return `${standardError}\n${standardOutput}`.split('\n').find((line) => line.includes(word));
}

function shown<K extends keyof RuleValues>(
  rule: K,
  value: RuleValues[K],
  words: readonly string[],
): ShownRule {
  return { rule, value, words };
}
