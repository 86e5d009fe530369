import { CATALOGUE_VERSION } from '../checks/catalogue.ts';
import type { Check } from '../checks/define-check.ts';
import { parser, parsing } from '../readers/document/format/parsing-format.ts';
import { list, oneOrMore } from '../structured/shape/lists.ts';
import { record } from '../structured/shape/record.ts';
import { choice, pattern, text } from '../structured/shape/scalars.ts';
import { defined, described } from '../structured/shape/shape.ts';
import { table } from '../structured/shape/table.ts';
import { wordsForChecks } from './selection.ts';

/** The version of the format, the value of the key that makes a file one with settings. */
const SETTINGS_VERSION = '1';

/** The name of the file with settings, looked for in the working directory and those above it. */
export const SETTINGS_FILE = 'dabbawala-settings.yaml';

function levelsOf(checks: readonly Check[]) {
  return defined(
    'levels',
    described(
      table('a mapping from checks or areas to levels', choice('error', 'warning', 'note', 'off'), {
        keys: [...wordsForChecks(checks)],
        one: 'a check or an area',
      }),
      'The level of the findings of a check, or of all checks of an area; off runs none.',
    ),
  );
}

const catalogueVersion = pattern(
  `a version of the catalogue from 1 to ${CATALOGUE_VERSION}`,
  '[0-9]{1,3}',
  ([version]) => {
    const number = Number(version);
    return number >= 1 && number <= CATALOGUE_VERSION ? number : undefined;
  },
);

const WORDS_FIELDS = {
  'same-meaning': described(
    list(list(text, 'a list of words that mean the same')),
    'Groups of names and words that mean the same.',
  ),
  verbs: described(list(text), 'What commands that do something are called.'),
  'short-forms': described(
    table('a mapping from words to their short forms', oneOrMore(text)),
    'Words that people cut short, each with its short forms.',
  ),
  'likely-options': described(list(text), 'Long names that a later version may well have.'),
};

/** The fields that say the same whatever checks there are. */
const FIELDS = {
  'dabbawala-settings': described(choice(SETTINGS_VERSION), 'The version of this format.'),
  catalogue: described(
    catalogueVersion,
    'The version of the catalogue to use: later checks, and levels raised later, do not apply.',
  ),
  'fail-on': described(
    choice('error', 'warning', 'note', 'never'),
    'The least level of a finding that makes the exit status 1.',
  ),
  claims: described(oneOrMore(choice('posix', 'gnu')), 'The standards that the programs claim to follow.'),
  family: described(
    oneOrMore(text),
    'Sources of the other programs in the family, whose names are compared. Paths are relative to this file.',
  ),
  accepted: described(text, 'The file with accepted findings; a path from this file.'),
  words: described(
    record('a mapping of word lists', WORDS_FIELDS, { facts: false }),
    'Words that are added to the lists that the checks go by.',
  ),
  checks: described(
    oneOrMore(text),
    'Modules with further checks; paths from this file. They are run, so only a file that --settings names may have them.',
  ),
  parser,
  parsing,
};

/** A whole file of settings, where these checks are known. */
export function settingsFormat(checks: readonly Check[]) {
  const levels = levelsOf(checks);
  const commands = described(
    table(
      'a mapping from command paths to settings',
      record('a mapping with levels and parsing', { levels, parsing }, { facts: false }),
    ),
    'What is set for a command, such as tiffin box, and those below it.',
  );
  return record(
    'a mapping with the key dabbawala-settings',
    { ...FIELDS, levels, commands },
    { required: ['dabbawala-settings'], facts: false },
  );
}
