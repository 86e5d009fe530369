import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { inFile, LineIndex, readSource } from 'dabbawala';
import { changedCalls, findCallers, type Invocation, usedAbbreviations } from 'dabbawala/analysis';
import type { Interface } from 'dabbawala/model';
import { parse } from 'yaml';
import { ROOT } from '../support/run-dabbawala.ts';

const FILES = join(ROOT, 'test/callers/files');

function tiffin(version = '1.4'): Interface {
  const name = join(ROOT, `demo/tiffin-${version}/tiffin.yaml`);
  const { interface: cli } = readSource({ name, text: readFileSync(name, 'utf8') });
  assert.ok(cli !== undefined);
  return cli;
}

/** `LINE:COLUMN WORD...`: words that stand for others are in quotes; dots where others may follow. */
function line({ place, words, isOpen }: Invocation): string {
  const span = inFile(place);
  const { line: number, column } = new LineIndex(span.source.text).position(span.start);
  const shown = words.map(({ text, isLiteral }) => (isLiteral ? text : `"${text}"`));
  return [`${number}:${column}`, ...shown, ...(isOpen ? ['...'] : [])].join(' ');
}

for (const folder of readdirSync(FILES))
  test(`the calls in files are found with their words: ${folder}`, () => {
    const expected: Record<string, string[]> = parse(
      readFileSync(join(FILES, folder, 'expected.yaml'), 'utf8'),
    );
    for (const [name, calls] of Object.entries(expected)) {
      const path = join(FILES, folder, name);
      const { invocations, looked } = findCallers(
        [{ name: path, text: readFileSync(path, 'utf8') }],
        tiffin(),
      );
      assert.equal(looked, 1, name);
      assert.deepEqual(invocations.map(line), calls, name);
    }
  });

function script(text: string): readonly Invocation[] {
  return findCallers([{ name: 'a.sh', text }], tiffin()).invocations;
}

test('what is wrong with a call is told as far as its words are known', () => {
  const problems = (text: string) => script(text).flatMap((one) => one.problems.map(({ code }) => code));
  assert.deepEqual(problems('tiffin box list --lat --sort=colour'), ['value-not-allowed']);
  assert.deepEqual(problems('tiffin box list --sort=$KEY --colour'), ['unknown-option']);
  assert.deepEqual(problems('tiffin route print'), ['operand-missing']);
  // What an expansion comes to may be the operand.
  assert.deepEqual(problems('tiffin route print $ROUND; ls | xargs tiffin route print'), []);
});

test('abbreviations that calls rely on are counted by what they stand for', () => {
  const uses = usedAbbreviations(
    script('tiffin box list --late\ntiffin box list --late --route-m=$X\ntiffin box list --all --la'),
  ).map(({ text, name, command, uses: all }) => `${all.length} ${text} ${name} ${command.join(' ')}`);
  assert.deepEqual(uses, [
    '2 --late --late-boxes tiffin box list',
    '1 --route-m --route-map tiffin box list',
    '1 --la --late-boxes tiffin box list',
  ]);
});

test('a program is found under any words that call it, and under no others', () => {
  const text = [
    'tin-run tiffin box list',
    './bin/tiffin box list',
    'python3 -m tiffin box list',
    'python3 -Wd bin/tiffin.py box list',
    'php /srv/tiffin box list',
    'npx --yes tiffin box list',
    'npm exec -- tiffin box list',
    'bundle exec ruby tiffin box list',
    'python3 -m other tiffin box',
    'python3 -c tiffin box',
    'npm run tiffin box',
    'tiffin.py x',
    'command -v tiffin',
  ].join('\n');
  const found = findCallers([{ name: 'a.sh', text }], tiffin(), { calledAs: [['tin-run', 'tiffin']] });
  assert.deepEqual(
    found.invocations.map(line),
    ['1:1', '2:1', '3:12', '4:13', '5:5', '6:11', '7:13', '8:18'].map((place) => `${place} box list`),
  );
});

test('calls in source code are less sure, and what a library is asked for is none', () => {
  const text = "run(['tiffin', 'box', 'list'])\nrun('tiffin')\nexpect(['tiffin', 'box'])\n";
  const { invocations } = findCallers(
    [
      { name: 'a.py', text },
      { name: 'a.sh', text: 'tiffin box list' },
    ],
    tiffin(),
  );
  assert.deepEqual(
    invocations.map(({ kind, isSure, words }) => [kind, isSure, words.length]),
    [
      ['python-source', false, 2],
      ['shell', true, 2],
    ],
  );
});

