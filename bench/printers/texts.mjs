// Texts of generated interfaces: nought to eighty words, with what makes texts hard to tell from notation.
import { LINKS, MATTERS, QUALITIES, THINGS, VERBS } from './words.mjs';

/** How many words a text has, least and most, and how often in a hundred. */
const LENGTHS = [
  { least: 0, most: 0, often: 8 },
  { least: 2, most: 6, often: 34 },
  { least: 7, most: 14, often: 34 },
  { least: 15, most: 40, often: 18 },
  { least: 41, most: 80, often: 6 },
];

/** What texts hold beside words. Each is given a name of an option of the same command. */
const SALTS = [
  (name) => `(see ${name})`,
  (name) => `unless ${name} is given`,
  (_name, random) => `up to ${random.below(90) + 2} at once`,
  () => '(in litres, not gallons)',
  () => 'note: this takes time',
  () => '"as it is"',
  () => "'twice'",
  () => 'see https://quay.example/boxes?day=2',
  () => 'e.g. 10:30',
  () => 'well-known and up-to-date',
  () => 'such as *.txt or /srv/quay',
  () => 'A/B',
  () => '[experimental]',
  () => '100% of it',
  () => 'one; two; three',
];

/** What a printer could have written, in a text that a person wrote. Counted apart. */
const IMITATIONS = [
  (name) => `${name} does the same`,
  () => '[default: often]',
  () => '(default: as before)',
  () => '(choices: this, that)',
  () => '[possible values: this, that]',
  () => '[env: NOWHERE=]',
  () => '(required)',
  () => '[required]',
  () => '[string]',
  () => 'usage: as before',
  () => '<none>',
  () => '{one,two}',
];

/** How many words a text is to have. */
function length(random) {
  let at = random.below(100);
  for (const { least, most, often } of LENGTHS) {
    if (at < often) return least + random.below(most - least + 1);
    at -= often;
  }
  return 5;
}

/** A text about nothing in particular; `names` are options that it may speak of. An imitation is told as such. */
export function makeText(random, names, isImitating) {
  const wanted = length(random);
  if (wanted === 0) return isImitating ? random.pick(IMITATIONS)(random.pick(names)) : '';
  const words = [random.pick(VERBS)];
  while (words.length < wanted) words.push(...phrase(random).split(' '));
  words.length = wanted;
  if (wanted > 3 && random.once(3)) words.push(...salt(random, names).split(' '));
  if (isImitating) words.push(random.pick(IMITATIONS)(random.pick(names)));
  const text = words.join(' ');
  const isSentence = random.once(3);
  if (!isSentence) return text;
  return `${text[0].toUpperCase()}${text.slice(1)}.`;
}

function salt(random, names) {
  return random.pick(SALTS)(random.pick(names), random);
}

function phrase(random) {
  const quality = random.once(3) ? `${random.pick(QUALITIES)} ` : '';
  const thing = random.once(3) ? random.pick(MATTERS) : random.pick(THINGS);
  return `the ${quality}${thing} ${random.pick(LINKS)}`;
}

/** A short text without salt: a summary of a command or the help of a value. Never empty. */
export function makeSummary(random) {
  const words = [random.pick(VERBS)];
  const wanted = 2 + random.below(8);
  while (words.length < wanted) words.push(...phrase(random).split(' '));
  words.length = wanted;
  return words.join(' ');
}
