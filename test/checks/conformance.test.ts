import assert from 'node:assert/strict';
import { test } from 'node:test';
import { audit } from 'dabbawala';
import { type Interface, inferred, makeCommand, makeInterface, stated, UNKNOWN_RULES } from 'dabbawala/model';
import { readText } from '../support/read-text.ts';

function standings(cli: Interface): Map<string, string> {
  const [tables] = audit([cli]).conformance;
  return new Map(
    [...(tables?.posix ?? []), ...(tables?.gnu ?? [])].map(({ section, label, standing, count }) => [
      `${section} ${label}`,
      `${standing} ${count}`,
    ]),
  );
}

function standing(text: string, row: string): string | undefined {
  return standings(readText(text)).get(row);
}

test('rows of the tables are judged by what help output shows', () => {
  const cases: [string, string, string][] = [
    ['Guideline 1 name length', 'Usage: t [-a]\n', 'departs 1'],
    ['Guideline 1 name length', 'Usage: tiffin [-a]\n', 'meets 1'],
    ['Guideline 2 name characters', 'Usage: box_sort [-a]\n', 'departs 1'],
    ['Guideline 3 option names', 'Usage: tiffin [-a] [-b]\n', 'meets 2'],
    ['Guideline 3 option names', 'Usage: tiffin\n\n  -a, --all  x\n  --late     y\n', 'by design 2'],
    ['Guideline 3 option names', 'Usage: tiffin\n\n  -a  x\n  -?  y\n', 'departs 1'],
    ['Guideline 4 option delimiter', 'Usage: tiffin\n\n  -a  x\n  +b  y\n', 'departs 1'],
    ['Guideline 5 grouping', 'Usage: tiffin [-ab]\n', 'not judged 0'],
    ['Guideline 6 separate option-arguments', 'Usage: tiffin\n\n  -oFILE  x\n', 'departs 1'],
    ['Guideline 6 separate option-arguments', 'Usage: tiffin\n\n  -o FILE  x\n', 'meets 1'],
    ['Guideline 6 separate option-arguments', 'Usage: tiffin\n\n  -o, --out=FILE  x\n', 'meets 1'],
    [
      'Guideline 7 mandatory option-arguments',
      'Usage: tiffin\n\n  -a, --map[=X]  x\n  --box=Y  y\n',
      'departs 1',
    ],
    ['Guideline 7 mandatory option-arguments', 'Usage: tiffin\n\n  --box=Y  y\n', 'meets 1'],
    ['Guideline 8 lists of option-arguments', 'Usage: tiffin\n\n  --boxes=ID,...  x\n', 'meets 1'],
    ['Guideline 8 lists of option-arguments', 'Usage: tiffin\n\n  --move FROM TO  x\n', 'departs 1'],
    ['Guideline 10 end of options', 'usage: tiffin [-a] [--] BOX\n', 'meets 1'],
    ['Guideline 12 order of operands', 'usage: tiffin [-a] FROM TO\n', 'meets 1'],
    ['4.8.2 help option', 'Usage: tiffin\n\n  --help  x\n', 'meets 1'],
    ['4.8.2 help option', 'Usage: tiffin\n\n  --hello  x\n', 'not judged 0'],
    ['4.8 long equivalents', 'Usage: tiffin\n\n  -a, --all  x\n  -b  y\n', 'departs 1'],
    ['4.8.2 bug address', 'Usage: tiffin\n\n  -a  x\n\nReport bugs to: books@tiffin.example\n', 'meets 1'],
    ['4.4 error form', 'Usage: tiffin [-a]\n', 'not judged 0'],
  ];
  for (const [row, text, expected] of cases) assert.equal(standing(text, row), expected, `${row}: ${text}`);
});

test('rows that rest on parsing rules are judged where the rules are known', () => {
  const place = null;
  const cli = readText('Usage: tiffin\n\n  -a  x\n  -b  y\n');
  const withRules = (rules: object): Interface => ({
    ...cli,
    root: { ...cli.root, rules: { ...UNKNOWN_RULES, ...rules } },
  });
  const judge = (rules: object, row: string) => standings(withRules(rules)).get(row);
  assert.equal(judge({ grouping: stated(true, place) }, 'Guideline 5 grouping'), 'meets 2');
  assert.equal(judge({ grouping: stated(false, place) }, 'Guideline 5 grouping'), 'departs 2');
  assert.equal(
    judge({ operandOrder: stated('mixed', place) }, 'Guideline 9 options before operands'),
    'departs 1',
  );
  assert.equal(judge({ operandOrder: stated('mixed', place) }, '4.8 options among operands'), 'meets 1');
  assert.equal(
    judge({ doubleHyphen: stated('ordinary', place) }, 'Guideline 10 end of options'),
    'departs 1',
  );
  assert.equal(judge({ hyphenValues: stated(true, place) }, 'Guideline 14 hyphen in front'), 'departs 1');
});

test('what a complete list lacks departs, and what a part lacks is not judged', () => {
  const root = makeCommand({
    names: [{ text: 'tiffin', place: null }],
    place: null,
    described: true,
    options: { items: [], complete: stated(true, null) },
  });
  const cli = makeInterface({ program: inferred('tiffin', null), root, sources: [] });
  assert.equal(standings(cli).get('4.8.1 version option'), 'departs 1');
  const part = { ...root, options: { items: [], complete: undefined } };
  assert.equal(standings({ ...cli, root: part }).get('4.8.1 version option'), 'not judged 0');
});

test('a standard that the interface claims raises its findings to warnings', () => {
  const cli = readText('Usage: tiffin\n\n  -m [X]  draw a map\n');
  const levelOf = (one: Interface) =>
    audit([one]).findings.find(({ check }) => check === 'posix/argument-optional')?.level;
  assert.equal(levelOf(cli), 'note');
  assert.equal(levelOf({ ...cli, claims: [stated('posix', null)] }), 'warning');
  // Who has long options has left POSIX by design, unless that is claimed.
  const long = readText('Usage: tiffin\n\n  -m[X], --map[=X]  draw a map\n');
  assert.equal(levelOf(long), undefined);
  assert.equal(levelOf({ ...long, claims: [stated('posix', null)] }), 'warning');
});
