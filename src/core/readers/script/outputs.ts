import type { Redirection, SyntaxNode } from 'unbash';
import { forEachChild } from 'unbash';
import type { Stream } from '../../model/option-loop.ts';
import { commandName } from '../../shells/bash-words.ts';
import type { ShellScript } from './shell-scopes.ts';

/** A command that prints, and where to. */
export interface Output {
  readonly stream: Stream;
  readonly node: SyntaxNode;
}

const PRINTING: ReadonlySet<string> = new Set(['echo', 'printf', 'cat', 'print']);

/** How deep functions of a script may call each other. */
const CALL_LIMIT = 5;

/** So many commands of one part that print are looked at. */
const OUTPUTS_LIMIT = 100;

/** What a part of a script prints, with the functions that it calls. */
export function outputsOf(root: SyntaxNode, script: ShellScript): Output[] {
  const outputs: Output[] = [];
  const seen = new Set<string>();
  const visit = (node: SyntaxNode, stream: Stream, depth: number): Stream => {
    if (outputs.length >= OUTPUTS_LIMIT) return stream;
    if (node.type === 'Redirected') {
      visit(node.command, redirected(node.redirects, stream), depth);
      return stream;
    }
    // What is piped elsewhere or taken as a value is not what the user sees.
    if (node.type === 'CommandExpansion' || node.type === 'ProcessSubstitution') return stream;
    if (node.type === 'Pipeline') {
      const last = node.commands.at(-1);
      if (last !== undefined && node.commands.length === 1) visit(last, stream, depth);
      return stream;
    }
    if (node.type === 'Command') {
      const name = commandName(node) ?? '';
      const own = redirected(node.redirects, stream);
      // From here on, everything of this part goes there.
      if (name === 'exec' && node.args.length === 0) return own;
      if (PRINTING.has(name)) outputs.push({ stream: own, node });
      const body = script.functions.get(name)?.nodes[0];
      if (body !== undefined && depth < CALL_LIMIT && !seen.has(name)) {
        seen.add(name);
        visit(body, own, depth + 1);
      }
      return stream;
    }
    let current = stream;
    forEachChild(node, (child) => {
      current = visit(child, current, depth);
    });
    return current;
  };
  visit(root, 'standard-output', 0);
  return outputs;
}

/** Where the standard output of a command goes with some redirections. */
function redirected(redirects: readonly Redirection[], stream: Stream): Stream {
  let own = stream;
  for (const one of redirects) {
    if (one.type !== 'Redirect' || !one.operator.includes('>')) continue;
    const { descriptor, target } = one;
    if (descriptor !== undefined && !(descriptor.type === 'FileDescriptor' && descriptor.value === 1))
      continue;
    const to = target?.value;
    if (to === '2' || to === '/dev/stderr') own = 'standard-error';
    else if (to === '1' && one.operator === '>&') own = stream;
    else own = 'elsewhere';
  }
  return own;
}
