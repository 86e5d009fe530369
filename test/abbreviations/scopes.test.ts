import assert from 'node:assert/strict';
import { test } from 'node:test';
import {
  fragileAbbreviations,
  freeLetters,
  LikelyNames,
  nameScopes,
  optionScopes,
  resolveWords,
  suggest,
} from 'dabbawala/analysis';
import type { Interface } from 'dabbawala/model';
import fc from 'fast-check';
import { programOf } from '../support/option-sets.ts';
import { readText } from '../support/read-text.ts';

function yaml(text: string): Interface {
  return readText(`dabbawala: 1\nprogram: tiffin\n${text}`);
}

/** The verdict and the names of a word in the first scope of options. */
function resolve(cli: Interface, word: string): string {
  const [scope] = optionScopes(cli);
  const { verdict, names } = scope?.index.resolve(word) ?? { verdict: 'no scope', names: [] };
  return `${verdict} ${names.join(' ')}`.trim();
}

test('each parsing rule has its effect, and the rules of a subcommand go before those of the program', () => {
  const options = 'options:\n  --late-fee: a\n  --late, --later: b\n  -L, --map: c\n';
  const cases: [string, string, string][] = [
    ['', '--la', 'ambiguous --late --late-fee --later'],
    ['', '--late', 'exact --late'],
    ['', '--later', 'exact --later'],
    ['{option-abbreviations: false}', '--ma', 'unknown'],
    ['{option-abbreviations: false}', '--map', 'exact --map'],
    ['{prefix-tie: first-declared}', '--la', 'unique --late-fee'],
    ['{case-sensitive: false}', '--MA', 'unique --map'],
    ['{case-sensitive: true}', '--MA', 'unknown'],
    ['{generated-negation: true}', '--no-m', 'unique --no-map'],
    ['{generated-negation: true}', '--no-la', 'ambiguous --no-late --no-late-fee --no-later'],
  ];
  for (const [rules, word, expected] of cases) {
    const cli = yaml(`${rules === '' ? '' : `parsing: ${rules}\n`}${options}`);
    assert.equal(resolve(cli, word), expected, `${rules} ${word}`);
  }
  const spellings = 'options:\n  --colour, --color: a\n';
  assert.equal(resolve(yaml(spellings), '--col'), 'same-option --color --colour');
  assert.equal(
    resolve(yaml(`parsing: {spellings-tie: true}\n${spellings}`), '--col'),
    'ambiguous --color --colour',
  );
  const nested = yaml(
    `parsing: {option-abbreviations: true}\n${options}commands:\n  box:\n    parsing: {option-abbreviations: false}\n    options: {--map: a}\n`,
  );
  assert.deepEqual(
    optionScopes(nested).map(({ accepted, index }) => [accepted?.value, index.resolve('--ma').verdict]),
    [
      [true, 'unique'],
      [false, 'unknown'],
    ],
  );
});

test('inherited options, hidden ones and those that are the same as another are in the scope', () => {
  const cli = yaml(
    'options:\n  --map: {help: a, inheritance: anywhere-below}\n  --quiet: b\n' +
      'commands:\n  box:\n    options:\n      --mark: {help: c, hidden: true}\n      --all: d\n      --any: {help: e, same-as: --all}\n',
  );
  const [, box] = optionScopes(cli);
  assert.deepEqual(box?.index.names, ['--all', '--any', '--map', '--mark']);
  assert.equal(box?.index.resolve('--ma').verdict, 'ambiguous');
  assert.equal(box?.index.resolve('--a').verdict, 'same-option');
});

test('long names with one hyphen are abbreviated where abbreviations are known to be accepted', () => {
  const options = 'options:\n  -sort: a\n  -s: b\n  --map: c\n';
  assert.deepEqual(optionScopes(yaml(options))[0]?.index.names, ['--map']);
  const cli = yaml(`parsing: {option-abbreviations: true}\n${options}`);
  assert.equal(resolve(cli, '-so'), 'unique -sort');
  assert.equal(resolve(cli, '-s'), 'unknown');
});

test('where one or two hyphens are accepted, names in either spelling compete', () => {
  const options = 'options:\n  -sort: a\n  -s: b\n  --south: c\n  --map: d\n';
  const cli = yaml(`parsing: {long-hyphens: one-or-two}\n${options}`);
  for (const hyphens of ['-', '--']) {
    assert.equal(resolve(cli, `${hyphens}sort`), 'exact --sort');
    assert.equal(resolve(cli, `${hyphens}so`), 'ambiguous --sort --south');
    assert.equal(resolve(cli, `${hyphens}m`), 'unique --map');
  }
});

