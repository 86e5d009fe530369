import type { Case, CompoundList, If, SyntaxNode, TestExpression, Word } from 'unbash';
import { firstIndex } from '../../collections/first-index.ts';
import { groupedBy } from '../../collections/grouped.ts';
import { argumentsOf, commandName, textOf, variableOf } from '../../shells/bash-words.ts';
import { type Pattern, patternsOf } from './case-patterns.ts';
import type { Range, ShellScope } from './shell-scopes.ts';

/** A branch of a script that is taken where a variable holds one of some words. */
export interface Branch {
  readonly patterns: readonly Pattern[];
  readonly body: CompoundList;
  /** The arm of `case`, or the part of `if`. */
  readonly node: { readonly pos: number; readonly end: number };
}

/** The branches of a `case` on a variable, or of a row of `if` that compare it with words. */
export interface Choice {
  readonly branches: readonly Branch[];
  readonly node: SyntaxNode;
}

/** The choices of a scope, by the variables that they go by. */
export class Choices {
  readonly #bySubject: ReadonlyMap<string, readonly Choice[]>;

  constructor(scope: ShellScope) {
    const found = [...scope.all('Case').flatMap(ofCase), ...scope.all('If').flatMap(ofIf)].sort(
      (a, b) => a.node.pos - b.node.pos,
    );
    this.#bySubject = groupedBy(found, ({ subject }) => subject);
  }

  /** The choices within a range that go by one of some variables; those within others of them are left out. */
  on(subjects: Iterable<string>, range: Range): Choice[] {
    const choices: Choice[] = [];
    for (const subject of new Set(subjects))
      for (const choice of this.#within(this.#bySubject.get(subject) ?? [], range)) choices.push(choice);
    return withoutInner(choices.sort((a, b) => a.node.pos - b.node.pos));
  }

  #within(choices: readonly Choice[], { pos, end }: Range): Choice[] {
    const from = firstIndex(choices, ({ node }) => node.pos < pos);
    const to = firstIndex(choices, ({ node }) => node.pos <= end, from);
    return choices.slice(from, to).filter(({ node }) => node.end <= end);
  }
}

function withoutInner(choices: readonly Choice[]): Choice[] {
  const outer: Choice[] = [];
  for (const choice of choices) {
    const last = outer.at(-1);
    if (last === undefined || choice.node.pos >= last.node.end) outer.push(choice);
  }
  return outer;
}

type ChoiceOn = Choice & { readonly subject: string };

function ofCase(node: Case): ChoiceOn[] {
  // `${OPTARG%%=*}`: what stands before the equals sign.
  const [, beforeEquals] = /^"?\$\{(\w+)%%=\*\}"?$/.exec(node.word.text) ?? [];
  const subject = variableOf(node.word) ?? beforeEquals;
  if (subject === undefined) return [];
  const branches = node.items.map((item) => ({
    patterns: patternsOf(item),
    body: item.body,
    node: item,
  }));
  return [{ subject, branches, node }];
}

function ofIf(node: If): ChoiceOn[] {
  const found = branchesOfIf(node);
  return found === undefined ? [] : [{ ...found, node }];
}

/** The branches of a row of `if`, all of which compare one variable with words. */
function branchesOfIf(node: If): { readonly subject: string; readonly branches: Branch[] } | undefined {
  const branches: Branch[] = [];
  let subject: string | undefined;
  for (const { clause, then } of [node, ...node.elif]) {
    const compared = comparedWords(clause);
    const [first] = compared ?? [];
    subject ??= first?.variable;
    if (compared === undefined || compared.some(({ variable }) => variable !== subject)) return undefined;
    const patterns = compared.map(({ word }) => ({
      word,
      words: word.parts?.some(({ type }) => type === 'Glob') === true ? undefined : textAsWords(word),
    }));
    branches.push({ patterns, body: then, node: { pos: clause.pos, end: then.end } });
  }
  if (subject === undefined) return undefined;
  if (node.else !== undefined) branches.push(restBranch(node.else));
  return { subject, branches };
}

/** The branch for whatever no condition holds for. */
function restBranch(body: CompoundList): Branch {
  const word: Word = { type: 'Word', text: '', value: '', pos: body.pos, end: body.pos };
  return { patterns: [{ word, words: [{ text: '', goesOn: true }] }], body, node: body };
}

function textAsWords(word: Word) {
  const text = textOf(word);
  return text === undefined ? undefined : [{ text, goesOn: false }];
}

/** A word that a condition compares a variable with. */
interface Compared {
  readonly variable: string;
  readonly word: Word;
}

/** The words that a condition compares variables with, any of which makes it true: `[ "$1" = -a ] || [ "$1" = --all ]`. */
function comparedWords(clause: CompoundList): Compared[] | undefined {
  const [statement, ...others] = clause.commands;
  if (statement === undefined || others.length > 0) return undefined;
  const { command } = statement;
  if (command.type !== 'AndOr') return wordsOfTest(command);
  if (command.operators.some((operator) => operator !== '||')) return undefined;
  return allOf(command.commands.map(wordsOfTest));
}

/** All items of some lists; undefined where one of them is. */
function allOf<T>(lists: readonly (readonly T[] | undefined)[]): T[] | undefined {
  return lists.some((one) => one === undefined) ? undefined : lists.flatMap((one) => one ?? []);
}

function wordsOfTest(test: SyntaxNode): Compared[] | undefined {
  if (test.type === 'TestCommand') return wordsOfExpression(test.expression);
  if (test.type !== 'Command') return undefined;
  const name = commandName(test);
  if (name !== '[' && name !== 'test') return undefined;
  const words = argumentsOf(test).filter(({ value }, i, all) => !(value === ']' && i === all.length - 1));
  const found: Compared[] = [];
  for (let i = 0; i < words.length; i += 4) {
    const [left, operator, right, or] = words.slice(i, i + 4);
    const isEqual = /^==?$/.test(operator?.value ?? '');
    const variable = left === undefined ? undefined : variableOf(left);
    if (variable === undefined || right === undefined || !isEqual) return undefined;
    if (or !== undefined && or.value !== '-o') return undefined;
    found.push({ variable, word: right });
  }
  return found.length === 0 ? undefined : found;
}

function wordsOfExpression(expression: TestExpression): Compared[] | undefined {
  if (expression.type === 'TestGroup') return wordsOfExpression(expression.expression);
  if (expression.type === 'TestLogical' && expression.operator === '||')
    return allOf(expression.operands.map(wordsOfExpression));
  if (expression.type !== 'TestBinary' || !/^==?$/.test(expression.operator)) return undefined;
  const variable = variableOf(expression.left);
  return variable === undefined ? undefined : [{ variable, word: expression.right }];
}
