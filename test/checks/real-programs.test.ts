import assert from 'node:assert/strict';
import { test } from 'node:test';
import { audit, isAtLeast } from 'dabbawala';
import { walkCommands } from 'dabbawala/model';
import { absent, output } from '../support/programs.ts';
import { readText } from '../support/read-text.ts';

interface RealProgram {
  readonly program: string;
  readonly words: readonly string[];
  /** Names that its help must be seen to declare. */
  readonly names: readonly string[];
  /** The findings of level warning or error that hold, as `check subject`, in any version of it. */
  readonly mayFind: readonly string[];
}

const PROGRAMS: readonly RealProgram[] = [
  { program: 'ls', words: ['--help'], names: ['-a', '--color', '--time-style', '-1'], mayFind: [] },
  {
    program: 'tar',
    words: ['--help'],
    names: ['--catenate', '--exclude-vcs', '--pax-option', '-?'],
    // Debian's tar describes --xz and --lzma in the same words.
    mayFind: ['help/same-help-twice --lzma'],
  },
  { program: 'sort', words: ['--help'], names: ['-k', '--batch-size', '--files0-from'], mayFind: [] },
  { program: 'grep', words: ['--help'], names: ['--color', '--colour', '-P', '--exclude-dir'], mayFind: [] },
  { program: 'git', words: ['commit', '-h'], names: ['--amend', '-S', '--trailer'], mayFind: [] },
  {
    program: 'python3',
    words: ['-m', 'json.tool', '--help'],
    names: ['--sort-keys', '--indent', '--json-lines'],
    mayFind: [],
  },
  { program: 'npm', words: ['--help'], names: ['-l'], mayFind: [] },
  {
    program: 'node',
    words: ['--help'],
    names: ['--eval', '-e', '--env-file', '--inspect'],
    // Both are described as setting variables from the supplied file.
    mayFind: ['help/same-help-twice --env-file-if-exists'],
  },
  { program: 'curl', words: ['--help'], names: ['--data', '-o', '--user'], mayFind: [] },
];

for (const { program, words, names, mayFind } of PROGRAMS) {
  test(`the help of ${program} ${words.join(' ')} is read, and each warning or error is true`, {
    skip: absent(program),
  }, () => {
    const { stdout, stderr } = output(program, words);
    const cli = readText(stdout.trim() === '' ? stderr : stdout);
    const read = new Set(
      [...walkCommands(cli)].flatMap(({ command }) =>
        command.options.items.flatMap((option) => option.names.map((name) => name.text)),
      ),
    );
    for (const name of names) assert.ok(read.has(name), `${program} has ${name}`);
    const grave = audit([cli]).findings.filter(({ level }) => isAtLeast(level, 'warning'));
    for (const { check, subject } of grave) {
      assert.ok(mayFind.includes(`${check} ${subject}`), `${check} ${subject} is not known to be true`);
    }
  });
}
