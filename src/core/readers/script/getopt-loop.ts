import type { Command, SyntaxNode, Word } from 'unbash';
import { stated } from '../../model/fact.ts';
import type { DeclaredName, LoopAnswer } from '../../model/option-loop.ts';
import { argumentsOf, commandName, variableOf } from '../../shells/bash-words.ts';
import type { Branch } from './choices.ts';
import { isAllWords } from './entry-scopes.ts';
import type { LoopDraft } from './loop-draft.ts';
import { optionsOfLoop } from './loop-options.ts';
import { readLongNames, readOptionString } from './option-string.ts';
import type { ScriptReading } from './script-reading.ts';
import { firstWordVariables, type Range, type Region, type ShellScope } from './shell-scopes.ts';
import { readWordArms } from './word-arms.ts';

/** What a call of `getopt` declares. */
interface GetoptCall {
  readonly short: Word | undefined;
  readonly long: readonly Word[];
  readonly quiet: boolean;
  /** Whether long names may have one hyphen (`-a`). */
  readonly oneHyphen: boolean;
  /** A word of the call that only running the script tells. */
  readonly computed: Word | undefined;
}

/** A call of `getopt` and the loop behind it that goes through the words as they were put in order; undefined where a node is no such call. */
export function readGetoptLoop(
  node: SyntaxNode,
  { scope, reached }: Region,
  reading: ScriptReading,
): LoopDraft | undefined {
  if (node.type !== 'Command' || commandName(node) !== 'getopt') return undefined;
  const call = readCall(node);
  if (call === undefined) return undefined;
  const { script, variables } = reading;
  const lookup = variables.constant;
  const short = call.short === undefined ? undefined : readOptionString(call.short, script, lookup, true);
  const long = call.long.map((word) => readLongNames(word, script, lookup));
  const isFollowed =
    call.computed === undefined &&
    (call.short === undefined || short !== undefined) &&
    long.every((one) => one !== undefined);
  const declared: DeclaredName[] = [...(short?.names ?? []), ...long.flatMap((one) => one ?? [])];
  const loop = loopBehind(node, declared, scope, reading);
  const arms = readWordArms(
    loop?.branches ?? [],
    { shifts: 1, isDeclared: true, isFirstOfTwo: false, isFor: false, keptFor: undefined },
    reading,
  );
  const at = { node: loop?.node ?? node, scope, reached, subject: '1' };
  const place = script.place(node);
  return {
    kind: 'getopt',
    scope,
    node: loop?.node ?? node,
    reached,
    options: isFollowed ? optionsOfLoop(arms.named, declared, at, reading) : [],
    isComplete: isFollowed,
    rules: {
      ...(short?.endsEarly === true || isPosix(node)
        ? { operandOrder: stated('first-operand-ends-options' as const, place) }
        : {}),
      ...(call.oneHyphen ? { longHyphens: stated('one-or-two' as const, place) } : {}),
      ...(long.length === 0 ? { optionPrefixes: stated(['-'], place) } : {}),
    },
    parser: 'util-linux-getopt',
    declared: isFollowed ? declared : undefined,
    silent: call.quiet,
    arms: {
      ...arms,
      isComplete: loop !== undefined && arms.isComplete,
      unknown: answerToErrors(node, scope, reading),
      missing: answerToErrors(node, scope, reading),
    },
    notFollowed: isFollowed ? undefined : (call.computed ?? call.short ?? call.long[0] ?? node.name),
  };
}

const WITH_WORD = /^-([olnsS])$|^--(options|long|longoptions|name|shell)$/;

/** Reads the words of a call; undefined where it only asks which getopt there is. */
function readCall(command: Command): GetoptCall | undefined {
  const words = argumentsOf(command);
  let short: Word | undefined;
  const long: Word[] = [];
  let quiet = false;
  let oneHyphen = false;
  let computed: Word | undefined;
  for (let i = 0; i < words.length; i++) {
    const word = words[i];
    if (word === undefined) break;
    const { value } = word;
    if (isAllWords(word)) break;
    const [, letter, name] = WITH_WORD.exec(value) ?? [];
    const next = words[i + 1];
    if (value === '-T' || value === '--test') return undefined;
    // Without `-o`, the first word behind the options is the option string.
    if (value === '--') {
      short ??= next;
      break;
    }
    // Options of the call that a variable holds.
    if (variableOf(word) !== undefined && word.parts?.[0]?.type !== 'DoubleQuoted') {
      computed = word;
      continue;
    }
    if (letter !== undefined || name !== undefined) {
      if (letter === 'o' || name === 'options') short = next;
      if ((letter === 'l' || name?.startsWith('long') === true) && next !== undefined) long.push(next);
      i++;
    } else if (/^--(?:long|longoptions|options)=|^-[ol]./.test(value)) {
      if (/^--long|^-l/.test(value)) long.push(withoutStart(word, value));
      else short = withoutStart(word, value);
    } else if (value === '-a' || value === '--alternative') oneHyphen = true;
    else if (value === '-q' || value === '--quiet') quiet = true;
    else if (!value.startsWith('-')) {
      // The form of old: the first word is the option string.
      short ??= word;
      break;
    }
  }
  return short === undefined && long.length === 0 && computed === undefined
    ? undefined
    : { short, long, quiet, oneHyphen, computed };
}

