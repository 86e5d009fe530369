import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { audit, type Interface, isAtLeast, joinInterfaces, readHelp } from 'dabbawala';
import { ROOT } from '../support/run-dabbawala.ts';

interface Planted {
  readonly check: string;
  readonly source: string;
  readonly command: string;
  readonly subject: string;
}

const FOLDER = 'demo/tiffin-1.4/help';
const planted: readonly Planted[] = JSON.parse(readFileSync(join(ROOT, 'demo/planted.json'), 'utf8'));

function demoInterfaces(): Interface[] {
  return readdirSync(join(ROOT, FOLDER)).map((name) => {
    const source = { name: `${FOLDER}/${name}`, text: readFileSync(join(ROOT, FOLDER, name), 'utf8') };
    const { interface: from } = readHelp(source);
    assert.ok(from !== undefined);
    return from;
  });
}

const key = ({ check, source, command, subject }: Planted) => `${check} ${source} ${command} ${subject}`;

test('every mistake planted in the demo is found, and nothing else is a warning or an error', () => {
  const found = audit(joinInterfaces(demoInterfaces())).findings.map(
    ({ check, place, command, subject, level }) => ({
      level,
      key: key({ check, source: place?.source.name ?? '', command: command.join(' '), subject }),
    }),
  );
  const wanted = new Set(planted.map(key));
  assert.deepEqual(
    [...wanted].filter((one) => !found.some((finding) => finding.key === one)),
    [],
  );
  assert.deepEqual(
    found.filter(({ level, key: one }) => isAtLeast(level, 'warning') && !wanted.has(one)),
    [],
  );
});

test('the help outputs of a program join into one tree, in the order in which the program lists its commands', () => {
  const [tiffin, ...others] = joinInterfaces(demoInterfaces());
  assert.deepEqual(others, []);
  const tree = tiffin?.root.commands.items.map((command) => [
    command.names[0]?.text,
    ...command.commands.items.map(({ names }) => names[0]?.text),
  ]);
  assert.deepEqual(tree, [
    ['box', 'list', 'add', 'find'],
    ['route', 'plan', 'print'],
    ['round', 'open', 'close'],
    ['kitchen'],
    ['ledger', 'show', 'post'],
  ]);
  assert.equal(tiffin?.sources.length, 15);
});

test('the order in which sources are given does not change what is found', () => {
  const fingerprints = (interfaces: Interface[]) =>
    audit(joinInterfaces(interfaces)).findings.map(({ fingerprint, message }) => `${fingerprint} ${message}`);
  const sorted = fingerprints(demoInterfaces());
  const reversed = fingerprints(demoInterfaces().reverse());
  assert.deepEqual(reversed, sorted);
});
