import assert from 'node:assert/strict';
import { spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { test } from 'node:test';
import { readCompletion } from 'dabbawala';
import { coverage } from 'dabbawala/analysis';
import { type Interface, SHELLS, type Shell } from 'dabbawala/model';
import { askShell } from 'dabbawala/node';
import { completionProblems, missingLines } from 'dabbawala/writers';
import { offeredBehind, PATIENT, WRITERS } from '../support/completion.ts';
import { HOSTILE } from '../support/hostile-strings.ts';
import { absent } from '../support/programs.ts';
import { readYaml } from '../support/read-yaml.ts';

/** How each shell reads a script that it is given, as its own completion system would. */
const LOAD: Record<Shell, readonly string[]> = {
  bash: ['--norc', '-c', 'for script; do . "$script"; done', 'bash'],
  zsh: [
    '-f',
    '-c',
    `fpath=(\${1:h} $fpath); autoload -Uz compinit; compinit -u -D; for script; do source $script; done`,
    'zsh',
  ],
  fish: ['--no-config', '-c', 'for script in $argv; source $script; end'],
};

/** An interface with sixty hostile texts in each place: names of options and commands, values, placeholders and help. */
function hostileInterface(): Interface {
  const rows = HOSTILE.map((_, i) => i);
  const cli = readYaml(
    [
      'complete: true',
      'options:',
      ...rows.flatMap((i) => [
        `  --zz${i}zz: a name`,
        `  --safe-${i}=ZZ${i}ZZ: {help: zz${i}zz, argument: {values: {harmless: fine, zz${i}zz: zz${i}zz}}}`,
      ]),
      'commands:',
      ...rows.flatMap((i) => [
        `  zz${i}zz: {summary: a command, options: {--inner: inside}}`,
        `  safe-${i}: {summary: zz${i}zz, operands: {ZZ${i}ZZ: {help: zz${i}zz, values: [harmless, zz${i}zz], count: 1}}}`,
      ]),
    ].join('\n'),
  );
  return withTexts(cli, (text) =>
    text.replace(/(--)?zz(\d+)zz/gi, (_, hyphens = '', number) => hyphens + HOSTILE[Number(number)]),
  );
}

/** A model in which texts stand for others; places stay. */
function withTexts<T>(model: T, replaced: (text: string) => string): T {
  if (typeof model === 'string') return replaced(model) as T;
  if (Array.isArray(model)) return model.map((one) => withTexts(one, replaced)) as T;
  if (typeof model !== 'object' || model === null) return model;
  const entries = Object.entries(model).map(([key, value]) => [
    key,
    key === 'place' || key === 'sources' ? value : withTexts(value, replaced),
  ]);
  return Object.fromEntries(entries) as T;
}

for (const shell of SHELLS) {
  test(`${shell}: a script runs nothing that names, values, placeholders and texts hold, and offers what is harmless`, {
    skip: absent(shell),
  }, async () => {
    const cli = hostileInterface();
    const words = HOSTILE.map((_, i) => i);
    const lines = [
      [''],
      ['--'],
      ...words.map((i) => [`--safe-${i}`, '']),
      ...words.map((i) => [`--safe-${i}=`]),
      ...words.map((i) => [`safe-${i}`, '']),
    ];
    const questions = lines.map((line) => ({
      path: ['tiffin'],
      option: undefined,
      words: ['tiffin', ...line.slice(0, -1)],
      typed: line.at(-1) ?? '',
    }));
    const asked = await askShell(shell, { name: 'script', text: WRITERS[shell](cli) }, questions, PATIENT);
    assert.ok('answers' in asked);
    assert.equal(asked.fault, undefined);
    const offered = asked.answers.map(({ words: all }) => all.map(({ text }) => text.trim()));
    assert.equal(offered.length, lines.length);
    for (const i of words) {
      assert.ok(offered[0]?.includes(`safe-${i}`), `safe-${i}`);
      assert.ok(
        offered[1]?.some((word) => word.replace(/=$/, '') === `--safe-${i}`),
        `--safe-${i}`,
      );
    }
    for (const [n, line] of lines.entries())
      if (n > 1)
        assert.ok(
          offered[n]?.some((word) => word.endsWith('harmless')),
          JSON.stringify(line),
        );
    assert.ok(completionProblems(cli).length > 0);
  });

  test(`${shell}: no program's name runs anything`, { skip: absent(shell) }, async () => {
    const cli = readYaml('options: {--late: only late ones}\ncommands: {box: the boxes}');
    const names = [...HOSTILE, ...HOSTILE.map((text) => `tif${text}`), 'arguments', 'describe', 'files'];
    const folder = mkdtempSync(join(tmpdir(), 'dabbawala-hostile-'));
    try {
      mkdirSync(join(folder, 'scripts'));
      const scripts = names.map((name, i) => {
        const path = join(folder, 'scripts', `_${i}`);
        writeFileSync(path, WRITERS[shell](withTexts(cli, (text) => (text === 'tiffin' ? name : text))));
        return path;
      });
      const { status, stderr } = spawnSync(shell, [...LOAD[shell], ...scripts], {
        cwd: folder,
        input: '',
        encoding: 'utf8',
        env: { PATH: process.env.PATH, HOME: join(folder, 'scripts'), LC_ALL: 'C.UTF-8' },
      });
      assert.deepEqual(readdirSync(folder), ['scripts'], stderr);
      // Outside a completion _arguments only complains.
      assert.ok(shell === 'zsh' || status === 0, stderr);
    } finally {
      rmSync(folder, { recursive: true, force: true });
    }
    const [offered] = await offeredBehind(
      shell,
      withTexts(cli, (text) => (text === 'tiffin' ? 'arguments' : text)),
      [['']],
    );
    assert.deepEqual(offered, ['box'], 'a program that is called like a function of zsh');
  });

  test(`${shell}: the lines to add run nothing`, { skip: absent(shell) }, async () => {
    const cli = hostileInterface();
    const [lacking] = coverage(cli, [readCompletion({ name: 'empty', text: '' }, shell, 'tiffin')]);
    assert.ok(lacking !== undefined);
    const [top] = missingLines(cli, lacking);
    assert.ok(top !== undefined && top.lines.length > HOSTILE.length);
    const questions = [[''], ['--'], ...HOSTILE.map((_, i) => [`--safe-${i}`, ''])].map((line) => ({
      path: ['tiffin'],
      option: undefined,
      words: ['tiffin', ...line.slice(0, -1)],
      typed: line.at(-1) ?? '',
    }));
    const asked = await askShell(
      shell,
      { name: 'script', text: scriptOf(shell, top.lines) },
      questions,
      PATIENT,
    );
    assert.ok('answers' in asked);
    assert.deepEqual([asked.fault, asked.answers.length], [undefined, questions.length]);
    for (const { words } of asked.answers.slice(2))
      assert.ok(words.some(({ text }) => text.endsWith('harmless')));
  });
}

/** A completion script made of the lines to add, put where they belong. */
function scriptOf(shell: Shell, lines: readonly string[]): string {
  if (shell === 'fish') return lines.join('\n');
  if (shell === 'zsh') {
    const specs = lines.filter((line) => /^['{]?[('{]*-/.test(line));
    return `#compdef tiffin\n_arguments : \\\n  ${specs.join(' \\\n  ')}\n`;
  }
  const branches = lines.filter((line) => line.endsWith(';;'));
  const replies = lines.filter((line) => !line.endsWith(';;'));
  return `_tiffin() {\n  local cur=$2\n  ${replies.join('\n  ')}\n  case $3 in\n    ${branches.join('\n    ')}\n  esac\n}\ncomplete -F _tiffin tiffin\n`;
}
