import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, test } from 'node:test';
import { CATALOGUE, CHECK_REPORTS } from 'dabbawala';
import { dabbawala, dabbawalaEach, ROOT } from '../support/run-dabbawala.ts';

const HELP = 'demo/tiffin-1.4/help';
const CLEAN = 'Usage: tiffin [-q] BOX\n\n  -q  say nothing\n';
let folder = '';

before(async () => {
  folder = await mkdtemp(join(tmpdir(), 'dabbawala-command-'));
});
after(() => rm(folder, { recursive: true }));

async function file(name: string, content: string | Buffer): Promise<string> {
  const path = join(folder, name);
  await writeFile(path, content);
  return path;
}

test('audit reads standard input and files, and its exit status follows --fail-on', async () => {
  const warning = readFileSync(join(ROOT, HELP, 'tiffin-route-print.txt'));
  const cases: [string[], string | Buffer, number][] = [
    [['audit', '-'], CLEAN, 0],
    [['audit', '-'], warning, 1],
    [['audit', '--fail-on', 'error', '-'], warning, 0],
    [['audit', '--fail-on=error', `${HELP}/tiffin-round-open.txt`], '', 1],
    [['audit', '--fail-on=never', `${HELP}/tiffin-round-open.txt`], '', 0],
    [['audit', '--fail-on=note', '--rule=option-abbreviations=true', `${HELP}/tiffin-box-list.txt`], '', 1],
    [['audit', `${HELP}/tiffin-box-list.txt`], '', 0],
  ];
  for (const [words, input, status] of cases) {
    const ended = await dabbawala(words, input);
    assert.equal(ended.status, status, words.join(' '));
    assert.equal(ended.stderr, '');
    assert.notEqual(ended.stdout, '');
  }
});

test('audit --format json is JSON, also where a source could not be used', async () => {
  const ended = await dabbawala(['audit', '--format=json', '-', join(folder, 'absent')], CLEAN);
  assert.equal(ended.status, 2);
  const report = JSON.parse(ended.stdout);
  assert.equal(report.sources.length, 1);
  assert.deepEqual(
    report.problems.map((problem: { code: string }) => problem.code),
    ['cannot-read'],
  );
});

test('--program and --command say what the text does not', async () => {
  const words = ['audit', '--format=json', '--program=tiffin', '--command=box list', '-'];
  const { stdout } = await dabbawala(words, 'Options:\n  --n=X  one\n');
  assert.deepEqual(JSON.parse(stdout).findings[0].command, ['tiffin', 'box', 'list']);
});

test('--only and --except select checks, areas and commands', async () => {
  const found = async (...words: string[]) => {
    const { stdout } = await dabbawala(['audit', '--format=json', ...words, 'demo/tiffin-1.4/tiffin.yaml']);
    const { findings } = JSON.parse(stdout) as { findings: { check: string; command: string[] }[] };
    return findings;
  };
  const all = await found();
  const help = await found('--only=help');
  assert.ok(help.length > 0 && help.length < all.length);
  assert.ok(help.every(({ check }) => check.startsWith('help/')));
  const some = await found('--only=help', '--except=help/same-help-twice', '--except=tiffin ledger');
  const left = help.filter(
    ({ check, command }) => check !== 'help/same-help-twice' && command[1] !== 'ledger',
  );
  assert.deepEqual(some, left);
  const box = await found('--only=tiffin box');
  assert.ok(box.length > 0 && box.every(({ command }) => command[1] === 'box'));
  const { status, stderr } = await dabbawala(['audit', '--only=hlep', 'demo/tiffin-1.4/tiffin.yaml']);
  assert.equal(status, 2);
  assert.match(stderr, /expected a check, an area or a command path, found 'hlep'; did you mean 'help'\?\n/);
});

