import assert from 'node:assert/strict';
import { test } from 'node:test';
import { AUDIT_REPORTS, audit, readDocument, readHelp } from 'dabbawala';
import type { Interface } from 'dabbawala/model';
import { readText } from '../support/read-text.ts';

const TOOL = { name: 'dabbawala', version: '1.2.3' };
const TEXT =
  'Usage: tiffin [OPTION]...\n\n\t--n=COUNT\tprint COUNT boxes\n  --terse\n  -q, --quiet  say nothing\n';

const textOf = (cli: Interface, width = 80, colour = false, inFull = false) =>
  AUDIT_REPORTS.text(audit([cli]), { tool: TOOL, text: { width, colour }, inFull });

test('the text report names the place in GNU columns, quotes the line, marks the words and says the fix', () => {
  const lines = textOf(readText(TEXT)).split('\n');
  const at = lines.findIndex((line) => line.startsWith('help.txt:3:9: warning:'));
  assert.deepEqual(lines.slice(at, at + 5), [
    "help.txt:3:9: warning: '--n' is a long option of one letter",
    '    |         --n=COUNT       print COUNT boxes',
    '    |         ~~~',
    "    fix: name it with a word, and use '-n' as its short form if that is free",
    '    [names/one-letter-long] tiffin',
  ]);
});

