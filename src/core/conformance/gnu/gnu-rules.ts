import type { Rule } from '../rule.ts';
import { bugAddress } from './bug-address.ts';
import { customaryNames } from './customary-names.ts';
import { endOfOptions } from './end-of-options.ts';
import { longEquivalents } from './long-equivalents.ts';
import { errorForm, helpOnStandardOutput, versionForm } from './observed-behaviour.ts';
import { optionsAmongOperands } from './options-among-operands.ts';
import { outputByOption } from './output-by-option.ts';
import { standardOption } from './standard-option.ts';

/** What the GNU Coding Standards ask for in 4.4 and 4.8. */
export const GNU_RULES: readonly Rule[] = [
  standardOption('--help', '4.8.2'),
  standardOption('--version', '4.8.1'),
  longEquivalents,
  customaryNames,
  outputByOption,
  optionsAmongOperands,
  endOfOptions,
  bugAddress,
  versionForm,
  helpOnStandardOutput,
  errorForm,
];
