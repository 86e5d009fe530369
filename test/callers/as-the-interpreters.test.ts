import assert from 'node:assert/strict';
import { join } from 'node:path';
import { test } from 'node:test';
import fc from 'fast-check';
import { absent } from '../support/programs.ts';
import { differences, FOLDER, NONE } from './stand-in.ts';

const piece = fc.constantFrom(
  ...[
    'box',
    '--late',
    ' ',
    '"',
    "'",
    '\\',
    '$',
    '#',
    '@a',
    '%s',
    '(',
    ']',
    '=',
    '-x',
    'ß',
    '`',
    '/',
    ',',
    '\t',
  ],
);
const word = fc.array(piece, { maxLength: 4 }).map((pieces) => pieces.join(''));

/** How a language writes a word; undefined where it cannot in this way. */
type Quoting = (text: string) => string | undefined;

/** A word, and one of the ways in which the language writes it. */
function quoted(ways: readonly [Quoting, ...Quoting[]]): fc.Arbitrary<string> {
  return fc
    .tuple(word, fc.nat(ways.length - 1))
    .map(([text, way]) => ways[way]?.(text) ?? ways[0](text) ?? '');
}

const escaped = (text: string, signs: RegExp) => text.replace(signs, '\\$&');
const ifNone =
  (signs: RegExp, write: (text: string) => string): Quoting =>
  (text) =>
    signs.test(text) ? undefined : write(text);

/** A call for a shell, of words that it takes as they are. */
const forShell = fc
  .array(
    word.map((text) => `'${text.replaceAll("'", '')}'`),
    { minLength: 1, maxLength: 3 },
  )
  .map((words) => ['tally', ...words].join(' '));

function listOf(one: fc.Arbitrary<string>): fc.Arbitrary<string> {
  return fc.array(one, { minLength: 1, maxLength: 4 }).map((words) => words.join(', '));
}

interface Language {
  readonly program: string;
  readonly file: string;
  readonly head: string;
  readonly call: fc.Arbitrary<string>;
}

const inPython = quoted([
  (text) => `'${escaped(text, /['\\]/g)}'`,
  (text) => `"${escaped(text, /["\\]/g)}"`,
  ifNone(/['\\]/, (text) => `r'${text}'`),
  ifNone(/[\\]|"$/, (text) => `"""${text}"""`),
  (text) => `'' "${escaped(text, /["\\]/g)}"`,
]);
const inJavascript = quoted([
  (text) => `'${escaped(text, /['\\]/g)}'`,
  (text) => JSON.stringify(text),
  (text) => `\`${escaped(text, /[`\\$]/g)}\``,
]);
const inPerl = quoted([
  (text) => `'${escaped(text, /['\\]/g)}'`,
  (text) => `"${escaped(text, /["\\$@]/g)}"`,
  (text) => `q{${escaped(text, /\\/g)}}`,
  ifNone(/[()]/, (text) => `qq(${escaped(text, /[\\$@]/g)})`),
]);
const inRuby = quoted([
  (text) => `'${escaped(text, /['\\]/g)}'`,
  (text) => `"${escaped(text, /["\\#]/g)}"`,
  ifNone(/[()]/, (text) => `%q(${escaped(text, /\\/g)})`),
]);

/** A text for a shell as a string of a language with C's escapes. */
const inDoubleQuotes = (text: string) => `"${escaped(text, /["\\$@#]/g)}"`;

const LANGUAGES: readonly Language[] = [
  {
    program: 'python3',
    file: 'calls.py',
    head: 'import os, subprocess\n',
    call: fc.oneof(
      listOf(inPython).map((words) => `subprocess.run(["tally", ${words}])`),
      listOf(inPython).map((words) => `subprocess.check_call(\n  ('tally',  # "\n   ${words}),\n  env=None)`),
      listOf(inPython).map((words) => `os.spawnlp(os.P_WAIT, 'tally', 'tally', ${words})`),
      forShell.map((text) => `os.system('${escaped(text, /['\\]/g)}')`),
      forShell.map((text) => `subprocess.run("${escaped(text, /["\\]/g)}; true", shell=True)`),
    ),
  },
  {
    program: process.execPath,
    file: 'calls.mjs',
    head: "import { execFileSync, execSync, spawnSync } from 'node:child_process';\n",
    call: fc
      .oneof(
        listOf(inJavascript).map((words) => `spawnSync('tally', [${words}]); // '`),
        listOf(inJavascript).map((words) => `const it = /["'\`]/.test(execFileSync('tally', [${words}]));`),
        forShell.map((text) => `execSync(\`${escaped(text, /[`\\$]/g)}\`, { stdio: 'ignore' });`),
      )
      .map((one) => `{ ${one}\n}`),
  },
  {
    program: 'perl',
    file: 'calls.pl',
    head: '',
    call: fc.oneof(
      listOf(inPerl).map((words) => `system('tally', ${words}) == 0 or die "it's";`),
      listOf(inPerl).map((words) => `system 'tally', ${words}; # '`),
      forShell.map((text) => `system(${inDoubleQuotes(text)}); my $it = q('); s/'/"/;`),
      forShell
        .filter((text) => !text.includes('`'))
        .map((text) => `my @out = \`${escaped(text, /[\\$@]/g)}\`;`),
    ),
  },
  {
    program: 'ruby',
    file: 'calls.rb',
    head: "require 'open3'\n",
    call: fc.oneof(
      listOf(inRuby).map((words) => `system('tally', ${words}, out: File::NULL)`),
      listOf(inRuby).map((words) => `system 'tally', ${words} or abort "it's"`),
      listOf(inRuby).map((words) => `Open3.capture2e("tally", ${words})`),
      listOf(inRuby).map((words) => `IO.popen(["tally", ${words}]) { |io| io.read =~ /'/ }`),
      forShell.map((text) => `system ${inDoubleQuotes(text)}`),
      forShell.filter((text) => !text.includes('`')).map((text) => `\`${escaped(text, /[\\#]/g)}\``),
    ),
  },
];

for (const { program, file, head, call } of LANGUAGES)
  test(`the words of calls in ${file} are those that are handed on`, { skip: absent(program) }, () => {
    fc.assert(
      fc.property(fc.array(call, { minLength: 50, maxLength: 50 }), (calls) => {
        const path = join(FOLDER, file);
        const text = `${head}${calls.join('\n')}\n`;
        assert.deepEqual(differences(path, text, [program, path]), NONE);
      }),
      { numRuns: 10, seed: 7, endOnFailure: true },
    );
  });
