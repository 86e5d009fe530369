import { listKey } from '../../../collections/list-key.ts';
import type { Command } from '../../../model/command.ts';
import { makeCommand } from '../../../model/command.ts';
import { inferred, stated } from '../../../model/fact.ts';
import { makeInterface } from '../../../model/interface.ts';
import type { Option } from '../../../model/option.ts';
import type { OptionLoop } from '../../../model/option-loop.ts';
import { UNKNOWN_RULES } from '../../../model/parsing-rules.ts';
import { commonRules } from '../../../parsers/common-rules.ts';
import type { Problem } from '../../../source/problem.ts';
import type { Source } from '../../../source/source.ts';
import type { Reading } from '../../reading.ts';
import { type ArgparseCall, readArgparseCall } from './argparse-call.ts';
import { argparseLoop, type FlagsUsed, flagsUsed } from './argparse-loop.ts';
import { argparseOptions, exclusions } from './argparse-options.ts';
import { readFishDispatch } from './fish-commands.ts';
import { FishEnds } from './fish-ends.ts';
import { fishOperands } from './fish-operands.ts';
import { commandsIn, type FishNode, type FishTree, fishTree, writtenWord } from './fish-tree.ts';
import { fishUsage } from './fish-usage.ts';
import { type FlagChecks, readFlagChecks } from './flag-checks.ts';

/** So deep functions may hand the words of the command line on. */
const CALL_LIMIT = 6;

/** The calls of further subcommands are not looked at. */
const CALLS_LIMIT = 200;

/** Reads a script of fish, or a file of one of its functions, that gives its words to `argparse`. */
export function readFishScript(source: Source, program: string, isNameStated: boolean): Reading {
  const named = [program];
  const tree = fishTree(
    source,
    new Map([
      ['(status basename)', named],
      ['(status current-filename)', named],
      ['(status filename)', named],
      ['(status current-command)', named],
      ['(basename (status filename))', named],
      ['(basename (status -f))', named],
    ]),
  );
  const reader = new FishReader(tree, source);
  const root = reader.command(program, entryOf(tree, program));
  if (reader.loops.length === 0) {
    const message = "no call of 'argparse' on the words of the script, or of its function, was found";
    const missing = { code: 'no-options-read', message, place: null, source: source.name } as const;
    return { interface: undefined, problems: [...reader.problems, { ...missing, consequence: 'unusable' }] };
  }
  const cli = makeInterface({
    program: isNameStated ? stated(program, null) : inferred(program, null),
    root,
    parser: stated([PARSER], null),
    optionLoops: reader.loops,
    sources: [{ source, kind: 'script', command: [], width: undefined, doubts: [], lines: undefined }],
  });
  return { interface: cli, problems: reader.problems, usage: fishUsage(tree, source) };
}

const PARSER = 'fish-argparse';

/** What reads the words of the command line: the script; in a file of functions the one that is called as the file is, else the only one. */
function entryOf({ main, functions }: FishTree, program: string): readonly FishNode[] {
  const isFileOfFunctions = [...commandsIn(main)].every(({ words }) =>
    words.every((word) => !/\$argv\b/.test(writtenWord(word))),
  );
  if (!isFileOfFunctions) return main;
  const reading = [...functions.values()].filter((body) => callsIn(body).length > 0);
  const [only, ...others] = reading;
  return functions.get(program) ?? (only !== undefined && others.length === 0 ? only : main);
}

function callsIn(nodes: readonly FishNode[]): ArgparseCall[] {
  return [...commandsIn(nodes)].flatMap((command) => readArgparseCall(command) ?? []);
}

/** Reads the commands of a script: the script itself, and the subcommands that it chooses by a word. */
class FishReader {
  readonly loops: OptionLoop[] = [];
  readonly problems: Problem[] = [];
  readonly #tree: FishTree;
  readonly #source: Source;
  readonly #ends: FishEnds;
  readonly #flags: FlagsUsed;
  readonly #checks = new Map<readonly FishNode[], FlagChecks>();

  constructor(tree: FishTree, source: Source) {
    this.#tree = tree;
    this.#source = source;
    this.#ends = new FishEnds(tree);
    this.#flags = flagsUsed(source.text);
  }

