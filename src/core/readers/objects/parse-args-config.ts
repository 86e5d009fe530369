import { makeCommand } from '../../model/command.ts';
import { inferred } from '../../model/fact.ts';
import type { Interface } from '../../model/interface.ts';
import { bagOf, membersOf, textOf } from './object-access.ts';
import {
  argumentOf,
  COMPLETE,
  fact,
  interfaceOf,
  NONE,
  nameOf,
  optionOf,
  rulesOfParser,
  wordOf,
} from './object-parts.ts';
import type { ObjectSettings } from './object-settings.ts';

/** Whether an object is a configuration of `parseArgs` of `node:util`: options with a type each. */
export function isParseArgsConfig(object: unknown): boolean {
  const options = membersOf(bagOf(object)?.options);
  return (
    options.length > 0 &&
    options.every(([, option]) => /^(?:boolean|string)$/.test(textOf(bagOf(option)?.type) ?? ''))
  );
}

/** Reads a configuration of `parseArgs` of `node:util`, which has no help texts and no name of the program. */
export function readParseArgsConfig(object: unknown, { program }: ObjectSettings): Interface {
  const config = bagOf(object) ?? {};
  const isStrict = config.strict !== false;
  const options = membersOf(config.options).map(([name, value]) => {
    const { type, short, multiple, default: given } = bagOf(value) ?? {};
    const letter = textOf(short);
    const takesValue = type === 'string';
    return optionOf({
      names: [...(letter === undefined ? [] : [nameOf(`-${letter}`)]), nameOf(`--${name}`)],
      negatedNames: config.allowNegative === true && !takesValue ? [nameOf(`--no-${name}`)] : [],
      argument: takesValue ? fact(argumentOf('mandatory', false, wordOf({ default: given }))) : NONE,
      repetition: multiple === true ? fact('all-count') : takesValue ? fact('last-wins') : undefined,
      required: fact(false),
      listed: false,
    });
  });
  const name = program === undefined ? inferred('program', null) : fact(program);
  const takesOperands = config.allowPositionals === true || !isStrict;
  const parser = isStrict ? 'parse-args' : 'parse-args-loose';
  const root = makeCommand({
    names: [{ text: name.value, place: null }],
    // One that is not strict takes options that it does not declare.
    options: { items: options, complete: isStrict ? COMPLETE : undefined },
    commands: { items: [], complete: undefined },
    operands: { items: [], complete: takesOperands ? undefined : COMPLETE },
    rules: rulesOfParser(parser, { generatedNegation: fact(config.allowNegative === true) }),
    described: true,
    place: null,
  });
  return interfaceOf(name, root, { parser: fact([parser]) });
}
