import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { Ajv2020 } from 'ajv/dist/2020.js';
import {
  applySettings,
  audit,
  CATALOGUE,
  CATALOGUE_VERSION,
  joinInterfaces,
  LineIndexes,
  readDocument,
  readSettings,
  type Settings,
  settledLevel,
} from 'dabbawala';
import type { Interface } from 'dabbawala/model';
import { settingsSchema } from 'dabbawala/writers';
import { parse } from 'yaml';
import { readText } from '../support/read-text.ts';
import { ROOT } from '../support/run-dabbawala.ts';

/** Settings that must be without mistakes; `body` is all but the first line. */
function settings(body: string): Settings {
  const text = `dabbawala-settings: 1\n${body}`;
  const { settings: read, problems } = readSettings({ name: 'settings', text });
  assert.deepEqual(problems, [], text);
  return read;
}

function found(sources: readonly Interface[], body: string): string[] {
  const set = settings(body);
  const { interfaces } = applySettings(sources, set);
  return audit(interfaces, { settings: set }).findings.map(
    ({ check, level, command }) => `${level} ${check} ${command.join(' ')}`,
  );
}

const HELPS = joinInterfaces([
  readText('Usage: tiffin COMMAND\n\nCommands:\n  box    keep boxes\n  route  plan routes\n'),
  readText('Usage: tiffin box [OPTION]...\n\n  --n=X    one box\n  --quiet  say nothing\n'),
  readText('Usage: tiffin route [OPTION]...\n\n  --n=X    one route\n  --quiet  say nothing\n'),
]);

const LETTER = 'names/one-letter-long';

test('a level is that of the nearest command, and a check comes before its area', () => {
  const levels = (body: string) => found(HELPS, body).filter((line) => line.includes(LETTER));
  assert.deepEqual(levels(''), [`warning ${LETTER} tiffin box`, `warning ${LETTER} tiffin route`]);
  assert.deepEqual(levels('levels: {names: note}'), [
    `note ${LETTER} tiffin box`,
    `note ${LETTER} tiffin route`,
  ]);
  assert.deepEqual(levels(`levels: {names: off, ${LETTER}: error}`), [
    `error ${LETTER} tiffin box`,
    `error ${LETTER} tiffin route`,
  ]);
  assert.deepEqual(
    levels(
      `levels: {${LETTER}: error}\ncommands: {tiffin: {levels: {names: off}}, tiffin box: {levels: {names: note}}}`,
    ),
    [`note ${LETTER} tiffin box`],
  );
  // Off in the file, and on for one command.
  assert.deepEqual(levels(`levels: {names: off}\ncommands: {tiffin route: {levels: {names: note}}}`), [
    `note ${LETTER} tiffin route`,
  ]);
});

