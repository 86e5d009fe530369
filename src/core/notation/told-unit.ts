/** The spellings of each unit of time and of size; the first is what it is called. */
const UNITS = [
  ['nanoseconds', 'nanosecond', 'ns'],
  ['microseconds', 'microsecond', 'us'],
  ['milliseconds', 'millisecond', 'millis', 'ms'],
  ['seconds', 'second', 'secs', 'sec'],
  ['minutes', 'minute', 'mins', 'min'],
  ['hours', 'hour', 'hrs'],
  ['days', 'day'],
  ['weeks', 'week'],
  ['bits', 'bit'],
  ['bytes', 'byte', 'octets'],
  ['kilobytes', 'kilobyte', 'kbytes', 'kb', 'kib'],
  ['megabytes', 'megabyte', 'mbytes', 'mb', 'mib'],
  ['gigabytes', 'gigabyte', 'gbytes', 'gb', 'gib'],
  ['percent', 'per cent'],
  ['millimetres', 'millimeters', 'mm'],
  ['centimetres', 'centimeters', 'cm'],
  ['metres', 'meters'],
  ['pixels', 'pixel', 'px'],
] as const;

const NAMES: ReadonlyMap<string, string> = new Map(
  UNITS.flatMap((spellings) => spellings.map((spelling) => [spelling, spellings[0]])),
);

/** The unit that a word names, as a placeholder may; undefined where it names none. */
export function unitCalled(word: string): string | undefined {
  return NAMES.get(word.toLowerCase());
}

/** `in seconds`, `5 seconds`, `(bytes)`, `at most this many days` */
const TOLD = new RegExp(
  `(?:\\bin |\\d ?|\\(|\\bmany |\\bof |\\ba number of )(${[...NAMES.keys()].join('|')})\\b`,
  'gi',
);

/** `how many seconds`, `number of days`, `in bytes`: what is counted, and no number of something else. */
const COUNTED = new RegExp(`\\b(?:how many|number of|in) (${[...NAMES.keys()].join('|')})\\b`, 'gi');

/** The unit in which a text tells a number; undefined where it tells none, or several. */
export function toldUnit(text: string): string | undefined {
  return onlyUnit(text, TOLD);
}

/** The unit in which a text says that its number is counted; undefined where it says none, or several. */
export function countedUnit(text: string): string | undefined {
  return onlyUnit(text, COUNTED);
}

function onlyUnit(text: string, pattern: RegExp): string | undefined {
  const units = new Set([...text.matchAll(pattern)].map(([, unit = '']) => NAMES.get(unit.toLowerCase())));
  const [unit, other] = units;
  return other === undefined ? unit : undefined;
}
