// Examples that the program would not take.
import { exampled, hasLetter, hasValues, isFlag, misspelt, oneOf } from '../choosing.mjs';
import { operandWords, optionWords } from '../interfaces.mjs';

/** An example is made of words that are wrong, before the operands. */
function withWords(command, words, operands = operandWords(command)) {
  command.examples.push([...words, ...operands]);
}

export const EXAMPLE_FAULTS = {
  'example: misspelt option': (from, random) => {
    const command = exampled(from, random);
    const option = oneOf(random, command?.options ?? []);
    if (option === undefined) return undefined;
    const wrong = misspelt(random, option.long);
    withWords(command, optionWords({ once: () => false }, { ...option, long: wrong }));
    return [wrong];
  },
  'example: letter that does not exist': (from, random) => {
    const command = exampled(from, random);
    if (command === undefined) return undefined;
    const letter = [...'yYgGK'].find((one) => command.options.every(({ short }) => short !== one));
    withWords(command, [`-${letter}`]);
    return [`-${letter}`];
  },
  'example: value not allowed': (from, random) => {
    const command = exampled(from, random, ({ options }) => options.some(hasValues));
    if (command === undefined) return undefined;
    const option = oneOf(random, command.options.filter(hasValues));
    const wrong = random.pick(['purple', 'yaml', 'often', 'tall']);
    withWords(command, optionWords(random, option, wrong));
    return [wrong];
  },
  'example: number out of range': (from, random) => {
    const command = exampled(from, random, ({ options }) => options.some(({ most }) => most !== ''));
    if (command === undefined) return undefined;
    const option = oneOf(
      random,
      command.options.filter(({ most }) => most !== ''),
    );
    const wrong = String(Number(option.most) + 1 + random.below(50));
    withWords(command, optionWords(random, option, wrong));
    return [wrong];
  },
  'example: word for a number': (from, random) => {
    const command = exampled(from, random, ({ options }) => options.some(({ most }) => most !== ''));
    if (command === undefined) return undefined;
    const option = oneOf(
      random,
      command.options.filter(({ most }) => most !== ''),
    );
    withWords(command, optionWords(random, option, 'many'));
    return ['many', `--${option.long}`];
  },
  'example: argument for a flag': (from, random) => {
    const command = exampled(from, random, ({ options }) => options.some(isFlag));
    if (command === undefined) return undefined;
    const option = oneOf(random, command.options.filter(isFlag));
    withWords(command, [`--${option.long}=yes`]);
    return [`--${option.long}`];
  },
  'example: argument forgotten': (from, random) => {
    const command = exampled(from, random, ({ options }) =>
      options.some(({ presence }) => presence !== 'none'),
    );
    if (command === undefined) return undefined;
    const option = oneOf(
      random,
      command.options.filter(({ presence }) => presence !== 'none'),
    );
    const next = oneOf(random, command.options.filter(isFlag).filter(hasLetter));
    command.examples.push([
      ...operandWords(command),
      ...(next ? [`-${next.short}`] : []),
      `--${option.long}`,
    ]);
    return [`--${option.long}`];
  },
  'example: operand forgotten': (from, random) => {
    const command = exampled(from, random, ({ operands }) => operands.some(({ least }) => least > 0));
    if (command === undefined) return undefined;
    const flag = oneOf(random, command.options.filter(isFlag));
    command.examples.push([...(flag ? [`--${flag.long}`] : []), ...operandWords(command).slice(0, -1)]);
    return command.operands.map(({ placeholder }) => placeholder);
  },
  'example: one operand too many': (from, random) => {
    const command = exampled(from, random, ({ operands }) => operands.every(({ most }) => most === 1));
    if (command === undefined) return undefined;
    command.examples.push([...command.operands.map(({ word }) => word), 'surplus']);
    return ['surplus'];
  },
  'example: another program': (from, random) => {
    const command = exampled(from, random);
    if (command === undefined) return undefined;
    const wrong = misspelt(random, from.program);
    const words = operandWords(command);
    words.path = [wrong, ...command.path.slice(1)];
    command.examples.push(words);
    return [wrong];
  },
  'example: unknown command': (from, random) => {
    const command = oneOf(random, from.root.commands);
    if (command === undefined) return undefined;
    const wrong = misspelt(random, command.name);
    from.root.examples.push([wrong, ...operandWords(command)]);
    return [wrong];
  },
  'example: option of another command': (from, _random) => {
    const [one, two] = from.root.commands;
    const option = two?.options.find(
      ({ long }) =>
        !one.options.some((own) => own.long === long) && !from.root.options.some((own) => own.long === long),
    );
    if (option === undefined) return undefined;
    withWords(one, optionWords({ once: () => false }, option));
    return [`--${option.long}`];
  },
};
