import { WORDS_A_TO_C } from './common-words-a-c.ts';
import { WORDS_D_TO_L } from './common-words-d-l.ts';
import { WORDS_M_TO_R } from './common-words-m-r.ts';
import { WORDS_S_TO_Z } from './common-words-s-z.ts';

/** Words of seven letters and more that many helps and manual pages have, and how they are spelled. */
export const COMMON_WORDS: ReadonlySet<string> = new Set(
  [WORDS_A_TO_C, WORDS_D_TO_L, WORDS_M_TO_R, WORDS_S_TO_Z].join(' ').trim().split(/\s+/),
);