test('--rule says how the parser behaves, over what the source says', async () => {
  const tiffin = 'demo/tiffin-1.4/tiffin.yaml';
  assert.equal((await dabbawala(['abbreviations', tiffin, '--', '--vers'])).status, 0);
  const refused = await dabbawala([
    'abbreviations',
    '--rule=option-abbreviations=false',
    tiffin,
    '--',
    '--vers',
  ]);
  assert.equal(refused.status, 1);
  const mistakes: [string, RegExp][] = [
    [
      'case-sensitive=no',
      /'case-sensitive=no' is not a value of '--rule': expected true or false, found 'no'\n/,
    ],
    ['grouping', /expected KEY=VALUE, found 'grouping'\n/],
    ['groping=true', /unknown key 'groping'; did you mean 'grouping'\?\n/],
    ['value-forms=-xV,--x', /expected one of '-xV', '-x=V', '-x V', '--x=V', '--x V', found '--x'\n/],
  ];
  for (const [rule, message] of mistakes) {
    const { status, stderr } = await dabbawala(['audit', `--rule=${rule}`, tiffin]);
    assert.equal(status, 2);
    assert.match(stderr, message);
  }
});

test('abbreviations tells what words come to, and fails on those that come to nothing or too much', async () => {
  const source = `${HELP}/tiffin-box-list.txt`;
  const cases: [string[], number, RegExp][] = [
    [
      ['--late'],
      0,
      /'--late' is unique, among the names known: it stands for\s+'--late-boxes',[\s\S]+the shortest form is '--l'/,
    ],
    [['late'], 0, /stands for\s+'--late-boxes'/],
    [['--route'], 0, /'--route' is exact/],
    [['--ro'], 1, /option '--ro' is ambiguous: it begins '--route' and\s+'--route-map'/],
    [['--late', '--zz'], 1, /'--zz' is unknown/],
    [['--sort=owner'], 0, /'--sort' is exact/],
  ];
  for (const [words, status, pattern] of cases) {
    const ended = await dabbawala(['abbreviations', source, '--', ...words]);
    assert.match(ended.stdout, pattern);
    assert.equal(ended.status, status, words.join(' '));
  }
});

test('abbreviations --format json has every prefix with its verdict, names such as __proto__ included', async () => {
  const text = 'Usage: tiffin\n\n  --__proto__  odd\n  --route      a\n  --route-map  b\n';
  const { stdout, status } = await dabbawala(['abbreviations', '--format=json', '-'], text);
  assert.equal(status, 0);
  const [scope] = JSON.parse(stdout).scopes;
  assert.deepEqual(scope.names, ['--__proto__', '--route', '--route-map']);
  assert.equal(scope.accepted, null);
  assert.equal(scope.complete, null);
  assert.deepEqual(scope.prefixes['--ro'], { verdict: 'ambiguous', names: ['--route', '--route-map'] });
  assert.deepEqual(scope.prefixes['--route'], { verdict: 'exact', names: ['--route'] });
  assert.deepEqual(scope.prefixes['--__proto_'], { verdict: 'unique', names: ['--__proto__'] });
});

test('trace reads a command line, and fails on one that the program would refuse', async () => {
  const tiffin = 'demo/tiffin-1.4/tiffin.yaml';
  const read = await dabbawala(['trace', tiffin, '--', 'box', 'list', '-arnorth', '--late', 'mon']);
  assert.equal(read.status, 0);
  assert.match(read.stdout, /^tiffin box list\n/);
  assert.match(read.stdout, /4 {2}--late +option +--late-boxes, abbreviated\n/);
  assert.match(read.stdout, /first operand: word 5, 'mon'/);
  const refused = await dabbawala(['trace', '--format=json', tiffin, '--', 'box', 'list', '--sort=x']);
  assert.equal(refused.status, 1);
  const { version, command, words, firstOperand, problems } = JSON.parse(refused.stdout);
  assert.deepEqual([version, command, firstOperand], [1, ['tiffin', 'box', 'list'], null]);
  assert.deepEqual(words[2].parts[1], {
    start: 7,
    end: 8,
    role: 'option-argument',
    name: '--sort',
    option: '--sort',
    verdict: null,
  });
  assert.deepEqual(
    problems.map(({ code, word }: { code: string; word: number }) => [code, word]),
    [['value-not-allowed', 2]],
  );
  const { status, stderr } = await dabbawala(['trace', tiffin, 'box']);
  assert.deepEqual([status, /expected '--' between/.test(stderr)], [2, true]);
});

