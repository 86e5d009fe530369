import type { CompoundList, SyntaxNode, TestExpression, Word } from 'unbash';
import { argumentsOf, commandName, textOf, variableOf } from '../../shells/bash-words.ts';
import type { Ends } from './ends.ts';
import type { Range, ShellScope, ShellScript } from './shell-scopes.ts';

/** How many operands a script lets through. */
export interface CountBounds {
  least: number | undefined;
  most: number | undefined;
  place: SyntaxNode | undefined;
}

/** What a script makes sure of behind a loop, before it goes on. */
export interface LaterChecks {
  /** Variables without which it ends, with the check of each. */
  readonly required: ReadonlyMap<string, SyntaxNode>;
  /** How many operands there must be. */
  readonly operands: CountBounds;
}

/** Reads the checks in a range of a scope, those on the way through it that nothing turns aside. */
export function laterChecks(scope: ShellScope, { script, arms }: Checked, range: Range): LaterChecks {
  const required = new Map<string, SyntaxNode>();
  const operands: CountBounds = { least: undefined, most: undefined, place: undefined };
  const keep = (demand: Demand, node: SyntaxNode) => {
    if (demand.kind === 'variable') {
      const count = /^[1-9]$/.test(demand.name) ? Number(demand.name) : undefined;
      if (count === undefined) required.set(demand.name, required.get(demand.name) ?? node);
      else operands.least = Math.max(operands.least ?? 0, count);
    } else {
      if (demand.least !== undefined) operands.least = Math.max(operands.least ?? 0, demand.least);
      if (demand.most !== undefined) operands.most = Math.min(operands.most ?? demand.most, demand.most);
      operands.place ??= node;
    }
  };
  for (const node of scope.within('If', range))
    if (node.elif.length === 0 && isOnTheWay(node, script, range) && isLeft(node.then, arms.ends))
      for (const demand of broken(node.clause)) keep(demand, node);
  for (const node of scope.within('AndOr', range)) {
    const [first, second] = node.commands;
    if (first === undefined || second === undefined || !isOnTheWay(node, script, range)) continue;
    if (!isLeftBy(second, arms.ends)) continue;
    for (const demand of node.operators[0] === '&&' ? brokenBy(first) : keptBy(first)) keep(demand, node);
  }
  // `${x:?message}` ends the script where there is nothing in x.
  for (const node of scope.within('ParameterExpansion', range))
    if (node.operation?.type === 'Default' && node.operation.operator.endsWith('?'))
      if (isOnTheWay(node, script, range)) keep({ kind: 'variable', name: node.parameter }, node);
  return { required, operands };
}

/** What is asked of a script while its checks are read. */
interface Checked {
  readonly script: ShellScript;
  readonly arms: { readonly ends: Ends };
}

/** What a script demands: something in a variable, or so many operands. */
type Demand =
  | { readonly kind: 'variable'; readonly name: string }
  | { readonly kind: 'count'; readonly least: number | undefined; readonly most: number | undefined };

const ASIDE: ReadonlySet<string> = new Set(
  'If Elif Case CaseItem While For AndOr Subshell CommandExpansion'.split(' '),
);

/** Whether a node is reached from the beginning of a range whatever the script was given: it stands in no branch, loop or function there. */
function isOnTheWay(node: SyntaxNode, script: ShellScript, { pos }: Range): boolean {
  for (const outer of script.around(node)) {
    if (outer.pos < pos) return true;
    if (ASIDE.has(outer.type)) return false;
  }
  return true;
}

function isLeft(list: CompoundList, ends: Ends): boolean {
  const { kind } = ends.ofList(list);
  return kind === 'exits' || kind === 'returns';
}

function isLeftBy(node: SyntaxNode, ends: Ends): boolean {
  const command = {
    type: 'Statement',
    pos: node.pos,
    end: node.end,
    command: node,
    background: undefined,
  } as const;
  return isLeft({ type: 'CompoundList', pos: node.pos, end: node.end, commands: [command as never] }, ends);
}

function broken(clause: CompoundList): Demand[] {
  const [statement, ...others] = clause.commands;
  return statement === undefined || others.length > 0 ? [] : brokenBy(statement.command);
}

