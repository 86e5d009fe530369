import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, normalize } from 'node:path';
import { test } from 'node:test';
import { ROOT } from '../support/run-dabbawala.ts';

const IMPORT = /^(?:import .*|export .*|\} )from '([^']+)'|\bimport\('([^']+)'\)/gm;

/** Every import of every module below a folder: who imports what. Relative ones are paths from the root. */
function importsBelow(folder: string): { from: string; to: string }[] {
  return readdirSync(join(ROOT, folder), { recursive: true, encoding: 'utf8' })
    .filter(
      (name) => /\.(?:tsx?|js)$/.test(name) && !name.includes('node_modules') && !name.startsWith('dist'),
    )
    .flatMap((name) => {
      const from = join(folder, name);
      const text = readFileSync(join(ROOT, from), 'utf8');
      return [...text.matchAll(IMPORT)].map((match) => {
        const to = match[1] ?? match[2] ?? '';
        return { from, to: to.startsWith('.') ? normalize(join(dirname(from), to)) : to };
      });
    });
}

/** Which folder of the core may import which: data flows one way. */
const MAY_IMPORT: Record<string, readonly string[]> = {
  collections: [],
  source: [],
  markdown: ['source'],
  messages: ['model', 'relations', 'source', 'words'],
  standards: [],
  shells: ['source'],
  words: ['source'],
  structured: ['edits', 'messages', 'model', 'notation', 'source'],
  model: ['source'],
  parsers: ['model'],
  findings: ['edits', 'messages', 'model', 'source'],
  notation: ['model', 'source'],
  readers: [
    'markdown',
    'messages',
    'model',
    'notation',
    'parsers',
    'shells',
    'source',
    'structured',
    'words',
  ],
  writers: [
    'abbreviations',
    'coverage',
    'markdown',
    'model',
    'notation',
    'parsers',
    'readers',
    'shells',
    'source',
    'structured',
  ],
  abbreviations: ['model', 'source', 'standards', 'words'],
  parsing: ['abbreviations', 'messages', 'model', 'source', 'words'],
  relations: ['model'],
  observations: ['model', 'source'],
  coverage: ['abbreviations', 'model', 'source'],
  edits: ['source'],
  callers: ['comparison', 'edits', 'markdown', 'messages', 'model', 'parsing', 'shells', 'source'],
  'audit-view.ts': ['abbreviations', 'callers', 'coverage', 'model', 'relations', 'source', 'words'],
  conformance: ['abbreviations', 'audit-view.ts', 'model', 'observations', 'source', 'standards', 'words'],
  comparison: ['abbreviations', 'findings', 'messages', 'model', 'notation', 'source', 'words'],
  checks: [
    'abbreviations',
    'audit-view.ts',
    'callers',
    'comparison',
    'conformance',
    'coverage',
    'edits',
    'findings',
    'messages',
    'model',
    'notation',
    'observations',
    'parsing',
    'relations',
    'shells',
    'source',
    'standards',
    'words',
  ],
  fixes: [
    'audit.ts',
    'comparison',
    'coverage',
    'edits',
    'findings',
    'model',
    'readers',
    'source',
    'structured',
    'writers',
  ],
  accepted: ['checks', 'collections', 'findings', 'model', 'readers', 'source', 'structured'],
  'audit.ts': [
    'accepted',
    'audit-view.ts',
    'callers',
    'checks',
    'conformance',
    'findings',
    'messages',
    'model',
    'settings',
    'source',
    'words',
  ],
  settings: [
    'checks',
    'findings',
    'messages',
    'model',
    'parsers',
    'readers',
    'source',
    'structured',
    'words',
  ],
  reports: [
    'accepted',
    'callers',
    'edits',
    'abbreviations',
    'audit.ts',
    'checks',
    'comparison',
    'conformance',
    'coverage',
    'audit-view.ts',
    'findings',
    'markdown',
    'messages',
    'model',
    'parsers',
    'parsing',
    'readers',
    'source',
    'words',
  ],
};

test('in the core, data flows one way', () => {
  const part = (path: string) => path.split('/')[2] ?? '';
  const wrong = importsBelow('src/core').filter(({ from, to }) => {
    const isEntry = part(from) === 'index.ts' || part(from) === 'public';
    // What sorts and groups knows nothing of what it is given.
    const isEverywhere = part(to) === 'collections';
    if (!to.startsWith('src/core/') || isEntry || isEverywhere || part(from) === part(to)) return false;
    return !MAY_IMPORT[part(from)]?.includes(part(to));
  });
  assert.deepEqual(wrong, []);
});

test('checks do not import each other, nor do readers', () => {
  const area = (path: string) => /^src\/core\/(?:checks|readers)\/([^/]+)\//.exec(path)?.[1];
  const isCheck = (path: string) => /^src\/core\/checks\/[^/]+\//.test(path);
  const wrong = importsBelow('src/core').filter(({ from, to }) => {
    if (isCheck(from) && isCheck(to)) return true;
    return area(from) !== undefined && area(to) !== undefined && area(from) !== area(to);
  });
  assert.deepEqual(wrong, []);
});

test('the core imports nothing of Node.js or of the page', () => {
  const packages = new Set(
    importsBelow('src/core')
      .map(({ to }) => to)
      .filter((to) => !to.startsWith('src/')),
  );
  assert.deepEqual([...packages].sort(), [
    'fast-string-width',
    'fast-wrap-ansi',
    'fastest-levenshtein',
    're2js',
    'unbash',
    'yaml',
  ]);
});

test('the compiler knows neither Node.js nor the page when it reads the core', () => {
  const { compilerOptions } = JSON.parse(readFileSync(join(ROOT, 'src/core/tsconfig.json'), 'utf8'));
  assert.deepEqual([compilerOptions.types, compilerOptions.lib], [[], ['ES2023']]);
});

test('the command and the examples use only the public exports', () => {
  for (const folder of ['src/cli', 'src/testing', 'examples/workbench/src', 'examples/audit-in-tests']) {
    const wrong = importsBelow(folder).filter(({ to }) => to.startsWith('src/') && !to.startsWith(folder));
    assert.deepEqual(wrong, []);
  }
});

test('no modules import each other in a circle', () => {
  const imports = [...importsBelow('src/core'), ...importsBelow('src/node'), ...importsBelow('src/cli')];
  const byFile = new Map<string, string[]>();
  for (const { from, to } of imports) byFile.set(from, [...(byFile.get(from) ?? []), to]);
  const done = new Set<string>();
  const visit = (file: string, path: readonly string[]): void => {
    assert.ok(!path.includes(file), `a circle: ${[...path, file].join(' -> ')}`);
    if (done.has(file)) return;
    for (const to of byFile.get(file) ?? []) visit(to, [...path, file]);
    done.add(file);
  };
  for (const file of byFile.keys()) visit(file, []);
});

/** The names that an entry point exports, values and types, as its declarations have them. */
function publicNames(types: string): string[] {
  const text = readFileSync(join(ROOT, types), 'utf8');
  assert.doesNotMatch(text, /export \*|export (?:declare )?(?:const|function|class|interface)/);
  return [...text.matchAll(/export (?:type )?\{([^}]*)\}/g)].flatMap(([, names = '']) =>
    names
      .split(',')
      .map((name) => name.trim().replace(/^type /, ''))
      .filter((name) => name !== ''),
  );
}

test('the public names, values and types, are those of the list in the repository, each in one entry point', () => {
  const listed = readFileSync(join(ROOT, 'test/architecture/public-names.txt'), 'utf8').trim().split('\n');
  const { exports } = JSON.parse(readFileSync(join(ROOT, 'package.json'), 'utf8'));
  const names = Object.entries(exports as Record<string, { types?: string }>).flatMap(([entry, { types }]) =>
    types === undefined
      ? []
      : publicNames(types).map((name) => `${join('dabbawala', entry).replace(/\/$/, '')} ${name}`),
  );
  assert.deepEqual(names.sort(), listed);
  const alone = names.map((name) => name.split(' ')[1]);
  assert.equal(new Set(alone).size, alone.length);
});
