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

/** `in seconds`, `5 seconds`, `(bytes)`, `at most this many days` */
const TOLD = new RegExp(
  `(?:\\bin |\\d ?|\\(|\\bmany |\\bof |\\ba number of )(${[...NAMES.keys()].join('|')})\\b`,
  'gi',
);

/** The unit in which a text tells a number; undefined where it tells none, or several. */
export function toldUnit(text: string): string | undefined {
  const units = new Set([...text.matchAll(TOLD)].map(([, unit = '']) => NAMES.get(unit.toLowerCase())));
  const [unit, other] = units;
  return other === undefined ? unit : undefined;
}
