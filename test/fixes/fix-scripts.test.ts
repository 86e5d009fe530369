import assert from 'node:assert/strict';
import { chmodSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after as afterAll, test } from 'node:test';
import { audit, CATALOGUE, fixAudit, readScript, type Source } from 'dabbawala';
import { editedText, editsByFile, type TextEdit } from 'dabbawala/analysis';
import { runProgram } from '../support/run-dabbawala.ts';

const FOLDER = mkdtempSync(join(tmpdir(), 'dabbawala-scripts-'));
afterAll(() => rmSync(FOLDER, { recursive: true, force: true }));

function auditOf(script: Source) {
  const { interface: cli } = readScript(script);
  assert.ok(cli);
  return audit([cli]);
}

function edited(script: Source, edits: readonly TextEdit[]): Source {
  const [file] = editsByFile(edits);
  return file === undefined ? script : { name: script.name, text: editedText(file) };
}

function fixed(text: string): string {
  const script = { name: 'boxes', text };
  const found = auditOf(script);
  const fixes = fixAudit(found, (edits) => auditOf(edited(script, edits)));
  const once = edited(script, fixes.edits);
  const again = fixAudit(auditOf(once), (edits) => auditOf(edited(once, edits)));
  assert.equal(edited(once, again.edits).text, once.text, 'twice is once');
  return once.text;
}

async function run(text: string, words: readonly string[]) {
  const file = join(FOLDER, 'boxes');
  writeFileSync(file, text);
  chmodSync(file, 0o755);
  return await runProgram('sh', [file, ...words]);
}

function wrong(name: string): string {
  return CATALOGUE.find((check) => check.name === name)?.examples.wrong ?? '';
}

test('operands are read behind the options once these are taken away', async () => {
  const text = wrong('script/operands-not-shifted').replace('cat "$1"', 'echo "$1"');
  assert.match((await run(text, ['-a', 'box'])).stdout, /^-a\n/);
  const after = fixed(text);
  assert.equal((await run(after, ['-a', 'box'])).stdout, 'box\n');
  assert.equal((await run(after, ['box'])).stdout, 'box\n');
});

test('a message goes to standard error, and a wrong option fails', async () => {
  const before = await run(wrong('script/error-on-standard-output'), ['-x']);
  assert.notEqual(before.stdout, '');
  const after = await run(fixed(wrong('script/error-on-standard-output')), ['-x']);
  assert.deepEqual([after.stdout, after.stderr, after.status], ['', before.stdout, 2]);
  assert.equal((await run(wrong('script/error-status'), ['-x'])).status, 0);
  assert.equal((await run(fixed(wrong('script/error-status')), ['-x'])).status, 2);
});

test('what is asked for in other ways too is left as it is', () => {
  const shared =
    '#!/bin/sh\nusage() { echo "usage: boxes [-ah]"; }\nwhile getopts :ah letter; do\n  case $letter in\n' +
    '    a) all=1 ;;\n    h | *) usage; exit 0 ;;\n  esac\ndone\nshift $((OPTIND - 1))\n';
  assert.equal(fixed(shared), shared);
  const indented =
    '#!/bin/sh\nread_all() {\n  while getopts a letter; do\n    case $letter in\n      a) all=1 ;;\n      *) exit 2 ;;\n    esac\n' +
    '  done # options\n  echo "$1"\n}\nread_all "$@"\n';
  assert.match(fixed(indented), /^ {2}done # options\n {2}shift \$\(\(OPTIND - 1\)\)\n {2}echo/m);
});

test('a long text is audited anew less often, and what was not tried is told', () => {
  const mistakes = Array.from({ length: 4 }, () => wrong('script/error-on-standard-output')).join('\n');
  function tried(text: string) {
    let audits = 0;
    const { left } = fixAudit(auditOf({ name: 'boxes', text }), () => {
      audits++;
      return undefined;
    });
    return { audits, untried: left.filter(({ because }) => because === 'it was not tried').length };
  }
  const short = tried(mistakes);
  assert.ok(short.audits > 4, String(short.audits));
  assert.equal(short.untried, 0);
  const long = tried(`${mistakes}\n${'# a box\n'.repeat(260_000)}`);
  assert.equal(long.audits, 1);
  assert.ok(long.untried > 1, String(long.untried));
});
