/** The spellings of each unit of time and of size; the first is what it is called. */
const UNITS = [
  ['nanoseconds', 'nanosecond', 'ns'],
  ['microseconds', 'microsecond', 'us'],
  ['milliseconds', 'millisecond', 'millis', 'msecs', 'msec', 'ms'],
  ['seconds', 'second', 'secs', 'sec'],
  ['minutes', 'minute', 'mins', 'min'],
  ['hours', 'hour', 'hrs', 'hr'],
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
  ['kilometres', 'kilometers', 'km'],
  ['inches', 'inch'],
  ['feet'],
  ['pixels', 'pixel', 'px'],
  ['grams', 'gram', 'grammes', 'gramme'],
  ['kilograms', 'kilogram', 'kilogrammes', 'kg'],
  ['tonnes', 'tonne', 'tons'],
  ['pounds', 'lbs', 'lb'],
  ['ounces', 'ounce', 'oz'],
  ['litres', 'liters', 'litre', 'liter'],
  ['millilitres', 'milliliters', 'ml'],
  ['gallons', 'gallon'],
  ['knots', 'knot', 'kn'],
  ['hertz', 'hz'],
  ['kilohertz', 'khz'],
  ['megahertz', 'mhz'],
] as const;

/** Units of time, of size, of length, of weight, of volume and of frequency. */
const KINDS: readonly ReadonlySet<string>[] = [
  new Set(['nanoseconds', 'microseconds', 'milliseconds', 'seconds', 'minutes', 'hours', 'days', 'weeks']),
  new Set(['bits', 'bytes', 'kilobytes', 'megabytes', 'gigabytes']),
  new Set(['millimetres', 'centimetres', 'metres', 'kilometres', 'inches', 'feet', 'pixels']),
  new Set(['grams', 'kilograms', 'tonnes', 'pounds', 'ounces']),
  new Set(['litres', 'millilitres', 'gallons']),
  new Set(['hertz', 'kilohertz', 'megahertz']),
];

const NAMES: ReadonlyMap<string, string> = new Map(
  UNITS.flatMap((spellings) => spellings.map((spelling) => [spelling, spellings[0]])),
);

/** The unit that a word names, as a placeholder may; undefined where it names none. */
export function unitCalled(word: string): string | undefined {
  return NAMES.get(word.toLowerCase());
}

/** Whether two units measure one thing, and are not the same. */
export function areOtherUnits(a: string, b: string): boolean {
  return a !== b && KINDS.some((kind) => kind.has(a) && kind.has(b));
}

/** All spellings, as a pattern. */
const SPELLED = [...NAMES.keys()].join('|');

/** `in seconds`, `5 seconds`, `(bytes)`, `at most this many days` */
const TOLD = new RegExp(`(?:\\bin |\\d ?|\\(|\\bmany |\\bof |\\ba number of )(${SPELLED})\\b`, 'gi');

/** `how many seconds`, `number of days`, `in bytes`, `for so many hours`, `Minutes to wait`: what is counted, and no number of something else. */
const COUNTED = new RegExp(
  `(?:\\b(?:how many|so many|this many|that many|number of|in) (${SPELLED})|^(${SPELLED})(?= (?:to|before|between|after|until)))\\b`,
  'gi',
);

/** The unit in which a text tells a number; undefined where it tells none, or several. */
export function toldUnit(text: string): string | undefined {
  return onlyUnit(text, TOLD);
}

/** The unit in which a text says that its number is counted; undefined where it says none, or several. */
export function countedUnit(text: string): string | undefined {
  return onlyUnit(text, COUNTED);
}

function onlyUnit(text: string, pattern: RegExp): string | undefined {
  const units = new Set(
    [...text.matchAll(pattern)].map(([, unit = '', first = unit]) => NAMES.get(first.toLowerCase())),
  );
  const [unit, other] = units;
  return other === undefined ? unit : undefined;
}
