import assert from 'node:assert/strict';
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { test } from 'node:test';

const root = join(import.meta.dirname, '../..');

/** The texts of a folder by their paths in it. */
function textsOf(folder: string): Map<string, string> {
  const files = readdirSync(folder, { recursive: true, encoding: 'utf8' }).filter((name) =>
    name.endsWith('.md'),
  );
  return new Map(files.sort().map((name) => [name, readFileSync(join(folder, name), 'utf8')]));
}

test('the reference is what the doc comments make, and every public name and member has one', () => {
  const folder = mkdtempSync(join(tmpdir(), 'dabbawala-reference-'));
  try {
    const made = spawnSync(process.execPath, ['scripts/reference.mjs', folder], {
      cwd: root,
      encoding: 'utf8',
    });
    assert.equal(made.status, 0, made.stderr);
    assert.deepEqual(textsOf(folder), textsOf(join(root, 'docs/reference')), 'run: npm run reference');
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
});
