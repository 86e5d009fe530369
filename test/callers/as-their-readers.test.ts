import assert from 'node:assert/strict';
import { join } from 'node:path';
import { test } from 'node:test';
import fc from 'fast-check';
import { parse } from 'yaml';
import { lineCommand } from './shell-lines.ts';
import { callsSeen, differences, FOLDER, NONE } from './stand-in.ts';

/** A kind of file whose commands a shell runs: how a file is written of them, and how its reader gets them back. */
interface RunByShell {
  readonly file: string;
  readonly write: (lines: readonly string[]) => string;
  readonly read: (text: string) => readonly string[];
}

const linesOf = (text: string) => text.split('\n').filter((one) => one !== '');

const RUN_BY_SHELL: readonly RunByShell[] = [
  {
    file: 'office.crontab',
    write: (lines) => lines.map((one) => `5 4 * * 1-5 ${one.replaceAll('%', '\\%')}\n`).join(''),
    // crontab(5): a percent sign ends the command, but behind a backslash.
    read: (text) =>
      linesOf(text).map((one) => {
        const command = one.split(' ').slice(5).join(' ');
        return (command.split(/(?<!\\)%/, 1)[0] ?? '').replaceAll('\\%', '%');
      }),
  },
  {
    file: 'block.yml',
    write: (lines) =>
      `jobs:\n  day:\n    steps:\n      - run: |\n${lines.map((one) => `          ${one}\n`).join('')}`,
    read: (text) => linesOf(parse(text).jobs.day.steps[0].run),
  },
  {
    file: 'quoted.yml',
    write: (lines) =>
      `script:\n${lines.map((one, i) => `  - ${i % 2 === 0 ? JSON.stringify(one) : `'${one.replaceAll("'", "''")}'`}\n`).join('')}`,
    read: (text) => parse(text).script,
  },
  {
    file: 'package.json',
    write: (lines) =>
      JSON.stringify({ scripts: Object.fromEntries(lines.map((one, i) => [`s${i}`, one])) }, null, 2),
    read: (text) => Object.values(JSON.parse(text).scripts),
  },
  {
    file: 'Containerfile',
    write: (lines) => `FROM scratch\n${lines.map((one) => `RUN ${one}\n`).join('')}`,
    read: (text) =>
      linesOf(text)
        .slice(1)
        .map((one) => one.slice(4)),
  },
  {
    file: 'Procfile',
    write: (lines) => lines.map((one, i) => `job-${i}: ${one}\n`).join(''),
    read: (text) => linesOf(text).map((one) => one.slice(one.indexOf(':') + 1).trim()),
  },
  {
    file: 'README.md',
    write: (lines) =>
      `# Lists\n\n\`\`\`console\n${lines.map((one) => `$ ${one}\ntally what it prints\n`).join('')}\`\`\`\n`,
    read: (text) =>
      linesOf(text)
        .filter((one) => one.startsWith('$ '))
        .map((one) => one.slice(2)),
  },
  {
    file: '.bash_history',
    write: (lines) => lines.map((one, i) => `#${1_700_000_000 + i}\n${one}\n`).join(''),
    read: (text) => linesOf(text).filter((one) => !one.startsWith('#')),
  },
  {
    file: '.zsh_history',
    write: (lines) => lines.map((one, i) => `: ${1_700_000_000 + i}:0;${one}\n`).join(''),
    read: (text) => linesOf(text).map((one) => one.slice(one.indexOf(';') + 1)),
  },
];

for (const { file, write, read } of RUN_BY_SHELL)
  test(`the words of calls in ${file} are those that a shell hands on`, () => {
    fc.assert(
      fc.property(fc.array(lineCommand, { minLength: 50, maxLength: 50 }), (lines) => {
        const text = write(lines);
        const script = read(text);
        assert.deepEqual(script, lines);
        assert.deepEqual(differences(join(FOLDER, file), text, ['/bin/bash', '-c', script.join('\n')]), NONE);
      }),
      { numRuns: 10, seed: 3 },
    );
  });

