import type { Interface } from '../model/interface.ts';
import { longNames, type Option } from '../model/option.ts';
import { type CommandAt, walkCommands } from '../model/walk.ts';

/** What a shell is asked: what it offers behind some words. */
export interface Question {
  /** The path of the command that is asked about, the program's name first. */
  readonly path: readonly string[];
  /** The option whose argument is asked for; undefined where options or operands are. */
  readonly option: string | undefined;
  /** The words before the one to complete, as they are meant: without quotes. */
  readonly words: readonly string[];
  /** What is typed of the word to complete. */
  readonly typed: string;
}

/**
 * What to ask of a completion to learn what it offers for an interface: behind the program and each command, behind `-` and `--`, and
 * behind each option that takes an argument.
 */
export function completionQuestions(cli: Interface): Question[] {
  return [...walkCommands(cli)].flatMap((at): Question[] => {
    const path = at.path;
    const ask = (typed: string) => ({ path, option: undefined, words: path, typed });
    return [
      ask(''),
      ask('-'),
      ask('--'),
      ...at.command.options.items.flatMap((option) => argumentQuestion(option, at)),
    ];
  });
}

/** Behind an option, and behind its long name with a sign of equality, where values are known or it takes only that. */
function argumentQuestion(option: Option, { path }: CommandAt): Question[] {
  const { argument } = option;
  const name = (longNames(option)[0] ?? option.names[0])?.text;
  if (argument === undefined || argument.value.presence === 'none' || name === undefined) return [];
  const isMandatory = argument.value.presence === 'mandatory';
  const hasValues = (argument.value.words[0]?.values?.value.length ?? 0) > 0;
  const separate = { path, option: name, words: [...path, name], typed: '' };
  const joined = { path, option: name, words: path, typed: `${name}=` };
  return [
    ...(isMandatory ? [separate] : []),
    ...(name.startsWith('--') && (hasValues || !isMandatory) ? [joined] : []),
  ];
}
