import type { AuditView } from '../audit-view.ts';
import { quoteName } from '../messages/wording.ts';
import type { CommandAt } from '../model/walk.ts';
import type { Trace } from '../parsing/trace.ts';
import type { ShellWord } from '../shells/shell-words.ts';
import { timesInSource } from '../source/word-counts.ts';
import { isSlipInside } from '../words/slip-inside.ts';
import { isSwapped } from '../words/swapped-letters.ts';

/** Fewer commands are no list of which all can be told. */
const LEAST_LISTED = 3;

/** What stands for a command, or for all words behind it, in a synopsis. */
const FOR_COMMAND =
  /^[<[{]?(?:(?:sub-?)?command|cmd|action|verb|args?|arguments?|options?|opts?|flags?)s?\b/i;

/**
 * What is wrong with a command line that has a word where a command belongs which no list has: a command of the program may be hidden, but readers miss it in the
 * help. Undefined where the word may be an operand, or stands somewhere else than in examples.
 */
export function unlistedCommand(
  { command }: CommandAt,
  trace: Trace,
  words: readonly ShellWord[],
  view: AuditView,
): string | undefined {
  const { forms, commands, examples } = command;
  if (commands.items.length < LEAST_LISTED || forms.length === 0 || command.pluginCommands?.value === true)
    return undefined;
  if (forms.some(({ operands }) => operands.some(({ name }) => !FOR_COMMAND.test(name)))) return undefined;
  const unknown = trace.words.find(({ parts }) =>
    parts.some(({ role, verdict }) => role === 'command' && verdict === 'not-judged'),
  );
  const index = unknown?.index ?? -1;
  const given = words[index];
  // Behind an option it may be an argument of that.
  if (given?.literal !== true || words[index - 1]?.text.startsWith('-') === true) return undefined;
  const { text } = given;
  const isListed = commands.items.some(({ names }) => names.some((name) => name.text === text));
  if (isListed || !/^[a-z][a-z-]+$/.test(text)) return undefined;
  // What other examples have too is no slip.
  const all = [command, ...commands.items].flatMap((one) => one.examples).concat(examples);
  const sources = new Set(
    all.flatMap(({ place }) => (place !== null && view.isHelp(place) ? place.source : [])),
  );
  const times = [...sources].reduce((sum, source) => sum + timesInSource(text, source), 0);
  return times === 1 ? `${quoteName(text)} is no command that the help lists` : undefined;
}

/** A word where a command is listed that is spelled almost alike, of a command that takes no operands. */
export function misspeltCommand(
  { command }: CommandAt,
  trace: Trace,
  words: readonly ShellWord[],
): string | undefined {
  const names = command.commands.items.flatMap((one) => one.names.map(({ text }) => text));
  const given =
    words[trace.firstOperand ?? trace.problems.find(({ code }) => code === 'not-judged')?.word ?? -1];
  if (given?.literal !== true || names.includes(given.text)) return undefined;
  const near = names.find((name) => isSlipInside(given.text, name) || isSwapped(given.text, name));
  return near === undefined
    ? undefined
    : `${quoteName(given.text)} is no command that the help lists, ${quoteName(near)} is`;
}