test('what is off is no outcome of the audit', () => {
  const { outcomes } = audit(HELPS, { settings: settings('levels: {names: off, help: off}') });
  assert.ok(outcomes.length > 40);
  assert.deepEqual(
    outcomes.filter(({ check }) => /^(?:names|help)\//.test(check)),
    [],
  );
});

test('a catalogue that is kept to has no later check', () => {
  const checksOf = (body: string) =>
    audit(HELPS, { settings: settings(body) }).outcomes.map(({ check }) => check);
  for (let version = 1; version <= CATALOGUE_VERSION; version++) {
    assert.deepEqual(
      checksOf(`catalogue: ${version}`),
      CATALOGUE.filter(({ since = 1 }) => since <= version).map(({ name }) => name),
    );
  }
  assert.ok(checksOf('catalogue: 1').length < checksOf('catalogue: 4').length);
});

test('a level that was raised later is what it was in the catalogue that is kept to', () => {
  const check = { name: LETTER, raised: { since: 3, from: 'note' } } as const;
  assert.equal(settledLevel(check, 'warning', ['tiffin'], settings('')), 'warning');
  assert.equal(settledLevel(check, 'warning', ['tiffin'], settings('catalogue: 3')), 'warning');
  assert.equal(settledLevel(check, 'warning', ['tiffin'], settings('catalogue: 2')), 'note');
  const set = settings(`catalogue: 2\nlevels: {${LETTER}: error}`);
  assert.equal(settledLevel(check, 'warning', ['tiffin'], set), 'error');
});

test('parsing rules and claims count before what the sources say', () => {
  const help = readText(
    'Usage: tiffin [OPTION]...\n\n  --late-boxes  list late boxes\n  --quiet       say nothing\n',
  );
  const fragile = (body: string) => found([help], body).filter((line) => line.includes('fragile-word'));
  const accepted = 'parsing: {option-abbreviations: true}';
  assert.deepEqual(fragile(''), []);
  assert.deepEqual(fragile(accepted), ['note abbreviations/fragile-word tiffin']);
  assert.deepEqual(fragile('commands: {tiffin: {parsing: {option-abbreviations: true}}}').length, 1);
  assert.deepEqual(fragile('commands: {rounds: {parsing: {option-abbreviations: true}}}'), []);
  assert.deepEqual(fragile(`${accepted}\ncommands: {tiffin: {parsing: {option-abbreviations: false}}}`), []);
  const short = readText('Usage: lunchboxcounter [-q]\n\n  -q  say nothing\n');
  assert.ok(found([short], 'claims: posix').includes('warning posix/name-length lunchboxcounter'));
  assert.ok(!found([short], '').some((line) => line.includes('posix/name-length')));
});

test('rules for a command count for those below it, until one of them has its own', () => {
  const cli = readText('Usage: tiffin COMMAND\n\nCommands:\n  box  keep boxes\n');
  const set = settings(
    'parsing: {grouping: true}\ncommands: {tiffin box: {parsing: {grouping: false}}, tiffin: {parsing: {case-sensitive: false}}}',
  );
  const [root] = applySettings([cli], set).interfaces.map((one) => one.root);
  const box = root?.commands.items[0];
  assert.deepEqual(
    [root, box].map((command) => [command?.rules.grouping?.value, command?.rules.caseSensitive?.value]),
    [
      [true, false],
      [false, false],
    ],
  );
});

test('words that are added count like those that are known', () => {
  const document = (body: string) => {
    const { interface: cli } = readDocument({
      name: 'tiffin',
      text: `dabbawala: 1\nprogram: tiffin\n${body}`,
    });
    assert.ok(cli !== undefined);
    return [cli];
  };
  const has = (sources: readonly Interface[], check: string, body: string) =>
    found(sources, body).some((line) => line.includes(check));
  const names = document(
    'commands:\n  box: {options: {--carrier: in one carrier}}\n  route: {options: {--stack: in one carrier}}\n',
  );
  assert.equal(has(names, 'one-concept-many-names', ''), false);
  assert.equal(has(names, 'one-concept-many-names', 'words: {same-meaning: [[stack, carrier]]}'), true);
  const hush = document(
    'commands:\n  box: {options: {--silent: say nothing}}\n  route: {options: {--hush: say nothing}}\n',
  );
  assert.equal(has(hush, 'one-concept-many-names', 'words: {same-meaning: [[hush, quiet]]}'), true);
  const verbs = document('usage: tiffin dispatch round\noperands: {dispatch: one, round: two}\n');
  assert.equal(has(verbs, 'verbs-as-operands', ''), false);
  assert.equal(has(verbs, 'verbs-as-operands', 'words: {verbs: [dispatch, round]}'), true);
  const cut = document('options: {--kitchen-map: a map, --kit-list: a list}\n');
  assert.equal(has(cut, 'truncated-mixed', ''), false);
  assert.equal(has(cut, 'truncated-mixed', 'words: {short-forms: {kitchen: kit}}'), true);
  const [late] = audit(
    document(`parsing: {option-abbreviations: true}\noptions: {--zinc-boxes: boxes of zinc, --map: a map}\n`),
    {
      settings: settings('words: {likely-options: [--zinc]}'),
    },
  ).findings.filter(({ check }) => check === 'abbreviations/fragile-word');
  assert.match(late?.fix ?? '', /a new option '--zinc' would take over its callers/);
});

test('programs of a family are compared, and what differs is told of the one audited', () => {
  const program = (name: string, body: string) => {
    const { interface: cli } = readDocument({ name, text: `dabbawala: 1\nprogram: ${name}\n${body}` });
    assert.ok(cli !== undefined);
    return cli;
  };
  const tiffin = program('tiffin', 'options: {--simulate: change nothing, --map=FILE: write a map}\n');
  const rounds = program('rounds', 'options: {--dry-run: change nothing, --map: draw a map}\n');
  const wanted = ['one-name-many-meanings rounds', 'one-concept-many-names rounds'];
  const isName = (line: string) => wanted.some((name) => line.includes(name));
  const lines = (one: ReturnType<typeof audit>) =>
    one.findings.map(({ check, level, command }) => `${level} ${check} ${command.join(' ')}`).filter(isName);
  const both = ['warning names/one-concept-many-names rounds', 'warning names/one-name-many-meanings rounds'];
  assert.deepEqual(lines(audit([tiffin, rounds])).sort(), both);
  assert.deepEqual(lines(audit([rounds], { family: [tiffin] })).sort(), both);
  assert.deepEqual(lines(audit([rounds])), []);
  // A program is no sibling of itself.
  assert.deepEqual(lines(audit([rounds], { family: [rounds] })), []);
});

test('every mistake has its place, and the rest counts', () => {
  const text = `dabbawala-settings: 1
catalog: 2
catalogue: 99
fail-on: warn
levels:
  help/exmple-missing: off
  names: loud
  names: off
commands:
  tiffin box:
    level: {names: off}
words: {verbs: dispatch}
`;
  const { settings: read, problems } = readSettings({ name: 'settings', text });
  const indexes = new LineIndexes();
  assert.deepEqual(
    problems.map(({ place, message }) => {
      assert.ok(place !== null);
      const { line, column } = indexes.start(place);
      return `${line}:${column} ${message}`;
    }),
    [
      "2:1 unknown key 'catalog'; did you mean 'catalogue'?",
      `3:12 expected a version of the catalogue from 1 to ${CATALOGUE_VERSION}, found '99'`,
      "4:10 expected one of 'error', 'warning', 'note', 'never', found 'warn'; did you mean 'warning'?",
      "6:3 expected a check or an area, found 'help/exmple-missing'; did you mean 'help/example-missing'?",
      "7:10 expected one of 'error', 'warning', 'note', 'off', found 'loud'",
      "8:3 'names' is given twice in one mapping; keep one of them",
      "11:5 unknown key 'level'; did you mean 'levels'?",
      "12:16 expected a list, each item a text, found 'dispatch'",
    ],
  );
  assert.equal(read.commands.length, 1);
  for (const broken of ['', '- a\n', 'a: [\n', 'dabbawala-settings: 2\n', 'levels: {}\n']) {
    assert.notDeepEqual(readSettings({ name: 'settings', text: broken }).problems, [], broken);
  }
});

test('a command that is not there is a mistake, where the list of commands is known to be whole', () => {
  const text = (complete: string) =>
    `dabbawala: 1\nprogram: tiffin\n${complete}commands: {box: {summary: keep boxes, commands: {add: add one}}}\n`;
  const messages = (complete: string, path: string) => {
    const { interface: cli } = readDocument({ name: 'tiffin', text: text(complete) });
    assert.ok(cli !== undefined);
    const set = settings(`commands: {${path}: {levels: {names: off}}}`);
    return applySettings([cli], set).problems.map(({ message }) => message);
  };
  assert.deepEqual(messages('complete: true\n', 'tiffin box ad'), [
    "expected a command of 'tiffin box', found 'ad'; did you mean 'add'?",
  ]);
  assert.deepEqual(messages('complete: true\n', 'tiffin box add'), []);
  assert.deepEqual(messages('', 'tiffin bx'), []);
  assert.deepEqual(messages('complete: true\n', 'rounds bx'), []);
});

test('the published schema is that of the reader, and takes what the reader takes', () => {
  const published = JSON.parse(readFileSync(join(ROOT, 'schema/settings.schema.json'), 'utf8'));
  assert.deepEqual(published, settingsSchema());
  const validate = new Ajv2020({ strict: false }).compile(published);
  const guide = readFileSync(join(ROOT, 'docs/settings.md'), 'utf8');
  const blocks = [...guide.matchAll(/```yaml\n([\s\S]*?)```/g)].map((match) => match[1] ?? '');
  blocks.push(readFileSync(join(ROOT, 'demo/dabbawala-settings.yaml'), 'utf8'));
  assert.ok(blocks.length >= 6);
  for (const text of blocks) {
    assert.deepEqual(readSettings({ name: 'guide', text }).problems, [], text);
    assert.ok(validate(parse(text)), text);
  }
  for (const text of [
    'dabbawala-settings: 1\nlevels: {nams: off}',
    'dabbawala-settings: 1\nword: {}',
    'levels: {}',
  ])
    assert.equal(validate(parse(text)), false, text);
});
