import assert from 'node:assert/strict';
import { test } from 'node:test';
import { readCompletion } from 'dabbawala';
import {
  COMPARISON_REPORTS,
  COVERAGE_REPORTS,
  type ComparedSides,
  compareInterfaces,
  coverage,
  WHAT_IF_REPORTS,
  whatIf,
} from 'dabbawala/analysis';
import { readYaml } from '../support/read-yaml.ts';

const CONTEXT = { tool: { name: 'dabbawala', version: '0' }, text: { width: 80, colour: false } };

function sides(old: string, fresh: string): ComparedSides {
  return { title: 'tiffin', comparison: compareInterfaces(readYaml(old), readYaml(fresh)) };
}

test('segmented commands: the forms that a new one makes ambiguous are one entry, the learnt one first', () => {
  const rules = 'complete: true\nparsing: {segment-abbreviations: true}\ncommands:\n';
  const { comparison } = sides(
    `${rules}  route:plan: {summary: plan a route}\n  round:open: {summary: open one}\n`,
    `${rules}  route:plan: {summary: plan a route}\n  round:open: {summary: open one}\n  route:print: {summary: print it}\n`,
  );
  const [change, ...others] = comparison.changes;
  assert.equal(change?.kind, 'abbreviation-ambiguous');
  assert.deepEqual(change?.likely, ['r:p']);
  assert.match(
    change?.message ?? '',
    /^'r:p' \(and other abbreviations\) stood for 'route:plan' and are now ambiguous/,
  );
  assert.deepEqual(
    others.map(({ kind }) => kind),
    ['command-added'],
  );
});

test('abbreviations of values: one that a new value takes over is told as that', () => {
  const document = (values: string) =>
    `complete: true\nparsing: {value-abbreviations: true}\noptions:\n  --sort=KEY: {help: sort, argument: {values: [${values}]}}\n`;
  const { comparison } = sides(document('owner, weight'), document('own, owner, weight'));
  assert.deepEqual(
    comparison.changes.map(({ kind, effect }) => `${effect} ${kind}`),
    ['other-meaning abbreviation-taken-over', 'refused abbreviation-ambiguous', 'compatible value-added'],
  );
});

test('what depends on whether abbreviations are accepted is a note where that is not known, and settled by the rule', () => {
  const old = 'complete: true\noptions:\n  --late-boxes: only late ones\n';
  const { comparison } = sides(old, `${old}  --late-fee: add the fee\n`);
  assert.equal(comparison.release, 'minor');
  const [change] = comparison.changes;
  assert.deepEqual([change?.effect, change?.level], ['uncertain', 'note']);
  assert.match(change?.message ?? '', /, if the parser accepts abbreviations$/);
  const rule = 'parsing: {option-abbreviations: false}\n';
  assert.deepEqual(
    sides(rule + old, `${rule}${old}  --late-fee: add the fee\n`).comparison.changes.map(({ kind }) => kind),
    ['option-added'],
  );
});

test('a parser that is named now is one change, not one for each of its rules, but where callers may depend on one', () => {
  const kinds = (old: string, newer: string) =>
    sides(
      `${old}options: {--all: list all}\n`,
      `${newer}options: {--all: list all}\n`,
    ).comparison.changes.map(({ kind, effect, subject }) => `${effect} ${kind} ${subject}`);
  assert.deepEqual(kinds('', 'parser: getopt-long\n'), ['wording parser-changed tiffin']);
  assert.deepEqual(kinds('parser: getopt-long\n', ''), ['wording parser-changed tiffin']);
  assert.deepEqual(kinds('', 'parser: commander\n'), [
    'uncertain rule-said option-abbreviations',
    'wording parser-changed tiffin',
  ]);
  assert.ok(
    kinds('parser: getopt-long\n', 'parser: commander\n').includes(
      'refused rule-changed option-abbreviations',
    ),
  );
  // A rule that is stated beside the name is told.
  assert.deepEqual(kinds('', 'parser: getopt-long\nparsing: {number-option: true}\n'), [
    'wording parser-changed tiffin',
    'wording rule-said number-option',
  ]);
});

