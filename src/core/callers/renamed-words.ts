import type { Pairing } from '../comparison/pairing/pairing.ts';
import type { Command } from '../model/command.ts';
import type { Interface } from '../model/interface.ts';
import type { Option, OptionName } from '../model/option.ts';
import { argumentOf } from '../model/option.ts';
import { saysTheSame } from '../model/same.ts';
import { firstUnknownCommand } from '../parsing/sure-problems.ts';
import type { WordPart } from '../parsing/trace.ts';
import type { CallWord } from './call-words.ts';
import { CommandsOnTheWay, commandNamed, optionInReach } from './commands-on-the-way.ts';
import type { Invocation } from './find-callers.ts';

/** A part of a word that another name takes the place of. */
export interface RenamedPart {
  readonly part: WordPart;
  /** What stands there instead. */
  readonly name: string;
}

/** A word of a call, with the names in it that a new version wants otherwise. */
export interface RenamedWord {
  readonly word: CallWord;
  readonly parts: readonly RenamedPart[];
}

/** The words of a call as a new version wants them: names in full, and those that it has renamed by their new names. Words without any are left out. */
export function renamedWords(
  { trace, words }: Invocation,
  before: Interface,
  pairing: Pairing,
): ReadonlyMap<number, RenamedWord> {
  const olds = new CommandsOnTheWay(before);
  const known = firstUnknownCommand(trace);
  const renamed = new Map<number, RenamedWord>();
  for (const { index, text, parts } of trace.words) {
    const word = words[index];
    const found = parts.flatMap((part, i): RenamedPart[] => {
      if (word === undefined || index >= known || part.end > word.literalStart) return [];
      const name = newName(part, olds, pairing, parts[i + 1]);
      const inGroup = part.start > 0 && part.role === 'option';
      const written = inGroup ? name?.slice(1) : name;
      // In a group there is room for a letter only.
      if (written === undefined || (inGroup && [...written].length !== 1)) return [];
      return written === text.slice(part.start, part.end) ? [] : [{ part, name: written }];
    });
    if (word !== undefined && found.length > 0) renamed.set(index, { word, parts: found });
    for (const part of parts) olds.goTo(part);
  }
  return renamed;
}

/** A word with the names in it that are to stand there. */
export function withNames({ word, parts }: RenamedWord): CallWord {
  let text = '';
  let from = 0;
  for (const { part, name } of parts) {
    text += word.text.slice(from, part.start) + name;
    from = part.end;
  }
  text += word.text.slice(from);
  return { ...word, text, literalStart: word.literalStart + text.length - word.text.length };
}

/** What a new version calls an option or command that a call names; undefined where it has none of it, or what it has takes something else. */
function newName(
  { role, name, verdict }: WordPart,
  { at }: CommandsOnTheWay,
  pairing: Pairing,
  next: WordPart | undefined,
): string | undefined {
  if (name === null || verdict === null || !/^(?:exact|unique|same-option)$/.test(verdict)) return undefined;
  if (role === 'command') {
    const old = commandNamed(at.command, name);
    return old && newCommandName(pairing.commands.get(old), name);
  }
  const old = role === 'option' ? optionInReach(at, name) : undefined;
  const newer = old && pairing.options.get(old);
  if (old === undefined || newer === undefined) return undefined;
  const names = [...newer.names, ...newer.negatedNames];
  if (names.some(({ text }) => text === name)) return name;
  const own = old.names.find(({ text }) => text === name);
  if (own === undefined) return undefined;
  const isJoined = next?.role === 'option-argument';
  const target =
    newer.names.find(({ form }) => form === own.form) ??
    (isJoined ? undefined : newer.names.find(({ form }) => form !== own.form));
  return target !== undefined && takesTheSame(old, own, newer, target) ? target.text : undefined;
}

function newCommandName(newer: Command | undefined, name: string): string | undefined {
  if (newer === undefined || newer.names.some(({ text }) => text === name)) return newer && name;
  return newer.names[0]?.text;
}

/** Whether what stands behind one name may stand behind the other. */
function takesTheSame(old: Option, oldName: OptionName, newer: Option, newName: OptionName): boolean {
  const [a, b] = [argumentOf(old, oldName)?.value, argumentOf(newer, newName)?.value];
  if (a === undefined || b === undefined || a.presence !== b.presence || a.words.length !== b.words.length)
    return false;
  return a.words.every(
    ({ type, values }, i) =>
      saysTheSame(type?.value, b.words[i]?.type?.value) &&
      saysTheSame(values?.value, b.words[i]?.values?.value),
  );
}
