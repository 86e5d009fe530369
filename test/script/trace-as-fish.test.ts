import assert from 'node:assert/strict';
import { test } from 'node:test';
import { readScript } from 'dabbawala';
import { traceWords } from 'dabbawala/analysis';
import type { Interface } from 'dabbawala/model';
import fc from 'fast-check';
import { absent, output } from '../support/programs.ts';

/** Specifications of options, each for `argparse` of fish, of which a script has some. */
const SPECIFICATIONS = [
  'a/all',
  'q',
  'o/output=',
  's/street=?',
  'x/exclude=+',
  'late',
  'late-boxes=',
  'k-kind',
  'l/level=!_validate_int --min 1 --max 9',
];
const WORDS = [
  '-a',
  '-aq',
  '-qo',
  '-o',
  '-ox',
  '--output',
  '--output=a',
  '--out',
  '-s',
  '-sa',
  '--street',
  '--street=a',
  '-x',
  '-xa',
  '--late',
  '--lat',
  '--late-boxes',
  '--late-boxes=2',
  '--late=2',
  '-k',
  '--kind',
  '-l',
  '-l5',
  '--level=12',
  '--level',
  '5',
  '-z',
  '--',
  '-',
  'box',
  'quay',
];

/** A file of a function that prints what `argparse` took. */
function functionWith(specifications: readonly string[], flags: readonly string[]): string {
  const variables = specifications.map((one) => {
    const [, name = ''] = /([\w-]+)(?:[=#!]|$)/.exec(one) ?? [];
    const variable = `_flag_${name.replace(/^[a-z][-/]/, '').replaceAll('-', '_')}`;
    // What a flag holds is how it was typed.
    return `${variable} (count $${variable}) ${one.includes('=') ? `$${variable}` : ''}`;
  });
  return [
    'function tally',
    `    argparse ${[...flags, ...specifications.map((one) => `'${one}'`)].join(' ')} -- $argv`,
    '    or return',
    ...variables.map((shown) => `    set -q ${shown.split(' ')[0]}; and echo ${shown}`),
    '    echo operands $argv',
    'end',
    '',
  ].join('\n');
}

/** What a trace tells in the words in which the function tells it. */
function told(cli: Interface, words: readonly string[]): string {
  const { problems, options, operands } = traceWords(cli, words);
  if (problems.length > 0) return 'refused\n';
  const lines = cli.root.options.items.flatMap((option) => {
    const given = options.filter((one) => option.names.some((name) => name.text === one.name));
    const values = given.flatMap((one) => one.values);
    const collects = option.repetition?.value === 'all-count';
    const flag = option.argument?.value.presence === 'none';
    const kept = collects ? values : flag ? given.map((one) => one.name) : values.slice(-1);
    // An optional argument that is left out leaves a variable without a value, whatever came before.
    const last = given.at(-1);
    const shown = option.argument?.value.presence === 'optional' ? (last?.values ?? []) : kept;
    return given.length === 0 ? [] : [[option.key?.value, shown.length, ...(flag ? [] : shown)].join(' ')];
  });
  return [...lines, ['operands', ...operands].join(' '), ''].join('\n');
}

/** Runs all command lines in one process, since fish takes its time to start. */
function runInFish(script: string, lines: readonly (readonly string[])[]): string[] {
  const calls = lines.map(
    (words) =>
      `set said (tally ${words.map((word) => `'${word}'`).join(' ')} 2>/dev/null | string collect); test $pipestatus[1] -eq 0; and echo $said; or echo refused\necho ---\n`,
  );
  return output('fish', ['--no-config', '-c', script + calls.join('')])
    .stdout.split('---\n')
    .slice(0, -1);
}

test('what argparse of fish takes and refuses is what a trace tells', { skip: absent('fish') }, () => {
  const script = fc.tuple(
    fc.subarray(SPECIFICATIONS, { minLength: 2 }),
    fc.subarray(['--stop-nonopt', '--min-args=1', '--max-args=2'], { maxLength: 2 }),
    fc.array(fc.array(fc.constantFrom(...WORDS), { maxLength: 4 }), { minLength: 25, maxLength: 25 }),
  );
  fc.assert(
    fc.property(script, ([specifications, flags, lines]) => {
      const text = functionWith(specifications, flags);
      const { interface: cli } = readScript({ name: 'tally.fish', text });
      assert.ok(cli !== undefined);
      const done = runInFish(text, lines);
      for (const [i, words] of lines.entries())
        assert.equal(told(cli, words), done[i], `${words.join(' ')}\n${text}`);
    }),
    { numRuns: 30, seed: 7 },
  );
});
