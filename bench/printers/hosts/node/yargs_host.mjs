import yargs from 'yargs';
import { bracketed, interfaces, show, typedDefault } from './declared.mjs';

const TYPES = { text: 'string', file: 'string', integer: 'number', number: 'number' };

function optionOf(option) {
  const { short, long, aliases, presence, flags, help, values, type, heading } = option;
  return {
    alias: [...(long === '' || short === '' ? [] : [short]), ...aliases],
    describe: help || undefined,
    type: presence === 'none' ? 'boolean' : flags.includes('repeated') ? 'array' : TYPES[type],
    choices: values.length > 0 ? values : undefined,
    default: typedDefault(option),
    group: heading || undefined,
    hidden: flags.includes('hidden'),
    demandOption: flags.includes('required'),
    deprecated: flags.includes('deprecated'),
    requiresArg: presence === 'mandatory' && !flags.includes('repeated'),
  };
}

function fill(builder, declared, one) {
  for (const option of declared.options) builder.option(option.long || option.short, optionOf(option));
  for (const { placeholder, help, values } of declared.operands)
    builder.positional(placeholder, {
      describe: help || undefined,
      choices: values.length > 0 ? values : undefined,
      type: 'string',
    });
  for (const below of declared.commands) {
    const synopsis = [below.name, ...below.operands.map(positional)].join(' ');
    const names = [synopsis, ...below.aliases];
    builder.command(
      names,
      below.isHidden ? false : below.summary,
      (child) => fill(child, below, one),
      () => {},
    );
  }
  return builder;
}

/** yargs wants two dots behind what may stand any number of times. */
function positional(operand) {
  const dots = operand.most < 0 ? '..' : '';
  return bracketed({ ...operand, placeholder: operand.placeholder + dots, most: 1 });
}

async function printed(one, path) {
  const parser = yargs([])
    .scriptName(one.program)
    .exitProcess(false)
    .wrap(one.width)
    .version(one.version)
    .help();
  const operands = one.root.operands.map(positional).join(' ');
  if (operands === '') {
    parser.usage(one.version.length % 2 === 0 ? `$0 [options]\n\n${one.summary}` : one.summary);
    fill(parser, one.root, one);
  } else {
    parser.command(
      `$0 ${operands}`,
      one.summary,
      (child) => fill(child, one.root, one),
      () => {},
    );
  }
  if (one.epilogue !== '') parser.epilogue(one.epilogue);
  let text = '';
  await parser.parse([...path, '--help'], {}, (_error, _given, output) => {
    text = output;
  });
  return `${text}\n`;
}

/** The library takes long for each help: only those that are wanted are printed. */
async function print(one, declared, path) {
  const words = path.join(' ');
  if (one.only !== '' && !`${one.only} `.startsWith(path.length === 0 ? '' : `${words} `)) return;
  if (one.only === '' || one.only === words) show(one, path, await printed(one, path));
  for (const below of declared.commands) await print(one, below, [...path, below.name]);
}

for (const one of interfaces()) await print(one, one.root, []);
