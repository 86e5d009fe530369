import type { Option } from 'commander';
import { repeatedOption } from './repeated-option.ts';

/** The option for words that call the program beside its name. */
export function calledAsOption(): Option {
  return repeatedOption('--called-as <WORDS>', "words that call the program too, such as 'bin/run tiffin'");
}
