import type { CompoundList, SyntaxNode } from 'unbash';
import { argumentsOf, commandName, textOf } from '../../shells/bash-words.ts';
import type { Ends } from './ends.ts';

/** How many words a part of a script takes off the command line with `shift`, at least and at most. */
export interface Shifts {
  readonly least: number;
  readonly most: number;
}

const NONE: Shifts = { least: 0, most: 0 };

/** How many words a list of commands takes off the command line. Branches that end the script do not count: nothing follows them. */
export function shiftsOf(list: CompoundList, ends: Ends): Shifts {
  let least = 0;
  let most = 0;
  for (const { command } of list.commands) {
    const own = shiftsOfNode(command, ends);
    least += own.least;
    most += own.most;
  }
  return { least, most };
}

function shiftsOfNode(node: SyntaxNode, ends: Ends): Shifts {
  switch (node.type) {
    case 'Command': {
      if (commandName(node) !== 'shift') return NONE;
      const [word] = argumentsOf(node);
      const text = word === undefined ? '1' : textOf(word);
      // What is computed takes off an unknown number.
      if (text === undefined || !/^\d{1,3}$/.test(text)) return { least: 0, most: Number.POSITIVE_INFINITY };
      return { least: Number(text), most: Number(text) };
    }
    case 'BraceGroup':
      return shiftsOf(node.body, ends);
    case 'Redirected':
      return shiftsOfNode(node.command, ends);
    case 'AndOr': {
      const [first, ...others] = node.commands.map((one) => shiftsOfNode(one, ends));
      const more = others.reduce((sum, { most }) => sum + most, 0);
      return { least: first?.least ?? 0, most: (first?.most ?? 0) + more };
    }
    case 'If':
      return ofBranches(
        [node.then, ...node.elif.map(({ then }) => then), node.else],
        node.else !== undefined,
        ends,
      );
    case 'Case':
      return ofBranches(
        node.items.map(({ body }) => body),
        node.items.some(({ pattern }) => pattern.some(({ text }) => text === '*')),
        ends,
      );
    case 'While':
    case 'For': {
      const { most } = shiftsOf(node.body, ends);
      return { least: 0, most: most > 0 ? Number.POSITIVE_INFINITY : 0 };
    }
    default:
      return NONE;
  }
}

function ofBranches(branches: readonly (CompoundList | undefined)[], isAll: boolean, ends: Ends): Shifts {
  const counted = branches
    .filter((one) => one !== undefined)
    .filter((one) => ends.ofList(one).kind !== 'exits');
  const own = counted.map((one) => shiftsOf(one, ends));
  if (!isAll) own.push(NONE);
  if (own.length === 0) return NONE;
  return own.reduce((all, one) => ({
    least: Math.min(all.least, one.least),
    most: Math.max(all.most, one.most),
  }));
}
