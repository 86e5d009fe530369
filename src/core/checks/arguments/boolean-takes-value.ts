import { countOf, listNames } from '../../messages/wording.ts';
import { defineCheck } from '../define-check.ts';
import { type FaultyOptions, reportFaultyOptions } from '../faulty-options.ts';

/** Pairs of values that say no more than that an option is on or off. */
const PAIRS: ReadonlySet<string> = new Set(['false true', 'no yes', 'off on', '0 1']);

/** One finding for each command with options that take true or false. */
export const booleanTakesValue = defineCheck({
  name: 'arguments/boolean-takes-value',
  level: 'note',
  title: 'An option takes true or false as its argument',
  why: 'Nobody can guess whether it wants true, yes, on or 1, and callers who give it alone, like every other switch, get an error.',
  standard: 'practice',
  needs: ['the allowed values or the type of the option'],
  since: 4,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]...\n\n  --map {true,false}  draw a map\n  --quiet             say nothing\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  --[no-]map          draw a map\n  --quiet             say nothing\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --map {on,off,auto}  draw a map\n  --quiet              say nothing\n',
  },
  judge: (view, report) =>
    reportFaultyOptions(view, report, {
      isAtFault: ({ argument, sameAs }) => {
        // What stands for another option is that one's matter.
        if (sameAs !== undefined) return false;
        const [word, ...others] = argument?.value.words ?? [];
        if (word === undefined || others.length > 0 || argument?.value.presence !== 'mandatory') return false;
        const values = word.values?.value.map(({ value }) => value.toLowerCase()).sort();
        return word.type?.value === 'boolean' || PAIRS.has(values?.join(' ') ?? '');
      },
    }),
  apart: true,
  message: ({ names }: FaultyOptions) =>
    `${listNames(names)} ${names.length === 1 ? 'takes' : `(${countOf(names.length, 'option')}) take`} one of two values that mean on or off`,
  fix: ({ names }) =>
    `make ${names.length === 1 ? 'it a switch' : 'them switches'}, with a name such as '--no-x' that switches it off`,
});
