import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { audit, joinInterfaces, readDocument, readHelp, readManual } from 'dabbawala';
import { type Command, type Interface, type Option, walkCommands } from 'dabbawala/model';
import { dabbawala, ROOT } from '../support/run-dabbawala.ts';

const NAME = 'dabbawala.yaml';

function ownDocument(): Interface {
  const { interface: cli, problems } = readDocument({
    name: NAME,
    text: readFileSync(join(ROOT, NAME), 'utf8'),
  });
  assert.deepEqual(problems, []);
  assert.ok(cli !== undefined);
  return cli;
}

async function ownHelp(path: readonly string[]): Promise<Interface> {
  const { stdout } = await dabbawala([...path.slice(1), '--help']);
  const { interface: cli, problems } = readHelp({ name: path.join(' '), text: stdout });
  assert.deepEqual(problems, []);
  assert.ok(cli !== undefined);
  return cli;
}

function ownPage(): Interface {
  const name = 'man/dabbawala.1';
  const { interface: cli, problems } = readManual({ name, text: readFileSync(join(ROOT, name), 'utf8') });
  assert.deepEqual(problems, []);
  assert.ok(cli !== undefined);
  return cli;
}

/** What help can show of an option; the notes in brackets are read as facts of their own. */
function shown({ names, argument, help }: Option) {
  const [word] = argument?.value.words ?? [];
  return {
    names: names.map(({ text }) => text),
    presence: argument?.value.presence,
    placeholder: word?.placeholder?.value,
    values: word?.values?.value.map(({ value }) => value),
    default: word?.default?.value,
    help: help?.value.replace(/ \((?:one of|default):.*\)$/, ''),
  };
}

const summary = ({ commands }: Command) =>
  commands.items.map(({ names, summary }) => [names[0]?.text, summary?.value]);

test('the help of every command shows what the document says, and nothing else', async () => {
  const cli = ownDocument();
  for (const { command, path } of walkCommands(cli)) {
    const help = [...walkCommands(await ownHelp(path))].at(path.length === 1 ? 0 : -1)?.command;
    assert.ok(help !== undefined);
    assert.deepEqual(help.options.items.map(shown), command.options.items.map(shown), path.join(' '));
    assert.deepEqual(
      help.operands.items.map(({ name, help: text }) => [name, text?.value]),
      command.operands.items.map(({ name, help: text }) => [name, text?.value]),
    );
    assert.deepEqual(
      help.forms.map(({ text }) => text),
      command.forms.map(({ text }) => text),
    );
    assert.equal(help.description?.value, command.description?.value);
    assert.deepEqual(summary(help), summary(command));
  }
});

test('an audit of the document together with the help and the manual page finds nothing', async () => {
  const cli = ownDocument();
  const helps = await Promise.all([...walkCommands(cli)].map(({ path }) => ownHelp(path)));
  const page = ownPage();
  for (const interfaces of [
    [cli],
    [page],
    joinInterfaces([cli, ...helps]),
    joinInterfaces([cli, ...helps, page]),
  ]) {
    assert.equal(interfaces.length, 1);
    assert.deepEqual(
      audit(interfaces).findings.map(({ check, message }) => `${check}: ${message}`),
      [],
    );
  }
});

test('the parser does what the document says of its rules', async () => {
  const cases: [string[], number][] = [
    [['explain', '--form', 'json'], 2],
    [['expl'], 2],
    [['explain', '--format', 'json'], 0],
    [['explain', '--format=json'], 0],
    [['explain', '--Format=json'], 2],
    [['explain', '--', 'help/same-help-twice'], 0],
    [['explain', '--', '--format'], 2],
    [['explain', 'same-help-twice', '--format=json'], 0],
    [['-Vh'], 0],
    [['--no-help'], 2],
  ];
  for (const [words, status] of cases) assert.equal((await dabbawala(words)).status, status, words.join(' '));
});
