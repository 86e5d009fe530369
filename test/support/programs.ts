import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** A reason to leave a test out where a program is not on this machine; false where it is. */
export function absent(program: string): string | false {
  const { error } = spawnSync(program, ['--version'], { stdio: 'ignore' });
  return error === undefined ? false : `${program} is not on this machine`;
}

const EMPTY = mkdtempSync(join(tmpdir(), 'dabbawala-empty-'));
process.on('exit', () => rmSync(EMPTY, { recursive: true, force: true }));

/** Runs a real program in an empty folder, its messages in English; gives all that it printed. */
export function output(program: string, words: readonly string[]): { stdout: string; stderr: string } {
  const { stdout, stderr } = spawnSync(program, words, {
    cwd: EMPTY,
    input: '',
    encoding: 'utf8',
    timeout: 600_000,
    env: { PATH: process.env.PATH, HOME: EMPTY, LC_ALL: 'C', COLUMNS: '80' },
  });
  return { stdout, stderr };
}
