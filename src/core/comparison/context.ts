import type { WordMeanings } from './abbreviations/word-meanings.ts';
import type { ChangeList } from './change-list.ts';
import type { Pairing } from './pairing/pairing.ts';

/** What all who look for changes need. */
export interface Context {
  readonly pairing: Pairing;
  readonly meanings: WordMeanings;
  readonly list: ChangeList;
}

/** What a change is about: the command, and the option, operand or value as it is typed. */
export interface About {
  readonly command: readonly string[];
  readonly subject: string;
}
