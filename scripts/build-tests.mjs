// Makes JavaScript of the tests, once: each test file would otherwise be translated, with all that it imports, by the process that runs it.
import { readFileSync, rmSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from 'esbuild';
import { BUNDLE } from './build-library.mjs';

const FOLDER = 'built-tests';

/** Translates test files, each a path from the project's folder; gives the paths of what was made of them. */
export async function buildTests(project, files) {
  rmSync(join(project, FOLDER), { recursive: true, force: true });
  const { metafile } = await build({
    ...BUNDLE,
    absWorkingDir: project,
    entryPoints: files,
    outbase: 'test',
    outdir: FOLDER,
    packages: 'external',
    sourcemap: true,
    sourcesContent: false,
    define: { 'import.meta.dirname': 'sourceFolder', 'import.meta.url': 'sourceUrl' },
    plugins: [withOwnPlace],
    metafile: true,
  });
  const made = new Map(Object.entries(metafile.outputs).map(([path, { entryPoint }]) => [entryPoint, path]));
  return files.map((file) => made.get(file));
}

/** Tests read files that stand beside them: `import.meta` goes on to tell where the source is. */
const withOwnPlace = {
  name: 'own-place',
  setup({ onLoad }) {
    onLoad({ filter: /\/test\/.*\.ts$/ }, ({ path }) => {
      const place = `const sourceFolder = ${JSON.stringify(dirname(path))}, sourceUrl = ${JSON.stringify(pathToFileURL(path).href)}; `;
      return { contents: place + readFileSync(path, 'utf8'), loader: 'ts' };
    });
  },
};
