// Builds dist/: the library in parts with declarations, and the command as one bundle in parts.
import { spawnSync } from 'node:child_process';
import { chmodSync, cpSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = dirname(dirname(fileURLToPath(import.meta.url)));
process.chdir(root);

function tsc(...words) {
  const run = spawnSync(process.execPath, ['node_modules/typescript/bin/tsc', ...words], {
    stdio: 'inherit',
  });
  if (run.status !== 0) process.exit(run.status ?? 1);
}

rmSync('dist', { recursive: true, force: true });
tsc('-b', 'src/core', 'src/node');
tsc('-p', 'src/testing');
tsc('-p', 'src/cli');

const { build } = await import('esbuild');
const { BUNDLE, ENTRIES, buildLibrary } = await import('./build-library.mjs');
await buildLibrary(root);

const { metafile } = await build({
  ...BUNDLE,
  entryPoints: ['src/cli/bin.ts'],
  outdir: 'dist/cli',
  // From its modules, so that each subcommand loads no more than it needs.
  alias: ENTRIES,
  minifySyntax: true,
  minifyWhitespace: true,
  // commander is a CommonJS package and asks for Node.js modules by `require`.
  banner: {
    js: "import{createRequire}from'node:module';const require=createRequire(import.meta.url);",
  },
  metafile: true,
});
// What is run in shells and in programs stands beside the module that runs it, in the library and in the bundle.
for (const area of ['completion', 'declarations'])
  for (const folder of ['dist/node', 'dist/cli'])
    cpSync(`src/node/${area}/drivers`, `${folder}/drivers`, {
      recursive: true,
      filter: (path) => !path.includes('__pycache__'),
    });
chmodSync('dist/cli/bin.js', 0o755);
writeFileSync('dist/cli/NOTICES.txt', notices(Object.keys(metafile.inputs)));

/** The licences of the packages whose code is in the bundle. */
function notices(inputs) {
  const packages = inputs.map((input) => /^node_modules\/((?:@[^/]+\/)?[^/]+)\//.exec(input)?.[1]);
  const texts = [...new Set(packages.filter((name) => name !== undefined))].sort().map((name) => {
    const folder = join('node_modules', name);
    const { version } = JSON.parse(readFileSync(join(folder, 'package.json'), 'utf8'));
    return `${name} ${version}\n\n${licence(folder)}`;
  });
  return `This bundle contains the following packages.\n\n${texts.join('\n\n----\n\n')}\n`;
}

function licence(folder) {
  for (const file of ['LICENSE', 'license', 'LICENSE.md', 'LICENCE', 'LICENSE-MIT']) {
    try {
      return readFileSync(join(folder, file), 'utf8').trim();
    } catch {
      // The next spelling may be there.
    }
  }
  throw new Error(`no licence file in ${folder}`);
}
