// Whether the fixtures of the help reader notice when a threshold of it is moved one step: `npm run mutants [-- NAME...]`. Each named threshold
// is made greater and less by one step in a copy of the package, which is built anew, and the tests of the reader are run there.
import { spawnSync } from 'node:child_process';
import { cpSync, mkdtempSync, readdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buildLibrary } from '../scripts/build-library.mjs';
import { buildTests } from '../scripts/build-tests.mjs';
import { buildIfNeeded, fail, root } from '../scripts/setup.mjs';

buildIfNeeded();

/** Thresholds decide how a text is read. Limits, which only bound what a stranger's text can cost, have tests of their own. */
const THRESHOLD = /^(?:export )?const ((?:MIN|MAX|SHORT|LITTLE)\w*) = ([\d.]+|1 \/ 3);$/gm;
const FOLDERS = ['src/core/readers/help', 'src/core/notation'];

/** The fixtures of the reader: layouts, thresholds from both sides, and doubts. */
const FIXTURES = ['layouts', 'thresholds', 'doubts', 'option-layouts'].map(
  (name) => `test/help/${name}.test.ts`,
);

const wanted = process.argv.slice(2);
const copy = mkdtempSync(join(tmpdir(), 'dabbawala-mutants-'));
try {
  for (const part of [
    'package.json',
    'tsconfig.base.json',
    'demo',
    'dist',
    'src',
    'test',
    'bench/shapes',
    'bench/truth-adapter.mjs',
    'bench/truth-score.mjs',
  ])
    cpSync(join(root, part), join(copy, part), { recursive: true });
  symlinkSync(join(root, 'node_modules'), join(copy, 'node_modules'));
  const tests = await buildTests(copy, FIXTURES);
  // Where the tests fail without a mutant, they would seem to catch each.
  if (!(await testsPass(tests)))
    fail('the tests of the help reader fail as it is; fix them before their mutants are tried');
  const tried = mutants().filter(({ name }) => wanted.length === 0 || wanted.includes(name));
  let caught = 0;
  for (const mutant of tried) {
    if (await isCaught(mutant, tests)) caught += 1;
    else process.stdout.write(`not caught: ${mutant.file}: ${mutant.name} = ${mutant.value}\n`);
  }
  process.stdout.write(`${caught} of ${tried.length} mutants caught\n`);
} finally {
  rmSync(copy, { recursive: true, force: true });
}

function mutants() {
  return FOLDERS.flatMap((folder) =>
    readdirSync(join(copy, folder))
      .filter((file) => file.endsWith('.ts'))
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

async function isCaught({ file, text, mutated }, tests) {
  const path = join(copy, file);
  writeFileSync(path, mutated);
  const passes = await testsPass(tests);
  writeFileSync(path, text);
  return !passes;
}

async function testsPass(tests) {
  await buildLibrary(copy);
  const words = ['--test', '--test-reporter=dot', ...tests];
  return spawnSync(process.execPath, words, { cwd: copy, stdio: 'ignore' }).status === 0;
}
