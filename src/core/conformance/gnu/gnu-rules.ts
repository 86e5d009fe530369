import type { Rule } from '../rule.ts';
import { bugAddress } from './bug-address.ts';
import { endOfOptions } from './end-of-options.ts';
import { longEquivalents } from './long-equivalents.ts';
import { observedBehaviour } from './observed-behaviour.ts';
import { optionsAmongOperands } from './options-among-operands.ts';
import { standardOption } from './standard-option.ts';

/** What the GNU Coding Standards ask for in 4.4 and 4.8. */
export const GNU_RULES: readonly Rule[] = [
  standardOption('--help', '4.8.2'),
  standardOption('--version', '4.8.1'),
  longEquivalents,
  optionsAmongOperands,
  endOfOptions,
  bugAddress,
  observedBehaviour('4.8.1', 'version form', 'the first line of --version is the name and the version'),
  observedBehaviour('4.8.2', 'help on standard output', 'help that was asked for goes to standard output'),
  observedBehaviour('4.4', 'error form', "error messages are 'PROGRAM: MESSAGE'"),
];
