// Defaults, values and ranges that contradict each other.
import { hasValues, isFlag, isNumber, optionWhere } from '../choosing.mjs';

export const DEFAULT_FAULTS = {
  'default not among the values': (from, random) => {
    const option = optionWhere(from, random, hasValues);
    if (option === undefined) return undefined;
    option.default = random.pick(['plain', 'tidy', 'short', 'usual']);
    return [option.default];
  },
  'default out of range': (from, random) => {
    const option = optionWhere(from, random, ({ most }) => most !== '');
    if (option === undefined) return undefined;
    option.default = random.once(2)
      ? String(Number(option.most) + 1 + random.below(9))
      : String(Number(option.least) - 1);
    return [option.default, `--${option.long}`];
  },
  'default is no number': (from, random) => {
    const option = optionWhere(from, random, ({ most }) => most !== '');
    if (option === undefined) return undefined;
    option.default = 'plenty';
    return ['plenty'];
  },
  'two defaults': (from, random) => {
    const option = optionWhere(from, random, (one) => isNumber(one) && one.default !== '');
    if (option === undefined) return undefined;
    const other = String(Number(option.default) + 1 + random.below(7));
    option.help += random.pick([
      `, ${other} by default`,
      ` (${other} unless told otherwise)`,
      `; defaults to ${other}`,
      `; ${other} if left out`,
      `. The default is ${other}.`,
      `; if it is not given, ${other} is used`,
      `; without it, ${other}`,
    ]);
    return [other, `--${option.long}`];
  },
  'two defaults, of words': (from, random) => {
    const option = optionWhere(from, random, (one) => hasValues(one) && one.default !== '');
    if (option === undefined) return undefined;
    const other = option.values.find((value) => value !== option.default);
    option.help += random.pick([
      `, ${other} by default`,
      `; defaults to ${other}`,
      `. The default is ${other}.`,
      `; ${other} is the default`,
      ` ('${other}' unless given)`,
      `; normally ${other}`,
    ]);
    return [other, `--${option.long}`];
  },
  'the epilogue tells another default': (from, random) => {
    const option = optionWhere(from, random, (one) => one.default !== '');
    if (option === undefined) return undefined;
    const other = isNumber(option)
      ? String(Number(option.default) + 3)
      : option.values.find((value) => value !== option.default);
    from.epilogue.push(
      random.pick([
        `Without --${option.long}, ${other} is used.`,
        `If --${option.long} is not given, ${other} is taken.`,
        `The default of --${option.long} is ${other}.`,
        `--${option.long} defaults to ${other}.`,
      ]),
    );
    return [other, `--${option.long}`];
  },
  'range upside down': (from, random) => {
    const option = optionWhere(
      from,
      random,
      ({ most, least }) => most !== '' && Number(least) < Number(most),
    );
    if (option === undefined) return undefined;
    [option.least, option.most] = [option.most, option.least];
    return [`--${option.long}`, option.least];
  },
  'two ranges': (from, random) => {
    const option = optionWhere(from, random, ({ most }) => most !== '');
    if (option === undefined) return undefined;
    const most = Number(option.most) + 10;
    option.help += random.pick([
      `, at most ${most}`,
      `, from ${option.least} to ${most}`,
      `; between ${option.least} and ${most}`,
      `; no more than ${most}`,
    ]);
    return [String(most), `--${option.long}`];
  },
  'a value told that does not exist': (from, random) => {
    const option = optionWhere(from, random, hasValues);
    if (option === undefined) return undefined;
    const wrong = random.pick(['purple', 'brief', 'tall']);
    option.help += random.pick([
      `; ${wrong} is for those in a hurry`,
      `; '${wrong}' means what the office wants`,
      ` (${wrong} for a short one)`,
      `. Use ${wrong} for the harbour.`,
      `; ${wrong}: what the office wants`,
    ]);
    return [wrong];
  },
  'another list of values in the text': (from, random) => {
    const option = optionWhere(from, random, hasValues);
    if (option === undefined) return undefined;
    const [first, second] = option.values;
    option.help += random.pick([
      `: ${first}, ${second} or purple`,
      ` (${first}, ${second}, purple)`,
      `; one of ${first}, ${second} and purple`,
      `: ${first}|${second}|purple`,
    ]);
    return ['purple'];
  },
  'a unit that is not told': (from, random) => {
    const option = optionWhere(from, random, (one) => isNumber(one) && /timeout|interval/.test(one.long));
    if (option === undefined) return undefined;
    option.placeholder = random.pick(['N', 'TIME', 'NUM', 'T']);
    option.help = random.pick([
      'give up on a carrier after this time',
      'how long to wait for the ferry',
      'timeout of a call',
    ]);
    return [`--${option.long}`];
  },
  'a default of a flag that takes none': (from, random) => {
    const option = optionWhere(from, random, isFlag);
    if (option === undefined) return undefined;
    option.default = random.pick(['12', 'north', 'quay.txt']);
    return [`--${option.long}`];
  },
};
