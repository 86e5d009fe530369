import type { SyntaxNode } from 'unbash';
import { commandName } from '../../shells/bash-words.ts';
import type { LoopDraft } from './loop-draft.ts';
import type { ScriptReading } from './script-reading.ts';
import type { ShellScope, ShellScript } from './shell-scopes.ts';

/** Words that are gone through twice. */
export interface ReadTwice {
  readonly first: SyntaxNode;
  readonly again: SyntaxNode;
}

/**
 * Where words are gone through a second time by `getopts`, though its index was not put back: a second loop in the same scope, a second call of the
 * function with the loop, or a call of it behind a loop of the script itself. Undefined where none of that happens.
 */
export function readAgain(
  { kind, scope, node }: LoopDraft,
  { script }: ScriptReading,
): ReadTwice | undefined {
  if (kind !== 'getopts') return undefined;
  const second = scope.nodes.find((one) => one.pos >= node.end && isLoop(one));
  if (second !== undefined && !isReset(scope, node.pos, second.pos)) return { first: node, again: second };
  if (scope.name === undefined || isReset(scope, 0, node.pos)) return undefined;
  return behindAnother(node, scope.name, script) ?? calledTwice(scope.name, script);
}

function calledTwice(name: string, script: ShellScript): ReadTwice | undefined {
  const calls = script.scopes.flatMap((scope) =>
    scope.nodes.filter((one) => isCall(one, name) && !isByTheWay(one, script)),
  );
  const [first, again] = calls;
  if (first === undefined || again === undefined) return undefined;
  return script.scopes.some((one) => isReset(one, first.pos, again.pos)) ? undefined : { first, again };
}

/** A call of a function behind a loop over `getopts` of the script itself. */
function behindAnother(node: SyntaxNode, name: string, { main }: ShellScript): ReadTwice | undefined {
  const first = main.nodes.find(isLoop);
  const call = main.nodes.find((one) => first !== undefined && one.pos > first.end && isCall(one, name));
  if (first === undefined || call === undefined || isReset(main, first.pos, call.pos)) return undefined;
  return { first, again: node };
}

/** Where a command runs in a shell of its own, or only in some cases. */
const BY_THE_WAY: ReadonlySet<string> = new Set([
  'Subshell',
  'CommandExpansion',
  'Pipeline',
  'CaseItem',
  'If',
]);

function isByTheWay(node: SyntaxNode, script: ShellScript): boolean {
  for (const { type } of script.around(node)) if (BY_THE_WAY.has(type)) return true;
  return false;
}

function isCall(node: SyntaxNode, name: string): boolean {
  return node.type === 'Command' && commandName(node) === name;
}

function isLoop(node: SyntaxNode): boolean {
  return node.type === 'While' && node.clause.commands.some(({ command }) => isCall(command, 'getopts'));
}

/** Whether `OPTIND` gets a value, or becomes a variable of the function, between two offsets. */
function isReset(scope: ShellScope, from: number, to: number): boolean {
  return scope.nodes.some((node) => {
    if (node.pos < from || node.pos > to) return false;
    if (node.type === 'Assignment') return node.name === 'OPTIND';
    const isLocal =
      node.type === 'Command' && /^(?:local|declare|typeset|unset)$/.test(commandName(node) ?? '');
    return isLocal && node.args.some(({ text }) => text === 'OPTIND');
  });
}