test('a lost option is ignored, passed on or refused as the parser has it', () => {
  const document = (rule: string, options: string) =>
    `complete: true\nparsing: {unknown-options: ${rule}}\noptions: {--all: list all${options}}\n`;
  for (const [rule, expected] of [
    ['refused', "refused error '--late' was removed: command lines with '--late' are refused"],
    [
      'ignored',
      "other-meaning error '--late' was removed: command lines with '--late' run as if it had not been given",
    ],
    ['passed-on', "other-meaning error '--late' was removed: command lines with '--late' pass it on"],
  ] as const) {
    const [change] = sides(document(rule, ', --late: only late ones'), document(rule, '')).comparison.changes;
    assert.equal(`${change?.effect} ${change?.level} ${change?.message}`, expected);
  }
});

test('names and texts of strangers are neutralised in every report', () => {
  const document = (value: string) =>
    `complete: true\noptions:\n  --sort=KEY: {help: "<script>alert(1)</script>", argument: {values: [${value}]}}\n`;
  const compared = sides(document('"\\u001b[31mred\\u202e"'), document('"owner\\u0007"'));
  for (const text of [COMPARISON_REPORTS.text(compared, CONTEXT), COMPARISON_REPORTS.markdown(compared)]) {
    assert.ok(!text.includes('\u001b'), text);
    assert.ok(!text.includes('\u202e'), text);
  }
  assert.doesNotThrow(() => JSON.parse(COMPARISON_REPORTS.json(compared, CONTEXT)));
  const cli = readYaml('complete: true\noptions:\n  --map: draw it\n');
  const script = {
    name: 'x\u001b[2J.fish',
    text: "complete -c tiffin -l 'b\u001b[31m' -a '\u001b]0;x\u0007'\n",
  };
  const shown = COVERAGE_REPORTS.text(coverage(cli, [readCompletion(script, 'fish', 'tiffin')]), CONTEXT);
  assert.ok(!/[\u001b\u0007]/.test(shown), shown);
  const asked = whatIf(cli, '--ma\u001b[31m');
  assert.ok('comparison' in asked);
  assert.ok(!WHAT_IF_REPORTS.text([asked], CONTEXT).includes('\u001b'));
});

test('what is offered beside what is known is not judged, and what lacks a description is named', () => {
  const document = (inheritance: string) =>
    readYaml(
      `complete: true\noptions:\n  -q, --quay=NAME: {help: the quay${inheritance}}\ncommands:\n  box: {summary: list boxes, options: {--late: late ones}}\n`,
    );
  const script = {
    name: 'tiffin.fish',
    text: "complete -c tiffin -f\ncomplete -c tiffin -s q -l quay -x -d 'the quay'\ncomplete -c tiffin -n __fish_use_subcommand -a box\ncomplete -c tiffin -n '__fish_seen_subcommand_from box' -l late\n",
  };
  const report = (inheritance: string) =>
    COVERAGE_REPORTS.text(
      coverage(document(inheritance), [readCompletion(script, 'fish', 'tiffin')]),
      CONTEXT,
    );
  const open = report('');
  assert.match(open, /^ {2}fish .* {2}- {6}0$/m);
  assert.match(open, /not in what is known: --quay \[tiffin box\]/);
  assert.doesNotMatch(open, /stale: /);
  assert.match(open, /not described: box \[tiffin\]\n(?:.*\n)* {2}.*not described: --late \[tiffin box\]/);
  const refused = report(', inheritance: before-subcommand');
  assert.match(refused, /^ {2}fish .* {2}2 {6}0$/m);
  assert.match(refused, /stale: --quay \[tiffin box\]/);
});

test('options called as the members of every object are ordinary', () => {
  const document = (names: string) =>
    `complete: true\nparsing: {option-abbreviations: true}\noptions: {${names}}\n`;
  const { comparison } = sides(
    document('--__proto__: one, --constructor: two, --to-string: three'),
    document('--__proto__: one, --constructor-name: two, --to-string: three'),
  );
  assert.deepEqual(
    comparison.changes.map(({ kind, subject }) => `${kind} ${subject}`),
    ['option-renamed --constructor'],
  );
});
