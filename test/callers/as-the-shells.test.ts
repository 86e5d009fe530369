import assert from 'node:assert/strict';
import { join } from 'node:path';
import { test } from 'node:test';
import fc from 'fast-check';
import { absent } from '../support/programs.ts';
import { call, line } from './shell-lines.ts';
import { differences, FOLDER, NONE } from './stand-in.ts';

const command = fc.oneof(
  call,
  fc
    .tuple(call, fc.constantFrom(' > /dev/null', ' 2>&1', ' </dev/null', ' >/dev/null 2>&1', ' # tally x'))
    .map((parts) => parts.join('')),
  fc.tuple(call, fc.constantFrom(' && ', ' ; ', ' || '), call).map((parts) => parts.join('')),
  call.map((one) => `sudo_like() { true; }; if ${one}; then true; fi`),
  call.map((one) => `echo $(${one})`),
  // Within backticks, backslashes mean something before all else.
  call.filter((one) => !/[\\$]/.test(one)).map((one) => `echo \`${one}\``),
  call.map((one) => `( ${one} ) && { ${one}; }`),
  call.map((one) => `env BOX=1 nice -n 1 timeout 5 ${one}`),
  call.map((one) => `for x in 1; do ${one}; done | cat`),
  call.map((one) => one.replace(/ /g, ' \\\n  ')).filter((one) => !/['"][^'"]*\\\n/.test(one)),
  call.map((one) => `cat <<END\ntally in a text, $(${one})\nEND`),
  call.map((one) => `run() { ${one}; }; run`),
);

test('the words of calls in scripts are those that bash hands on', { skip: absent('bash') }, () => {
  fc.assert(
    fc.property(fc.array(command, { minLength: 25, maxLength: 25 }), (commands) => {
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
    fc.property(fc.array(line, { minLength: 20, maxLength: 20 }), (lines) => {
      const recipe = lines
        .filter((one) => !one.includes('#'))
        .map((one, i) => `\t${['', '@', '-', '@-'][i % 4]}${one.replaceAll('$', '$$$$')}\n`);
      const text = `NAME = tally\nall:\n${recipe.join('').replace('tally', '$(NAME)')}`;
      const path = join(FOLDER, 'Makefile');
      assert.deepEqual(differences(path, text, ['make', '-f', path]), NONE);
    }),
    { numRuns: 15, seed: 5 },
  );
});
