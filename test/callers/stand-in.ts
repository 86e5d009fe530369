import assert from 'node:assert/strict';
import { spawnSync } from 'node:child_process';
import { chmodSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after } from 'node:test';
import { readSource } from 'dabbawala';
import { findCallers } from 'dabbawala/analysis';

/** The folder in which the stand-in is run; it is taken away at the end. */
export const FOLDER = mkdtempSync(join(tmpdir(), 'dabbawala-stand-in-'));
after(() => rmSync(FOLDER, { recursive: true, force: true }));
mkdirSync(join(FOLDER, 'bin'));
const LOG = join(FOLDER, 'log');

/** Puts a program into the folder of the stand-ins. */
export function putProgram(name: string, script: string): void {
  const path = join(FOLDER, 'bin', name);
  writeFileSync(path, `#!/bin/sh\n${script}`);
  chmodSync(path, 0o755);
}

/** What a stand-in does: it keeps the words that it is given, in brackets. */
export const KEEPS_WORDS = `{ for word; do printf '<%s>' "$word"; done; echo; } >> "${LOG}"\n`;
putProgram('tally', KEEPS_WORDS);

const { interface: tally } = readSource({ name: 'tally.yaml', text: 'dabbawala: 1\nprogram: tally\n' });

/** The calls of `tally` that the scanner sees in a text, each with its words in brackets. */
export function callsSeen(path: string, text: string): string[] {
  assert.ok(tally !== undefined);
  const { invocations } = findCallers([{ name: path, text }], tally);
  return invocations.map(({ words }) => words.map((one) => `<${one.text}>`).join(''));
}

/** The calls that a command makes, each with its words in brackets. */
export function callsMade(program: string, words: readonly string[]): string[] {
  writeFileSync(LOG, '');
  const env = { PATH: `${join(FOLDER, 'bin')}:${process.env.PATH}`, HOME: FOLDER, USER: 'clerk' };
  const { error, stderr } = spawnSync(program, words, {
    cwd: FOLDER,
    env,
    encoding: 'utf8',
    timeout: 60_000,
  });
  assert.equal(error, undefined, stderr);
  return readFileSync(LOG, 'utf8').split('\n').slice(0, -1);
}

/** The calls that the scanner sees in a text and nobody makes, and those that are made and not seen. */
export function differences(
  path: string,
  text: string,
  [program, ...words]: readonly [string, ...string[]],
): { unmade: string[]; unseen: string[] } {
  writeFileSync(path, text);
  const unmade = callsSeen(path, text);
  const unseen = callsMade(program, words).filter((call) => {
    const at = unmade.indexOf(call);
    if (at >= 0) unmade.splice(at, 1);
    return at < 0;
  });
  return { unmade, unseen };
}

/** What there is where all is seen. */
export const NONE = { unmade: [], unseen: [] };
