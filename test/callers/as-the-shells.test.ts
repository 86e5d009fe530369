import assert from 'node:assert/strict';
import { spawnSync } from 'node:child_process';
import { chmodSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, test } from 'node:test';
import { readSource } from 'dabbawala';
import { findCallers } from 'dabbawala/analysis';
import fc from 'fast-check';
import { absent } from '../support/programs.ts';

const FOLDER = mkdtempSync(join(tmpdir(), 'dabbawala-as-the-shells-'));
after(() => rmSync(FOLDER, { recursive: true, force: true }));
mkdirSync(join(FOLDER, 'bin'));
const LOG = join(FOLDER, 'log');
// A stand-in that keeps the words that it is given, in brackets.
writeFileSync(
  join(FOLDER, 'bin/tally'),
  `#!/bin/sh\n{ for word; do printf '<%s>' "$word"; done; echo; } >> "${LOG}"\n`,
);
chmodSync(join(FOLDER, 'bin/tally'), 0o755);

const { interface: tally } = readSource({ name: 'tally.yaml', text: 'dabbawala: 1\nprogram: tally\n' });

const piece = fc.constantFrom(
  'box',
  '--late',
  "'a b'",
  '"c d"',
  'e\\ f',
  '"g\\"h"',
  "'i\"j'",
  '"k\\\\l"',
  '-x',
  '=',
  'm,n',
  "''",
  '"o\'p"',
  '%q',
  '@r',
  '"\\$s"',
  "'$t'",
  '~u',
  'v#w',
  '--',
  '{y}',
);
const word = fc.array(piece, { minLength: 1, maxLength: 3 }).map((pieces) => pieces.join(''));
const call = fc.array(word, { maxLength: 4 }).map((words) => ['tally', ...words].join(' '));
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

/** The calls that the scanner sees, and those that were made, each sorted: what runs first in a line does not stand first. */
function both(
  path: string,
  text: string,
  run: readonly [string, ...string[]],
): { seen: string[]; made: string[] } {
  assert.ok(tally !== undefined);
  writeFileSync(path, text);
  rmSync(LOG, { force: true });
  writeFileSync(LOG, '');
  const [program, ...words] = run;
  const env = { PATH: `${join(FOLDER, 'bin')}:${process.env.PATH}`, HOME: FOLDER };
  const { error } = spawnSync(program, words, { cwd: FOLDER, env, encoding: 'utf8', timeout: 60_000 });
  assert.equal(error, undefined);
  const { invocations } = findCallers([{ name: path, text }], tally);
  return {
    seen: invocations.map(({ words: all }) => all.map((one) => `<${one.text}>`).join('')).sort(),
    made: readFileSync(LOG, 'utf8').split('\n').slice(0, -1).sort(),
  };
}

test('the words of calls in scripts are those that bash hands on', { skip: absent('bash') }, () => {
  fc.assert(
    fc.property(fc.array(command, { minLength: 25, maxLength: 25 }), (commands) => {
      // What hangs on a call that failed would not run: the stand-in never fails, and `||` has nothing to do.
      const text = commands.map((one) => one.replace(' || ', ' ; ')).join('\n');
      const path = join(FOLDER, 'script.sh');
      const { seen, made } = both(path, `${text}\n`, ['bash', path]);
      assert.deepEqual(seen, made, text);
    }),
    { numRuns: 20, seed: 11 },
  );
});

test('the words of calls in recipes are those that make hands on', { skip: absent('make') }, () => {
  const line = fc.oneof(
    call,
    fc.tuple(call, fc.constantFrom(' && ', '; '), call).map((parts) => parts.join('')),
  );
  fc.assert(
    fc.property(fc.array(line, { minLength: 20, maxLength: 20 }), (lines) => {
      const recipe = lines
        .filter((one) => !one.includes('#'))
        .map((one, i) => `\t${['', '@', '-', '@-'][i % 4]}${one.replaceAll('$', '$$$$')}\n`);
      const text = `NAME = tally\nall:\n${recipe.join('').replace('tally', '$(NAME)')}`;
      const path = join(FOLDER, 'Makefile');
      const { seen, made } = both(path, text, ['make', '-f', path]);
      assert.deepEqual(seen, made, text);
    }),
    { numRuns: 15, seed: 5 },
  );
});
