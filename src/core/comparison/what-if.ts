import { distance } from 'fastest-levenshtein';
import { type Command, makeCommand } from '../model/command.ts';
import type { Interface } from '../model/interface.ts';
import { makeOption } from '../model/option.ts';
import { type CommandAt, walkCommands } from '../model/walk.ts';
import { compareCodeUnits } from '../source/source.ts';
import { nameWords } from '../words/name-words.ts';
import { STANDARD_WORDS } from '../words/word-lists.ts';
import type { Comparison } from './change.ts';
import { compareInterfaces } from './compare-interfaces.ts';

/** What adding one name to a program would do. */
export interface WhatIf {
  /** The name as it was asked for: a command path, and a long option or a command (`box list --late-fee`). */
  readonly asked: string;
  /** The program with the name against the program without. */
  readonly comparison: Comparison;
  /** The program with the name. */
  readonly next: Interface;
  /** Names nearby that would change nothing for callers, the nearest first; empty where the name itself would not. */
  readonly harmless: readonly string[];
}

/** A name that cannot be added, and why. */
export interface NotAddable {
  /** The name as it was asked for. */
  readonly asked: string;
  /** Why it cannot be added. */
  readonly reason: string;
}

/** How many harmless names are told. */
const HARMLESS_SHOWN = 5;

/** Words that are put before or behind a name to make another one of it. */
const BEFORE = ['with', 'show', 'add', 'use'];

/**
 * What adding a long option or a command would do to callers of a program: `--late-fee` at the program itself, `box list --late-fee`
 * at one of its commands, `box lend` as a new command there.
 */
export function whatIf(cli: Interface, asked: string): WhatIf | NotAddable {
  const words = asked.split(/\s+/).filter((word) => word !== '');
  const name = words.pop();
  if (
    name === undefined ||
    /^-[^-]?$|^-{1,2}$/.test(name) ||
    (name.startsWith('-') && !name.startsWith('--'))
  )
    return {
      asked,
      reason:
        'expected a long option, such as --late-fee, or a command, after the path of the command that is to have it',
    };
  const at = commandAt(cli, words);
  if (at === undefined) return { asked, reason: `there is no command '${words.join(' ')}'` };
  if (has(at, name)) return { asked, reason: `'${name}' exists already` };
  const next = added(cli, at, name);
  const comparison = compareInterfaces(cli, next);
  const harmless = isHarmless(comparison)
    ? []
    : candidates(name)
        .filter((other) => !has(at, other) && isHarmless(compareInterfaces(cli, added(cli, at, other))))
        .slice(0, HARMLESS_SHOWN);
  return { asked, comparison, next, harmless };
}

function isHarmless({ changes }: Comparison): boolean {
  return changes.every(({ effect }) => effect === 'compatible' || effect === 'wording');
}

function commandAt(cli: Interface, words: readonly string[]): CommandAt | undefined {
  for (const at of walkCommands(cli)) {
    const line = at.line.slice(1);
    if (
      line.length === words.length &&
      line.every(({ names }, i) => names.some(({ text }) => text === words[i]))
    )
      return at;
  }
  return undefined;
}

function has({ command }: CommandAt, name: string): boolean {
  const things = name.startsWith('-') ? command.options.items : command.commands.items;
  return things.some(({ names }) => names.some(({ text }) => text === name));
}

/** The interface with a name more at one command. */
function added(cli: Interface, at: CommandAt, name: string): Interface {
  const put = (command: Command): Command => {
    if (command !== at.command)
      return { ...command, commands: { ...command.commands, items: command.commands.items.map(put) } };
    if (!name.startsWith('-')) {
      const newer = makeCommand({ names: [{ text: name, place: null }], place: null });
      return { ...command, commands: { ...command.commands, items: [...command.commands.items, newer] } };
    }
    const option = makeOption({
      names: [{ text: name, form: 'long', argument: undefined, place: null }],
      place: null,
    });
    return { ...command, options: { ...command.options, items: [...command.options.items, option] } };
  };
  return { ...cli, root: put(cli.root) };
}

/**
 * Names that say the same or nearly: the words in another order, one of them left out, another word for one; then a word before them.
 * Among equals the nearest come first.
 */
function candidates(name: string): string[] {
  const hyphens = name.startsWith('--') ? '--' : '';
  const words = nameWords(name);
  const rotations = words.map((_, i) => [...words.slice(i), ...words.slice(0, i)]);
  const shorter = words.length > 1 ? words.map((_, i) => words.filter((_, j) => j !== i)) : [];
  const others = words.flatMap((word, i) =>
    STANDARD_WORDS.sameConcept(word).map((other) => [...words.slice(0, i), other, ...words.slice(i + 1)]),
  );
  const before = BEFORE.map((word) => [word, ...words]);
  const nearestFirst = (lists: readonly (readonly string[])[]) =>
    lists
      .map((parts) => hyphens + parts.join('-'))
      .sort((a, b) => distance(a, name) - distance(b, name) || compareCodeUnits(a, b));
  const all = [...nearestFirst([...rotations, ...shorter, ...others]), ...nearestFirst(before)];
  return [...new Set(all)].filter((one) => one !== name && one.length > hyphens.length);
}
