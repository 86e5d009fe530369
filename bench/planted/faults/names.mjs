// Letters and names.
import { misspelt, optionWhere } from '../choosing.mjs';

const NONE = {
  aliases: [],
  presence: 'none',
  placeholder: '',
  type: '',
  values: [],
  default: '',
  least: '',
  most: '',
  environment: '',
  flags: [],
  heading: '',
};

function add(from, ...options) {
  const names = options.map(({ long }) => long);
  const letters = options.map(({ short }) => short).filter((short) => short !== undefined && short !== '');
  for (const own of from.root.options) if (letters.includes(own.short)) own.short = '';
  from.root.options = from.root.options.filter(({ long }) => !names.includes(long));
  from.root.options.push(...options.map((option) => ({ ...NONE, short: '', ...option })));
}

export const NAME_FAULTS = {
  'a letter twice': (from, random) => {
    const option = optionWhere(from, random, ({ short }) => short !== '');
    const other = optionWhere(from, random, (one) => one !== option);
    if (option === undefined || other === undefined) return undefined;
    other.short = option.short;
    return [`-${option.short}`];
  },
  'a name twice': (from, random) => {
    const option = optionWhere(from, random);
    from.root.options.push({ ...option, short: '', help: 'paint the gangway green' });
    return [`--${option.long}`];
  },
  '-v is quiet': (from) => {
    add(
      from,
      { short: 'v', long: 'quiet', help: 'print errors only' },
      { short: 'q', long: 'verbose', help: 'tell each step' },
    );
    return ['-v', '-q'];
  },
  '-h is not help': (from) => {
    add(from, {
      short: 'h',
      long: 'height',
      presence: 'mandatory',
      placeholder: 'METRES',
      help: 'height of the tide in METRES',
    });
    return ['-h'];
  },
  '-V is not version': (from) => {
    add(from, { short: 'V', long: 'validate', help: 'look at each label twice' });
    return ['-V'];
  },
  'spelling: colour and color': (from) => {
    add(
      from,
      { long: 'colour', help: 'paint late boxes red' },
      { long: 'color-lids', help: 'paint the lids too' },
    );
    return ['--color-lids', '--colour'];
  },
  'spelling: normalise and normalize': (from) => {
    add(
      from,
      { long: 'normalise-labels', help: 'write labels in one way' },
      { long: 'normalize-lids', help: 'press lids in one way' },
    );
    return ['--normalize-lids', '--normalise-labels'];
  },
  'a name misspelt': (from, random) => {
    const option = optionWhere(from, random, ({ long }) =>
      [
        'recursive',
        'verbose',
        'output',
        'language',
        'temperature',
        'encoding',
        'message',
        'exclude',
        'archive',
      ].includes(long),
    );
    if (option === undefined) return undefined;
    option.long = misspelt(random, option.long);
    return [`--${option.long}`];
  },
  'singular and plural mixed': (from) => {
    add(
      from,
      {
        long: 'stop',
        presence: 'mandatory',
        placeholder: 'NAME',
        flags: ['repeated'],
        help: 'stop to land at',
      },
      {
        long: 'carriers',
        presence: 'mandatory',
        placeholder: 'NAME',
        flags: ['repeated'],
        help: 'carrier to call',
      },
      {
        long: 'crate',
        presence: 'mandatory',
        placeholder: 'NUMBER',
        flags: ['repeated'],
        help: 'crate to load',
      },
    );
    return ['--carriers'];
  },
  'a negative name beside its positive': (from, random) => {
    const [positive, negative, help] = random.pick([
      ['enable-steam', 'no-steam', 'keep the steam off'],
      ['use-lids', 'disable-lids', 'send without lids'],
      ['enable-bell', 'without-bell', 'keep the bell still'],
    ]);
    add(
      from,
      { long: positive, help: `${positive.split('-')[1]} wherever there is one` },
      { long: negative, help },
    );
    return [`--${negative}`];
  },
  'two ways to negate': (from) => {
    add(
      from,
      { long: 'no-lids', help: 'send without lids' },
      { long: 'disable-steam', help: 'keep the steam off' },
      { long: 'without-spoons', help: 'send no spoons' },
    );
    return ['--no-lids', '--disable-steam', '--without-spoons'];
  },
  'a pair that is uneven': (from, random) => {
    const [first, second] = random.pick([
      ['start', 'end-time'],
      ['from-date', 'until'],
      ['begin', 'end-day'],
      ['min-weight', 'maximum'],
      ['after-date', 'before'],
    ]);
    add(
      from,
      { long: first, presence: 'mandatory', placeholder: 'DATE', help: 'the first that is taken' },
      { long: second, presence: 'mandatory', placeholder: 'DATE', help: 'the last that is taken' },
    );
    return [`--${first}`, `--${second}`];
  },
  'another style of names': (from, random) => {
    const option = random.pick([
      { long: 'lateFee', help: 'charge for late boxes' },
      { long: 'late_fee', help: 'charge for late boxes' },
    ]);
    add(
      from,
      option,
      { long: 'lid-count', help: 'count the lids' },
      { long: 'tide-table', help: 'print the tides' },
    );
    return [`--${option.long}`];
  },
  'placeholders of two styles': (from, random) => {
    const option = optionWhere(
      from,
      random,
      (one) => one.presence !== 'none' && one.values.length === 0 && one.default === '',
    );
    if (option === undefined) return undefined;
    option.placeholder = from.style.argument.includes('<')
      ? option.placeholder.toLowerCase()
      : `<${option.placeholder.toLowerCase()}>`;
    return [option.placeholder.replace(/[<>]/g, '')];
  },
  'one thing as two placeholders': (from) => {
    const files = from.root.options.filter(({ placeholder }) => placeholder === 'FILE');
    if (files.length < 2) return undefined;
    files[0].placeholder = 'FILENAME';
    files[0].help = files[0].help.replaceAll('FILE', 'FILENAME');
    return ['FILENAME'];
  },
  'values that mix separators': (from) => {
    add(from, {
      long: 'kind',
      presence: 'mandatory',
      placeholder: 'KIND',
      values: ['by-name', 'by_weight', 'by-age'],
      help: 'how crates are grouped',
    });
    return ['by_weight'];
  },
  'values that mix cases': (from) => {
    add(from, {
      long: 'kind',
      presence: 'mandatory',
      placeholder: 'KIND',
      values: ['wood', 'Tin', 'cloth'],
      help: 'what crates are made of',
    });
    return ['Tin'];
  },
  'a long option of one letter': (from) => {
    add(from, { long: 'g', help: 'paint the gangway green' });
    return ['--g'];
  },
  'a secret as an argument': (from, random) => {
    const long = random.pick(['password', 'api-token', 'passphrase', 'secret-key', 'auth-token']);
    add(from, {
      long,
      presence: 'mandatory',
      placeholder: 'WORD',
      help: random.pick(['word that opens the ledger', 'sent to the office with each call']),
    });
    return [`--${long}`];
  },
  'an option that swallows operands': (from) => {
    if (from.root.operands.length === 0 || !from.style.argument.startsWith(' ')) return undefined;
    add(from, {
      long: 'tide',
      presence: 'mandatory',
      placeholder: 'TIDE...',
      help: 'tides at which to land',
    });
    return ['--tide'];
  },
  'an option with an optional argument': (from) => {
    if (!from.style.argument.startsWith(' ')) return undefined;
    add(from, {
      short: 'y',
      long: 'yield',
      presence: 'optional',
      placeholder: 'RATE',
      help: 'yield to boats of this RATE',
    });
    return ['--yield', '-y'];
  },
  'a required option': (from) => {
    add(from, {
      long: 'berth',
      presence: 'mandatory',
      placeholder: 'NUMBER',
      flags: ['required'],
      default: '7',
      help: 'berth to land at',
    });
    return ['--berth'];
  },
  'a variable of two options': (from) => {
    const variable = `${from.program.toUpperCase()}_BERTH`;
    add(
      from,
      {
        long: 'berth',
        presence: 'mandatory',
        placeholder: 'NUMBER',
        environment: variable,
        help: 'berth to land at',
      },
      {
        long: 'mooring',
        presence: 'mandatory',
        placeholder: 'NUMBER',
        environment: variable,
        help: 'where to tie up',
      },
    );
    return [variable];
  },
  'a plain flag and its negation, both the default': (from, random) => {
    const words = random.pick(['(default)', '(the default)', '[default]']);
    add(
      from,
      { long: 'lids', help: `press lids ${words}` },
      { long: 'no-lids', help: `send without lids ${words}` },
    );
    return ['--lids', '--no-lids'];
  },
};