test('a file that is too long for its kind is told and passed over', () => {
  const { invocations, problems } = findCallers(
    [
      { name: 'a.js', text: `run('tiffin box list')${' '.repeat(4_000_000)}` },
      { name: 'b.js', text: "run('tiffin box list')" },
    ],
    tiffin(),
  );
  assert.deepEqual(
    problems.map(({ code, source, consequence }) => [code, source, consequence]),
    [['text-too-long', 'a.js', 'partly-read']],
  );
  assert.equal(invocations.length, 1);
});

test('source code that nobody would write is read to its end', () => {
  const texts = ["'\\", 'q{', 'run([', '`${', '<<A ', 'f"{', "run('a'+", "system 'tiffin',\n", "x='"].flatMap(
    (piece) =>
      ['py', 'mjs', 'rb', 'pl', 'go'].map((ending) => ({
        name: `a.${ending}`,
        text: `${piece.repeat(50_000)} tiffin`,
      })),
  );
  assert.equal(findCallers(texts, tiffin()).looked, texts.length);
});

test('a file of another kind is passed over, and no text keeps the rest from being read', () => {
  const texts = [
    { name: 'a.png', text: 'tiffin' },
    { name: 'a.sh', text: `${'$('.repeat(3000)}tiffin` },
    { name: 'b.yml', text: `run: tiffin box list\n${'a: ['.repeat(3000)}` },
    { name: 'package.json', text: '{"scripts": {"a": "tiffin box list"' },
    { name: 'Makefile', text: `\ttiffin ${'\\\n'.repeat(3000)}` },
    { name: 'c.sh', text: `alias a='a tiffin'\na\n${'sh -c "'.repeat(200)}tiffin` },
    { name: 'd.md', text: `# a\n${'```sh\ntiffin box list\n'.repeat(999)}` },
    { name: 'f.sh', text: `${'cat <<a '.repeat(200_000)}tiffin\n` },
    { name: 'e.sh', text: '\0\u{1F600}tiffin box list' },
  ];
  assert.equal(findCallers(texts, tiffin()).looked, 8);
});

test('what a new version does to calls is told, silent changes first, and what was wrong before is not', () => {
  const calls = script(
    [
      'tiffin box list --late --colour=never',
      "tiffin round close --no 'done' 4",
      'tiffin box list --all',
      'tiffin box find quay',
      'tiffin round close --note="$TEXT" 4',
      'tiffin round close $OPTIONS --yes 4',
      'tiffin ledger post -p secret ann 3',
    ].join('\n'),
  );
  const told = changedCalls(calls, tiffin(), tiffin('2.0')).flatMap(({ changes }) =>
    changes.map(({ effect, message, place }) => `${effect} ${place.start} ${message.split(':')[0]}`),
  );
  assert.deepEqual(told, [
    "other-meaning 57 '--no' was '--note' and is '--notify' now",
    "other-meaning 205 '-p' was '--password' and is '--password-file' now",
    "refused 16 option '--late' is ambiguous",
    "refused 104 unknown command 'find' of 'box'",
    "refused 133 unknown option '--note'",
  ]);
});

test('a name that an option or command got beside its old ones changes no call', () => {
  const version = (body: string): Interface => {
    const { interface: cli } = readSource({
      name: 'tally.yaml',
      text: `dabbawala: 1\nprogram: tally\ncomplete: true\n${body}`,
    });
    assert.ok(cli !== undefined);
    return cli;
  };
  const old = version(
    'options:\n  -n, --note=TEXT: what to write into the book\ncommands:\n  list: list the boxes\n',
  );
  const next = version(
    'options:\n  -n, --remark=TEXT: what to write into the book\ncommands:\n  show, list: list the boxes\n',
  );
  const { invocations } = findCallers(
    [{ name: 'a.sh', text: 'tally -n x list\ntally --note=x list\n' }],
    old,
  );
  assert.deepEqual(
    changedCalls(invocations, old, next).map(({ changes }) =>
      changes.map(({ effect, place }) => [effect, place.start]),
    ),
    [[['refused', 22]]],
  );
});

test('behind a word that may be any command nothing is judged', () => {
  const [one] = script('tiffin $COMMAND --zzz --late\n');
  assert.deepEqual([one?.problems, one?.abbreviations], [[], []]);
});
