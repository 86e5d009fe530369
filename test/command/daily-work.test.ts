import assert from 'node:assert/strict';
import { chmodSync, cpSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, test } from 'node:test';
import { ROOT, runProgram } from '../support/run-dabbawala.ts';

const FOLDER = mkdtempSync(join(tmpdir(), 'dabbawala-daily-'));
after(() => rmSync(FOLDER, { recursive: true, force: true }));

/** A command of a transcript, and the lines that it prints there. */
interface Step {
  readonly command: string;
  readonly printed: string;
}

function stepsOf(page: string): Step[] {
  const blocks = [...page.matchAll(/^```console\n([\s\S]*?)^```$/gm)].map(([, block = '']) => block);
  return blocks.flatMap((block) =>
    block
      .split(/^\$ /m)
      .slice(1)
      .map((step) => {
        const end = step.indexOf('\n');
        return { command: step.slice(0, end), printed: step.slice(end + 1) };
      }),
  );
}

test('the transcript of daily work is what the commands print, from the first audit to the next release', async () => {
  const [bin, work] = [join(FOLDER, 'bin'), join(FOLDER, 'work')];
  mkdirSync(bin);
  mkdirSync(work);
  writeFileSync(
    join(bin, 'dabbawala'),
    `#!/bin/sh\nexec '${process.execPath}' '${join(ROOT, 'dist/cli/bin.js')}' "$@"\n`,
  );
  chmodSync(join(bin, 'dabbawala'), 0o755);
  cpSync(join(ROOT, 'demo/tiffin-1.4/tiffin.yaml'), join(work, 'tiffin.yaml'));
  cpSync(join(ROOT, 'demo/tiffin-2.0/tiffin.yaml'), join(work, 'next.yaml'));
  cpSync(join(ROOT, 'demo/callers'), join(work, 'callers'), { recursive: true });
  const steps = stepsOf(readFileSync(join(ROOT, 'docs/daily-work.md'), 'utf8'));
  assert.ok(steps.length > 15);
  for (const { command, printed } of steps) {
    const environment = { PATH: `${bin}:${process.env.PATH ?? ''}`, COLUMNS: '80' };
    const { stdout, status } = await runProgram('bash', ['-c', `${command} 2>&1`], '', environment, work);
    const ended = status === 0 ? '' : `[exit status ${status}]\n`;
    assert.equal(`${stdout}${ended}`, printed, command);
  }
});
