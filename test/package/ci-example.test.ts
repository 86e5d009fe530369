import assert from 'node:assert/strict';
import {
  chmodSync,
  copyFileSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readFileSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, test } from 'node:test';
import { parse } from 'yaml';
import { ROOT, runProgram } from '../support/run-dabbawala.ts';

const FOLDER = mkdtempSync(join(tmpdir(), 'dabbawala-ci-'));
after(() => rmSync(FOLDER, { recursive: true, force: true }));

const EXAMPLE = join(ROOT, 'examples/ci');
const TIFFIN = readFileSync(join(ROOT, 'demo/tiffin-1.4/tiffin.yaml'), 'utf8');

/** A project with a release, and programs in the place of those that would ask a server. */
async function project(name: string): Promise<{
  folder: string;
  run: (line: string, env?: Record<string, string>) => ReturnType<typeof runProgram>;
}> {
  const folder = join(FOLDER, name);
  const bin = join(FOLDER, `${name}-bin`);
  for (const one of [join(folder, 'scripts'), join(folder, 'node_modules/.bin'), bin])
    mkdirSync(one, { recursive: true });
  const program = (path: string, text: string) => {
    writeFileSync(path, `#!/bin/sh\n${text}\n`);
    chmodSync(path, 0o755);
  };
  program(
    join(folder, 'node_modules/.bin/dabbawala'),
    `exec '${process.execPath}' '${join(ROOT, 'dist/cli/bin.js')}' "$@"`,
  );
  for (const asked of ['gh', 'curl', 'npm'])
    program(join(bin, asked), `echo "${asked} $*" >> ../asked-${name}`);
  copyFileSync(join(EXAMPLE, 'check-interface'), join(folder, 'check-interface'));
  writeFileSync(join(folder, 'tiffin.yaml'), TIFFIN);
  writeFileSync(join(folder, 'scripts/close.sh'), 'tiffin round close --note late 4\n');
  const run = (line: string, env: Record<string, string> = {}) =>
    runProgram(
      'bash',
      ['-e', '-c', line],
      '',
      {
        PATH: `${bin}:${process.env.PATH ?? ''}`,
        GITHUB_STEP_SUMMARY: join(FOLDER, `summary-${name}`),
        BREAKING: 'no',
        ...env,
      },
      folder,
    );
  const made = await run(
    'git init -q . && git config user.name Tester && git config user.email tester@example && printf "reports\\nnode_modules\\n" > .gitignore' +
      ' && dabbawala=node_modules/.bin/dabbawala && $dabbawala audit tiffin.yaml --accepted=accepted.yaml --accept="as in 1.4"' +
      ' && printf "dabbawala-settings: 1\\naccepted: accepted.yaml\\n" > dabbawala-settings.yaml && git add . && git commit -qm "Release 1.4" && git tag v1.4',
  );
  assert.equal(made.status, 0, made.stderr);
  return { folder, run };
}

/** The commands of a recipe that run in a shell. */
function commandsOf(recipe: string): string[] {
  const read = parse(readFileSync(join(EXAMPLE, recipe), 'utf8'));
  if (recipe === 'gitlab-ci.yml') return [...read.interface.script, ...read.interface.after_script];
  return read.jobs.interface.steps.flatMap(({ run }: { run?: string }) => run ?? []);
}

for (const recipe of ['github-workflow.yml', 'gitlab-ci.yml'])
  test(`${recipe} passes where nothing is new, and tells what a change breaks`, async () => {
    const name = recipe.replace(/\..*/, '');
    const { folder, run } = await project(name);
    const commands = commandsOf(recipe);
    assert.ok(commands.length >= 3);
    for (const line of commands) {
      const { status, stdout, stderr } = await run(line);
      assert.equal(status, 0, `${line}: ${stdout}${stderr}`);
    }
    for (const report of ['audit.sarif', 'audit.xml', 'audit.md', 'changes.sarif', 'changes.md'])
      assert.ok(existsSync(join(folder, 'reports', report)), report);
    assert.match(readFileSync(join(FOLDER, `asked-${name}`), 'utf8'), /changes\.md/);
    writeFileSync(
      join(folder, 'tiffin.yaml'),
      TIFFIN.replace('-n, --note=', '-n, --remark=').replace(
        '  --colour[',
        '  --j: jump the queue\n  --colour[',
      ),
    );
    const check = commands.find((line) => line.includes('check-interface')) ?? '';
    const failing = await run(check);
    assert.equal(failing.status, 1);
    assert.match(failing.stdout, /'--j' is a long option of one letter/);
    assert.match(
      readFileSync(join(folder, 'reports/changes.md'), 'utf8'),
      /scripts\/close\.sh:1:20.*Write `--remark`/,
    );
    // The mistake fails whatever the kind of release.
    assert.equal((await run(check, { BREAKING: 'yes' })).status, 1);
    writeFileSync(join(folder, 'tiffin.yaml'), TIFFIN.replace('-n, --note=', '-n, --remark='));
    assert.equal((await run(check)).status, 1);
    assert.equal((await run(check, { BREAKING: 'yes' })).status, 0);
  });

test('the first release has nothing to be compared with', async () => {
  const { folder, run } = await project('first');
  await run('git tag -d v1.4');
  assert.equal((await run('sh check-interface tiffin.yaml')).status, 0);
  assert.match(readFileSync(join(folder, 'reports/changes.md'), 'utf8'), /no release to compare with yet/);
});
