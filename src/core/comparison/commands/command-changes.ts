import { addTo } from '../../collections/grouped.ts';
import { listNames, quoteName } from '../../messages/wording.ts';
import { type Command, commandName } from '../../model/command.ts';
import type { CommandAt } from '../../model/walk.ts';
import type { ChangeKind } from '../change-kinds.ts';
import type { Context } from '../context.ts';
import { areStated, differing, textDiffers } from '../facts.ts';
import { lostNameEffect, lostNameMessage } from '../pairing/lost-names.ts';
import { type CommandPair, isToldOf } from '../pairing/pairing.ts';
import { standingChanges } from './standing-changes.ts';

/** How what is said of a command itself differs: its names, its texts, its default subcommand. */
export function commandChanges(pair: CommandPair, context: Context): void {
  if (pair.old.path.length > 1) commandNameChanges(pair, context);
  const [old, newer] = [pair.old.command, pair.newer.command];
  const about = { command: pair.old.path, subject: commandName(old) };
  standingChanges(old, newer, about, context);
  defaultCommandChange(pair, context);
  const text = (kind: ChangeKind, what: string, before: string | undefined, after: string | undefined) => {
    if (!textDiffers(before, after)) return;
    context.list.add({
      ...about,
      kind,
      effect: 'wording',
      before: before ?? null,
      after: after ?? null,
      message: `the ${what} of ${quoteName(about.subject)} ${after === undefined ? 'was removed' : 'has changed'}`,
      oldPlace: old.place,
      newPlace: newer.place,
    });
  };
  text('command-summary', 'summary', old.summary?.value, newer.summary?.value);
  text('command-description', 'description', old.description?.value, newer.description?.value);
  text('heading-changed', 'heading', old.heading?.value, newer.heading?.value);
  text('examples-changed', 'list of examples', examples(old), examples(newer));
}

/** Commands that only one version has. */
export function commandsAddedAndRemoved({ pairing, meanings, list }: Context): void {
  const parents = new Map(pairing.pairs.map((pair) => [pair.old.command, pair]));
  const parentOf = new Map(pairing.pairs.map(({ old, newer }) => [newer.command, old.command]));
  const missing = new Map<CommandPair, string[]>();
  for (const at of pairing.removedCommands) {
    const pair = parents.get(at.line.at(-2) as Command);
    if (pair === undefined) continue;
    const complete = pair.newer.command.commands.complete;
    const name = commandName(at.command);
    if (complete?.value !== true) {
      addTo(missing, pair, name);
      continue;
    }
    const words = meanings.refused.get(at.command) ?? [];
    const gone = at.command.names
      .map(({ text }) => text)
      .filter((text) => ['refused', undefined].includes(meanings.nameOutcome(at.command, text)));
    list.add({
      kind: 'command-removed',
      effect: 'refused',
      certain: complete.basis !== 'inferred',
      command: at.path,
      subject: name,
      before: at.command.names.map(({ text }) => text),
      message: `the command ${quoteName(name)} was removed${gone.length === 0 ? '' : `: command lines with ${listNames(gone)} are refused`}`,
      oldPlace: at.command.place,
      newPlace: pair.newer.command.place,
      words,
    });
  }
  for (const [pair, names] of missing) list.leaveOut(pair.old.path, 'commands', names);
  for (const at of pairing.addedCommands) {
    const parent = parentOf.get(at.line.at(-2) as Command);
    if (parent !== undefined && isToldOf(parent)) commandAdded(at, parent, list);
  }
}

function commandAdded({ command, path }: CommandAt, parent: Command, list: Context['list']): void {
  list.add({
    kind: 'command-added',
    effect: 'compatible',
    command: path,
    subject: commandName(command),
    after: command.names.map(({ text }) => text),
    message: `the command ${quoteName(commandName(command))} is ${parent.commands.complete?.value === true ? 'new' : 'listed now'}`,
    newPlace: command.place,
  });
}

function commandNameChanges(pair: CommandPair, { meanings, list }: Context): void {
  const texts = ({ names }: Command) => names.map(({ text }) => text);
  const [old, newer] = [texts(pair.old.command), texts(pair.newer.command)];
  const [oldNames, newNames] = [new Set(old), new Set(newer)];
  const gone = old.filter((name) => !newNames.has(name));
  const come = newer.filter((name) => !oldNames.has(name));
  const now = commandName(pair.newer.command);
  const ranges = meanings.refused.get(pair.old.command) ?? [];
  const isRenamed =
    gone.length === old.length || (!newNames.has(commandName(pair.old.command)) && !oldNames.has(now));
  const places = { oldPlace: pair.old.command.place, newPlace: pair.newer.command.place };
  if (isRenamed) {
    const refused = gone.filter((name) => isRefused(pair.old.command, name, meanings));
    list.add({
      ...places,
      kind: 'command-renamed',
      effect: refused.length === 0 ? 'compatible' : 'refused',
      command: pair.old.path,
      subject: commandName(pair.old.command),
      before: old,
      after: newer,
      message:
        `the command ${quoteName(commandName(pair.old.command))} is called ${quoteName(now)} now` +
        (refused.length === 0 ? '' : `: command lines with ${listNames(refused)} are refused`),
      words: ranges,
    });
    return;
  }
  for (const name of gone) {
    const outcome = meanings.nameOutcome(pair.old.command, name);
    if (outcome === 'taken-over' || outcome === 'ambiguous') continue;
    list.add({
      ...places,
      kind: 'command-name-removed',
      effect: lostNameEffect(outcome),
      command: pair.old.path,
      subject: name,
      before: name,
      message: lostNameMessage(name, now, outcome),
      words: meanings.refusedOf(pair.old.command, name),
    });
  }
  for (const name of come) {
    list.add({
      ...places,
      kind: 'command-name-added',
      effect: 'compatible',
      command: pair.old.path,
      subject: name,
      after: name,
      message: `${quoteName(name)} is a new name of ${quoteName(now)}`,
    });
  }
}

function isRefused(command: Command, name: string, meanings: Context['meanings']): boolean {
  return ['refused', 'refused-by-rule', undefined].includes(meanings.nameOutcome(command, name));
}

function defaultCommandChange({ old, newer }: CommandPair, { list }: Context): void {
  const [was, is] = [old.command.defaultCommand, newer.command.defaultCommand];
  if (was?.value === is?.value) return;
  const isOther = differing(was, is) !== undefined;
  list.add({
    kind: 'default-command-changed',
    effect: isOther ? 'other-meaning' : is === undefined ? 'uncertain' : 'compatible',
    certain: areStated(was, is),
    command: old.path,
    subject: commandName(old.command),
    before: was?.value ?? null,
    after: is?.value ?? null,
    message:
      is === undefined
        ? `which command runs where none is named is no longer stated; it was ${quoteName(was?.value ?? '')}`
        : `where no command is given, ${quoteName(is.value)} is meant now`,
    oldPlace: was?.place ?? old.command.place,
    newPlace: is?.place ?? newer.command.place,
  });
}

function examples({ examples: all }: Command): string | undefined {
  return all.length === 0
    ? undefined
    : all.map(({ commandLine, help }) => `${commandLine} ${help?.value ?? ''}`).join('\n');
}
