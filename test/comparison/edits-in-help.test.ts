import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { assumeComplete, compareInterfaces } from 'dabbawala/analysis';
import { readText } from '../support/read-text.ts';

const HELPS = join(import.meta.dirname, '../checks/planted');

type Edit = readonly [from: string, to: string, changes: readonly string[]];

/** By help: an edit of its text, and all changes but those of texts that follow from it. */
const EDITS: Record<string, readonly Edit[]> = {
  crateweigh: [
    ['0 to 6', '0 to 4', ['warning range-changed --round']],
    ['0 to 6', '0 to 8', ['note range-changed --round']],
    [', 0 to 6', '', []],
    ['--tare[=WEIGHT]', '--tare=WEIGHT ', ['error argument-changed --tare']],
    ['--scale=NAME   ', '--scale[=NAME] ', ['error argument-changed --scale']],
    ['--unit=UNIT      ', '--unit-name=UNIT ', ['warning option-renamed --unit']],
    ['; needs --output', '', ['note relation-removed --append']],
    ['but errors\n', 'but errors; cannot be used with --append\n', ['warning relation-added --quiet']],
    ['but errors\n', 'but errors; cannot be used with --verbose\n', []],
    [
      'CRATEWEIGH_SCALE',
      'CRATE_SCALE',
      ['warning variable-removed CRATEWEIGH_SCALE', 'note variable-added CRATE_SCALE'],
    ],
    ['SECONDS for the', 'SECONDS, in milliseconds, for the', []],
    [
      '  -a, --append             add to the end of FILE; needs --output\n',
      '',
      ['warning option-removed --append'],
    ],
  ],
  mailsort: [
    ['in bytes', 'in kilobytes', ['warning unit-changed --max-size']],
    ['in bytes', 'in octets', []],
    ['<INPUT> [BAG]', '[INPUT] [BAG]', ['note operand-count-changed INPUT']],
  ],
  seedtray: [
    [
      '[default:\n                                  water]',
      '[default:\n                                  no-water]',
      ['warning default-changed --water'],
    ],
    ['-n, --count', '-c, --count', ['warning option-name-removed -n', 'note option-name-added -c']],
    ['TRAY [SEED]...', '[SEED]... TRAY', ['error operands-reordered TRAY']],
  ],
  loadplan: [
    ['--config FILE\n', '--config-file FILE\n', ['note option-renamed --config']],
    ['{add,drop,show,send} ...', '{add,drop,show,send,pack} ...', ['note command-added pack']],
  ],
  crewctl: [
    ['show NAME... ', 'show NAME    ', ['error operand-count-changed NAME']],
    ['hire NAME...', 'hire NAME SHIP...', ['error operand-count-changed NAME', 'error operand-added SHIP']],
  ],
};

for (const [program, edits] of Object.entries(EDITS))
  test(`an edit of the help of ${program} is told as what it comes to for callers`, () => {
    const text = readFileSync(join(HELPS, program, 'help.txt'), 'utf8');
    const old = assumeComplete(readText(text));
    for (const [from, to, expected] of edits) {
      assert.ok(text.includes(from), from);
      const { changes } = compareInterfaces(old, assumeComplete(readText(text.replace(from, () => to))));
      const told = changes
        .filter(({ effect }) => effect !== 'wording')
        .map(({ level, kind, subject }) => `${level} ${kind} ${subject}`);
      assert.deepEqual(told, expected, `${from} -> ${to}`);
    }
  });

test('an old name that only an abbreviation keeps is told as one, and as refused where no parser is known', () => {
  const message = (program: string, from: string, to: string) => {
    const text = readFileSync(join(HELPS, program, 'help.txt'), 'utf8');
    return compareInterfaces(readText(text), readText(text.replace(from, () => to))).changes[0]?.message;
  };
  assert.equal(
    message('loadplan', '--config FILE\n', '--config-file FILE\n'),
    "'--config' is called '--config-file' now; '--config' still works, but only as an abbreviation: another option that begins so would end that",
  );
  assert.equal(
    message('crateweigh', '--unit=UNIT      ', '--unit-name=UNIT '),
    "'--unit' is called '--unit-name' now: command lines with '--unit' are refused, or it is ignored, unless the parser accepts abbreviations",
  );
});