test('abbreviations tells commands, values and letters, and what an extension changes', async () => {
  const rounds = 'demo/rounds/rounds.yaml';
  const table = await dabbawala(['abbreviations', rounds]);
  assert.match(table.stdout, /route:plan +r:pl\n/);
  assert.match(table.stdout, /r:p … route:p +route:plan, route:print\n/);
  const { stdout } = await dabbawala(['abbreviations', '--format=json', rounds]);
  const { scopes } = JSON.parse(stdout);
  const commands = scopes.find(({ kind }: { kind: string }) => kind === 'commands');
  assert.deepEqual(commands.forms['route:print'], ['r:pr']);
  assert.deepEqual(commands.prefixes['r:p'], { verdict: 'ambiguous', names: ['route:plan', 'route:print'] });
  assert.equal((await dabbawala(['abbreviations', rounds, '--', '--stop'])).status, 0);
  const harbour = ['--with', 'demo/rounds/rounds-harbour.yaml'];
  assert.equal((await dabbawala(['abbreviations', rounds, '--', '--avo'])).status, 0);
  assert.equal((await dabbawala(['abbreviations', ...harbour, rounds, '--', '--avo'])).status, 1);
});

test('explain lists every check, and explains those that it is asked for', async () => {
  const list = await dabbawala(['explain']);
  const context = { tool: { name: 'dabbawala', version: '0' }, text: { width: 80, colour: false } };
  for (const check of CATALOGUE) {
    assert.ok(list.stdout.includes(check.name));
    assert.ok(CHECK_REPORTS.text([check], context).replace(/\s+/g, ' ').includes(check.title));
  }
  // A command for every eighth shows that the report is reached.
  const asked = CATALOGUE.filter((_, i) => i % 8 === 0);
  const each = await dabbawalaEach(asked.map(({ name }) => ['explain', name]));
  for (const [i, { title }] of asked.entries()) {
    const one = each[i];
    assert.equal(one?.status, 0);
    assert.ok(one.stdout.replace(/\s+/g, ' ').includes(title));
  }
  const json = JSON.parse((await dabbawala(['explain', '--format=json', 'one-letter-long'])).stdout);
  assert.deepEqual(
    json.checks.map((check: { name: string }) => check.name),
    ['names/one-letter-long'],
  );
});

test('unknown options and commands come with the names that may have been meant', async () => {
  const cases: [string[], RegExp][] = [
    [['audt', 'x'], /unknown command 'audt'; did you mean 'audit'\?\n/],
    [['audit', '--wit', 'x'], /unknown option '--wit'; did you mean '--with'\?\n/],
    [['audit', '--zzz', 'x'], /unknown option '--zzz'\n/],
    [['explain', 'a', 'b'], /expected 1 operand at most, found 2\n/],
  ];
  for (const [words, message] of cases) {
    const { status, stderr } = await dabbawala(words);
    assert.equal(status, 2);
    assert.match(stderr, message);
  }
});

