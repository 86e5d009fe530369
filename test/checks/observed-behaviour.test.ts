import assert from 'node:assert/strict';
import { test } from 'node:test';
import { audit, type ConformanceRow } from 'dabbawala';
import { readYaml } from '../support/read-yaml.ts';

interface Run {
  readonly words: string;
  readonly status: number;
  readonly output?: string;
  readonly error?: string;
}

function audited(...runs: readonly Run[]) {
  const lines = runs.flatMap(({ words, status, output = '', error = '' }) => [
    `  - words: [${words}]`,
    `    exit-status: ${status}`,
    `    standard-output: ${JSON.stringify(output)}`,
    `    standard-error: ${JSON.stringify(error)}`,
  ]);
  const observed = runs.length === 0 ? '' : `observations:\n${lines.join('\n')}\n`;
  const body = `options:\n  -q, --quiet: less\n  -h, --help: this\ncommands:\n  box:\n    options:\n      -a, --all: all\n${observed}`;
  return audit([readYaml(body)]);
}

const HELP: Run = { words: '--help', status: 0, output: 'Usage: tiffin\n' };

function rows(result: ReturnType<typeof audited>): Map<string, ConformanceRow['standing']> {
  return new Map(result.conformance[0]?.gnu.map(({ label, standing }) => [label, standing]));
}

test('the GNU rules that only runs can show are judged by observed runs, and only by them', () => {
  const labels = ['version form', 'help on standard output', 'error form'];
  const standings = (...runs: Run[]) => labels.map((label) => rows(audited(...runs)).get(label));
  assert.deepEqual(standings(), ['not judged', 'not judged', 'not judged']);
  const wrongOption = {
    words: '--no-such',
    status: 2,
    error: "tiffin: unknown option; try 'tiffin --help'\n",
  };
  assert.deepEqual(standings(HELP, { words: '--version', status: 0, output: 'tiffin 1.4\n' }, wrongOption), [
    'meets',
    'meets',
    'meets',
  ]);
  assert.deepEqual(
    standings(
      { ...HELP, output: '', error: 'Usage: tiffin\n' },
      { words: '--version', status: 0, output: 'The tiffin program, version 1.4\n' },
      { ...wrongOption, error: 'Error: unknown option\n' },
    ),
    ['departs', 'departs', 'departs'],
  );
});

test('findings of runs point into what was printed, and name the command that was called', () => {
  const { findings } = audited(HELP, { words: 'box, --help', status: 1, output: '\nUsage: tiffin box\n' });
  const [finding, ...others] = findings.filter(({ check }) => check.startsWith('behaviour/'));
  assert.deepEqual(others, []);
  assert.equal(finding?.check, 'behaviour/help-fails');
  assert.deepEqual(finding.command, ['tiffin', 'box']);
  assert.deepEqual(
    [finding.place?.source.name, finding.place?.start, finding.evidence],
    ['tiffin box --help', 1, 'Usage: tiffin box'],
  );
});

test('without observations the checks of behaviour do not apply', () => {
  const { outcomes } = audited();
  const behaviour = outcomes.filter(({ check }) => check.startsWith('behaviour/'));
  assert.equal(behaviour.length, 11);
  assert.ok(behaviour.every(({ outcome }) => outcome === 'not-applicable'));
});

test('escapes in observed output are neutralised in evidence and places', () => {
  const { findings } = audited({ ...HELP, output: '\u001b[1mUsage\u001b[0m: tiffin\n' });
  const escapes = findings.filter(({ check }) => check === 'behaviour/escapes-without-terminal');
  assert.equal(escapes.length, 1);
  assert.equal(escapes[0]?.evidence, '\\x1b[');
});

test('what a program does at all its commands is one finding, at the first of them', () => {
  const run = (words: string): Run => ({ words, status: 0, error: 'Usage: tiffin\n' });
  const findings = audited(run('--help'), run('box, --help')).findings.filter(
    ({ check }) => check === 'behaviour/help-on-standard-error',
  );
  assert.deepEqual(
    findings.map(({ command, message, related }) => [command.join(' '), message, related.length]),
    [['tiffin', "'tiffin --help' prints its help to standard error; 1 other run did the same", 1]],
  );
});
