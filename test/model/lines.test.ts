import assert from 'node:assert/strict';
import { test } from 'node:test';
import { LineIndex, LineIndexes, placeText, printable, readHelp } from 'dabbawala';
import { nearestRule, stated, UNKNOWN_RULES } from 'dabbawala/model';
import fc from 'fast-check';

test('lines end with \\n, \\r\\n or \\r, and every offset has a position', () => {
  fc.assert(
    fc.property(fc.stringMatching(/^[ab\r\n]{0,40}$/), (text) => {
      const index = new LineIndex(text);
      const lines = text.split(/\r\n|\r|\n/);
      for (let offset = 0; offset <= text.length; offset++) {
        const before = text.slice(0, offset);
        // Between `\r` and `\n` the line has not ended.
        const whole = text.slice(offset - 1, offset + 1) === '\r\n' ? before.slice(0, -1) : before;
        const { line, column } = index.position(offset);
        assert.equal(line, whole.split(/\r\n|\r|\n/).length);
        assert.equal(column, before.length - (index.lineRange(line)?.start ?? 0) + 1);
      }
      assert.deepEqual(
        lines,
        lines.map((_, i) => {
          const range = index.lineRange(i + 1);
          return text.slice(range?.start, range?.end);
        }),
      );
      assert.equal(index.lineRange(lines.length + 1), undefined);
    }),
  );
});

test('columns of messages are display columns, tabs every eight', () => {
  const source = { name: 'a', text: '\t弁x\n' };
  const column = (start: number) => placeText({ source, start, end: start + 1 }, new LineIndexes());
  assert.equal(column(0), 'a:1:1: ');
  assert.equal(column(1), 'a:1:9: ');
  assert.equal(column(2), 'a:1:11: ');
});

test('control characters and characters that hide or reorder text are shown by their codes', () => {
  assert.equal(printable('a\x1b[31mb\x00\r\nc\td\u202ee\u200b'), 'a\\x1b[31mb\\x00\\r\\nc\td\\u202ee\\u200b');
  assert.equal(printable('弁当 🍱 café'), '弁当 🍱 café');
  assert.equal(printable('\ud800'), '\\ud800');
});

test('the nearest known parsing rule up the tree holds', () => {
  const { interface: cli } = readHelp({ name: 'a', text: 'Usage: tiffin box [-q]\n\n  -q  x\n' });
  assert.ok(cli !== undefined);
  const [box] = cli.root.commands.items;
  assert.ok(box !== undefined);
  const root = { ...cli.root, rules: { ...UNKNOWN_RULES, grouping: stated(true, null) } };
  assert.equal(nearestRule([root, box], 'grouping')?.value, true);
  const own = { ...box, rules: { ...UNKNOWN_RULES, grouping: stated(false, null) } };
  assert.equal(nearestRule([root, own], 'grouping')?.value, false);
  assert.equal(nearestRule([root, own], 'caseSensitive'), undefined);
});
