import type { Command, SyntaxNode, Word } from 'unbash';
import { addTo } from '../../collections/grouped.ts';
import { argumentsOf, commandName, type Lookup, textOf } from '../../shells/bash-words.ts';
import type { ShellScope, ShellScript } from './shell-scopes.ts';

/** One place at which a variable gets a value. */
export interface Assigned {
  readonly name: string;
  /** The word that it is assigned; undefined where a command sets it (`read`, `for`), or where it is an array. */
  readonly word: Word | undefined;
  /** Whether the word is what the variable holds only where it held nothing (`${x:=word}`). */
  readonly ifUnset: boolean;
  readonly node: SyntaxNode;
  readonly scope: ShellScope;
}

/** Where the variables of a script get their values. */
export class ShellVariables {
  readonly #byName = new Map<string, Assigned[]>();
  readonly #texts = new Map<string, string | undefined>();

  constructor(script: ShellScript) {
    for (const scope of script.scopes)
      for (const node of scope.nodes)
        for (const assigned of assignedBy(node, scope)) addTo(this.#byName, assigned.name, assigned);
  }

  /** Where a variable gets a value, in the order of the text. */
  of(name: string): readonly Assigned[] {
    return this.#byName.get(name) ?? [];
  }

  /** What a variable holds throughout, where it is given one value that is written out, and no other. */
  readonly constant: Lookup = (name) => {
    if (this.#texts.has(name)) return this.#texts.get(name);
    // A variable that is made of itself is not known.
    this.#texts.set(name, undefined);
    const [only, ...others] = this.of(name);
    const text = only?.word === undefined || others.length > 0 ? undefined : textOf(only.word, this.constant);
    this.#texts.set(name, text);
    return text;
  };
}

function* assignedBy(node: SyntaxNode, scope: ShellScope): Generator<Assigned> {
  if (node.type === 'Assignment') {
    const isPlain = node.value.type === 'Word' && node.append !== true && node.index === undefined;
    yield {
      name: node.name,
      word: isPlain && node.value.type === 'Word' ? node.value : undefined,
      ifUnset: false,
      node,
      scope,
    };
  }
  if (node.type === 'For' || node.type === 'Select')
    yield { name: node.name.value, word: undefined, ifUnset: false, node, scope };
  if (node.type === 'ParameterExpansion' && node.operation?.type === 'Default') {
    const { operator, operand } = node.operation;
    if (operator.endsWith('=')) yield { name: node.parameter, word: operand, ifUnset: true, node, scope };
  }
  if (node.type === 'Command')
    for (const name of setByCommand(node)) yield { name, word: undefined, ifUnset: false, node, scope };
}

/** The variables that a command sets whose names are its arguments. */
function setByCommand(command: Command): string[] {
  const name = commandName(command);
  const words = argumentsOf(command).map(({ value }) => value);
  if (name === 'getopts') return words[1] === undefined ? [] : [words[1], 'OPTARG', 'OPTIND'];
  if (name === 'read') return words.filter((word) => /^[A-Za-z_]\w*$/.test(word));
  if (name === 'printf' && words[0] === '-v') return words[1] === undefined ? [] : [words[1]];
  return [];
}
