import type { Command } from '../../model/command.ts';
import { makeCommand } from '../../model/command.ts';
import { inferred, stated } from '../../model/fact.ts';
import { makeInterface } from '../../model/interface.ts';
import type { Option } from '../../model/option.ts';
import type { OptionLoop } from '../../model/option-loop.ts';
import { UNKNOWN_RULES } from '../../model/parsing-rules.ts';
import { commonRules } from '../../parsers/common-rules.ts';
import type { Problem } from '../../source/problem.ts';
import type { Source } from '../../source/source.ts';
import type { Reading } from '../reading.ts';
import { readDispatch } from './command-dispatch.ts';
import { findLoops } from './find-loops.ts';
import { readFishScript } from './fish/read-fish-script.ts';
import { isFishScript } from './is-script.ts';
import type { LoopDraft } from './loop-draft.ts';
import { operandsBehind } from './operands-behind.ts';
import { readAgain } from './read-again.ts';
import { ScriptReading } from './script-reading.ts';
import type { ShellScope } from './shell-scopes.ts';
import { usageText } from './usage-texts.ts';

/** What the caller of the reader knows better than the script. */
export interface ScriptSettings {
  /** The program's name, where it is not that of the file. */
  readonly program?: string | undefined;
}

/** The options of further subcommands are not read. */
const LOOPS_LIMIT = 200;

/** Longer scripts are not read. */
const SIZE_LIMIT = 4_000_000;

/**
 * Reads a shell script that parses its own options: by `getopts`, by the `getopt` of util-linux, by zsh's `zparseopts`, by fish's `argparse`, or by a loop over its words. What it cannot follow,
 * such as an option string that is computed, is told as a problem.
 */
export function readScript(source: Source, settings: ScriptSettings = {}): Reading {
  if (source.text.length > SIZE_LIMIT)
    return {
      interface: undefined,
      problems: [problem(source, 'text-too-long', 'the script is too long to be read', null, 'unusable')],
    };
  const program = settings.program ?? programOf(source.name);
  if (isFishScript(source.text)) return readFishScript(source, program, settings.program !== undefined);
  const reading = new ScriptReading(source);
  const problems: Problem[] = [];
  const [error] = reading.script.errors;
  if (error !== undefined) {
    const place = { source, start: error.pos, end: Math.min(error.pos + 1, source.text.length) };
    problems.push(
      problem(
        source,
        'script-broken',
        `the script is not valid from here on: ${error.message}`,
        place,
        'partly-read',
      ),
    );
  }
  const reader = new CommandReader(reading, problems);
  const root = reader.command(program, reading.script.main);
  if (reader.loops.length === 0 && root.commands.items.length === 0) {
    problems.push(
      problem(
        source,
        'no-options-read',
        "no loop that reads options was found in the script: neither 'getopts' nor 'getopt' nor 'zparseopts' nor a 'case' on its words",
        null,
        'unusable',
      ),
    );
    return { interface: undefined, problems };
  }
  const parsers = [...new Set(reader.parsers)];
  const cli = makeInterface({
    program: settings.program === undefined ? inferred(program, null) : stated(program, null),
    root,
    parser: parsers.length === 1 && parsers[0] !== undefined ? stated([parsers[0]], null) : undefined,
    optionLoops: reader.loops,
    sources: [{ source, kind: 'script', command: [], width: undefined, doubts: [], lines: undefined }],
  });
  const { usage, notFollowed } = usageText({
    script: reading.script,
    variables: reading.variables,
    program,
    echoReadsEscapes:
      /^#!.*[\s/]d?a?sh\b/.test(source.text.slice(0, 100)) && !/^#!.*bash/.test(source.text.slice(0, 100)),
  });
  if (notFollowed !== undefined)
    problems.push(
      problem(
        source,
        'usage-not-followed',
        'expected a usage text that is written out; which lines of the script this prints, only running it tells',
        reading.script.place(notFollowed),
        'partly-read',
      ),
    );
  return { interface: cli, problems, usage };
}

function problem(
  source: Source,
  code: string,
  message: string,
  place: Problem['place'],
  consequence: Problem['consequence'],
): Problem {
  return { code, message, place, source: source.name, consequence };
}

/** The name that a file's program is called by: without folders, and without the ending that scripts have. */
function programOf(name: string): string {
  const base = name.slice(Math.max(name.lastIndexOf('/'), name.lastIndexOf('\\')) + 1);
  return base.replace(/(?<=.)\.(?:sh|bash|fish|ksh|zsh|dash)$/, '') || 'script';
}

