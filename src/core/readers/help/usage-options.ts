import { NO_ARGUMENT } from '../../model/argument.ts';
import { inferred, stated } from '../../model/fact.ts';
import { makeOption, type Option, type OptionName } from '../../model/option.ts';
import type { UsageOption, UsageReading } from '../../notation/usage-reading.ts';
import { isLetterRepeated } from './joined-entries.ts';

/**
 * The options that only the synopses show. `known` are the names of the options that lists declare: what a synopsis
 * repeats of those is left out, and a word such as `-abc` is a group of letters unless a list has it as a name, or it is one of
 * `words`.
 */
export function usageOnlyOptions(
  readings: readonly UsageReading[],
  known: ReadonlySet<string>,
  words: ReadonlySet<string> = new Set(),
): Option[] {
  const made = new Map<string, Option>();
  const spelling = spellings(readings);
  const shown = readings.flatMap((reading) => reading.options);
  const hasWords = shown.filter(isWord).length >= MIN_WORDS;
  const minKnown = areLettersAndLong(known) ? MIN_KNOWN_OF_LETTERS : MIN_KNOWN;
  for (const usage of shown) {
    for (const option of expand(usage, { known, words, hasWords, minKnown })) {
      const name = option.names[0];
      if (name === undefined || known.has(name.text) || made.has(name.text)) continue;
      // `[-options]`, where a list declares them.
      if (known.size > 0 && ANY_OPTION.test(name.text)) continue;
      const same = [...(spelling.get(name.text) ?? [])];
      const other = same.map((spelled) => made.get(spelled)).find((one) => one !== undefined);
      if (other !== undefined) {
        const isShown = option.argument?.basis === 'stated';
        const joined = {
          ...other,
          names: [...other.names, ...option.names],
          negatedNames: [...other.negatedNames, ...option.negatedNames],
          argument: isShown ? option.argument : (other.argument ?? option.argument),
        };
        for (const { text } of joined.names) made.set(text, joined);
      } else if (!same.some((spelled) => known.has(spelled))) {
        made.set(name.text, option);
      }
    }
  }
  return [...new Set(made.values())];
}

const ANY_OPTION = /^--?(?:options?|more_options|switch(?:es)?|flags?)$/i;

/** More names than these are not spellings of one option. */
const MAX_SPELLINGS = 20;

/** For each name that a bar shows to be a spelling of another, the names that are one with it. */
function spellings(readings: readonly UsageReading[]): ReadonlyMap<string, ReadonlySet<string>> {
  const groups = new Map<string, Set<string>>();
  for (const [a, b] of readings.flatMap((reading) => reading.spellings)) {
    const joined = new Set([a, ...(groups.get(a) ?? []), b, ...(groups.get(b) ?? [])]);
    if (joined.size > MAX_SPELLINGS) continue;
    for (const name of joined) groups.set(name, joined);
  }
  return groups;
}

/** So many of the letters that a list declares make a word a group of letters. */
const MIN_KNOWN = 0.75;

/** So many do where the list has no name of several letters behind one hyphen. */
const MIN_KNOWN_OF_LETTERS = 0.6;

/** Whether none of some names has several letters behind one hyphen. */
function areLettersAndLong(names: ReadonlySet<string>): boolean {
  for (const name of names) if (/^-[^-]./.test(name)) return false;
  return true;
}

function shareKnown(letters: string, known: ReadonlySet<string>): number {
  return [...letters].filter((letter) => known.has(`-${letter}`)).length / letters.length;
}

/** Whether what stands behind letters as their argument is one more of them: `-bcdefx#`. */
function isMoreOfGroup({ declared, argument }: UsageOption): boolean {
  const [word, ...others] = argument?.words ?? [];
  return declared.text.length > MAX_OF_A_WORD && others.length === 0 && word?.placeholder?.value === '#';
}

/** A hyphen and so many letters that a number stands behind may be a name of several letters. */
const MAX_OF_A_WORD = 4;

/** So many words behind one hyphen in the synopses: then others are words too. */
const MIN_WORDS = 2;

/** Whether a name behind one hyphen can be no group of letters: `-from_quay`, `-sort KEY`, `-geeky`. */
function isWord({ declared: { text, form }, argument }: UsageOption): boolean {
  if (form !== 'single-hyphen-long' || isLetterRepeated(text)) return false;
  const name = text.slice(1).toLowerCase();
  return (argument !== undefined && name.length > 2) || /[_-]/.test(name) || new Set(name).size < name.length;
}

/** Whether letters stand in the order of the alphabet, as groups of them mostly do; two do so by chance. */
function isInOrder(letters: string): boolean {
  const lower = letters.toLowerCase();
  return [...lower].sort().join('') === lower;
}

/** What the words of a synopsis behind one hyphen are held against. */
interface LetterEvidence {
  readonly known: ReadonlySet<string>;
  readonly words: ReadonlySet<string>;
  readonly hasWords: boolean;
  /** The share of the letters that the list must declare. */
  readonly minKnown: number;
}

function expand(usage: UsageOption, { known, words, hasWords, minKnown }: LetterEvidence): Option[] {
  const { declared, place } = usage;
  // `[-vvv]` is a letter of the list given several times.
  if (isLetterRepeated(declared.text) && known.has(declared.text.slice(0, 2))) return [];
  const isPlaceheld = usage.argument !== undefined && !isMoreOfGroup(usage);
  const letters = `${declared.text.slice(1)}${usage.argument !== undefined && !isPlaceheld ? '#' : ''}`;
  const different = new Set(letters).size;
  const isGroup =
    declared.form === 'single-hyphen-long' &&
    !isPlaceheld &&
    /^[A-Za-z0-9]+#?$/.test(letters) &&
    !known.has(declared.text) &&
    !words.has(declared.text) &&
    (different === letters.length || (different > 2 && known.size > 0)) &&
    (known.size > 0 || !hasWords || (letters.length > 2 && isInOrder(letters))) &&
    (known.size === 0 || letters.endsWith('#') || shareKnown(letters, known) >= minKnown);
  if (isGroup) {
    return [...letters].map((letter, i) => {
      const at = {
        ...place,
        start: place.start + 1 + i,
        end: place.start + 2 + i,
      };
      return makeOption({
        names: [{ text: `-${letter}`, form: 'short', argument: undefined, place: at }],
        argument: stated(NO_ARGUMENT, at),
        place: at,
      });
    });
  }
  // `[-vvv]` alone is a letter that may be given several times.
  const isLetter = !hasWords && isLetterRepeated(declared.text) && usage.argument === undefined;
  const name: OptionName = {
    text: isLetter ? declared.text.slice(0, 2) : declared.text,
    form: isLetter ? 'short' : declared.form,
    argument: undefined,
    place,
  };
  const negatedNames: OptionName[] =
    declared.negated === undefined
      ? []
      : [{ text: declared.negated, form: 'long', argument: undefined, place }];
  const argument =
    usage.argument === undefined ? inferred(NO_ARGUMENT, place) : stated(usage.argument, place);
  return [makeOption({ names: [name], negatedNames, argument, place })];
}
