import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { applySettings, joinInterfaces, readDocument, readHelp, readSettings, readSource } from 'dabbawala';
import { traceWords } from 'dabbawala/analysis';
import { type Interface, type RuleValues, stated, UNKNOWN_RULES } from 'dabbawala/model';
import {
  commonRules,
  overrideParser,
  PARSER_NAMES,
  PARSERS,
  parsersMarkdown,
  profileOf,
} from 'dabbawala/parsers';
import { documentYaml } from 'dabbawala/writers';
import { dabbawala, ROOT } from '../support/run-dabbawala.ts';

const OPTIONS =
  'options:\n  -a, --all: all\n  --output=FILE: where to\n  --outline: outline\noperands: {FILE: {help: file, count: 0..}}\n';

function documentOf(head: string): Interface {
  const text = `dabbawala: '1'\nprogram: tiffin\ncomplete: true\n${head}${OPTIONS}`;
  const { interface: cli, problems } = readDocument({ name: 'tiffin.yaml', text });
  assert.deepEqual(problems, []);
  assert.ok(cli);
  return cli;
}

function isTaken(cli: Interface, ...words: string[]): boolean {
  return traceWords(cli, words).problems.length === 0;
}

test('a document that names its parser is read by its rules', () => {
  const [argparse, click, none] = [
    documentOf('parser: argparse\n'),
    documentOf('parser: click\n'),
    documentOf(''),
  ];
  assert.deepEqual([isTaken(argparse, '--outl'), isTaken(click, '--outl')], [true, false]);
  // The argument of an option: argparse takes no option for it, click whatever comes.
  assert.deepEqual(
    [isTaken(argparse, '--output', '--all'), isTaken(click, '--output', '--all')],
    [false, true],
  );
  assert.equal(traceWords(none, ['--outl']).assumed[0]?.rule, 'optionAbbreviations');
  assert.deepEqual(traceWords(argparse, ['--outl']).assumed, []);
  assert.deepEqual(traceWords(argparse, []).parser?.value, ['argparse']);
});

test('a rule that stands beside the parser wins, and the document is written as it was', () => {
  const cli = documentOf('parser: argparse\nparsing: {option-abbreviations: false, grouping: true}\n');
  assert.equal(isTaken(cli, '--outl'), false);
  const written = documentYaml(cli);
  assert.match(written, /^parser: argparse$/m);
  assert.match(written, /^parsing:\n {2}option-abbreviations: false\n {2}grouping: true\noptions:/m);
  const again = readDocument({ name: 'tiffin.yaml', text: written });
  assert.deepEqual(again.problems, []);
  assert.equal(again.interface && isTaken(again.interface, '--outl'), false);
});

test('a rule that a command keeps for itself is not lost to those below it', () => {
  const { interface: cli } = readDocument({
    name: 'tiffin.yaml',
    text: "dabbawala: '1'\nprogram: tiffin\nparser: argparse\ncommands:\n  box:\n    parsing: {grouping: false}\n    commands:\n      list:\n        parsing: {grouping: true, inferred: [grouping]}\n",
  });
  assert.ok(cli);
  const again = readDocument({ name: 'tiffin.yaml', text: documentYaml(cli) }).interface;
  const [box] = again?.root.commands.items ?? [];
  assert.equal(box?.rules.grouping?.value, false);
  assert.equal(box?.commands.items[0]?.rules.grouping?.value, true);
});

test('of several parsers the rules count on which they agree', () => {
  const rules = commonRules(stated(['argparse', 'argparse4j'], null));
  assert.equal(rules.optionAbbreviations?.value, true);
  assert.equal(rules.commandAbbreviations, undefined);
  assert.deepEqual(commonRules(stated(['no such parser'], null)), {});
  assert.deepEqual(commonRules(stated(['argparse', 'no such parser'], null)), {});
  const cli = documentOf('parser: [clap-3, clap-4]\n');
  assert.deepEqual(cli.parser?.value, ['clap-3', 'clap-4']);
  assert.match(documentYaml(cli), /parser: \[ ?clap-3, clap-4 ?\]/);
});

test('a parser that there is not is a mistake with its place, and the nearest name', async () => {
  const { problems } = readDocument({
    name: 'tiffin.yaml',
    text: "dabbawala: '1'\nprogram: tiffin\nparser: argparze\n",
  });
  assert.match(
    problems[0]?.message ?? '',
    /expected the name of a parser .*, found 'argparze'; did you mean 'argparse'\?/,
  );
  const { status, stderr } = await dabbawala(['trace', '--parser=clik', 'demo/tiffin-1.4/tiffin.yaml', '--']);
  assert.equal(status, 2);
  assert.match(
    stderr,
    /'clik' is not a value of '--parser': expected the name of a parser .*did you mean 'click'\?/s,
  );
});

