// Every kind of fault that is planted. A fault changes an interface and gives the words of which a finding must name one; undefined where the
// interface has no place for it.
import { COMMAND_FAULTS } from './faults/commands.mjs';
import { DEFAULT_FAULTS } from './faults/defaults.mjs';
import { EXAMPLE_FAULTS } from './faults/examples.mjs';
import { MENTION_FAULTS } from './faults/mentions.mjs';
import { NAME_FAULTS } from './faults/names.mjs';
import { RELATION_FAULTS } from './faults/relations.mjs';
import { SYNOPSIS_FAULTS } from './faults/synopsis.mjs';
import { TEXT_FAULTS } from './faults/texts.mjs';

export const FAULTS = {
  ...EXAMPLE_FAULTS,
  ...DEFAULT_FAULTS,
  ...SYNOPSIS_FAULTS,
  ...MENTION_FAULTS,
  ...COMMAND_FAULTS,
  ...NAME_FAULTS,
  ...RELATION_FAULTS,
  ...TEXT_FAULTS,
};
