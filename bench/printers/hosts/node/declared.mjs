// Reads declarations of interfaces, and prints helps between marks. See ../README.md.
import { readFileSync, writeSync } from 'node:fs';

const OPTION =
  'short long aliases presence placeholder type values default least most environment flags heading help'.split(
    ' ',
  );

/** Every interface of standard input: `{id, width, program, version, summary, epilogue, root}`. */
export function interfaces() {
  return interfacesIn(readFileSync(0, 'utf8'));
}

/** The same of a text. */
export function interfacesIn(input) {
  const found = [];
  let line = [];
  for (const text of input.split('\n')) {
    const [kind, ...fields] = text.split('\t');
    if (kind === 'I') {
      const [id, width, program, version, summary, epilogue, only] = fields;
      found.push({ id, width: Number(width), program, version, summary, epilogue, only });
    } else if (kind === 'C') {
      const [depth, name, aliases, flags, heading, summary] = fields;
      const command = { name, aliases: listed(aliases), isHidden: flags === 'hidden', heading, summary };
      Object.assign(command, { options: [], operands: [], commands: [] });
      if (depth === '0') found.at(-1).root = command;
      else line[depth - 1].commands.push(command);
      line = [...line.slice(0, Number(depth)), command];
    } else if (kind === 'O') {
      const option = Object.fromEntries(OPTION.map((name, i) => [name, fields[i]]));
      for (const list of ['aliases', 'values', 'flags']) option[list] = listed(option[list]);
      line.at(-1).options.push(option);
    } else if (kind === 'A') {
      const [placeholder, least, most, values, help] = fields;
      line.at(-1).operands.push({
        placeholder,
        least: Number(least),
        most: Number(most),
        values: listed(values),
        help,
      });
    }
  }
  return found;
}

function listed(field) {
  return field === '' ? [] : field.split(',');
}

/** `<name>`, `[name]`, with dots behind the name where any number may stand. */
export function bracketed({ placeholder, least, most }) {
  const word = most < 0 ? `${placeholder}...` : placeholder;
  return least > 0 ? `<${word}>` : `[${word}]`;
}

/** The default of an option in its own type; undefined where it has none. */
export function typedDefault({ type, default: text }) {
  if (text === '') return undefined;
  return type === 'integer' || type === 'number' ? Number(text) : text;
}

/** What a function prints on the console. */
export function captured(run) {
  const { log, info } = console;
  const printed = [];
  console.log = (...words) => printed.push(words.join(' '));
  console.info = console.log;
  try {
    run();
  } finally {
    console.log = log;
    console.info = info;
  }
  return `${printed.join('\n')}\n`;
}

/** Prints one help. */
export function show({ id }, path, text) {
  let rest = Buffer.from(`\u0001${id}\t${path.join(' ')}\n${text}\u0002\n`);
  while (rest.length > 0) {
    try {
      rest = rest.subarray(writeSync(1, rest));
    } catch (error) {
      if (error.code !== 'EAGAIN') throw error;
    }
  }
}
