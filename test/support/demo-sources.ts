import assert from 'node:assert/strict';
import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { detectShell, readCompletion, readSource } from 'dabbawala';
import type { Interface, Inventory } from 'dabbawala/model';
import { ROOT } from './run-dabbawala.ts';

/** The demo's sources by their paths from the root; a folder stands for all files in it. */
export function demoSources(paths: readonly string[]): Interface[] {
  const files = paths.flatMap((path) =>
    statSync(join(ROOT, path)).isDirectory()
      ? readdirSync(join(ROOT, path)).map((name) => `${path}/${name}`)
      : [path],
  );
  return files.map((name) => {
    const { interface: cli, problems } = readSource({ name, text: readFileSync(join(ROOT, name), 'utf8') });
    assert.deepEqual(problems, [], name);
    assert.ok(cli !== undefined);
    return cli;
  });
}

/** What a completion script of the demo offers, read without running it. */
export function demoInventory(name: string, program: string): Inventory {
  const source = { name, text: readFileSync(join(ROOT, name), 'utf8') };
  const shell = detectShell(source);
  assert.ok(shell !== undefined, name);
  return readCompletion(source, shell, program);
}
