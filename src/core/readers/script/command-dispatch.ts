import type { CompoundList, SyntaxNode } from 'unbash';
import { matchesAll } from './case-patterns.ts';
import type { Branch } from './choices.ts';
import type { ScriptReading } from './script-reading.ts';
import { firstWordVariables, type ShellScope, WHOLE } from './shell-scopes.ts';

/** A subcommand that a script chooses by a word of the command line. */
export interface DispatchedCommand {
  readonly names: readonly { readonly text: string; readonly node: SyntaxNode }[];
  readonly body: CompoundList;
}

/** The subcommands of a script, and whether any other word is refused. */
export interface Dispatch {
  readonly commands: readonly DispatchedCommand[];
  readonly isComplete: boolean;
  readonly node: SyntaxNode;
}

const COMMAND_WORD = /^[A-Za-z][\w:.-]*$/;

/** Fewer words are no list of subcommands. */
const LEAST_COMMANDS = 2;

/**
 * The `case` on the first operand, or on a variable that it was assigned to, whose arms are words and which refuses or explains whatever is
 * none of them; undefined where a scope has none. `from` is where the options are read.
 */
export function readDispatch(scope: ShellScope, from: number, reading: ScriptReading): Dispatch | undefined {
  const within = { pos: from, end: Number.POSITIVE_INFINITY };
  for (const { branches, node } of reading.choices(scope).on(firstWordVariables(scope, WHOLE), within)) {
    if (isInLoop(node, reading)) continue;
    const rest = branches.find(({ patterns }) => patterns.some(matchesAll));
    const commands = branches.map((branch) => commandOf(branch)).filter((one) => one !== undefined);
    const ends = rest === undefined ? undefined : reading.arms.answer(rest);
    const isRefused = ends !== undefined && (ends.end === 'exits' || ends.mayExit);
    const explains = ends !== undefined && ends.prints.length > 0;
    if (commands.length < LEAST_COMMANDS || !(isRefused || explains)) continue;
    return { commands, isComplete: isRefused, node };
  }
  return undefined;
}

function commandOf({ patterns, body }: Branch): DispatchedCommand | undefined {
  const names = patterns.flatMap(({ words, word }) =>
    (words ?? [])
      .filter(({ text, goesOn }) => !goesOn && COMMAND_WORD.test(text))
      .map(({ text }) => ({ text, node: word })),
  );
  return names.length === 0 ? undefined : { names, body };
}

function isInLoop(node: SyntaxNode, { script }: ScriptReading): boolean {
  for (const { type } of script.around(node)) if (type === 'While' || type === 'For') return true;
  return false;
}
