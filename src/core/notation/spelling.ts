/** Whether two names are a letter and the long name that begins with it, in either case and order (`-h`, `--help`). */
export function isLetterOf(a: string, b: string): boolean {
  const [short, long] = a.length <= b.length ? [a, b] : [b, a];
  return areLetterAndName(short, long) && sameLetter(short, long.slice(1));
}

/**
 * Whether two names beside a bar or a comma in a synopsis (`-h | --help`), `separator`, are spellings of one option rather than two
 * options: a letter and its long name; names in one bracket that a comma parts, unless both are letters (`[--colour, --color]`); any
 * letter and long name that are alone in their choice with no blanks about the bar (`-O|--sort`); or, beside a third, one letter in
 * both cases (`-c|-C|--columns`).
 */
export function areSpellings(a: string, b: string, separator: string, alternatives: number): boolean {
  if (isLetterOf(a, b)) return true;
  const [short, long] = a.length <= b.length ? [a, b] : [b, a];
  if (separator.startsWith(',')) return long.startsWith('--');
  if (!/^-[^-]$/.test(short) || separator !== '|') return false;
  return long.startsWith('--') ? alternatives === 2 : alternatives > 2 && sameLetter(short, long);
}

function sameLetter(a: string, b: string): boolean {
  return a.slice(1, 2).toLowerCase() === b.slice(1, 2).toLowerCase() && b.length !== 1;
}

/** Whether the first of two names is a letter, and the second a long name. */
export function areLetterAndName(letter: string, name: string): boolean {
  return /^-[^-]$/.test(letter) && name.startsWith('--');
}

/** A letter and a long name as the only two in a bracket, each with or without an argument: `[ -A <mask> | --set-mask=<mask> ]`. */
const LETTER_AND_NAME =
  /\[\s{0,4}(-\w)(?: <[^<>]{1,40}>)?\s{0,40}\|\s{0,4}(--\w[\w-]{0,60})(?:[ =]<[^<>]{1,40}>)?\s{0,4}\]/g;

/** Fewer brackets show no custom. */
const LEAST_BRACKETS = 3;

/** Whether a synopsis has brackets of a letter and a long name throughout, most of which begin alike: all of them are spellings then. */
export function pairsLettersWithNames(synopsis: string): boolean {
  const pairs = [...synopsis.matchAll(LETTER_AND_NAME)];
  const alike = pairs.filter(([, letter = '', name = '']) => isLetterOf(letter, name));
  return alike.length >= LEAST_BRACKETS && alike.length * 2 > pairs.length;
}

/** The same pair outside of brackets, since one of them must be given. */
const WITHOUT_BRACKETS = /(?<=^|[^[\s]\s{1,9})(-\w)(?: <[^<>]{1,40}>)?\s{1,40}\|\s{0,4}(--\w[\w-]{0,60})/g;

/** The letters and long names that a bar parts outside of brackets, each pair spellings of one option: `-i <file> | --input=<file>`. */
export function pairsOutsideBrackets(synopsis: string): [string, string][] {
  return [...synopsis.matchAll(WITHOUT_BRACKETS)].flatMap(([, letter = '', name = '']): [string, string][] =>
    isLetterOf(letter, name) ? [[letter, name]] : [],
  );
}