test('settings and the command line name the parser too, over what the source says', async () => {
  const { settings, problems } = readSettings({
    name: 's.yaml',
    text: "dabbawala-settings: '1'\nparser: click\n",
  });
  assert.deepEqual(problems, []);
  const { interfaces } = applySettings([documentOf('parser: argparse\n')], settings);
  assert.deepEqual(
    interfaces.map((cli) => [cli.parser?.value, isTaken(cli, '--outl')]),
    [[['click'], false]],
  );
  assert.equal(isTaken(overrideParser(documentOf(''), stated(['click'], null)), '--outl'), false);
  const words = ['demo/tiffin-1.4/tiffin.yaml', '--', 'box', 'list', '--late'];
  assert.equal((await dabbawala(['trace', ...words])).status, 0);
  const { status, stdout } = await dabbawala(['trace', '--parser=click', ...words]);
  assert.deepEqual([status, /\n {2}parser: click\n/.test(stdout)], [1, true]);
  assert.equal(
    (await dabbawala(['trace', '--parser=click', '--rule=option-abbreviations=true', ...words])).status,
    0,
  );
});

const ARGPARSE = `usage: boxsort [-h] [--reverse] [file ...]

options:
  -h, --help  show this help message and exit
  --reverse   sort from the last day
`;

test('a help is recognised by marks that agree, and not by one alone', () => {
  const parserOf = (text: string) => readHelp({ name: 'boxsort', text }).interface?.parser;
  assert.deepEqual([parserOf(ARGPARSE)?.value, parserOf(ARGPARSE)?.basis], [['argparse'], 'inferred']);
  // Written by somebody who words one line as the parser does.
  assert.equal(parserOf(ARGPARSE.replace('usage: boxsort', 'Call: boxsort')), undefined);
  assert.equal(parserOf(ARGPARSE.replace('options:', 'Flags:')), undefined);
  assert.equal(parserOf(ARGPARSE.replace('show this help message and exit', 'show help')), undefined);
  assert.deepEqual(parserOf(ARGPARSE.replace('options:', 'optional arguments:'))?.value, [
    'argparse',
    'argparse4j',
  ]);
  assert.deepEqual(parserOf(ARGPARSE.replace('usage:', 'Usage:').replace('options:', 'Options:'))?.value, [
    'optparse',
  ]);
});

test('the marks are quoted with their places, and a document that names the parser counts before them', () => {
  const { interface: help } = readHelp({ name: 'boxsort', text: ARGPARSE });
  assert.ok(help);
  assert.deepEqual(
    help.parserMarks.map(({ text, place }) => [text, place && ARGPARSE.slice(place.start, place.end)]),
    [
      ['usage: boxsort [-h] [--reverse] [file ...]', 'usage: boxsort [-h] [--reverse] [file ...]'],
      ['options:', 'options:'],
      ['show this help message and exit', 'show this help message and exit'],
    ],
  );
  const document = readSource({ name: 'b.yaml', text: "dabbawala: '1'\nprogram: boxsort\nparser: click\n" });
  assert.ok(document.interface);
  const [joined] = joinInterfaces([help, document.interface]);
  assert.deepEqual(joined?.parser?.value, ['click']);
  assert.equal(joined && isTaken(joined, '--rev'), false);
});

test('every profile has a name of its own, rules of the model, and what was run', () => {
  assert.equal(new Set(PARSER_NAMES).size, PARSERS.length);
  const notRun: string[] = [];
  for (const { name, rules, ran, language } of PARSERS) {
    assert.equal(profileOf(name)?.name, name);
    assert.ok(language.length > 0);
    for (const rule of Object.keys(rules)) assert.ok(rule in UNKNOWN_RULES, `${rule} of ${name}`);
    if (ran.length === 0) notRun.push(name);
  }
  assert.deepEqual(notRun, ['llvm-cl']);
});

test('the page of parsers is made from the profiles', () => {
  const page = parsersMarkdown(PARSERS);
  assert.equal(page, readFileSync(join(ROOT, 'docs/parsers.md'), 'utf8'));
  for (const name of PARSER_NAMES) assert.ok(page.includes(`\n### ${name}\n`), name);
  // Nothing that a profile says is left out: each rule is a question of its own, but for those that none of them decides.
  const asked = new Set(PARSERS.flatMap(({ rules }) => Object.keys(rules) as (keyof RuleValues)[]));
  const missing = [...asked].filter(
    (rule) =>
      !page.includes(`The rule \`${rule.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`)}\`.`),
  );
  assert.deepEqual(missing.sort(), ['bundleWithoutHyphen', 'numberOption', 'segmentSeparator']);
});
