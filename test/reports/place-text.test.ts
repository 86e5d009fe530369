import assert from 'node:assert/strict';
import { test } from 'node:test';
import { LineIndexes, placeText, type Source } from 'dabbawala';
import fc from 'fast-check';

/** Pieces of a line with the columns that they take behind a column: a tab goes on to the next eighth one, a control is printed as `\x1b`. */
const PIECES: readonly (readonly [string, (column: number) => number])[] = [
  ['a', () => 1],
  ['word ', () => 5],
  ['\t', (column) => 8 - (column % 8)],
  ['箱', () => 2],
  ['\x1b', () => 4],
];

const pieces = fc.array(fc.constantFrom(...PIECES), { minLength: 0, maxLength: 4000, size: 'max' });

test('the column of a place counts the columns of all that stands before it, in long lines too and in any order', () => {
  fc.assert(
    fc.property(pieces, fc.array(fc.nat(), { minLength: 1, maxLength: 20 }), (line, picks) => {
      const source: Source = { name: 'help', text: `first\n${line.map(([text]) => text).join('')}x` };
      const indexes = new LineIndexes();
      for (const pick of picks) {
        const count = pick % (line.length + 1);
        const before = line.slice(0, count);
        const start = 6 + before.reduce((sum, [text]) => sum + text.length, 0);
        const column = before.reduce((sum, [, widthAt]) => sum + widthAt(sum), 0);
        const place = { source, start, end: start + 1 };
        assert.equal(placeText(place, indexes), `help:2:${column + 1}: `);
      }
    }),
    { numRuns: 60 },
  );
});
