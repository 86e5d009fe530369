import assert from 'node:assert/strict';
import { test } from 'node:test';
import {
  ABBREVIATION_REPORTS,
  nameScopes,
  resolveWords,
  TRACE_REPORTS,
  traceWords,
} from 'dabbawala/analysis';
import type { Interface } from 'dabbawala/model';
import { readText } from '../support/read-text.ts';

const CONTEXT = { tool: { name: 'dabbawala', version: '0' }, text: { width: 100, colour: false } };
const yaml = (body: string) => readText(`dabbawala: 1\nprogram: tiffin\ncomplete: true\n${body}`);

const table = (cli: Interface) =>
  ABBREVIATION_REPORTS.text({ scopes: nameScopes(cli), resolved: [], isAsked: false }, CONTEXT).split('\n');

/** What the table says of words, a line each. */
const resolved = (cli: Interface, ...words: string[]) =>
  ABBREVIATION_REPORTS.text(
    { scopes: [], resolved: resolveWords(nameScopes(cli), words), isAsked: true },
    CONTEXT,
  )
    .trimEnd()
    .split('\n');

test('the table has a line for each name, with its shortest form and its letters', () => {
  const lines = table(
    yaml(
      'parsing: {option-abbreviations: true}\noptions: {"-q, --quiet": a, --late-boxes: b, --late-fee: c}\n',
    ),
  );
  assert.deepEqual(lines.slice(0, 9), [
    'tiffin',
    '  3 long names: the parser accepts abbreviations',
    '',
    '  name          shortest  letter',
    '  --late-boxes  --late-b  free: l b L',
    '  --late-fee    --late-f  free: l f L',
    '  --quiet       --q       -q',
    '',
    '  ambiguous      begins',
  ]);
  assert.equal(lines[9], '  --l … --late-  --late-boxes, --late-fee');
});

test('the table says how sure it is of the parser and of the list', () => {
  const first = (text: string) => table(readText(text))[1];
  const options = '  --late  a\n  --map   b\n';
  assert.equal(
    first(`Usage: tiffin\n\n${options}`),
    '  2 long names: nothing says whether the parser accepts abbreviations; this is what they mean if it',
  );
  assert.equal(
    first(`Usage: tiffin [options]\n\nOptions:\n${options}  -h, --help  show this help message and exit\n`),
    '  3 long names: the parser likely accepts abbreviations, among the names known',
  );
});

test('names that stand alone are told together, and control characters are neutralised', () => {
  const lines = table(
    yaml(
      'options: {--help: a}\ncommands:\n  box: {options: {--help: b}}\n  "ro\\eute": {options: {--help: c}}\n',
    ),
  );
  assert.equal(lines.length, 2);
  assert.match(lines[0] ?? '', /^--help alone: tiffin, tiffin box, tiffin ro[^\x1b]+ute$/);
});

test('commands and values have tables where their abbreviations are accepted', () => {
  const lines = table(
    yaml(
      'parsing: {command-abbreviations: true, value-abbreviations: true}\noptions:\n  --sort=KEY: {help: a, argument: {values: [owner, quay]}}\ncommands: {round: b, route: c}\n',
    ),
  );
  assert.ok(lines.includes('tiffin, commands'));
  assert.ok(lines.includes('  route    rout'));
  assert.ok(lines.includes('tiffin --sort, values'));
  assert.ok(lines.includes('  owner  o'));
});

test('a word is told what it stands for, why, and what would change that', () => {
  const cli = yaml(
    'parsing: {option-abbreviations: true}\noptions: {--colour: a, --version: b, "--late, --later": c}\n',
  );
  assert.deepEqual(resolved(cli, '--vers'), [
    "tiffin: option '--vers' is unique: it stands for '--version', since no other begins this way",
    "  the shortest form is '--v'; the shortest that no likely new name breaks is '--version'",
    "  a new '--version-control' would make it ambiguous",
  ]);
  assert.deepEqual(resolved(cli, '--colour'), [
    "tiffin: option '--colour' is exact: a full name",
    "  the shortest form is '--c'; the shortest that no likely new name breaks is '--colou'",
  ]);
  assert.match(
    resolved(cli, '--lat')[0] ?? '',
    /begins several spellings of the same option: '--late' and '--later'/,
  );
  assert.match(resolved(cli, '--zz')[0] ?? '', /is unknown: no option known here begins this way/);
});

test('what is the same in several commands is told once', () => {
  const cli = yaml(
    'parsing: {option-abbreviations: true}\noptions:\n  --quiet: {help: a, inheritance: anywhere-below}\ncommands: {box: {options: {--map: b}}, route: {options: {--map: c}}}\n',
  );
  const lines = resolved(cli, '--quie');
  assert.match(lines[0] ?? '', /^tiffin: option '--quie' is unique/);
  assert.equal(lines.at(-1), '  the same in tiffin box and tiffin route');
  assert.equal(lines.filter((line) => line.includes('is unique')).length, 1);
});

test('a trace shows each part under its place in the word, and marks what is wrong by its number', () => {
  const cli = yaml(
    'usage: tiffin [OPTION]... DAY\noptions: {"-a, --all": x, "-r, --route=NAME": y}\noperands: {DAY: {count: 1}}\nparsing: {grouping: true, operand-order: mixed}\n',
  );
  assert.deepEqual(TRACE_REPORTS.text(traceWords(cli, ['-arnorth', 'mon', '']), CONTEXT).split('\n'), [
    'tiffin',
    '',
    '     word      read as',
    '  1  -arnorth',
    '     -a        option           -a (--all)',
    '       r       option           -r (--route)',
    '        north  option-argument  of --route',
    '  2  mon       operand          DAY',
    "  3  ''        operand",
    '',
    "  first operand: word 2, 'mon'",
    "  tiffin: unexpected operand '' (word 3)",
    '',
  ]);
});

test('reports of abbreviations name the parser of each program, and what shows it', () => {
  const cli = readText(
    'usage: tiffin [-h] [--route PORT]\n\noptions:\n  -h, --help    show this help message and exit\n  --route PORT  the way\n',
  );
  const subject = { scopes: nameScopes(cli), resolved: [], isAsked: false, programs: [cli] };
  assert.match(
    ABBREVIATION_REPORTS.text(subject, CONTEXT),
    /\n\nparser: likely argparse, by 'usage: tiffin /,
  );
  assert.match(
    ABBREVIATION_REPORTS.text({ ...subject, programs: [cli, cli] }, CONTEXT),
    /parser of tiffin: likely argparse[\s\S]*parser of tiffin: likely argparse/,
  );
  const { parsers } = JSON.parse(ABBREVIATION_REPORTS.json(subject, CONTEXT));
  assert.deepEqual(
    parsers.map((one: { program: string; parser: { names: string[]; basis: string } }) => [
      one.program,
      one.parser.names,
      one.parser.basis,
    ]),
    [['tiffin', ['argparse'], 'inferred']],
  );
  assert.doesNotMatch(table(cli).join('\n'), /^parser/m);
});