test('errors name the program, say what was expected, and end with status 2', async () => {
  const cases: [string[], RegExp][] = [
    [[], /^dabbawala: expected a command\nTry 'dabbawala --help' for more\.\n$/],
    [['audti'], /^dabbawala: unknown command 'audti'; did you mean 'audit'\?\n/],
    [['audit'], /^dabbawala: missing required argument 'SOURCE'\n/],
    [['audit', '--frmat', '-'], /^dabbawala: unknown option '--frmat'; did you mean '--format'\?\n/],
    [
      ['audit', '--format=xml', '-'],
      /^dabbawala: 'xml' is not a value of '--format': expected one of text, json, markdown, sarif, junit, html, lines, patch\n/,
    ],
    [['audit', 'absent.txt'], /^dabbawala:absent\.txt: no such file; /],
    [['audit', 'demo'], /^dabbawala:demo: expected a file, this is a directory\n$/],
    [['explain', 'fragile-wrod'], /^dabbawala: no check is called 'fragile-wrod'; did you mean /],
  ];
  for (const [words, pattern] of cases) {
    const ended = await dabbawala(words);
    assert.equal(ended.status, 2, words.join(' '));
    assert.match(ended.stderr, pattern);
    assert.equal(ended.stdout, '');
  }
});

test('bad input of any kind gets a message or an ordinary result, and never a stack trace', async () => {
  const inputs: [string, string | Buffer, number, RegExp][] = [
    ['empty text', '', 2, /^dabbawala:-: expected help output, found an empty text/],
    ['a text without options', 'The boxes are late today.\n', 2, /^dabbawala:-: expected help output with /],
    [
      'twenty megabytes',
      Buffer.alloc(20 * 1024 * 1024, '  -a, --all  list all\n'),
      2,
      /at most 16777216 characters/,
    ],
    [
      'bytes that are not UTF-8',
      Buffer.from('Usage: tiffin\n\n  -a  caf\xe9\n', 'latin1'),
      0,
      /^dabbawala:-:3:10: expected UTF-8/,
    ],
    ['a line of a million characters', `Usage: tiffin\n\n  -a  ${'x'.repeat(1_000_000)}\n`, 0, /^$/],
    [
      'binary bytes',
      Buffer.from(Array.from({ length: 4096 }, (_, i) => (i * 7919) % 256)),
      2,
      /^dabbawala:-/,
    ],
    ['an option called __proto__', 'Usage: tiffin\n\n  --__proto__  odd\n  --all  list all\n', 0, /^$/],
    ['escapes', 'Usage: tiffin\n\n  --n=X  \x1b]0;title\x07\x1b[2Jone\n', 1, /^$/],
  ];
  for (const [what, input, status, stderr] of inputs) {
    const ended = await dabbawala(['audit', '-'], input);
    assert.equal(ended.status, status, `${what}: ${ended.stderr}`);
    assert.match(ended.stderr, stderr, what);
    assert.doesNotMatch(ended.stderr + ended.stdout, /\n\s+at |[\x00-\x08\x0b-\x1f\x7f]/, what);
  }
});

test('a source that cannot be used does not keep the others from being audited', async () => {
  const good = await file('good.txt', 'Usage: tiffin\n\n  --n=X  one\n');
  const empty = await file('empty.txt', '');
  const ended = await dabbawala(['audit', empty, good]);
  assert.equal(ended.status, 2);
  assert.match(ended.stderr, /empty\.txt: expected help output/);
  assert.match(ended.stdout, /good\.txt:3:3: warning: '--n'/);
});

test('the help of the command and its subcommands is free of findings, and goes to standard output', async () => {
  for (const words of [[], ['audit'], ['abbreviations'], ['explain']]) {
    const help = await dabbawala([...words, '--help']);
    assert.equal(help.status, 0);
    assert.equal(help.stderr, '');
    const ended = await dabbawala(['audit', '--fail-on=warning', '-'], help.stdout);
    assert.equal(ended.status, 0, ended.stdout);
    assert.ok(help.stdout.split('\n').every((line) => line.length <= 80));
  }
  const { version } = JSON.parse(readFileSync(join(ROOT, 'package.json'), 'utf8'));
  assert.equal((await dabbawala(['--version'])).stdout, `dabbawala ${version}\n`);
});