test('generated negations resolve as if they were declared', () => {
  const names = fc.uniqueArray(fc.stringMatching(/^[ab]{1,4}$/), { minLength: 1, maxLength: 6 });
  fc.assert(
    fc.property(names, fc.stringMatching(/^--(no-)?[abn]{0,3}$/), (own, word) => {
      const flags = own.map((name) => ({ letter: undefined, name, argument: 'none' as const }));
      const [scope] = optionScopes(programOf(flags, { generatedNegation: true }));
      const all = own.flatMap((name) => [`--${name}`, `--no-${name}`]);
      const begun = word.length < 3 ? [] : all.filter((name) => name.startsWith(word)).sort();
      const expected = all.includes(word) ? [word] : begun;
      assert.deepEqual(scope?.index.resolve(word).names, expected);
    }),
  );
});

test('words are looked up as options, commands and values, and tell what would change them', () => {
  const cli = yaml(
    'complete: true\nparsing: {command-abbreviations: true, value-abbreviations: true}\noptions:\n' +
      '  --version-text=KIND:\n    help: a\n    argument: {values: [short, long]}\ncommands:\n  round: b\n  route: c\n',
  );
  const found = (word: string) =>
    resolveWords(nameScopes(cli), [word]).map(({ kind, verdict, names, shortest }) =>
      [kind, verdict, ...names, shortest].join(' '),
    );
  assert.deepEqual(found('rou'), ['commands ambiguous round route ']);
  assert.deepEqual(found('roun'), ['commands unique round roun']);
  assert.deepEqual(found('sh'), ['values unique short s']);
  assert.deepEqual(found('zz'), ['commands unknown ']);
  assert.deepEqual(found('--zz'), ['options unknown ']);
  const [version] = resolveWords(nameScopes(cli), ['--version']);
  assert.deepEqual(version?.breakers, ['--version', '--version-control']);
  assert.equal(version?.safest, '--version-t');
});

test('words that people took for names are ranked: what a likely name would take over comes first', () => {
  const cli = readText(
    'Usage: tiffin\n\n  --late-boxes  a\n  --dry-fit     b\n  --verb-form   c\n  --no-map      d\n  --directories-only  e\n',
  );
  const [scope] = optionScopes(cli);
  assert.ok(scope !== undefined);
  const fragile = fragileAbbreviations(scope, new LikelyNames(['--late']));
  assert.deepEqual(
    fragile.map(({ word, name, because, takenOver }) => [word, name, because, takenOver]),
    [
      ['--late', '--late-boxes', 'leading-words', true],
      ['--dry', '--dry-fit', 'leading-words', false],
      ['--verb', '--verb-form', 'leading-words', false],
      ['--dir', '--directories-only', 'short-form', false],
      ['--directories', '--directories-only', 'leading-words', false],
    ],
  );
  assert.deepEqual(fragile[0]?.breakers, ['--late']);
  assert.ok(!fragile.some(({ word }) => word === '--no'));
});

test('the free letters of an option begin with the customary one', () => {
  const cli = readText(
    'Usage: tiffin\n\n  --file=NAME    a\n  -q, --quiet    b\n  --quick        c\n  --dry-run      d\n',
  );
  const letters = freeLetters({ command: cli.root, line: [cli.root], path: ['tiffin'] });
  assert.deepEqual(
    letters.map(({ name, customary, free }) => [name, customary.join(''), free.join('')]),
    [
      ['--file', 'f', 'fF'],
      ['--quick', '', 'Q'],
      ['--dry-run', 'n', 'ndrDR'],
    ],
  );
});

test('suggestions: beginnings first, then words in another order, then names a few letters away', () => {
  const names = ['--dry-run', '--recursive', '--reverse', '--colour', '--quiet', '-q', 'route'];
  const cases: [string, string[]][] = [
    ['--rec', ['--recursive']],
    ['--run-dry', ['--dry-run']],
    ['--dry_run', ['--dry-run']],
    ['--color=always', ['--colour']],
    ['quite', ['--quiet']],
    ['roote', ['route']],
    ['rotue', ['route']],
    ['-p', []],
    ['--zzzz', []],
    ['', []],
  ];
  for (const [word, expected] of cases) assert.deepEqual(suggest(word, names), expected, word);
  const [scope] = optionScopes(readText('Usage: tiffin\n\n  --late  a\n'));
  assert.deepEqual(scope && suggest('--lat', scope), ['--late']);
});
