// Whether the fixtures of the help reader notice when a threshold of it is moved one step: `npm run mutants [-- NAME...]`. Each named threshold
// is made greater and less by one step in a copy of the built package, and the tests of the reader are run there.
import { spawnSync } from 'node:child_process';
import { cpSync, mkdtempSync, readdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buildIfNeeded, fail, root } from '../scripts/setup.mjs';

buildIfNeeded();

/** Thresholds decide how a text is read. Limits, which only bound what a stranger's text can cost, have tests of their own. */
const THRESHOLD = /^(?:export )?const ((?:MIN|MAX|SHORT|LITTLE)\w*) = ([\d.]+|1 \/ 3);$/gm;
const FOLDERS = ['dist/core/readers/help', 'dist/core/notation'];
const TESTS = 'test/help';

/** The fixtures of the reader: layouts, thresholds from both sides, and doubts. */
const FIXTURES = ['layouts.test.ts', 'thresholds.test.ts', 'doubts.test.ts', 'option-layouts.test.ts'];

const wanted = process.argv.slice(2);
const copy = mkdtempSync(join(tmpdir(), 'dabbawala-mutants-'));
try {
  for (const part of [
    'package.json',
    'demo',
    'dist',
    'test',
    'bench/shapes',
    'bench/truth-adapter.mjs',
    'bench/truth-score.mjs',
  ])
    cpSync(join(root, part), join(copy, part), { recursive: true });
  symlinkSync(join(root, 'node_modules'), join(copy, 'node_modules'));
  // Where the tests fail without a mutant, they would seem to catch each.
  if (!testsPass())
    fail('the tests of the help reader fail as it is; fix them before their mutants are tried');
  const missed = mutants()
    .filter(({ name }) => wanted.length === 0 || wanted.includes(name))
    .map((mutant) => ({ ...mutant, isCaught: isCaught(mutant) }));
  const uncaught = missed.filter((one) => !one.isCaught);
  for (const { file, name, value } of uncaught)
    process.stdout.write(`not caught: ${file}: ${name} = ${value}\n`);
  process.stdout.write(`${missed.length - uncaught.length} of ${missed.length} mutants caught\n`);
} finally {
  rmSync(copy, { recursive: true, force: true });
}

function mutants() {
  return FOLDERS.flatMap((folder) =>
    readdirSync(join(copy, folder))
      .filter((file) => file.endsWith('.js'))
      .flatMap((file) => {
        const text = readFileSync(join(copy, folder, file), 'utf8');
        return [...text.matchAll(THRESHOLD)].flatMap(({ 0: line, 1: name, 2: shown, index }) =>
          moved(shown).map((value) => ({
            file: join(folder, file),
            name,
            value,
            text,
            mutated: `${text.slice(0, index)}${line.replace(shown, String(value))}${text.slice(index + line.length)}`,
          })),
        );
      }),
  );
}

/** One step up and one down: of a whole number by one, of a share by a fifth of it. */
function moved(shown) {
  const value = shown === '1 / 3' ? 1 / 3 : Number(shown);
  return Number.isInteger(value) ? [value - 1, value + 1] : [value * 0.8, Math.min(1, value * 1.2)];
}

function isCaught({ file, text, mutated }) {
  const path = join(copy, file);
  writeFileSync(path, mutated);
  const passes = testsPass();
  writeFileSync(path, text);
  return !passes;
}

function testsPass() {
  const { status } = spawnSync(
    process.execPath,
    ['--import', 'tsx', '--test', '--test-reporter=dot', ...FIXTURES.map((name) => join(TESTS, name))],
    { cwd: copy, stdio: 'ignore' },
  );
  return status === 0;
}