/** The part of `--options=ab:` or `-oab:` that is the string; only where it is written out. */
function withoutStart(word: Word, value: string): Word {
  const start = /^--\w+=|^-[ol]/.exec(value)?.[0].length ?? 0;
  const isPlain = word.parts === undefined;
  return isPlain ? { ...word, value: value.slice(start), pos: word.pos + start } : word;
}

/** Whether the call is told to end the options at the first operand. */
function isPosix(command: Command): boolean {
  return command.prefix.some((one) => one.type === 'Assignment' && one.name === 'POSIXLY_CORRECT');
}

/** The first loop behind a call whose `case` goes by `$1`, or by the variable of `for`, and has an option that is declared. */
function loopBehind(
  call: Command,
  declared: readonly DeclaredName[],
  scope: ShellScope,
  reading: ScriptReading,
): { readonly node: SyntaxNode; readonly branches: readonly Branch[] } | undefined {
  const behind = { pos: call.pos, end: Number.POSITIVE_INFINITY };
  const loops = [...scope.within('While', behind), ...scope.within('For', behind)].sort(
    (a, b) => a.pos - b.pos,
  );
  for (const node of loops) {
    const names = node.type === 'For' ? [node.name.value] : firstWordVariables(scope, node);
    const branches = reading
      .choices(scope)
      .on(names, node.body)
      .flatMap((choice) => choice.branches);
    if (branches.length === 0) continue;
    const texts = new Set(
      branches.flatMap(({ patterns }) =>
        patterns.flatMap(({ words }) => words?.map(({ text }) => text) ?? []),
      ),
    );
    if (declared.length === 0 || declared.some(({ name }) => texts.has(name))) return { node, branches };
  }
  return undefined;
}

/** What the script does where getopt has refused the command line: undefined where nothing looks at its status. */
function answerToErrors(call: Command, scope: ShellScope, reading: ScriptReading): LoopAnswer | undefined {
  const { script, arms } = reading;
  const text = script.source.text;
  for (const node of script.around(call)) {
    if (node.type === 'AndOr') {
      const after = node.commands.find(({ pos }) => pos > call.end);
      if (after !== undefined) return arms.answer(branchOf(after));
    }
    // What stands in a branch is not what is asked.
    if (node.type === 'If' && call.end <= node.clause.end) {
      const isNegated = /^\s*!/.test(text.slice(node.clause.pos, node.clause.end));
      const failing = isNegated ? node.then : node.else;
      if (failing !== undefined) return arms.answer({ patterns: [], body: failing, node: failing });
    }
  }
  const isNear = ({ pos }: { readonly pos: number }) => pos <= call.end + LOOKED_BEHIND;
  const behind = { pos: call.end, end: Number.POSITIVE_INFINITY };
  const asked = scope.within('If', behind).find((node) => isNear(node) && asksStatus(node.clause, text));
  if (asked !== undefined) return arms.answer({ patterns: [], body: asked.then, node: asked });
  for (const { commands, pos } of scope.within('AndOr', behind)) {
    const [first, second] = commands;
    if (!isNear({ pos })) break;
    if (first !== undefined && second !== undefined && asksStatus(first, text))
      return arms.answer(branchOf(second));
  }
  return endsOnFailure(call, reading);
}

/** Where `set -e` holds, a call that fails ends the script, unless its status is that of `local` or `export`. */
function endsOnFailure(call: Command, { script, arms }: ScriptReading): LoopAnswer | undefined {
  const before = script.source.text.slice(0, call.pos);
  if (!/^#![^\n]*\s-[a-z]*e|^[ \t]*set[ \t]+(?:-[a-z]*e|-o[ \t]+errexit)/m.test(before)) return undefined;
  for (const node of script.around(call))
    if (node.type === 'Command' && node.name !== undefined) return undefined;
  return { ...arms.answer(branchOf(call)), end: 'exits', status: undefined, prints: [] };
}

function asksStatus({ pos, end }: Range, text: string): boolean {
  return /\$\?/.test(text.slice(pos, end));
}

/** How far behind a call its status is looked at, in characters. */
const LOOKED_BEHIND = 400;

function branchOf(node: SyntaxNode): Branch {
  const statement = {
    type: 'Statement',
    pos: node.pos,
    end: node.end,
    command: node,
    background: undefined,
  } as never;
  const body = { type: 'CompoundList', pos: node.pos, end: node.end, commands: [statement] } as const;
  return { patterns: [], body, node };
}
