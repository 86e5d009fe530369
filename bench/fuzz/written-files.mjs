import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** How each kind of text that was written is checked, by the program that reads it. */
const CHECKS = {
  bash: ['bash', '-n'],
  'bash lines': ['bash', '-n'],
  zsh: ['zsh', '-f', '-n'],
  'zsh lines': ['zsh', '-f', '-n'],
  fish: ['fish', '--no-config', '-n'],
  'fish lines': ['fish', '--no-config', '-n'],
  man: ['mandoc', '-T', 'lint', '-W', 'warning'],
};

/** Checks texts that were written from inputs; gives what failed, with the index of the input, and how many were checked. */
export function checkWritten(written) {
  const folder = mkdtempSync(join(tmpdir(), 'dabbawala-fuzz-'));
  const failures = [];
  let checked = 0;
  try {
    for (const { index, written: texts } of written) {
      for (const [kind, text] of Object.entries(texts)) {
        const [program, ...words] = CHECKS[kind];
        const path = join(folder, 'written');
        writeFileSync(path, Array.isArray(text) ? scriptOf(kind, text) : text);
        const { status, stdout, stderr, error } = spawnSync(program, [...words, path], { encoding: 'utf8' });
        if (error !== undefined) continue;
        checked++;
        if (status !== 0)
          failures.push({
            index,
            failure: `the ${kind} written is refused: ${(stdout + stderr).slice(0, 300)}`,
          });
      }
    }
  } finally {
    rmSync(folder, { recursive: true });
  }
  return { failures, checked };
}

/** A script that has lines to add where they belong. */
function scriptOf(kind, lines) {
  if (kind === 'fish lines') return `${lines.join('\n')}\n`;
  if (kind === 'zsh lines') return `f() {\n_arguments : \\\n  ${lines.join(' \\\n  ')}\n}\n`;
  const branches = lines.filter((line) => line.endsWith(';;'));
  const others = lines.filter((line) => !line.endsWith(';;'));
  return `f() {\n:\n${others.join('\n')}\ncase $1 in\n${branches.join('\n')}\n*) ;;\nesac\n}\n`;
}
