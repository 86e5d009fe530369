import type { Range } from '../../../model/argument.ts';
import type { Entry } from '../../../structured/shape/collection.ts';
import { either, mapped } from '../../../structured/shape/lists.ts';
import { type AnyRecord, type PlacedRecord, record, type SaidOf } from '../../../structured/shape/record.ts';
import {
  boolean,
  choice,
  nothing,
  number,
  pattern,
  text,
  trueOnly,
} from '../../../structured/shape/scalars.ts';
import { defined, described, named, type Placed, type Shape } from '../../../structured/shape/shape.ts';
import { entries } from './entries.ts';

/** Help text: a text, or nothing where there is known to be none. */
export const help = defined(
  'help',
  described(either(text, nothing), 'The help text; left empty where it is known that there is none.'),
);

const DEPRECATION_FIELDS = {
  since: described(text, 'The version that deprecated it.'),
  'replaced-by': described(text, 'What to use instead.'),
};

export type DeprecationRecord = PlacedRecord<typeof DEPRECATION_FIELDS>;

/** A deprecation: `true`, or since when and what takes its place. */
export const deprecated = defined(
  'deprecated',
  described(
    either(trueOnly, record('a mapping with since and replaced-by', DEPRECATION_FIELDS)),
    'That it is deprecated: true, or a mapping that says since when and what to use instead.',
  ),
);

export const hidden = described(boolean, 'Whether help and completion leave it out.');

const VALUE_FIELDS = { help, hidden, deprecated };

export type ValueRecord = PlacedRecord<typeof VALUE_FIELDS>;

const values = defined(
  'values',
  described(
    entries({
      expected: 'a list of values, or a mapping from value to help',
      one: 'an allowed value',
      fields: VALUE_FIELDS,
      short: 'help',
      nameKey: 'value',
    }),
    'The allowed values: a list of words, or a mapping from word to its help.',
  ),
);

/** A number of times: `2`, `0..1`, `1..` for once or more. */
export const count = described(
  pattern('a count such as 2, 0..1 or 1..', '(\\d{1,9})(\\.\\.(\\d{1,9})?)?', ([, least, dots, most]) => ({
    least: Number(least),
    most: dots === undefined ? Number(least) : most === undefined ? null : Number(most),
  })),
  'How many words there may be: 2, 0..1, or 1.. for one or more.',
);

const NUMBER = '-?\\d{1,15}(?:\\.\\d{1,15})?';
const bound = either(number, choice('none'));

const range: Shape<Placed<Range>> = defined(
  'range',
  described(
    either(
      pattern(
        'a range such as 1..100',
        `(${NUMBER})\\.\\.(${NUMBER})`,
        ([, least, most]): Range => ({ least: Number(least), most: Number(most) }),
      ),
      mapped(
        record('a mapping with least and most', { least: bound, most: bound }),
        ({ said, place }): Placed<Range> => ({
          value: { least: boundValue(said.least?.value), most: boundValue(said.most?.value) },
          place,
        }),
      ),
    ),
    'The bounds of a number: 1..100, or a mapping of least and most, where none is no bound.',
  ),
);

function boundValue(said: number | 'none' | undefined): number | null | undefined {
  return said === 'none' ? null : said;
}

const OWN_FIELDS = {
  placeholder: described(
    either(text, nothing),
    'What usage and help call the word, such as FILE; left empty where they do not name it.',
  ),
  type: described(
    choice(
      'text',
      'integer',
      'number',
      'boolean',
      'file',
      'directory',
      'duration',
      'size',
      'date',
      'address',
      'command',
      'pairs',
    ),
    'What kind of word it is; pairs are words such as KEY=VALUE.',
  ),
  values,
  range,
  default: described(text, 'The value that counts where none is given.'),
  separator: described(text, 'The separator between several values in one word.'),
  completion: described(
    choice('values', 'files', 'directories', 'commands', 'users', 'hosts', 'nothing'),
    'What shell completion is to offer.',
  ),
};

/** What a document says of one word. */
export interface WordRecord extends AnyRecord {
  readonly said: SaidOf<typeof OWN_FIELDS> & { readonly keys?: Placed<readonly Entry<KeyRecord>[]> };
}

/** What a document says of a known key of words such as KEY=VALUE. */
export interface KeyRecord extends AnyRecord {
  readonly said: { readonly help?: Placed<string | null>; readonly value?: WordRecord };
}

const keys: Shape<Placed<readonly Entry<KeyRecord>[]>> = named(
  'keys',
  ['mapping', 'list'],
  'a mapping from key to help',
  () =>
    described(
      entries({
        expected: 'a mapping from key to help',
        one: 'a key',
        fields: { help, value: word },
        short: 'help',
        nameKey: 'key',
      }),
      'The known keys of words such as KEY=VALUE.',
    ),
);

/** What can be said of one word: an operand, or a word of an option-argument. */
export const WORD_FIELDS = { ...OWN_FIELDS, keys };

/** A word described by a mapping. */
export const word: Shape<WordRecord> = named('word', ['mapping'], 'a mapping that describes a word', () =>
  record('a mapping that describes a word', WORD_FIELDS),
);
