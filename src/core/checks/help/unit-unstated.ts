import { listNames } from '../../messages/wording.ts';
import type { ValueWord } from '../../model/argument.ts';

import { longNames, type Option } from '../../model/option.ts';
import { nameWords } from '../../words/name-words.ts';
import { defineCheck } from '../define-check.ts';
import { type FaultyOptions, reportFaultyOptions } from '../faulty-options.ts';

/** Last words of names of options that take a length of time. */
const TIMES: readonly string[] = [
  'timeout',
  'interval',
  'delay',
  'wait',
  'duration',
  'ttl',
  'age',
  'lifetime',
  'period',
  'grace',
  'pause',
  'sleep',
  'expire',
  'expires',
  'expiry',
  'keepalive',
  'linger',
  'cooldown',
];

/** Last words of names whose numbers are measured in something. */
const MEASURED: ReadonlySet<string> = new Set([
  ...TIMES,
  'size',
  'memory',
  'bandwidth',
  'rate',
  'bitrate',
  'width',
  'height',
  'speed',
  'throughput',
  'length',
]);

const UNIT =
  /\b(?:seconds?|secs?|s|milliseconds?|millis|ms|microseconds?|us|[mun]secs?|nanoseconds?|ns|minutes?|mins?|hours?|hrs?|days?|weeks?|months?|years?|bytes?|octets?|bits?|[kmgt]i?b(?:ytes?)?|kilobytes?|megabytes?|gigabytes?|blocks?|lines?|columns?|characters?|chars?|pixels?|px|points?|pt|percent|[kmgt]?bps|hz|per|frames?|pages?|entries|items|records|rows|sectors?|samples?|digits?|words?|suffix(?:es)?|units?|duration|times|hops?|litres?|cm|mm|inch(?:es)?)\b|\bin (?:[a-z]+ )?[a-z]+s\b|\b(?:number|count|amount) of [a-z]|%/i;

/** One finding for each command with options that take a number of what is not said. */
export const unitUnstated = defineCheck({
  name: 'help/unit-unstated',
  level: 'note',
  title: 'A number for a time, size or rate has no unit',
  why: 'Seconds or milliseconds, bytes or blocks: a wrong guess is off by a factor of a thousand, with no error message.',
  standard: 'practice',
  needs: ['the options that take a number'],
  since: 4,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]...\n\n  --timeout=N  how long a carrier may be late\n  --map        draw a map\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  --timeout=MINUTES  how long a carrier may be late\n  --map        draw a map\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --timeout=N  minutes that a carrier may be late\n  --age=NAME   which age to print\n',
  },
  judge: (view, report) =>
    reportFaultyOptions(view, report, {
      among: (option) => takesNumber(option) && isMeasured(option),
      isAtFault: (option) => !saysUnit(option),
    }),
  apart: true,
  message: ({ names }: FaultyOptions) =>
    `${listNames(names)} ${names.length === 1 ? 'takes' : 'take'} a number without a unit`,
  fix: () => 'name the unit in the placeholder, such as SECONDS or BYTES',
});

function takesNumber(option: Option): boolean {
  const [word, ...others] = option.argument?.value.words ?? [];
  if (word === undefined || others.length > 0) return false;
  const { type, placeholder, range, default: literal } = word;
  // A width of 80 has its unit from custom; a time of 30 has none.
  const isTold = range !== undefined || /^\d+$/.test(literal?.value ?? '');
  return (
    type?.value === 'integer' ||
    type?.value === 'number' ||
    (isTold && (endsIn(option, (end) => TIMES.includes(end)) || VAGUE.test(placeholder?.value ?? ''))) ||
    (SIZED.test(longNames(option)[0]?.text ?? '') && Number(literal?.value ?? '') >= MIN_BYTES) ||
    /^[<[]?(?:n|num|number|int|integer|count|uint\d*|float)[>\]]?$/i.test(placeholder?.value ?? '')
  );
}

/** Words that stand for what is measured, in whatever unit. */
const VAGUE =
  /^[<[]?(?:time|timeout|delay|interval|period|wait|duration|age|ttl|length|distance|weight|temperature|volume|speed)[>\]]?$/i;

/** Names of sizes in memory or on a disk; those of a batch or a page are counted in other things. */
const SIZED =
  /^--(?:(?:max|min|limit|buffer|block|file|cache|log|memory|chunk|heap|stack|disk|upload)-){0,2}size$/;

/** A default of so much is one of bytes, or of blocks. */
const MIN_BYTES = 1000;

/** Names that compare an age. */
const AGED = /^--(?:older|newer|younger)(?:-than)?$/;

function isMeasured(option: Option): boolean {
  const [word] = option.argument?.value.words ?? [];
  return (
    endsIn(option, (end) => MEASURED.has(end)) ||
    VAGUE.test(word?.placeholder?.value ?? '') ||
    option.names.some(({ text }) => AGED.test(text)) ||
    /^how long\b/i.test(option.help?.value ?? '')
  );
}

function isBareDuration(word: ValueWord | undefined): boolean {
  return (
    /^[<[]?duration[>\]]?$/i.test(word?.placeholder?.value ?? '') &&
    /^[1-9]\d*$/.test(word?.default?.value ?? '')
  );
}

/** Whether the last word of a long name is such a one. */
function endsIn({ names }: Option, isSuch: (end: string) => boolean): boolean {
  const words = names.filter(({ form }) => form !== 'short');
  return words.some(({ text }) => isSuch(nameWords(text.toLowerCase()).at(-1) ?? ''));
}

function saysUnit({ help, argument, names }: Option): boolean {
  const word = argument?.value.words[0];
  // `duration` tells that there is a unit, and `30` that there is none.
  if (isBareDuration(word)) return false;
  const said = [
    help?.value,
    word?.placeholder?.value,
    // `--min-size` counts no minutes.
    ...names.flatMap(({ text, form }) =>
      form === 'short' ? [] : [text.replace(/^--(?:min|max)[-_]/, '').replace(/[-_]/g, ' ')],
    ),
  ];
  // A default such as 30s says the unit too.
  return (
    said.some((text) => text !== undefined && UNIT.test(text)) ||
    /\d[a-z%]/i.test(`${word?.default?.value ?? ''} ${help?.value ?? ''}`)
  );
}
