import type { ItemList } from '../../../model/item-list.ts';
import type { Operand } from '../../../model/operand.ts';
import { setCall } from '../../../shells/fish-set.ts';
import { type NamedOperand, type OperandBounds, operandsWithin } from '../operand-bounds.ts';
import type { ArgparseCall } from './argparse-call.ts';
import { consequencesIn } from './consequences.ts';
import type { FishEnds } from './fish-ends.ts';
import { commandsIn, type FishNode, writtenStatement, writtenWord } from './fish-tree.ts';

/** The operands that a call of `argparse`, or a check of `count $argv` behind it, lets through. */
export function fishOperands(
  call: ArgparseCall,
  nodes: readonly FishNode[],
  ends: FishEnds,
): ItemList<Operand> {
  const { least, most } = call;
  const own: OperandBounds | undefined =
    least === undefined && most === undefined
      ? countChecked(nodes, ends)
      : { least: least?.count, most: most?.count, place: (least ?? most)?.place ?? null };
  return own === undefined
    ? { items: [], complete: undefined }
    : operandsWithin(own, (index) => assignedTo(index, nodes));
}

/** `set box $argv[1]` */
function assignedTo(index: number, nodes: readonly FishNode[]): NamedOperand | undefined {
  for (const { words } of commandsIn(nodes)) {
    if (words[0]?.texts[0] !== 'set') continue;
    const { name, values } = setCall(words);
    const [only] = values;
    if (
      name !== undefined &&
      only !== undefined &&
      writtenWord(only).replaceAll('"', '') === `$argv[${index + 1}]`
    )
      return { name, place: words[0].place };
  }
  return undefined;
}

/** `test (count $argv) -lt 1`, `not count $argv`, `test -z "$argv"`, `set -q argv[1]`, behind which the script ends. */
function countChecked(nodes: readonly FishNode[], ends: FishEnds): OperandBounds | undefined {
  let least: number | undefined;
  let most: number | undefined;
  let place: OperandBounds['place'] = null;
  for (const { asked, whenHolds, body } of consequencesIn(nodes)) {
    const bounds = boundsIn(writtenStatement(asked), whenHolds);
    if (bounds === undefined || !ends.of(body).isEnd) continue;
    least = bounds.least ?? least;
    most = bounds.most ?? most;
    place = asked.words[0]?.place ?? null;
  }
  return place === null ? undefined : { least, most, place };
}

/** The counts that are left where a check did not end the script. */
function boundsIn(statement: string, endsWhereItHolds: boolean): Partial<OperandBounds> | undefined {
  const asks = statement.replaceAll('"', '');
  const [, sign, number] = /^(?:test|\[) \(count \$argv\) (-\w\w|!?=) (\d{1,3})(?: \])?$/.exec(asks) ?? [];
  if (sign === undefined) {
    const index = /^set (?:-q|--query) argv\[(\d)\]$/.exec(asks)?.[1];
    if (index !== undefined) return endsWhereItHolds ? { most: Number(index) - 1 } : { least: Number(index) };
    if (/^count \$argv$|^test -n \$argv$/.test(asks)) return endsWhereItHolds ? { most: 0 } : { least: 1 };
    return /^test -z \$argv$/.test(asks) && endsWhereItHolds ? { least: 1 } : undefined;
  }
  const count = Number(number);
  const holds = {
    '-lt': '<',
    '-le': '<=',
    '-gt': '>',
    '-ge': '>=',
    '-eq': '=',
    '=': '=',
    '-ne': '!=',
    '!=': '!=',
  }[sign];
  const left = endsWhereItHolds ? OPPOSITE[holds ?? ''] : holds;
  switch (left) {
    case '<':
      return { most: count - 1 };
    case '<=':
      return { most: count };
    case '>':
      return { least: count + 1 };
    case '>=':
      return { least: count };
    case '=':
      return { least: count, most: count };
    default:
      return undefined;
  }
}

const OPPOSITE: Readonly<Record<string, string>> = {
  '<': '>=',
  '<=': '>',
  '>': '<=',
  '>=': '<',
  '=': '!=',
  '!=': '=',
};