/** Reads the commands of a script: the script itself, and the subcommands that it chooses by a word. */
class CommandReader {
  readonly loops: OptionLoop[] = [];
  readonly parsers: (string | undefined)[] = [];
  readonly #reading: ScriptReading;
  readonly #problems: Problem[];

  constructor(reading: ScriptReading, problems: Problem[]) {
    this.#reading = reading;
    this.#problems = problems;
  }

  command(program: string, scope: ShellScope): Command {
    const loops = findLoops(scope, this.#reading);
    const [first] = loops;
    const options = this.#options(loops, []);
    const dispatch = readDispatch(scope, first?.scope === scope ? first.node.end : 0, this.#reading);
    const behind =
      first === undefined || dispatch !== undefined ? undefined : operandsBehind(first, this.#reading);
    const items = (dispatch?.commands ?? []).map(({ names, body }) => {
      const inner = this.loops.length < LOOPS_LIMIT ? findLoops(scope, this.#reading, body) : [];
      return makeCommand({
        names: names.map(({ text, node }) => ({ text, place: this.#reading.script.place(node) })),
        options: this.#options(inner, [names[0]?.text ?? '']),
        rules: rulesOf(inner),
        described: inner.length > 0,
        place: this.#reading.script.place(names[0]?.node ?? body),
      });
    });
    if (this.loops.length >= LOOPS_LIMIT)
      this.#problems.push(
        problem(
          this.#reading.script.source,
          'too-many-loops',
          `expected at most ${LOOPS_LIMIT} loops that read options; the options of further subcommands are not read`,
          null,
          'partly-read',
        ),
      );
    const complete =
      dispatch?.isComplete === true ? stated(true, this.#reading.script.place(dispatch.node)) : undefined;
    return makeCommand({
      names: [{ text: program, place: null }],
      options,
      commands: { items, complete },
      operands: behind?.operands ?? { items: [], complete: undefined },
      rules: rulesOf(loops),
      described: true,
      place: null,
    });
  }

  #options(loops: readonly LoopDraft[], path: readonly string[]): Command['options'] {
    const items: Option[] = [];
    for (const loop of loops) {
      this.parsers.push(loop.parser);
      const { script } = this.#reading;
      if (loop.notFollowed !== undefined)
        this.#problems.push(
          problem(
            script.source,
            'not-followed',
            'expected an option string that is written out; what this one holds, only running the script tells',
            script.place(loop.notFollowed),
            'partly-read',
          ),
        );
      this.loops.push(optionLoop(loop, path, this.#reading));
      const known = new Set(items.flatMap(({ names }) => names.map(({ text }) => text)));
      for (const option of loop.options)
        if (!option.names.some(({ text }) => known.has(text))) items.push(option);
    }
    const isComplete = loops.length > 0 && loops.every((loop) => loop.isComplete);
    const place = loops[0] === undefined ? null : this.#reading.script.place(loops[0].node);
    return { items, complete: isComplete ? stated(true, place) : undefined };
  }
}

function rulesOf(loops: readonly LoopDraft[]): Command['rules'] {
  const [first] = loops;
  if (first === undefined) return UNKNOWN_RULES;
  const implied = first.parser === undefined ? {} : commonRules(stated([first.parser], null));
  const unknown = first.arms.unknown;
  // The shell tells of an option that does not exist; whether that ends the script, its arm says.
  const goesOn =
    first.kind === 'getopts' && (unknown === undefined || (unknown.end === 'goes-on' && !unknown.mayExit));
  return {
    ...UNKNOWN_RULES,
    ...implied,
    ...(goesOn && !(unknown?.keeps ?? false)
      ? { unknownOptions: stated('ignored' as const, unknown?.place ?? null) }
      : {}),
    ...first.rules,
  };
}

function optionLoop(draft: LoopDraft, path: readonly string[], reading: ScriptReading): OptionLoop {
  const { script } = reading;
  const { notShifted, unchecked } = operandsBehind(draft, reading);
  const again = readAgain(draft, reading);
  return {
    kind: draft.kind,
    command: path,
    place: script.place(draft.node),
    declared: draft.declared,
    silent: draft.silent,
    arms: draft.arms.named.map(({ arm }) => arm),
    armsComplete: draft.arms.isComplete,
    unknown: draft.arms.unknown,
    missing: draft.arms.missing,
    notShifted: notShifted === undefined ? null : script.place(notShifted),
    unchecked: unchecked === undefined ? null : script.place(unchecked),
    readAgain:
      again === undefined ? null : { place: script.place(again.again), first: script.place(again.first) },
  };
}
