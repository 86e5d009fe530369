// Makes the JavaScript of the library: one file for each public entry, and the parts that they share. A thousand modules take three times as long to load.
import { build } from 'esbuild';

/** The public entries: under which name they are imported, and where they stand. */
export const ENTRIES = {
  dabbawala: './src/core/index.ts',
  'dabbawala/model': './src/core/public/model.ts',
  'dabbawala/analysis': './src/core/public/analysis.ts',
  'dabbawala/writers': './src/core/public/writers.ts',
  'dabbawala/parsers': './src/core/public/parsers.ts',
  'dabbawala/node': './src/node/index.ts',
  'dabbawala/testing': './src/testing/index.ts',
};

/** How every bundle of this project is made. */
export const BUNDLE = {
  bundle: true,
  splitting: true,
  format: 'esm',
  platform: 'node',
  target: 'node20',
  logLevel: 'warning',
};

/** Builds into `dist/` of a folder that has the sources. */
export async function buildLibrary(folder) {
  await build({
    ...BUNDLE,
    absWorkingDir: folder,
    entryPoints: Object.values(ENTRIES),
    outbase: 'src',
    outdir: 'dist',
    chunkNames: 'core/part-[hash]',
    packages: 'external',
    sourcemap: true,
    sourcesContent: false,
  });
}
