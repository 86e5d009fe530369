import assert from 'node:assert/strict';
import { test } from 'node:test';
import { zshCompletion } from 'dabbawala/writers';
import { readText } from '../support/read-text.ts';

/** A zsh script for options of which at most one may be given. */
function scriptOf(count: number): string {
  const names = Array.from({ length: count }, (_, i) => `--box${i}`);
  const options = names.map((name) => `  ${name}: a box\n`).join('');
  return zshCompletion(
    readText(
      `dabbawala: 1\nprogram: tiffin\noptions:\n${options}relations:\n  - at-most-one: [${names.join(', ')}]\n`,
    ),
  );
}

test('an option excludes those beside which it may not stand, but not more than a hundred', () => {
  assert.match(scriptOf(3), /'\(--box1 --box2\)--box0\[a box\]'/);
  assert.match(scriptOf(100), /'\(--box1 [^)]*--box99\)--box0\[a box\]'/);
  assert.match(scriptOf(101), /'--box0\[a box\]'/);
});
