import assert from 'node:assert/strict';
import { mkdtemp, readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, test } from 'node:test';
import { ROOT, runProgram } from '../support/run-dabbawala.ts';

let folder = '';
let files: string[] = [];

before(async () => {
  folder = await mkdtemp(join(tmpdir(), 'dabbawala-packed-'));
  const words = ['pack', '--ignore-scripts', '--json', '--pack-destination', folder];
  const packed = await runProgram('npm', words);
  assert.equal(packed.status, 0, packed.stderr);
  // npm 11 gives a list, later ones an object by name.
  const described = Object.values(JSON.parse(packed.stdout))[0] as {
    filename: string;
    files: { path: string }[];
  };
  files = described.files.map(({ path }) => path);
  await writeFile(join(folder, 'package.json'), '{"private":true,"type":"module"}');
  const tarball = join(folder, described.filename);
  const install = ['install', '--prefix', folder, '--no-audit', '--no-fund', '--prefer-offline', tarball];
  const installed = await runProgram('npm', install);
  assert.equal(installed.status, 0, installed.stderr);
});
after(() => rm(folder, { recursive: true, force: true }));

test('the package holds what a user needs, and nothing else', () => {
  const wanted =
    /^(?:dist\/(?:core|node|testing)\/[\w/-]+\.(?:js|d\.ts)(?:\.map)?|src\/(?:core|node|testing)\/[\w/-]+\.ts|dist\/cli\/[\w-]+\.js|dist\/cli\/NOTICES\.txt|dist\/(?:cli|node)\/drivers\/ask\.(?:bash|fish|zsh)|dist\/(?:cli|node)\/drivers\/(?:c|python|node|perl|ruby)\/\w[\w-]*\.(?:c|py|mjs|pm|rb)|completions\/_?dabbawala(?:\.bash|\.fish)?|man\/dabbawala\.1|docs\/reference\/[\w/]+\.md|schema\/[\w.-]+\.json|README\.md|LICENSE|package\.json)$/;
  assert.deepEqual(
    files.filter((path) => !wanted.test(path)),
    [],
  );
  for (const path of [
    'README.md',
    'LICENSE',
    'dist/core/index.d.ts',
    'dist/core/index.d.ts.map',
    'src/core/index.ts',
    'dist/node/index.js',
    'dist/testing/index.js',
    'schema/interface.schema.json',
    'schema/settings.schema.json',
    'schema/accepted.schema.json',
    'dist/cli/bin.js',
    'dist/cli/drivers/ask.zsh',
    'completions/dabbawala.fish',
    'man/dabbawala.1',
    'docs/reference/dabbawala/model.md',
  ]) {
    assert.ok(files.includes(path), path);
  }
});

test('installed into an empty folder, the command works', async () => {
  const bin = join(folder, 'node_modules/.bin/dabbawala');
  const ended = await runProgram(bin, ['audit', '-'], 'Usage: tiffin\n\n  --n=X  one\n');
  assert.equal(ended.status, 1, ended.stderr);
  assert.match(ended.stdout, /^-:3:3: warning: '--n' is a long option of one letter$/m);
});

test('installed into an empty folder, all exports work and are typed', async () => {
  const program = [
    "import { audit, readHelp, type Audit } from 'dabbawala';",
    "import { readSourceFile } from 'dabbawala/node';",
    "import { assertNoFindings } from 'dabbawala/testing';",
    "const { source } = await readSourceFile('package.json');",
    "const { interface: cli } = readHelp({ name: 'help', text: 'Usage: tiffin\\n\\n  --n=X  one\\n' });",
    'const result: Audit | undefined = cli && audit([cli]);',
    "assertNoFindings('Usage: tiffin [-q]\\n\\n  -q  say nothing\\n');",
    'console.log(source?.name, result?.findings.length);',
  ].join('\n');
  await writeFile(join(folder, 'try.ts'), program);
  for (const resolution of ['nodenext', 'bundler']) assert.equal(await compile('try.ts', resolution), '');
  const ended = await runProgram('sh', ['-c', 'cd "$1" && exec node try.js', 'sh', folder]);
  assert.equal(ended.stdout, 'package.json 1\n', ended.stderr);
});

/** What the compiler says of a file in the folder, with no more than its strict mode; its program is written beside it. */
async function compile(name: string, resolution: string): Promise<string> {
  const module = resolution === 'nodenext' ? 'nodenext' : 'esnext';
  const { stdout } = await runProgram(process.execPath, [
    join(ROOT, 'node_modules/typescript/bin/tsc'),
    ...['--module', module, '--moduleResolution', resolution],
    ...['--target', 'es2023', '--strict', '--types', 'node'],
    ...['--typeRoots', join(ROOT, 'node_modules/@types')],
    join(folder, name),
    '--ignoreConfig',
  ]);
  return stdout;
}

test('installed into an empty folder, a check of one’s own is tested and run, and a misspelt name does not compile', async () => {
  const check = await readFile(join(import.meta.dirname, 'own-check.ts'), 'utf8');
  await writeFile(join(folder, 'right.ts'), check);
  await writeFile(join(folder, 'wrong.ts'), check.replace(/=== '[^']*'/, "=== 'house/unfinished-opton'"));
  for (const resolution of ['nodenext', 'bundler']) {
    assert.equal(await compile('right.ts', resolution), '');
    assert.match(
      await compile('wrong.ts', resolution),
      /^\S*wrong\.ts\(\d+,\d+\): error TS2367: .*have no overlap/m,
    );
  }
  const ended = await runProgram('sh', ['-c', 'cd "$1" && exec node right.js', 'sh', folder]);
  assert.equal(ended.stdout, '--beta-box\n', ended.stderr);
  const bin = join(folder, 'node_modules/.bin/dabbawala');
  const audited = await runProgram(
    bin,
    ['audit', `--checks=${join(folder, 'right.js')}`, '-'],
    'Usage: tiffin\n\n  --beta  x\n',
  );
  assert.match(audited.stdout, /'--beta' is not finished/);
});
