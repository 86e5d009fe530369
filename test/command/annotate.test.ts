import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { annotateHelp } from 'dabbawala';
import { dabbawala, ROOT } from '../support/run-dabbawala.ts';

const HELP = 'demo/tiffin-1.4/help/tiffin-box-list.txt';

test('every line of help output is shown with its role, and with what was taken from it', async () => {
  const { status, stdout, stderr } = await dabbawala(['annotate', join(ROOT, HELP)]);
  assert.deepEqual([status, stderr], [0, '']);
  assert.match(stdout, /^ 1 {2}synopsis {4}Usage: tiffin box list /);
  assert.match(stdout, /^ 4 {2}heading {5}Options:$/m);
  assert.match(stdout, /\^ option -s, --sort; takes KEY; one of owner, quay, weight$/m);
  assert.match(stdout, /^13 {2}example /m);
  assert.match(stdout, /: 11 of 11 lines are read, 100 %\n$/);
});

test('the roles come as JSON too, a line each', async () => {
  const { status, stdout } = await dabbawala(['annotate', '--format=json', join(ROOT, HELP)]);
  assert.equal(status, 0);
  const { version, lines, counts } = JSON.parse(stdout);
  const text = readFileSync(join(ROOT, HELP), 'utf8');
  assert.equal(version, 1);
  assert.deepEqual(
    lines.map((one: { text: string }) => one.text),
    text
      .trimEnd()
      .split('\n')
      .map((line) => line.trimEnd()),
  );
  assert.deepEqual(lines[4], {
    line: 5,
    text: '  -a, --all              list returned boxes too',
    role: 'entry',
    reads: ['option -a, --all'],
  });
  assert.deepEqual(counts, { read: 11, unread: 0 });
});

test('what looks like an entry and was not read is told as unread, and sentences are prose', () => {
  const text = [
    'tiffin 1.4',
    '',
    'Usage: tiffin [OPTION]... DAY',
    '',
    'Days are those of the week, and the word today.',
    'A day may be left out.',
    '',
    'Options:',
    '  -q, --quiet   say nothing',
    '                but errors',
    '',
    'Lunches of <day>',
    '  noon     at noon',
    '',
    'Ask the office, where that does not help.',
    '',
  ].join('\n');
  const { lines, counts } = annotateHelp({ name: 'help', text });
  assert.deepEqual(
    lines.map(({ role }) => role),
    [
      'title',
      'blank',
      'synopsis',
      'blank',
      'title',
      'title',
      'blank',
      'heading',
      'entry',
      'entry-text',
      'blank',
      'unread',
      'unread',
      'blank',
      'epilogue',
    ],
  );
  assert.deepEqual(counts, { read: 8, unread: 2 });
});

test('a source of another kind has no lines with roles', async () => {
  const { status, stderr } = await dabbawala(['annotate', join(ROOT, 'demo/tiffin-1.4/tiffin.yaml')]);
  assert.equal(status, 2);
  assert.match(
    stderr,
    /^dabbawala: expected help output, a manual page or Markdown with help in it, found a source of another kind/,
  );
});
