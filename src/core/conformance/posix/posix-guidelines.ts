import type { Rule } from '../rule.ts';
import { guideline1 } from './guideline-01.ts';
import { guideline2 } from './guideline-02.ts';
import { guideline3 } from './guideline-03.ts';
import { guideline4 } from './guideline-04.ts';
import { guideline5 } from './guideline-05.ts';
import { guideline6 } from './guideline-06.ts';
import { guideline7 } from './guideline-07.ts';
import { guideline8 } from './guideline-08.ts';
import { guideline9 } from './guideline-09.ts';
import { guideline10 } from './guideline-10.ts';
import { guideline11 } from './guideline-11.ts';
import { guideline12 } from './guideline-12.ts';
import { guideline13 } from './guideline-13.ts';
import { guideline14 } from './guideline-14.ts';

/** POSIX XBD 12.2, Guidelines 1 to 14. */
export const POSIX_GUIDELINES: readonly Rule[] = [
  guideline1,
  guideline2,
  guideline3,
  guideline4,
  guideline5,
  guideline6,
  guideline7,
  guideline8,
  guideline9,
  guideline10,
  guideline11,
  guideline12,
  guideline13,
  guideline14,
];
