import type { SyntaxNode } from 'unbash';
import type { ItemList } from '../../model/item-list.ts';
import type { Operand } from '../../model/operand.ts';
import { commandName, variableOf } from '../../shells/bash-words.ts';
import { laterChecks } from './later-checks.ts';
import type { LoopDraft } from './loop-draft.ts';
import { operandsWithin } from './operand-bounds.ts';
import type { ScriptReading } from './script-reading.ts';
import type { Range, ShellScope } from './shell-scopes.ts';

/** What a script does with the words that are left behind the loop that reads its options. */
export interface OperandsBehind {
  readonly operands: ItemList<Operand>;
  /** The first `$1` to `$9` that is read though the options were not taken away. */
  readonly notShifted: SyntaxNode | undefined;
  /** The first `$1` to `$9` that is read though nothing looks at how many there are. */
  readonly unchecked: SyntaxNode | undefined;
}

const POSITIONS = ['1', '2', '3', '4', '5', '6', '7', '8', '9'];

/** Reads what stands behind a loop, in the part of its scope that is reached from there. */
export function operandsBehind(draft: LoopDraft, reading: ScriptReading): OperandsBehind {
  const { scope, kind } = draft;
  const behind = rangeBehind(draft);
  const uses = POSITIONS.flatMap((position) => readsIn(scope, position, behind))
    .filter(({ type }) => type !== 'ArithmeticWord')
    .sort((a, b) => a.pos - b.pos);
  const [first] = uses;
  const isCounted =
    scope.readsOf('#').length > 0 ||
    uses.some((node) => isAsked(node, reading)) ||
    isVariableLookedAt(scope, behind, reading);
  return {
    operands: operandsOf(draft, behind, reading),
    notShifted: kind === 'getopts' && first !== undefined && !isMovedOn(draft, first) ? first : undefined,
    unchecked: first === undefined || isCounted ? undefined : first,
  };
}

function rangeBehind({ node, reached }: LoopDraft): Range {
  return { pos: node.end, end: reached.end };
}

function readsIn(scope: ShellScope, variable: string, { pos, end }: Range): SyntaxNode[] {
  return scope.readsOf(variable).filter((node) => node.pos >= pos && node.end <= end);
}

/** Whether the options are taken away, or passed over, before a node: `shift $((OPTIND - 1))`, `${@:OPTIND}`, `set --`. */
function isMovedOn(draft: LoopDraft, use: SyntaxNode): boolean {
  const { scope, node: loop, reached } = draft;
  if (readsIn(scope, 'OPTIND', { pos: loop.pos, end: reached.end }).length > 0) return true;
  return scope
    .within('Command', { pos: loop.pos, end: use.end })
    .some((node) => MOVING.has(commandName(node) ?? ''));
}

const MOVING: ReadonlySet<string> = new Set(['shift', 'set', 'eval']);

/** Whether a variable that an operand is assigned to is looked at behind the loop: `box=$1`, `[ -z "$box" ]`. */
function isVariableLookedAt(scope: ShellScope, behind: Range, reading: ScriptReading): boolean {
  return scope
    .within('Assignment', behind)
    .some(
      ({ name, value }) =>
        value.type === 'Word' &&
        POSITIONS.includes(variableOf(value) ?? '') &&
        readsIn(scope, name, behind).some((node) => isAsked(node, reading)),
    );
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
function operandsOf({ scope }: LoopDraft, behind: Range, reading: ScriptReading): ItemList<Operand> {
  const { operands: bounds } = laterChecks(scope, reading, behind);
  const { least, most } = bounds;
  if (least === undefined && most === undefined) return { items: [], complete: undefined };
  const place = bounds.place === undefined ? null : reading.script.place(bounds.place);
  return operandsWithin({ least, most, place }, (i) => {
    const assigned = scope
      .within('Assignment', behind)
      .find(({ value }) => value.type === 'Word' && variableOf(value) === String(i + 1));
    return assigned && { name: assigned.name, place: reading.script.place(assigned) };
  });
}
