import assert from 'node:assert/strict';
import { test } from 'node:test';
import { readDocument } from 'dabbawala';
import { traceWords } from 'dabbawala/analysis';

const FLAGS =
  'options:\n  -a, --all: all\n  -o, --dry-run: dry\n  --output=FILE: where to\noperands: {FILE: {help: file, count: 0..}}\n';

/** What a parser with one rule makes of a command line: options, then operands, or that it refuses. */
function readUnder(rule: string, ...words: string[]): string {
  const text = `dabbawala: '1'\nprogram: tiffin\ncomplete: true\nparsing: {${rule}}\n${FLAGS}`;
  const { interface: cli, problems } = readDocument({ name: 'tiffin.yaml', text });
  assert.deepEqual(problems, []);
  assert.ok(cli);
  const trace = traceWords(cli, words);
  if (trace.problems.length > 0) return 'refused';
  const given = trace.options.map(
    ({ name, negated, values }) => `${negated ? 'no ' : ''}${[name, ...values].join('=')}`,
  );
  return [...given, ...trace.operands].join(' ');
}

test('rules that single parsers have are followed, each with what others make of the same words', () => {
  const cases: [rule: string, words: string[], read: string][] = [
    ['', ['--all=false'], 'refused'],
    ['flag-values: true-or-false', ['--all=false'], 'no --all=false'],
    ['flag-values: true-or-false', ['--all=odd'], 'refused'],
    ['flag-values: ignored', ['--all=odd'], '--all'],
    ['flag-values: passed-on', ['--all=odd'], '--all odd'],
    ['', ['--output'], 'refused'],
    ['missing-arguments: empty', ['--output'], '--output'],
    ['', ['--output=1', '--output=2'], '--output=1 --output=2'],
    ['repeated-options: refused', ['--output=1', '--output=2'], 'refused'],
    ['repeated-options: refused', ['-a', '-a'], '--all --all'],
    ['repeated-flags: false', ['-a', '-a'], 'refused'],
    ['', ['--dry_run'], 'refused'],
    ['word-joints: [hyphen, underscore]', ['--dry_run'], '--dry-run'],
    ['word-joints: [hyphen, underscore]', ['--dryRun'], 'refused'],
    ['word-joints: [hyphen, capital]', ['--dryRun'], '--dry-run'],
    ['', ['--', '-a'], '-a'],
    ['double-hyphen: ends-options-and-stays', ['--', '-a'], '-- -a'],
    ['case-sensitive: false', ['--ALL', '-A'], '--all --all'],
    ['case-sensitive: false, letter-case-sensitive: true', ['-A'], 'refused'],
    ['generated-negation: true', ['--no-all'], 'no --no-all'],
    ['generated-negation: true, negation-prefix: no', ['--noall'], 'no --noall'],
    ['generated-negation: true, negation-prefix: no', ['--no-all'], 'refused'],
    ['option-prefixes: ["-", --, +]', ['+a', '+all'], '--all --all'],
    ['grouping: false', ['-ao'], 'refused'],
    ['grouping: false, unknown-options: passed-on', ['-ao'], '-ao'],
  ];
  for (const [rule, words, read] of cases) assert.equal(readUnder(rule, ...words), read, `${rule}: ${words}`);
});

test('an equals sign behind a letter parts the value only where the parser has it so', () => {
  const read = (forms: string) => {
    const text = `dabbawala: '1'\nprogram: tiffin\ncomplete: true\nparsing: {value-forms: [${forms}]}\noptions:\n  -o FILE: where to\n`;
    const { interface: cli } = readDocument({ name: 'tiffin.yaml', text });
    assert.ok(cli);
    return traceWords(cli, ['-o=x']).options[0]?.values[0];
  };
  assert.equal(read('-xV, -x V'), '=x');
  assert.equal(read('-xV, -x=V'), 'x');
  assert.equal(read('-x=V'), 'x');
});

test('options of the program count behind a subcommand where the parser has it so, unless they say otherwise', () => {
  const text = (rule: string) =>
    `dabbawala: '1'\nprogram: tiffin\ncomplete: true\nparsing: {${rule}}\noptions:\n  --quiet: quiet\n  --first: {help: first, inheritance: before-subcommand}\ncommands:\n  box: {summary: box, options: {--all: all}}\n`;
  const isTaken = (rule: string, ...words: string[]) => {
    const { interface: cli, problems } = readDocument({ name: 'tiffin.yaml', text: text(rule) });
    assert.deepEqual(problems, []);
    return cli !== undefined && traceWords(cli, words).problems.length === 0;
  };
  assert.equal(isTaken('option-inheritance: anywhere-below', 'box', '--quiet'), true);
  assert.equal(isTaken('option-inheritance: anywhere-below', 'box', '--first'), false);
  assert.equal(isTaken('option-inheritance: before-subcommand', 'box', '--quiet'), false);
  assert.equal(isTaken('option-inheritance: before-subcommand', '--quiet', 'box'), true);
});
