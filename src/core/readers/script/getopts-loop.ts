import type { Command, CompoundList, SyntaxNode } from 'unbash';
import type { Option } from '../../model/option.ts';
import type { HandledName, LoopAnswer } from '../../model/option-loop.ts';
import { argumentsOf, commandName } from '../../shells/bash-words.ts';
import { matchesAll } from './case-patterns.ts';
import type { Branch } from './choices.ts';
import { longNamesByHyphen } from './long-by-hyphen.ts';
import type { LoopDraft, NamedArm } from './loop-draft.ts';
import { optionsOfLoop } from './loop-options.ts';
import { readOptionString } from './option-string.ts';
import type { ScriptReading } from './script-reading.ts';
import type { Region } from './shell-scopes.ts';

/** A loop over `getopts`, with the `case` that answers the letters; undefined where a node is none. */
export function readGetoptsLoop(
  node: SyntaxNode,
  { scope, reached }: Region,
  reading: ScriptReading,
): LoopDraft | undefined {
  const call =
    node.type === 'While' ? getoptsCall(node.clause) : isLoneCall(node, reading) ? node : undefined;
  // A call that stands in no loop reads one option; what is done about it stands behind it.
  const body = node.type === 'While' ? node.body : { pos: node.end, end: reached.end };
  const [string, variable] = call === undefined ? [] : argumentsOf(call);
  if (string === undefined || variable === undefined) return undefined;
  const subject = variable.value;
  const declared = readOptionString(string, reading.script, reading.variables.constant, false);
  const branches = reading
    .choices(scope)
    .on([subject], body)
    .flatMap((one) => one.branches);
  const named = branches.map((branch) => letterArm(branch, reading)).filter(({ names }) => names.length > 0);
  const unknown = answerTo('?', branches, reading);
  const letters = declared?.names.filter(({ name }) => name !== '--');
  const at = { node, scope, reached, subject };
  const byHyphen = declared?.names.some(({ name }) => name === '--')
    ? longNamesByHyphen(branches, at, reading)
    : undefined;
  const options: Option[] = letters === undefined ? [] : optionsOfLoop(named, letters, at, reading);
  const silent = declared?.silent;
  return {
    kind: 'getopts',
    scope,
    node,
    reached,
    options: [...options, ...(byHyphen?.options ?? [])],
    isComplete: declared !== undefined && (byHyphen?.isComplete ?? true),
    rules: byHyphen?.rules ?? {},
    parser: 'getopts',
    declared: letters,
    silent,
    arms: {
      named,
      isComplete:
        branches.length > 0 && branches.every(({ patterns }) => patterns.every(({ words }) => words)),
      unknown,
      missing: silent === false ? unknown : answerTo(':', branches, reading),
    },
    notFollowed: declared === undefined ? string : undefined,
  };
}

/** Whether a node is a call of `getopts` that is no condition of a loop. */
function isLoneCall(node: SyntaxNode, { script }: ScriptReading): node is Command {
  if (node.type !== 'Command' || commandName(node) !== 'getopts') return false;
  for (const { type } of script.around(node)) if (type === 'While') return false;
  return true;
}

/** The call of `getopts` in the condition of a loop. */
function getoptsCall(clause: CompoundList): Command | undefined {
  for (const { command } of clause.commands) {
    const nodes = command.type === 'AndOr' || command.type === 'Pipeline' ? command.commands : [command];
    for (const node of nodes) if (node.type === 'Command' && commandName(node) === 'getopts') return node;
  }
  return undefined;
}

const ARGUMENT: ReadonlySet<string> = new Set(['OPTARG']);

/** The letters that a branch answers. `?` and `:` are what `getopts` gives for errors, not letters. */
function letterArm(branch: Branch, reading: ScriptReading): NamedArm {
  const names: HandledName[] = branch.patterns.flatMap(({ words, word }) =>
    (words ?? [])
      .filter(({ text, goesOn }) => !goesOn && [...text].length === 1 && !'?:-'.includes(text))
      .map(({ text }) => ({ name: `-${text}`, place: reading.script.place(word) })),
  );
  const arm = { ...reading.arms.arm(branch, ARGUMENT), names };
  return { names, branch, arm, presence: undefined, words: undefined, argument: ARGUMENT };
}

/** What a script does where `getopts` gives a word: the first branch whose patterns match it. */
function answerTo(text: string, branches: readonly Branch[], reading: ScriptReading): LoopAnswer | undefined {
  const branch = branches.find(({ patterns }) =>
    patterns.some(
      (pattern) => matchesAll(pattern) || pattern.words?.some((word) => word.text === text && !word.goesOn),
    ),
  );
  return branch === undefined ? undefined : reading.arms.answer(branch);
}
