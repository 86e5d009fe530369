import type { Interface } from '../model/interface.ts';
import { walkCommands } from '../model/walk.ts';
import { type CommandScope, commandScope } from './command-scope.ts';
import { type OptionScope, optionScope } from './option-scope.ts';
import { type ValueScope, valueScopes } from './value-scope.ts';

/** Names that compete with one another: the long options, the subcommands, or the values of one word. */
export type NameScope = OptionScope | CommandScope | ValueScope;

/** All scopes of an interface that hold names: of each command in turn its options, its subcommands, its values. */
export function nameScopes(cli: Interface): NameScope[] {
  return [...walkCommands(cli)]
    .flatMap((at): NameScope[] => [optionScope(at), commandScope(at), ...valueScopes(at)])
    .filter(({ names }) => names.length > 0);
}