/** What is demanded where a true condition ends the script: `[ -z "$x" ]`, `[ $# -lt 2 ]`, and each of several that any of which does. */
function brokenBy(node: SyntaxNode): Demand[] {
  if (node.type === 'AndOr')
    return node.operators.every((one) => one === '||') ? node.commands.flatMap(brokenBy) : [];
  if (node.type === 'TestCommand') return brokenByExpression(node.expression);
  if (node.type === 'ArithmeticCommand')
    return countOf(/^\s*\$?#\s*(<=?|>=?|==|!=)\s*(\d+)\s*$/.exec(node.body));
  if (
    node.type === 'Pipeline' &&
    node.prefixes.some(({ type }) => type === 'Negation') &&
    node.commands.length === 1
  )
    return node.commands[0] === undefined ? [] : keptBy(node.commands[0]);
  const words = testWords(node);
  if (words === undefined) return [];
  if (words[0]?.value === '!') return keptByWords(words.slice(1));
  const parts = splitBy(words, '-o');
  return parts.flatMap(brokenByWords);
}

function brokenByExpression(expression: TestExpression): Demand[] {
  switch (expression.type) {
    case 'TestGroup':
      return brokenByExpression(expression.expression);
    case 'TestLogical':
      return expression.operator === '||' ? expression.operands.flatMap(brokenByExpression) : [];
    case 'TestUnary':
      return expression.operator === '-z' ? variableDemand(expression.operand) : [];
    case 'TestBinary':
      return brokenByComparison(expression.left, expression.operator, expression.right);
    case 'TestNot':
      return expression.operand.type === 'TestUnary' && expression.operand.operator === '-n'
        ? variableDemand(expression.operand.operand)
        : [];
  }
}

function brokenByWords(words: readonly Word[]): Demand[] {
  const [first, second, third] = words;
  if (words.length === 2 && first?.value === '-z' && second !== undefined) return variableDemand(second);
  if (words.length !== 3 || first === undefined || second === undefined || third === undefined) return [];
  return brokenByComparison(first, second.value, third);
}

function brokenByComparison(left: Word, operator: string, right: Word): Demand[] {
  if (variableOf(left) === '#') return countOf(['', operator, textOf(right) ?? '']);
  if (/^(?:=|==)$/.test(operator) && textOf(right) === '') return variableDemand(left);
  return [];
}

const NEGATED: Readonly<Record<string, string>> = {
  '-lt': '-ge',
  '-le': '-gt',
  '-gt': '-le',
  '-ge': '-lt',
  '-eq': '-ne',
  '-ne': '-eq',
  '=': '!=',
  '==': '!=',
  '!=': '=',
};

/** What is demanded where a condition that is not true ends the script: `[ -n "$x" ] || exit`. */
function keptBy(node: SyntaxNode): Demand[] {
  if (node.type === 'TestCommand') {
    const { expression } = node;
    if (expression.type === 'TestUnary' && expression.operator === '-n')
      return variableDemand(expression.operand);
    if (expression.type === 'TestBinary' && variableOf(expression.left) === '#')
      return brokenByComparison(expression.left, NEGATED[expression.operator] ?? '', expression.right);
    return [];
  }
  const words = testWords(node);
  if (words === undefined) return [];
  return words[0]?.value === '!' ? brokenByWords(words.slice(1)) : keptByWords(words);
}

function keptByWords(words: readonly Word[]): Demand[] {
  const [first, second, third] = words;
  if (words.length === 1 && first !== undefined) return variableDemand(first);
  if (words.length === 2 && first?.value === '-n' && second !== undefined) return variableDemand(second);
  if (words.length === 3 && first !== undefined && third !== undefined)
    return brokenByComparison(first, NEGATED[second?.value ?? ''] ?? '', third);
  return [];
}

function variableDemand(word: Word): Demand[] {
  const name = variableOf(word);
  return name === undefined || /^[#@*?0]$/.test(name) ? [] : [{ kind: 'variable', name }];
}

/** The counts that are let through where a comparison of `$#` that is true ends the script. */
function countOf(match: readonly string[] | null): Demand[] {
  const [, operator = '', digits = ''] = match ?? [];
  if (!/^\d{1,4}$/.test(digits)) return [];
  const count = Number(digits);
  const bounds = (least: number | undefined, most: number | undefined): Demand[] => [
    { kind: 'count', least, most },
  ];
  switch (operator) {
    case '-lt':
    case '<':
      return bounds(count, undefined);
    case '-le':
    case '<=':
      return bounds(count + 1, undefined);
    case '-gt':
    case '>':
      return bounds(undefined, count);
    case '-ge':
    case '>=':
      return bounds(undefined, count - 1);
    case '-ne':
    case '!=':
      return bounds(count, count);
    case '-eq':
    case '=':
    case '==':
      return count === 0 ? bounds(1, undefined) : [];
    default:
      return [];
  }
}

/** The words of `[ ... ]` or `test ...`. */
function testWords(node: SyntaxNode): Word[] | undefined {
  if (node.type !== 'Command') return undefined;
  const name = commandName(node);
  const words = argumentsOf(node);
  if (name === 'test') return [...words];
  return name === '[' ? words.slice(0, -1) : undefined;
}

function splitBy(words: readonly Word[], operator: string): Word[][] {
  const parts: Word[][] = [[]];
  for (const word of words) {
    if (word.value === operator) parts.push([]);
    else parts.at(-1)?.push(word);
  }
  return parts;
}