const letter = fc.constantFrom(
  ...['box', '--late', ' ', '"', "'", '\\', '$', '%', '#', '=', '-x', 'ß', '\t', ';x', '{', ',', '@', 's'],
);
const plain = fc.array(letter, { minLength: 1, maxLength: 4 }).map((letters) => letters.join(''));

/** How a word is written so that the rules of a kind of file give it back; undefined where it cannot be in this way. */
type Writing = (word: string) => string | undefined;

interface RunAsWords {
  readonly file: string;
  /** Signs that cannot be in a word, or mean something there that is not tested. */
  readonly lacks: RegExp;
  readonly ways: readonly [Writing, ...Writing[]];
  readonly write: (calls: readonly (readonly string[])[]) => string;
}

const doubled = (word: string) => word.replace(/[%$]/g, '$&$&');

const RUN_AS_WORDS: readonly RunAsWords[] = [
  {
    // systemd.service(5), systemd.syntax(7): quotes, escapes as in C, doubled signs.
    file: 'lists.service',
    lacks: /(?!)/g,
    ways: [
      (word) => `"${doubled(word).replace(/["\\]/g, '\\$&').replaceAll('\t', '\\t')}"`,
      (word) => `'${doubled(word).replace(/['\\]/g, '\\$&').replaceAll(' ', '\\x20')}'`,
      (word) => (/[\s"'\\]|^[;#]/.test(word) ? undefined : doubled(word)),
      (word) =>
        /^[;#]/.test(word)
          ? undefined
          : doubled(word)
              .replace(/[\\"']/g, '\\$&')
              .replaceAll(' ', '\\s')
              .replaceAll('\t', '\\t'),
    ],
    write: (calls) =>
      `[Service]\nType=oneshot\n${calls.map((words, i) => `ExecStart=${['', '-', '', '+'][i % 4]}${words.join([' \\\n  ', ' ', ' ', ' \\\n# a comment\n'][i % 4])}\n`).join('')}`,
  },
  {
    file: 'lists.desktop',
    lacks: /["\\$`\t]/g,
    ways: [
      (word) => `"${word.replaceAll('%', '%%')}"`,
      (word) => (/^$|[\s'#]/.test(word) ? undefined : word.replaceAll('%', '%%')),
    ],
    write: (calls) =>
      `[Desktop Entry]\n${calls.map((words) => `Exec=${words.join(' ')}\n`).join('')}Terminal=true\n`,
  },
  {
    file: 'lists.yml',
    lacks: /\$/g,
    ways: [(word) => JSON.stringify(word), (word) => `'${word.replaceAll("'", "''")}'`],
    write: (calls) =>
      `services:\n${calls.map((words, i) => `  s${i}:\n    command: [${words.join(', ')}]\n`).join('')}`,
  },
  {
    file: 'Containerfile',
    lacks: /(?!)/g,
    ways: [(word) => JSON.stringify(word)],
    write: (calls) => `FROM scratch\n${calls.map((words) => `CMD [${words.join(', ')}]\n`).join('')}`,
  },
];

for (const { file, lacks, ways, write } of RUN_AS_WORDS)
  test(`the words of calls in ${file} are those that its rules give`, () => {
    const word = fc.tuple(plain, fc.nat(ways.length - 1)).map(([signs, way]) => {
      const text = signs.replace(lacks, '');
      return { text, written: ways[way]?.(text) ?? ways[0](text) ?? '' };
    });
    const words = fc.array(word, { minLength: 1, maxLength: 4 });
    fc.assert(
      fc.property(fc.array(words, { minLength: 50, maxLength: 50 }), (calls) => {
        const text = write(
          calls.map((one) => [ways[0]('tally') ?? '', ...one.map(({ written }) => written)]),
        );
        const expected = calls.map((one) => one.map((each) => `<${each.text}>`).join(''));
        assert.deepEqual(callsSeen(join(FOLDER, file), text), expected);
      }),
      { numRuns: 10, seed: 4 },
    );
  });
