import assert from 'node:assert/strict';
import { join } from 'node:path';
import { test } from 'node:test';
import fc from 'fast-check';
import { absent } from '../support/programs.ts';
import { anyCommand, lineCommand } from './shell-lines.ts';
import { differences, FOLDER, NONE } from './stand-in.ts';

test('the words of calls in scripts are those that bash hands on', { skip: absent('bash') }, () => {
  fc.assert(
    fc.property(fc.array(anyCommand, { minLength: 25, maxLength: 25 }), (commands) => {
      // What hangs on a call that failed would not run: the stand-in never fails, and `||` has nothing to do.
      const text = commands.map((one) => one.replace(' || ', ' ; ')).join('\n');
      const path = join(FOLDER, 'script.sh');
      assert.deepEqual(differences(path, `${text}\n`, ['bash', path]), NONE);
    }),
    { numRuns: 20, seed: 11 },
  );
});

test('the words of calls in recipes are those that make hands on', { skip: absent('make') }, () => {
  fc.assert(
    fc.property(fc.array(lineCommand, { minLength: 20, maxLength: 20 }), (lines) => {
      const recipe = lines
        .filter((one) => !one.includes('#'))
        .map((one, i) => `\t${['', '@', '-', '@-'][i % 4]}${one.replaceAll('$', '$$$$')}\n`);
      const text = `NAME = tally\nall:\n${recipe.join('').replace('tally', '$(NAME)')}`;
      const path = join(FOLDER, 'Makefile');
      assert.deepEqual(differences(path, text, ['make', '-f', path]), NONE);
    }),
    { numRuns: 25, seed: 5 },
  );
});