  command(program: string, nodes: readonly FishNode[]): Command {
    const dispatch = this.#entries(nodes).flatMap((entry) => readFishDispatch(entry, this.#ends) ?? [])[0];
    const own = this.#facts(nodes, []);
    const items = (dispatch?.commands ?? []).map(({ names, body }) => {
      const texts = names.map(({ texts, place }) => ({ text: texts[0] ?? '', place }));
      const facts = this.#facts(body, [texts[0]?.text ?? '']);
      return makeCommand({
        ...facts,
        names: texts,
        described: facts.options.items.length > 0,
        place: names[0]?.place ?? null,
      });
    });
    return makeCommand({
      ...own,
      names: [{ text: program, place: null }],
      commands: { items, complete: dispatch?.isComplete ? stated(true, dispatch.place) : undefined },
      operands: dispatch === undefined ? own.operands : { items: [], complete: undefined },
      described: true,
      place: null,
    });
  }

  /** What the calls of `argparse` say that are reached with the words of one command. */
  #facts(nodes: readonly FishNode[], path: readonly string[]) {
    const found = this.#entries(nodes)
      .flatMap((entry) => callsIn(entry).map((call) => ({ entry, call })))
      // What the arms of a `switch` on the first operand read is that of a subcommand.
      .filter(({ entry, call }) => !isInDispatch(call, entry, this.#ends));
    const items = new Map<string, Option>();
    for (const { entry, call } of found) {
      if (this.loops.length >= CALLS_LIMIT) {
        this.problems.push(this.#tooManyCalls());
        break;
      }
      this.loops.push(argparseLoop({ call, nodes: entry, path, flags: this.#flags, ends: this.#ends }));
      if (call.computed !== undefined) this.problems.push(this.#notFollowed(call.computed.place));
      for (const option of argparseOptions(call, this.#checksOf(entry))) {
        const key = listKey(option.names.map(({ text }) => text));
        if (!items.has(key)) items.set(key, option);
      }
    }
    const [first] = found;
    const isComplete = first !== undefined && found.every(({ call }) => call.computed === undefined);
    return {
      options: {
        items: [...items.values()],
        complete: isComplete ? stated(true, first.call.place) : undefined,
      },
      relations: found.flatMap(({ call }) => exclusions(call)),
      operands:
        first === undefined
          ? { items: [], complete: undefined }
          : fishOperands(first.call, first.entry, this.#ends),
      rules: first === undefined ? UNKNOWN_RULES : rulesOf(first.call),
    };
  }

  /** The statements that are reached with the words of a command: its own, and those of functions that it hands them to. */
  #entries(nodes: readonly FishNode[]): (readonly FishNode[])[] {
    const entries: (readonly FishNode[])[] = [];
    const enter = (list: readonly FishNode[], depth: number): void => {
      if (entries.includes(list) || depth > CALL_LIMIT) return;
      entries.push(list);
      for (const { words } of commandsIn(list.filter((node) => node.kind !== 'switch'))) {
        const body = this.#tree.functions.get(words[0]?.texts[0] ?? '');
        if (body !== undefined && words.slice(1).some((word) => /^\$argv(?:\[|$)/.test(writtenWord(word))))
          enter(body, depth + 1);
      }
    };
    enter(nodes, 0);
    return entries;
  }

  #checksOf(entry: readonly FishNode[]): FlagChecks {
    const known = this.#checks.get(entry) ?? readFlagChecks(entry, this.#ends);
    this.#checks.set(entry, known);
    return known;
  }

  #tooManyCalls(): Problem {
    const message = `expected at most ${CALLS_LIMIT} calls of 'argparse'; the options of further ones are not read`;
    return {
      code: 'too-many-loops',
      message,
      place: null,
      source: this.#source.name,
      consequence: 'partly-read',
    };
  }

  #notFollowed(place: Problem['place']): Problem {
    const message =
      "expected options of 'argparse' that are written out; what this one comes to, only running the script tells";
    return { code: 'not-followed', message, place, source: this.#source.name, consequence: 'partly-read' };
  }
}

function isInDispatch({ command }: ArgparseCall, entry: readonly FishNode[], ends: FishEnds): boolean {
  const dispatch = readFishDispatch(entry, ends);
  return dispatch?.commands.some(({ body }) => [...commandsIn(body)].includes(command)) === true;
}

function rulesOf({ ignoresUnknown, stopsAtOperand, options, place }: ArgparseCall): Command['rules'] {
  return {
    ...UNKNOWN_RULES,
    ...commonRules(stated([PARSER], place)),
    ...(ignoresUnknown ? { unknownOptions: stated('passed-on' as const, place) } : {}),
    ...(stopsAtOperand ? { operandOrder: stated('first-operand-ends-options' as const, place) } : {}),
    ...(options.some(({ isNumber }) => isNumber) ? { numberOption: stated(true, place) } : {}),
  };
}
