import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { extendInterface, joinInterfaces, readDocument, readHelp } from 'dabbawala';
import { type Command, type Interface, saysTheSame, walkCommands } from 'dabbawala/model';
import { documentYaml, referenceMarkdown } from 'dabbawala/writers';
import { demoSources } from '../support/demo-sources.ts';
import { readText } from '../support/read-text.ts';
import { dabbawala, ROOT } from '../support/run-dabbawala.ts';

const HELP = 'demo/tiffin-1.4/help';
const helps = readdirSync(join(ROOT, HELP)).map((name) => `${HELP}/${name}`);
const BASE = 'demo/rounds/rounds.yaml';
const EXTENSION = 'demo/rounds/rounds-harbour.yaml';
const PROGRAMS: readonly (readonly string[])[] = [
  helps,
  ['demo/tiffin-1.4/tiffin.yaml'],
  ['demo/tiffin-2.0/tiffin.yaml'],
  [BASE],
  ['demo/washup/washup.yaml'],
  ['dabbawala.yaml'],
];

async function convert(form: string, ...words: string[]): Promise<string> {
  const { status, stdout, stderr } = await dabbawala(['convert', `--to=${form}`, ...words]);
  assert.equal(stderr, '');
  assert.equal(status, 0);
  return stdout;
}

function readBack(text: string): Interface | undefined {
  const { interface: cli, problems } = readDocument({ name: 'x', text });
  assert.deepEqual(problems, [], text);
  return cli;
}

test('every demo program is written as YAML and JSON that say the same, and the JSON fits the schema', async () => {
  const schema = JSON.parse(readFileSync(join(ROOT, 'schema/interface.schema.json'), 'utf8'));
  const fits = new Ajv2020({ strict: false }).compile(schema);
  for (const sources of PROGRAMS) {
    const [cli] = joinInterfaces(demoSources(sources));
    const json = await convert('json', ...sources);
    assert.ok(saysTheSame(readBack(json), cli), sources[0]);
    assert.ok(saysTheSame(readBack(await convert('yaml', ...sources)), cli), sources[0]);
    assert.ok(fits(JSON.parse(json)), JSON.stringify(fits.errors));
  }
});

test('a reference in Markdown names every command, option, allowed value and default', async () => {
  for (const sources of PROGRAMS) {
    const [cli] = joinInterfaces(demoSources(sources));
    assert.ok(cli !== undefined);
    const text = await convert('markdown', ...sources);
    for (const { command, path } of walkCommands(cli)) {
      assert.ok(
        path.length === 1 || text.includes(`## ${path.join(' ').replaceAll('_', '\\_')}`),
        path.join(' '),
      );
      for (const option of command.options.items) {
        for (const name of option.names) assert.ok(text.includes(name.text), name.text);
        const [word] = option.argument?.value.words ?? [];
        for (const { value } of word?.values?.value ?? []) assert.ok(text.includes(value), value);
        if (word?.default !== undefined) assert.ok(text.includes(word.default.value), word.default.value);
      }
    }
  }
});

test('texts of strangers stay texts in Markdown', () => {
  const cli = readText(
    'Usage: tiffin\n\n  -x, --a|--b=`KEY`  <b>bold</b> | cell [link](x) *a* \x1b[2J\n  -y ``  two\n',
  );
  const rows = referenceMarkdown(cli)
    .split('\n')
    .filter((line) => line.startsWith('|'));
  for (const row of rows) assert.equal(row.replaceAll('\\|', '').split('|').length, 4, row);
  assert.doesNotMatch(rows.join('\n'), /<b>|[^\\]\[link|\x1b/);
});

test('an extension is converted with its base, and must be an extension of it', async () => {
  const [base] = demoSources([BASE]);
  const [extension] = demoSources([EXTENSION]);
  assert.ok(base !== undefined && extension !== undefined);
  assert.equal(
    await convert('yaml', `--with=${EXTENSION}`, BASE),
    documentYaml(extendInterface(base, extension)),
  );
  for (const [words, message] of [
    [['audit', '--with', EXTENSION, 'demo/washup/washup.yaml'], /^dabbawala: .*it extends 'rounds'\n/],
    [['audit', '--with', BASE, BASE], /^dabbawala: .*expected an extension .*it extends none\n/],
  ] as const) {
    const ended = await dabbawala(words);
    assert.equal(ended.status, 2);
    assert.match(ended.stderr, message);
  }
});

test('an audit with an extension says which finding came from which document', async () => {
  const { stdout, status } = await dabbawala(['audit', '--format=json', '--with', EXTENSION, BASE]);
  assert.equal(status, 1);
  const [clash] = JSON.parse(stdout).findings.filter(
    (finding: { level: string }) => finding.level === 'error',
  );
  assert.equal(clash.check, 'conflicts/same-name-twice');
  assert.deepEqual([clash.place.source, clash.related[0].place.source], [BASE, EXTENSION]);
});

test('sources of two programs, or none, cannot be converted', async () => {
  const two = await dabbawala(['convert', '--to=yaml', BASE, 'demo/washup/washup.yaml']);
  assert.deepEqual([two.status, two.stdout], [2, '']);
  assert.match(two.stderr, /^dabbawala: expected sources of one program, found 'rounds', 'washup'; /);
  const none = await dabbawala(['convert']);
  assert.equal(none.status, 2);
  const usual = await dabbawala(['convert', BASE]);
  assert.match(usual.stdout, /^dabbawala: 1\n/);
  const kind = await dabbawala(['convert', '--to=yaml', '--kind=document', `${HELP}/tiffin.txt`]);
  assert.equal(kind.status, 2);
});

/** What help shows of the options of a command: names, whether an argument follows, and the default. */
function shown({ options }: Command): string[] {
  return options.items
    .filter(({ hidden }) => hidden?.value !== true)
    .map(({ names, argument }) => {
      const all = names.map(({ text }) => text).sort();
      const literal = argument?.value.words[0]?.default?.value ?? '';
      return `${all.join(' ')} ${argument?.value.presence ?? 'none'} ${literal}`;
    })
    .sort();
}

test('help output that is written of an interface tells what the interface has, at any width', async () => {
  const file = 'demo/tiffin-1.4/tiffin.yaml';
  const [cli] = joinInterfaces(demoSources([file]));
  assert.ok(cli !== undefined);
  const commands = new Map([...walkCommands(cli)].map(({ path, command }) => [path.join(' '), command]));
  for (const width of ['60', '80', '200']) {
    const texts = (await convert('help', `--width=${width}`, file)).split(/\n(?=Usage: )/);
    assert.equal(texts.length, 15);
    for (const text of texts) {
      assert.ok(text.split('\n').every((line) => line.length <= Math.max(Number(width), 70)));
      const [, path = ''] = /^Usage: ((?:[a-z]+ ?)+?)(?= [[A-Z]|\n)/.exec(text) ?? [];
      const { interface: again } = readHelp({ name: 'help.txt', text });
      const written = again && [...walkCommands(again)].find((at) => at.path.join(' ') === path);
      const command = commands.get(path);
      assert.ok(command !== undefined && written !== undefined, text);
      assert.deepEqual(shown(written.command), shown(command), text);
      assert.deepEqual(
        written.command.commands.items.map(({ names }) => names[0]?.text),
        command.commands.items.map(({ names }) => names[0]?.text),
      );
    }
  }
});

test('help output of a script has a placeholder where its code takes an argument', async () => {
  const text = await convert('help', 'demo/scripts/lidcount');
  assert.match(text, /^ {6}--format=VALUE$/m);
});
