// Texts that say nothing, or something else.
import { hasArgument, isFlag, misspelt, oneOf, optionWhere } from '../choosing.mjs';

/** A word of a text that is long enough for a slip to be one. */
const LONG_WORD = /(?<![\w-])[a-z]{7,}(?![\w-])/;

export const TEXT_FAULTS = {
  'a misspelt word in a text': (from, random) => {
    const option = optionWhere(from, random, ({ help }) => LONG_WORD.test(help));
    const [word] = LONG_WORD.exec(option?.help ?? '') ?? [];
    if (word === undefined) return undefined;
    const wrong = misspelt(random, word);
    option.help = option.help.replace(word, wrong);
    return [wrong];
  },
  'an argument that nothing shows': (from, random) => {
    const option = optionWhere(
      from,
      random,
      (one) => hasArgument(one) && one.default === '' && one.values.length === 0 && one.environment === '',
    );
    if (option === undefined) return undefined;
    option.presence = 'none';
    option.help = random.pick([
      'path to the old sheets',
      'name of the depot that is meant',
      'number of crates to take at once',
      'set the directory for the sheets',
      'specify the day of the round',
      'port to listen on',
      'file that the sheets are written to',
      'maximum length of a label',
      'how many crates may wait',
      'the quay to use',
    ]);
    return [`--${option.long}`];
  },
  'an option without a text': (from, random) => {
    const option = optionWhere(
      from,
      random,
      (one) => one.default === '' && one.values.length === 0 && one.environment === '',
    );
    if (option === undefined) return undefined;
    option.help = '';
    return [`--${option.long}`];
  },
  'a text that says the name': (from, random) => {
    const option = optionWhere(
      from,
      random,
      (one) => one.default === '' && one.values.length === 0 && one.environment === '',
    );
    if (option === undefined) return undefined;
    const words = option.long.replaceAll('-', ' ');
    option.help = random.pick([
      words,
      `the ${words}`,
      `the ${words} option`,
      `set the ${words}`,
      `${words} to use`,
      `use ${words}`,
      `specify the ${words}`,
      `${words} flag`,
    ]);
    return [`--${option.long}`];
  },
  'the text of another option': (from, random) => {
    const option = optionWhere(from, random, isFlag);
    const other = optionWhere(from, random, (one) => isFlag(one) && one !== option);
    if (other === undefined) return undefined;
    option.help = other.help;
    return [`--${option.long}`];
  },
  'the text of another option, with an argument': (from, random) => {
    const option = optionWhere(from, random, hasArgument);
    const other = optionWhere(from, random, (one) => hasArgument(one) && one !== option);
    if (other === undefined) return undefined;
    option.help = other.help;
    return [`--${option.long}`];
  },
  'a text that ends in the middle': (from, random) => {
    const option = optionWhere(from, random, (one) => isFlag(one));
    if (option === undefined) return undefined;
    option.help += random.pick([' and', ', or', ' if the', ' as well as', ' with', ',', ' (see', ' of the']);
    return [`--${option.long}`];
  },
  'a text that is to be written': (from, random) => {
    const option = optionWhere(from, random, isFlag);
    if (option === undefined) return undefined;
    option.help = random.pick([
      'TODO',
      'TODO: say what it does',
      'FIXME',
      'XXX write this',
      '???',
      'TBD',
      'no description',
      'description goes here',
      'to be documented',
      'Not documented yet.',
      '...',
      'lorem ipsum',
    ]);
    return [`--${option.long}`];
  },
  'a word twice': (from, random) => {
    const option = optionWhere(from, random, ({ help }) => help.includes(' the '));
    if (option === undefined) return undefined;
    option.help = option.help.replace(' the ', ' the the ');
    return [`--${option.long}`];
  },
  'a bracket that is not closed': (from, random) => {
    const option = optionWhere(from, random, isFlag);
    if (option === undefined) return undefined;
    option.help += random.pick([' (not on Fridays', ' (but never at night']);
    return [`--${option.long}`];
  },
  'an operand without a text': (from, random) => {
    const operand = oneOf(random, from.root.operands);
    if (operand === undefined || from.root.operands.length < 2) return undefined;
    operand.isUnlisted = true;
    return [operand.placeholder];
  },
  'an operand that says its name': (from, random) => {
    const operand = oneOf(random, from.root.operands);
    if (operand === undefined) return undefined;
    const word = operand.placeholder.toLowerCase();
    operand.help = random.pick([word, `the ${word}`, `${word} to use`]);
    return [operand.placeholder];
  },
  'two operands with one text': (from) => {
    const [one, two] = from.root.operands;
    if (two === undefined) return undefined;
    two.help = one.help;
    return [two.placeholder];
  },
  'a status with two meanings': (from) => {
    if (from.statuses.length === 0) return undefined;
    from.statuses.push([from.statuses[1][0], 'the tide was out']);
    return [String(from.statuses[1][0])];
  },
  'nought for an error': (from) => {
    if (from.statuses.length === 0) return undefined;
    from.statuses[0][1] = 'an error occurred';
    return ['0'];
  },
  'no status for failing': (from, random) => {
    if (from.statuses.length === 0) return undefined;
    from.statuses = from.statuses.slice(0, 1);
    from.epilogue.push(random.pick(['Fails if a box was late.', 'It fails when the ledger cannot be read.']));
    return ['status', 'exit'];
  },
  'a status in the text that the list has not': (from, random) => {
    if (from.statuses.length === 0) return undefined;
    const option = optionWhere(from, random, isFlag);
    if (option === undefined) return undefined;
    option.help += random.pick([
      '; exit with status 9 if there is none',
      '; the exit status is 9 then',
      ', and exit with 9 if none is left',
    ]);
    return ['9'];
  },
  'the number of a placeholder that is a file': (from, random) => {
    const option = optionWhere(
      from,
      random,
      ({ type, placeholder }) => type === 'file' && placeholder === 'FILE',
    );
    if (option === undefined) return undefined;
    option.placeholder = random.pick(['NUMBER', 'COUNT', 'N']);
    option.help = random.pick(['file that takes the list', 'name of the file to write']);
    return [`--${option.long}`];
  },
};
