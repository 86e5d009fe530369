import type { Knowable } from '../../../model/fact.ts';

/** Whether the lists of a command hold all there is. */
export interface Completeness {
  readonly options: Knowable<boolean>;
  readonly commands: Knowable<boolean>;
  readonly operands: Knowable<boolean>;
}

export const UNKNOWN_COMPLETENESS: Completeness = {
  options: undefined,
  commands: undefined,
  operands: undefined,
};

/** What a command takes over from those above: nothing for lists of which the document says nothing. */
export function inherited(above: Completeness, isDescribed: boolean, hasCommands: boolean): Completeness {
  return {
    options: isDescribed ? above.options : undefined,
    commands: isDescribed || hasCommands ? above.commands : undefined,
    operands: isDescribed ? above.operands : undefined,
  };
}

/** The keys by which a document describes a command itself, and not only names it. */
export const DESCRIBING_KEYS = [
  'description',
  'usage',
  'options',
  'operands',
  'relations',
  'examples',
] as const;
