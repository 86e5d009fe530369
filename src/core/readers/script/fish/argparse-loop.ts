import type { LoopAnswer, OptionArm, OptionLoop } from '../../../model/option-loop.ts';
import type { ArgparseCall, ArgparseOption } from './argparse-call.ts';
import { consequencesIn } from './consequences.ts';
import type { FishEnds } from './fish-ends.ts';
import { commandsIn, type FishNode, writtenStatement } from './fish-tree.ts';

/** The variables of options that a script names, and those that it reads. */
export interface FlagsUsed {
  readonly named: ReadonlySet<string>;
  readonly read: ReadonlySet<string>;
  /** Whether any of them may be looked at in ways that do not name it. */
  readonly any: boolean;
}

/** The variables of options in the text of a script. */
export function flagsUsed(text: string): FlagsUsed {
  const found = [...text.matchAll(/(\$?)\b(_flag_\w+)/g)];
  return {
    named: new Set(found.map(([, , name = '']) => name)),
    read: new Set(found.flatMap(([, sign, name = '']) => (sign === '' ? [] : [name]))),
    any: READS_ANY.test(text),
  };
}

/** A call of `argparse`, and what is known around it. */
interface CallReached {
  readonly call: ArgparseCall;
  /** The statements of its scope. */
  readonly nodes: readonly FishNode[];
  /** The command whose options it reads, without the program. */
  readonly path: readonly string[];
  readonly flags: FlagsUsed;
  readonly ends: FishEnds;
}

/** A call of `argparse` as what reads the options of a command, and what the script does where it refuses the words. */
export function argparseLoop({ call, nodes, path, flags, ends }: CallReached): OptionLoop {
  const unknown = answerTo(call, nodes, ends);
  return {
    kind: 'argparse',
    command: path,
    place: call.place,
    declared:
      call.computed === undefined
        ? call.options.flatMap(({ names, presence, place }) =>
            names.map((name) => ({ name, presence, place })),
          )
        : undefined,
    silent: false,
    arms: call.options.flatMap((option) => armOf(option, flags) ?? []),
    armsComplete: call.computed === undefined && !flags.any,
    unknown: call.ignoresUnknown ? undefined : unknown,
    missing: unknown,
    notShifted: null,
    unchecked: null,
    readAgain: null,
  };
}

/** What may look at the variable of any option: names that are put together, and functions that see the variables of others. */
const READS_ANY =
  /\$\$|_flag_[${(*]|\(\s*set(?:\s+-\w+)*\s*\)|\beval\b|\bset[ \t]+(?:-\w*[nSL]|--(?:names|show))|--no-scope-shadowing/;

/** A script looks at an option by a variable that `argparse` sets; undefined where it looks at none. */
function armOf(
  { names, variable, place }: ArgparseOption,
  { named, read }: FlagsUsed,
): OptionArm | undefined {
  const variables = [
    variable,
    ...names.map((name) => `_flag_${name.replace(/^-+/, '').replace(/\W/g, '_')}`),
  ];
  if (!variables.some((one) => named.has(one))) return undefined;
  return {
    names: names.map((name) => ({ name, place })),
    readsArgument: variables.some((one) => read.has(one)),
    isEmpty: false,
    works: [],
    end: 'goes-on',
    mayExit: true,
    status: undefined,
    keeps: true,
    prints: [],
    place,
  };
}

function answerTo(call: ArgparseCall, nodes: readonly FishNode[], ends: FishEnds): LoopAnswer {
  const behind = [...consequencesIn(nodes)].find(({ asked }) => asked === call.command);
  const end = behind === undefined || behind.whenHolds ? undefined : ends.of(behind.body);
  return {
    end: end?.isEnd === true ? 'exits' : 'goes-on',
    mayExit: end?.mayEnd ?? false,
    status: end?.status,
    keeps: looksAtStatus(call, nodes),
    prints: [],
    place: call.place,
  };
}

/** Whether the statement behind a call looks at `$status`. */
function looksAtStatus({ command }: ArgparseCall, nodes: readonly FishNode[]): boolean {
  const commands = [...commandsIn(nodes)];
  const next = commands[commands.indexOf(command) + 1];
  return next !== undefined && /\$status\b/.test(writtenStatement(next));
}
