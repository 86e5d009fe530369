import type { SyntaxNode } from 'unbash';
import { makeValueWord } from '../../model/argument.ts';
import { stated } from '../../model/fact.ts';
import type { ItemList } from '../../model/item-list.ts';
import type { Operand } from '../../model/operand.ts';
import { isAllWords } from './entry-scopes.ts';
import { laterChecks } from './later-checks.ts';
import type { LoopDraft } from './loop-draft.ts';
import type { ScriptReading } from './script-reading.ts';
import { argumentsOf, commandName, readVariable, variableOf } from './shell-words.ts';

/** What a script does with the words that are left behind the loop that reads its options. */
export interface OperandsBehind {
  readonly operands: ItemList<Operand>;
  /** The first `$1` to `$9` that is read though the options were not taken away. */
  readonly notShifted: SyntaxNode | undefined;
  /** The first `$1` to `$9` that is read though nothing looks at how many there are. */
  readonly unchecked: SyntaxNode | undefined;
}

/** Reads what stands behind a loop in its scope. */
export function operandsBehind(draft: LoopDraft, reading: ScriptReading): OperandsBehind {
  const { scope, node: loop, kind } = draft;
  const behind = scope.nodes.filter(({ pos }) => pos >= loop.end);
  const uses = behind.filter(isPositional);
  const isCounted =
    scope.nodes.some((node) => readVariable(node) === '#') ||
    behind.some((node) => isLookedAt(node, reading)) ||
    isVariableLookedAt(behind, reading);
  const first = uses[0];
  return {
    operands: operandsOf(draft, behind, reading),
    notShifted: kind === 'getopts' && first !== undefined && !isMovedOn(draft, first) ? first : undefined,
    unchecked: first === undefined || isCounted ? undefined : first,
  };
}

/** Whether a node reads one of `$1` to `$9`. */
function isPositional(node: SyntaxNode): boolean {
  return node.type !== 'ArithmeticWord' && /^[1-9]$/.test(readVariable(node) ?? '');
}

/** Whether the options are taken away, or passed over, before a node: `shift $((OPTIND - 1))`, `${@:OPTIND}`, `set --`. */
function isMovedOn({ scope, node: loop }: LoopDraft, use: SyntaxNode): boolean {
  return scope.nodes.some((node) => {
    if (node.pos < loop.pos) return false;
    if (readVariable(node) === 'OPTIND') return true;
    if (node.type !== 'Command' || node.pos > use.pos) return false;
    const name = commandName(node);
    return name === 'shift' || name === 'set' || name === 'eval';
  });
}

/** Whether a variable that an operand is assigned to is looked at behind the loop: `box=$1`, `[ -z "$box" ]`. */
function isVariableLookedAt(behind: readonly SyntaxNode[], reading: ScriptReading): boolean {
  const names = new Set(
    behind.flatMap((node) =>
      node.type === 'Assignment' && node.value.type === 'Word' && /^[1-9]$/.test(variableOf(node.value) ?? '')
        ? [node.name]
        : [],
    ),
  );
  return (
    names.size > 0 && behind.some((node) => names.has(readVariable(node) ?? '') && isAsked(node, reading))
  );
}

/** Whether a node asks what an operand is before it is used: `[ -z "$1" ]`, `case $1`, `${1:-x}`. */
function isLookedAt(node: SyntaxNode, reading: ScriptReading): boolean {
  return isPositional(node) && isAsked(node, reading);
}

/** Whether an expansion stands in a test, in what a `case` goes by, or has a word for where it is empty. */
function isAsked(node: SyntaxNode, { script }: ScriptReading): boolean {
  if (node.type === 'ParameterExpansion' && node.operation?.type === 'Default') return true;
  for (const outer of script.around(node)) {
    if (outer.type === 'TestCommand') return true;
    if (outer.type === 'Command') return ['[', 'test', 'shift'].includes(commandName(outer) ?? '');
    if (outer.type === 'Case') return outer.word.pos <= node.pos && outer.word.end >= node.end;
  }
  return false;
}

/** The operands, as far as the script says how many there must be. */
function operandsOf(
  draft: LoopDraft,
  behind: readonly SyntaxNode[],
  reading: ScriptReading,
): ItemList<Operand> {
  const { operands: bounds } = laterChecks(draft.scope, reading.script, reading.arms.ends, draft.node.end);
  const { least = 0, most } = bounds;
  const takesAll = behind.some(
    (node) =>
      (node.type === 'Command' && argumentsOf(node).some(isAllWords)) ||
      (node.type === 'For' && (node.wordlist === undefined || node.wordlist.some(isAllWords))),
  );
  if (bounds.least === undefined && most === undefined) return { items: [], complete: undefined };
  const place = bounds.place === undefined ? null : reading.script.place(bounds.place);
  const count = most ?? Math.max(1, least);
  if (count > COUNT_LIMIT) return { items: [], complete: undefined };
  const items = Array.from({ length: count }, (_, i): Operand => {
    const isLast = i === count - 1;
    const bound = { least: i < least ? 1 : 0, most: isLast && most === undefined ? null : 1 };
    const assigned = behind.find(
      (node) =>
        node.type === 'Assignment' && node.value.type === 'Word' && variableOf(node.value) === String(i + 1),
    );
    const name =
      assigned?.type === 'Assignment'
        ? assigned.name.toUpperCase()
        : count === 1 && takesAll
          ? 'WORD'
          : `WORD${i + 1}`;
    return {
      kind: 'word',
      name,
      word: makeValueWord(),
      vocabulary: [],
      count: stated(bound, place),
      help: undefined,
      place: assigned === undefined ? place : reading.script.place(assigned),
    };
  });
  return { items, complete: most === undefined ? undefined : stated(true, place) };
}

/** More operands than these are not told one by one. */
const COUNT_LIMIT = 9;
