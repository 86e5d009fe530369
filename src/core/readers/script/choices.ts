import type { CompoundList, If, SyntaxNode, TestExpression, Word } from 'unbash';
import { type Pattern, patternsOf } from './case-patterns.ts';
import type { ShellScope } from './shell-scopes.ts';
import { argumentsOf, commandName, textOf, variableOf } from './shell-words.ts';

/** A branch of a script that is taken where a variable holds one of some words. */
export interface Branch {
  readonly patterns: readonly Pattern[];
  readonly body: CompoundList;
  /** The arm of `case`, or the part of `if`. */
  readonly node: { readonly pos: number; readonly end: number };
  /** Whether what follows it is looked at too (`;&`, `;;&`). */
  readonly goesOn: boolean;
}

/** The branches of a `case` on a variable, or of a row of `if` that compare it with words. */
export interface Choice {
  readonly branches: readonly Branch[];
  readonly node: SyntaxNode;
}

/** The choices within a node that are made by what a variable holds, those within others of them left out. */
export function choicesOn(
  isSubject: (variable: string | undefined, word: Word) => boolean,
  within: { readonly pos: number; readonly end: number },
  scope: ShellScope,
): Choice[] {
  const choices: Choice[] = [];
  for (const node of scope.nodes) {
    if (node.pos < within.pos || node.end > within.end) continue;
    const outer = choices.at(-1)?.node;
    if (outer !== undefined && node.pos < outer.end) continue;
    if (node.type === 'Case' && isSubject(variableOf(node.word), node.word)) {
      const branches = node.items.map((item) => ({
        patterns: patternsOf(item),
        body: item.body,
        node: item,
        goesOn: item.terminator === ';&' || item.terminator === ';;&',
      }));
      choices.push({ branches, node });
    }
    if (node.type === 'If') {
      const branches = branchesOfIf(node, (word) => isSubject(variableOf(word), word));
      if (branches !== undefined) choices.push({ branches, node });
    }
  }
  return choices;
}

function branchesOfIf(node: If, isSubject: (word: Word) => boolean): Branch[] | undefined {
  const branches: Branch[] = [];
  for (const { clause, then } of [node, ...node.elif]) {
    const words = comparedWords(clause, isSubject);
    if (words === undefined) return undefined;
    const patterns = words.map((word) => ({
      word,
      words: word.parts?.some(({ type }) => type === 'Glob') === true ? undefined : textAsWords(word),
    }));
    branches.push({ patterns, body: then, node: { pos: clause.pos, end: then.end }, goesOn: false });
  }
  const { else: rest } = node;
  if (rest !== undefined)
    branches.push({
      patterns: [
        {
          word: { type: 'Word', text: '', value: '', pos: rest.pos, end: rest.pos },
          words: [{ text: '', goesOn: true }],
        },
      ],
      body: rest,
      node: rest,
      goesOn: false,
    });
  return branches;
}

function textAsWords(word: Word) {
  const text = textOf(word);
  return text === undefined ? undefined : [{ text, goesOn: false }];
}

/** The words that a condition compares a variable with, any of which makes it true: `[ "$1" = -a ] || [ "$1" = --all ]`. */
function comparedWords(clause: CompoundList, isSubject: (word: Word) => boolean): Word[] | undefined {
  const [statement, ...others] = clause.commands;
  if (statement === undefined || others.length > 0) return undefined;
  const { command } = statement;
  const tests = command.type === 'AndOr' ? command.commands : [command];
  if (command.type === 'AndOr' && command.operators.some((operator) => operator !== '||')) return undefined;
  const words = tests.map((test) => wordsOfTest(test, isSubject));
  return words.some((one) => one === undefined) ? undefined : words.flatMap((one) => one ?? []);
}

function wordsOfTest(test: SyntaxNode, isSubject: (word: Word) => boolean): Word[] | undefined {
  if (test.type === 'TestCommand') return wordsOfExpression(test.expression, isSubject);
  if (test.type !== 'Command') return undefined;
  const name = commandName(test);
  if (name !== '[' && name !== 'test') return undefined;
  const words = argumentsOf(test).filter(({ value }, i, all) => !(value === ']' && i === all.length - 1));
  const found: Word[] = [];
  for (let i = 0; i < words.length; i += 4) {
    const [left, operator, right, or] = words.slice(i, i + 4);
    if (left === undefined || right === undefined || !/^==?$/.test(operator?.value ?? '')) return undefined;
    if (or !== undefined && or.value !== '-o') return undefined;
    const word = isSubject(left) ? right : undefined;
    if (word === undefined) return undefined;
    found.push(word);
  }
  return found.length === 0 ? undefined : found;
}

function wordsOfExpression(
  expression: TestExpression,
  isSubject: (word: Word) => boolean,
): Word[] | undefined {
  if (expression.type === 'TestGroup') return wordsOfExpression(expression.expression, isSubject);
  if (expression.type === 'TestLogical' && expression.operator === '||') {
    const words = expression.operands.map((one) => wordsOfExpression(one, isSubject));
    return words.some((one) => one === undefined) ? undefined : words.flatMap((one) => one ?? []);
  }
  if (expression.type !== 'TestBinary' || !/^==?$/.test(expression.operator)) return undefined;
  return isSubject(expression.left) ? [expression.right] : undefined;
}