test('a finding on a line is placed where the word stands, with wide characters and escapes before it', () => {
  const wide = readText('Usage: tiffin\n\n  -弁, --n=X  one\n  -q      two\n');
  assert.match(textOf(wide), /^help\.txt:3:8: warning: '--n'/m);
  const escaped = readText('Usage: tiffin\n\n  \x1b[1m-q\x1b[0m, \x1b[1m--m=Y\x1b[0m  two\n');
  const places = [wide, escaped].map((cli) => {
    const found = audit([cli]).findings.find(({ check }) => check === 'names/one-letter-long');
    return found?.place?.source.text.slice(found.place.start, found.place.end);
  });
  assert.deepEqual(places, ['--n', '--m']);
  assert.match(textOf(escaped), /\\x1b\[1m--m=Y/);
});

test('the text report fits the width it is given, and grows with the terminal', () => {
  const longest = (text: string) => Math.max(...text.split('\n').map((line) => line.length));
  const cli = readText(`${TEXT}  --late-boxes  ${'list the boxes that came late '.repeat(8)}\n`);
  assert.ok(longest(textOf(cli, 80)) <= 80);
  assert.ok(longest(textOf(cli, 110)) <= 110);
  assert.ok(longest(textOf(cli, 110)) > 80);
});

test('notes are a line for each area, tables those that are claimed, and in full all is told', () => {
  const text =
    'Usage: tiffin [OPTION]...\n\n  -q, --quay=N  a\n      --quiet  b\n  --late  see --map\n  --late-boxes  d\n  --help  print this\n';
  const brief = textOf(readText(text));
  assert.match(
    brief,
    /^Notes ─+ \d notes?\n {2}help {2,}mentions-unknown\b.*\n(?:.*\n)* {2}names {2,}letter-against-custom\n/,
  );
  assert.match(brief, /^'--notes' tells them one by one/m);
  assert.doesNotMatch(brief, /against POSIX|against the GNU|By area|is '--quay', while/);
  const full = textOf(readText(text), 80, false, true);
  assert.match(full, /note: '-q' is '--quay', while '--quiet' has no letter/);
  assert.match(
    full,
    /By area: .*\n(?:.*\n)*tiffin against POSIX XBD 12\.2\n(?:.*\n)*tiffin against the GNU Coding Standards\n/,
  );
  assert.match(full, /^Not judged, because a fact is missing$/m);
  const { interface: claiming } = readDocument({
    name: 'tiffin.yaml',
    text: 'dabbawala: 1\nprogram: tiffin\nclaims: [gnu]\noptions: {--late: a}\n',
  });
  assert.ok(claiming !== undefined);
  assert.match(textOf(claiming), /tiffin against the GNU Coding Standards\n/);
  assert.doesNotMatch(textOf(claiming), /against POSIX/);
});

test('a row of a table that departs by the custom of a parser names nothing in brackets', () => {
  const cli = readText(
    'usage: tiffin [-h] [--late] box\n\npositional arguments:\n  box         the box\n\noptions:\n  -h, --help  show this help message and exit\n  --late      what is late\n',
  );
  const full = textOf(cli, 120, false, true);
  assert.match(full, /^ {2}departs +9 options before operands +options can appear among the operands$/m);
});

test('colours are used only where they are asked for', () => {
  assert.doesNotMatch(textOf(readText(TEXT)), /\x1b/);
  assert.match(textOf(readText(TEXT), 80, true), /\x1b\[33m/);
});

test('a million characters on the line do not reach the report', () => {
  const cli = readText(`Usage: tiffin\n\n  --n=X  ${'x'.repeat(1_000_000)}\n`);
  assert.ok(textOf(cli).length < 4000);
});

test('the JSON report has the fields that scripts rely on, with UTF-16 columns', () => {
  const { interface: cli, problems } = readHelp({ name: 'help.txt', text: TEXT });
  assert.ok(cli !== undefined);
  const report = JSON.parse(
    AUDIT_REPORTS.json(audit([cli]), { tool: TOOL, text: { width: 80, colour: false }, problems }),
  );
  assert.equal(report.version, 1);
  assert.deepEqual(report.tool, TOOL);
  assert.deepEqual(report.sources, [
    {
      name: 'help.txt',
      kind: 'help',
      program: 'tiffin',
      command: ['tiffin'],
      width: null,
      lines: { read: 4, unread: 0 },
    },
  ]);
  const finding = report.findings.find((one: { check: string }) => one.check === 'names/one-letter-long');
  assert.deepEqual(finding, {
    check: 'names/one-letter-long',
    level: 'warning',
    message: "'--n' is a long option of one letter",
    command: ['tiffin'],
    subject: '--n',
    data: { names: ['--n'] },
    place: {
      source: 'help.txt',
      start: { line: 3, column: 2, offset: 28 },
      end: { line: 3, column: 5, offset: 31 },
    },
    related: [],
    evidence: '--n',
    fix: "name it with a word, and use '-n' as its short form if that is free",
    unsure: null,
    declaredAt: null,
    members: ['--n'],
    corrected: null,
    edits: [],
    fingerprint: finding.fingerprint,
  });
  assert.match(finding.fingerprint, /^[0-9a-f]{16}$/);
  assert.equal(report.conformance.posix.length, 14);
  assert.equal(report.conformance.gnu.length, 11);
  assert.equal(report.judged.length > 0, true);
  assert.deepEqual(report.accepted, { passedOver: [], gone: [], due: [] });
  assert.deepEqual(report.problems, []);
});

test('a fingerprint stays when lines move, and differs between commands', () => {
  const prints = (text: string) => audit([readText(text)]).findings.map(({ fingerprint }) => fingerprint);
  assert.deepEqual(prints(TEXT.replace('\n\n', '\n\nCount the boxes.\n\n')), prints(TEXT));
  assert.equal(
    new Set([...prints(TEXT), ...prints(TEXT.replace('tiffin', 'boxsort'))]).size,
    2 * prints(TEXT).length,
  );
});

test('two audits of one text are the same to the byte, also where they run interleaved', () => {
  const other = readText('Usage: boxsort\n\n  --x=Y  sort\n');
  const alone = textOf(readText(TEXT));
  const first = readText(TEXT);
  textOf(other);
  assert.equal(textOf(first), alone);
});

test('a program on which nothing is found is told so, with what could not be judged', () => {
  const text = textOf(
    readText('Usage: tiffin [-q] BOX\n\nPrint BOX.\n\n  -q  say nothing\n'),
    80,
    false,
    true,
  );
  assert.match(text, /\nnothing found\n$/);
  assert.match(text, /not judged: /);
});
