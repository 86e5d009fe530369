import type { SyntaxNode, Word } from 'unbash';
import { argumentsOf, commandName } from '../../shells/bash-words.ts';
import { type Range, type ShellScope, type ShellScript, WHOLE } from './shell-scopes.ts';

/** So deep functions may hand the words of the command line on. */
const CALL_LIMIT = 6;

/** Whether a word is all words of the command line. */
export function isAllWords(word: Word): boolean {
  return /^["']?\$\{?[@*]\}?["']?$/.test(word.text);
}

/** The function that a command hands all words of the command line to; undefined where it does not. */
export function handedTo(node: SyntaxNode, script: ShellScript): ShellScope | undefined {
  if (node.type !== 'Command' || !argumentsOf(node).some(isAllWords)) return undefined;
  return script.functions.get(commandName(node) ?? '');
}

/**
 * The scopes that read the words that one scope is given: itself, and the functions that it hands all of them to, in the order in which that happens.
 * What is handed on in a branch of `case` belongs to what that branch is for, and is left out.
 */
export function entryScopes(first: ShellScope, script: ShellScript, within?: Range): ShellScope[] {
  const entries: ShellScope[] = [];
  const seen = new Set<ShellScope>();
  const enter = (scope: ShellScope, depth: number): void => {
    if (seen.has(scope) || depth > CALL_LIMIT) return;
    seen.add(scope);
    entries.push(scope);
    const range = scope === first && within !== undefined ? within : WHOLE;
    for (const node of scope.within('Command', range)) {
      const called = handedTo(node, script);
      if (called === undefined || isInBranch(node, script, scope === first ? within : undefined)) continue;
      enter(called, depth + 1);
    }
  };
  enter(first, 0);
  return entries;
}

function isInBranch(node: SyntaxNode, script: ShellScript, within: Range | undefined): boolean {
  for (const outer of script.around(node)) {
    if (within !== undefined && outer.pos <= within.pos) return false;
    if (outer.type === 'CaseItem') return true;
  }
  return false;
}
