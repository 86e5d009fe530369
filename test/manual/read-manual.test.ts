import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { audit, detectKind, LineIndex, readManual, readSource } from 'dabbawala';
import { type Interface, type Option, walkCommands } from 'dabbawala/model';
import { parse } from 'yaml';
import { ROOT } from '../support/run-dabbawala.ts';

const FOLDER = join(ROOT, 'test/manual/pages');

function optionLine({ names, argument, help }: Option): string {
  const words = argument?.value.words ?? [];
  const shown = words.map(({ placeholder, values, default: byDefault }) => {
    const listed = values?.value.map(({ value }) => value).join('|');
    const shownDefault = byDefault === undefined ? '' : `=${byDefault.value}`;
    return `${placeholder?.value ?? ''}${listed === undefined ? '' : `(${listed})`}${shownDefault}`;
  });
  const open = { none: '', optional: ' [', mandatory: ' ' }[argument?.value.presence ?? 'none'];
  const text = help === undefined ? '' : `: ${help.value.replace(/\s+/g, ' ')}`;
  return `${names.map((name) => name.text).join(', ')}${open}${shown.join(' ')}${text}`;
}

/** What is known of a page's program, in the form in which expectations are written. */
function told(cli: Interface): Record<string, unknown> {
  const commands = [...walkCommands(cli)].map(({ command, path }) => [
    path.join(' '),
    {
      forms: command.forms.map(({ text }) => text),
      options: command.options.items.map(optionLine),
    },
  ]);
  const lists = {
    files: cli.files.map(({ path, help }) => `${path}: ${help?.value}`),
    environment: cli.environment.map(({ name, help }) => `${name}: ${help?.value}`),
    statuses: cli.exitStatuses.map(({ from, help }) => `${from}: ${help?.value}`),
    'see-also': cli.seeAlso.map(({ value }) => value),
    bugs: cli.bugAddress === undefined ? [] : [cli.bugAddress.value],
  };
  return {
    summary: cli.root.description?.value,
    commands: Object.fromEntries(commands),
    ...Object.fromEntries(Object.entries(lists).filter(([, list]) => list.length > 0)),
  };
}

for (const name of readdirSync(FOLDER)) {
  test(`a manual page is read as it is written: ${name}`, () => {
    const folder = join(FOLDER, name);
    const file = readdirSync(folder).find((one) => one.startsWith('page.')) ?? '';
    const text = readFileSync(join(folder, file), 'utf8');
    const { interface: cli, problems } = readSource({ name: file, text });
    assert.ok(cli !== undefined, problems.map(({ message }) => message).join());
    assert.deepEqual(
      cli.sources.map(({ kind }) => kind),
      ['manual'],
    );
    assert.equal(cli.sources[0]?.source.text, readFileSync(join(folder, 'printed.txt'), 'utf8'));
    const index = new LineIndex(text);
    const lines = problems.map(
      ({ place, message }) => `${index.position(place?.start ?? 0).line} ${message}`,
    );
    const { problems: expected = [], ...facts } = parse(readFileSync(join(folder, 'expected.yaml'), 'utf8'));
    assert.deepEqual(told(cli), facts);
    assert.deepEqual(lines, expected);
  });
}

const TWICE = `.Dd October 2, 2026
.Dt LIDPRESS 1
.Os
.Sh NAME
.Nm lidpress
.Nd press lids
.Sh SYNOPSIS
.Nm
.Op Fl f
.Sh DESCRIPTION
.Bl -tag -width Ds
.It Fl f , Fl -force
Press harder.
.It Fl -form Ns = Ns Ar form
Press lids of a form.
.It Fl -form Ns = Ns Ar shape
Press lids of a shape.
.El
`;

test('what is found in a page stands at the lines and columns of its source', () => {
  const { interface: cli } = readManual({ name: 'lidpress.1', text: TWICE });
  const { findings } = audit(cli === undefined ? [] : [cli], {
    selection: { only: ['conflicts/same-name-twice'] },
  });
  const { source, start = 0, end = 0 } = findings[0]?.place ?? {};
  const offset = source?.within?.offsets[start] ?? 0;
  assert.equal(new LineIndex(TWICE).position(offset).line, 14);
  assert.equal(source?.text.slice(start, end), '--form');
});

test('a page is told by its macros, and a script that prints one is a script', () => {
  assert.equal(detectKind(TWICE), 'manual');
  assert.equal(detectKind('.so man1/lidpress.1\n'), 'manual');
  assert.equal(detectKind(`.TH X 1\n.SH NAME\n\nwhile getopts ab letter; do\n  :\nesac\n`), 'manual');
  assert.equal(detectKind(`#!/bin/sh\ncat <<END\n${TWICE}END\n`), 'script');
  assert.equal(detectKind('Usage: lidpress [-f]\n'), 'help');
});

test('a page that only names another one says which to give, and one that takes another in is read without it', () => {
  const { interface: none, problems } = readManual({ name: 'lidlift.1', text: '.so man1/lidpress.1\n' });
  assert.equal(none, undefined);
  assert.match(problems[0]?.message ?? '', /this stands for another one; give 'man1\/lidpress\.1' instead$/);
  const page = '.TH X 1\n.SH SYNOPSIS\nlidpress [-f]\n.SH OPTIONS\n.TP\n.B \\-f\nforce it\n.so x.1\n';
  const { interface: cli, problems: told } = readManual({ name: 'x.1', text: page });
  assert.equal(cli?.root.options.items.length, 1);
  assert.match(told[0]?.message ?? '', /^the page takes in 'x\.1', which is not read/);
});

test('a page about several programs is about the first, and one about a command below another has its path', () => {
  const page = (name: string, synopsis: string) =>
    `.TH X 1\n.SH NAME\n${name} \\- carry boxes\n.SH SYNOPSIS\n${synopsis}\n.SH OPTIONS\n.TP\n\\-f\nfast\n`;
  const read = (text: string) => readManual({ name: 'x.1', text }).interface?.sources[0]?.command;
  assert.deepEqual(read(page('crew, crewlist', '.B crew\n[\\-f]')), ['crew']);
  assert.deepEqual(read(page('crew-list', '.B crew list\n[\\-f]')), ['crew', 'list']);
  assert.deepEqual(read(page('crew', '.B rowers\n[\\-f]')), ['crew']);
});
