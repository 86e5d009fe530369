import assert from 'node:assert/strict';
import { test } from 'node:test';
import { audit, readHelp } from 'dabbawala';

const HELP = `Usage: crates [OPTION]...

  --owner-name=NAME    list the boxes of NAME
  --round-list=LIST    go the rounds of LIST
  --box_size=NUMBER    boxes of NUMBER litres
  --map=<file>         draw the way into <file>
  --day=DAY            go on DAY
  --quay=NAME          go to the quay NAME
  --night=HOUR         Go at HOUR
  -h, --help           print this help, and exit
`;

test('of help output, the line is shown as it should be, with its text in its column', () => {
  const cli = readHelp({ name: 'crates.txt', text: HELP }).interface;
  assert.ok(cli);
  const corrected = audit([cli]).findings.flatMap((one) =>
    one.corrected === null ? [] : [[one.check, one.corrected]],
  );
  assert.deepEqual(corrected.sort(), [
    ['help/style-mixed', '  --night=HOUR         go at HOUR'],
    ['names/placeholder-mixed', '  --map=FILE           draw the way into FILE'],
    ['names/separators-mixed', '  --box-size=NUMBER    boxes of NUMBER litres'],
  ]);
});
