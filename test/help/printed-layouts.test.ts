import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { describedCommand, readText } from '../support/read-text.ts';

/** An option as a program declares it. */
interface Printed {
  readonly letter: string;
  readonly name: string;
  readonly placeholder: string | undefined;
  readonly text: string;
}

/** How a parser prints its list, and which names and placeholders it can show. */
interface Layout {
  readonly what: string;
  readonly print: (options: readonly Printed[]) => string;
  /** What is to be read of an option. */
  readonly read?: (option: Printed) => Partial<Printed>;
  readonly generate?: Partial<Record<'placeholder' | 'text', fc.Arbitrary<string>>>;
}

const WORDS = [
  'box',
  'quay',
  'lid',
  'carrier',
  'kitchen',
  'tide',
  'ledger',
  'of',
  'the',
  'by',
  'and',
  'late',
];
const words = (least: number, most: number) =>
  fc
    .tuple(
      fc.constantFrom('land', 'sort', 'mark', 'keep', 'weigh'),
      fc.array(fc.constantFrom(...WORDS), { minLength: least - 1, maxLength: most - 1 }),
    )
    .map(([verb, rest]) => [verb, ...rest].join(' '));

/** Breaks a text into lines of a width, the later ones indented. */
function wrapped(text: string, indent: number, width = 79): string {
  const lines = [''];
  for (const word of text.split(' ')) {
    const line = lines.at(-1) ?? '';
    if (line !== '' && indent + line.length + 1 + word.length > width) lines.push(word);
    else lines[lines.length - 1] = line === '' ? word : `${line} ${word}`;
  }
  return lines.join(`\n${' '.repeat(indent)}`);
}

/** Names at the left, the text in a column; on the next line where the names reach into it. */
function inColumns(left: string, text: string, column: number): string {
  const start = left.length + 2 > column ? `${left}\n${' '.repeat(column)}` : left.padEnd(column);
  return `${start}${wrapped(text, column)}\n`;
}

const list = (entry: (option: Printed) => string, head = 'Usage: tiffin [OPTION]...\n\nOptions:\n') => {
  return (options: readonly Printed[]) => head + options.map(entry).join('');
};
const equals = ({ placeholder }: Printed) => (placeholder === undefined ? '' : `=${placeholder}`);
const behind = ({ placeholder }: Printed) => (placeholder === undefined ? '' : ` ${placeholder}`);

const LAYOUTS: readonly Layout[] = [
  {
    what: 'letters, long names and texts in a column',
    print: list((option) =>
      inColumns(`  -${option.letter}, --${option.name}${equals(option)}`, option.text, 30),
    ),
  },
  {
    what: 'the placeholder at both names',
    print: list((option) => {
      const names = `  -${option.letter}${behind(option)}, --${option.name}${behind(option)}`;
      return inColumns(names, option.text, 28);
    }),
  },
  {
    what: 'letters padded, a bar between the names',
    print: list((option) =>
      inColumns(`    -${option.letter} | --${option.name}${behind(option)}`, option.text, 36),
    ),
  },
  {
    what: 'texts below the names',
    print: list(
      (option) => `  -${option.letter}, --${option.name}${equals(option)}\n          ${option.text}\n\n`,
    ),
  },
  {
    what: 'one name a line above the text',
    print: list(
      (option) =>
        `    -${option.letter}${behind(option)}\n    --${option.name}${equals(option)}\n        ${option.text}\n\n`,
    ),
  },
  {
    what: 'long names and their arguments behind brackets',
    print: list((option) =>
      inColumns(
        `  -${option.letter} [ --${option.name} ]${option.placeholder === undefined ? '' : ' arg'}`,
        option.text,
        34,
      ),
    ),
    read: (option) => ({ placeholder: option.placeholder === undefined ? undefined : 'arg' }),
  },
  {
    what: 'marks before the texts',
    print: list(
      (option) => `  ${`-${option.letter}, --${option.name}${equals(option)}`.padEnd(34)} - ${option.text}\n`,
    ),
  },
  {
    what: 'placeholders in a column of their own',
    print: list((option) => {
      const names = `  -${option.letter}  --${option.name}`.padEnd(20);
      return inColumns(`${names}  ${(option.placeholder ?? '').padEnd(8)}`.trimEnd(), option.text, 34);
    }),
  },
  {
    what: 'single hyphens, a type, and the text below behind a tab',
    print: list(
      (option) =>
        `  -${option.name}${option.placeholder === undefined ? '' : ' string'}\n    \t${option.text}\n`,
      'Usage of tiffin:\n',
    ),
    read: (option) => ({
      letter: '',
      placeholder: option.placeholder === undefined ? undefined : 'string',
    }),
  },
  {
    what: 'entries side by side',
    print: (options) => {
      const half = Math.ceil(options.length / 2);
      const entry = ({ letter, text }: Printed) => `  -${letter}   ${text}`;
      const lines = options.slice(0, half).map((left, i) => {
        const right = options[half + i];
        return right === undefined ? entry(left) : `${entry(left).padEnd(40)}${entry(right)}`;
      });
      return `Usage: tiffin [-${options.map(({ letter }) => letter).join('')}] BOX\n\n${lines.join('\n')}\n`;
    },
    read: () => ({ name: '', placeholder: undefined }),
    generate: { text: words(2, 3) },
  },
];

function optionsOf({ generate = {} }: Layout): fc.Arbitrary<Printed[]> {
  const one = fc.record({
    letter: fc.constantFrom(...'abcdefgijklmnopqrstuwxyz'),
    name: fc.stringMatching(/^[a-z]{3,6}(-[a-z]{2,5})?$/).filter((name) => !name.startsWith('no')),
    placeholder: fc.option(generate.placeholder ?? fc.constantFrom('FILE', 'QUAY', 'N', 'DAY'), {
      nil: undefined,
    }),
    text: generate.text ?? words(3, 24),
  });
  const apart = (key: 'letter' | 'name' | 'text') => ({
    minLength: 6,
    maxLength: 12,
    selector: (option: Printed) => option[key],
  });
  // Letters, names and texts each once: what is listed twice is joined.
  return fc
    .uniqueArray(one, apart('name'))
    .map((all) => all.filter(({ letter }, i) => all.findIndex((other) => other.letter === letter) === i))
    .map((all) => all.filter(({ text }, i) => all.findIndex((other) => other.text === text) === i))
    .filter((all) => all.length >= 6 && all.some(({ placeholder }) => placeholder !== undefined));
}

for (const layout of LAYOUTS) {
  test(`what a program declares is read from a list with ${layout.what}`, () => {
    fc.assert(
      fc.property(optionsOf(layout), (options) => {
        const help = layout.print(options);
        const expected = options.map((option) => {
          const { letter, name, placeholder, text } = { ...option, ...layout.read?.(option) };
          return `${letter} ${name} ${placeholder ?? ''}: ${text}`;
        });
        const read = describedCommand(readText(help)).options.items.map(({ names, argument, help: told }) => {
          const of = (isLetter: boolean) =>
            names.find(({ text }) => (text.length === 2) === isLetter)?.text.replace(/^-+/, '') ?? '';
          const placeholder = argument?.value.words[0]?.placeholder?.value ?? '';
          return `${of(true)} ${of(false)} ${placeholder}: ${told?.value ?? ''}`;
        });
        assert.deepEqual(read, expected, help);
      }),
      { numRuns: 200 },
    );
  });
}
