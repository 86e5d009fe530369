import assert from 'node:assert/strict';
import { spawnSync } from 'node:child_process';
import { test } from 'node:test';
import { traceWords } from 'dabbawala/analysis';
import fc from 'fast-check';
import { type GeneratedOption, optionSets, programOf, type StatedRules } from '../support/option-sets.ts';
import { absent } from '../support/programs.ts';

const CASES = 2000;

/** What a parser read: options with their arguments in order, then the operands; or that something is wrong. */
type Reading = { options: [string, string][]; operands: string[] } | 'error';

function ourReading(
  options: readonly GeneratedOption[],
  words: readonly string[],
  rules: StatedRules,
): Reading {
  const trace = traceWords(programOf(options, rules), words);
  if (trace.problems.length > 0) return 'error';
  return {
    options: trace.options.map(({ name, values }) => [name, values[0] ?? '']),
    operands: [...trace.operands],
  };
}

function readsAlike(
  cases: readonly { options: readonly GeneratedOption[]; words: readonly string[] }[],
  rules: StatedRules,
  real: (index: number) => Reading,
): { errors: number } {
  let errors = 0;
  for (const [i, { options, words }] of cases.entries()) {
    const theirs = real(i);
    if (theirs === 'error') errors++;
    assert.deepEqual(ourReading(options, words, rules), theirs, JSON.stringify({ options, words }));
  }
  return { errors };
}

const mark = (argument: string) => ({ none: '', mandatory: ':', optional: '::' })[argument] ?? '';

/** The enhanced `getopt`; with `--alternative` it is `getopt_long_only`. */
const GETOPT: readonly { what: string; flags: readonly string[]; rules: StatedRules }[] = [
  { what: 'the enhanced getopt command', flags: [], rules: { operandOrder: 'mixed' } },
  {
    what: 'the enhanced getopt command with one hyphen or two',
    flags: ['--alternative'],
    rules: { operandOrder: 'mixed', longHyphens: 'one-or-two' },
  },
];

for (const { what, flags, rules } of GETOPT) {
  test(`trace reads command lines as ${what} does`, { skip: absent('getopt') }, (t) => {
    // An empty name before `=` is a prefix of every name to `getopt`, and to nobody else.
    const isNamed = ({ words }: { words: string[] }) => !words.some((word) => word.startsWith('-='));
    const cases = fc.sample(optionSets({ long: true }).filter(isNamed), { numRuns: CASES, seed: 20 });
    const { errors } = readsAlike(cases, rules, (i) => {
      const { options, words } = cases[i] ?? { options: [], words: [] };
      const short = options.flatMap(({ letter, argument }) =>
        letter === undefined ? [] : [`${letter}${mark(argument)}`],
      );
      const long = options.flatMap(({ name, argument }) =>
        name === undefined ? [] : [`${name}${mark(argument)}`],
      );
      const { status, stdout } = spawnSync(
        'getopt',
        [...flags, '-o', short.join(''), '-l', long.join(','), '--shell', 'sh', '--', ...words],
        { encoding: 'utf8', env: { PATH: process.env.PATH, LC_ALL: 'C' } },
      );
      return status === 0 ? fromGetopt(stdout, options) : 'error';
    });
    t.diagnostic(`getopt ${flags.join(' ')}: ${CASES} command lines, ${errors} of them refused by both`);
  });
}

/** Reads what getopt prints: words quoted for a shell, `--` before the operands. */
function fromGetopt(printed: string, options: readonly GeneratedOption[]): Reading {
  const words = [...printed.matchAll(/'((?:[^']|'\\'')*)'|(\S+)/g)].map(
    ([, quoted, bare]) => quoted?.replaceAll("'\\''", "'") ?? bare ?? '',
  );
  const end = words.indexOf('--');
  const given: [string, string][] = [];
  const takes = new Map(
    options.flatMap(({ letter, name, argument }) => [
      [`-${letter}`, argument !== 'none'],
      [`--${name}`, argument !== 'none'],
    ]),
  );
  let at = 0;
  // An argument may be the word `--` too.
  for (; words[at] !== '--' && at < words.length; at++) {
    const option = words[at] ?? '';
    given.push([option, takes.get(option) ? (words[++at] ?? '') : '']);
  }
  return { options: given, operands: words.slice(Math.max(at, end) + 1) };
}

const GETOPTS = `
while IFS= read -r -d '' optstring && IFS= read -r -d '' count; do
  words=()
  for ((i = 0; i < count; i++)); do IFS= read -r -d '' word; words+=("$word"); done
  OPTIND=1
  while getopts "$optstring" letter "\${words[@]}"; do printf '%s\\0%s\\0' "$letter" "$OPTARG"; OPTARG=; done
  printf 'end\\0%s\\0' "$OPTIND"
done`;

test("trace reads command lines as bash's getopts does", { skip: absent('bash') }, (t) => {
  const cases = fc.sample(optionSets({ long: false }), { numRuns: CASES, seed: 21 });
  const input = cases.flatMap(({ options, words }) => [
    `:${options.map(({ letter, argument }) => `${letter}${argument === 'none' ? '' : ':'}`).join('')}`,
    `${words.length}`,
    ...words,
  ]);
  const { stdout } = spawnSync('bash', ['-c', GETOPTS], {
    encoding: 'utf8',
    input: `${input.join('\0')}\0`,
    env: { PATH: process.env.PATH, LC_ALL: 'C' },
    maxBuffer: 1 << 26,
  });
  const answers = stdout.split('\0');
  let at = 0;
  const { errors } = readsAlike(cases, { operandOrder: 'first-operand-ends-options' }, (i) => {
    const given: [string, string][] = [];
    let isWrong = false;
    for (; answers[at] !== 'end'; at += 2) {
      const letter = answers[at] ?? '';
      isWrong ||= letter === '?' || letter === ':';
      given.push([`-${letter}`, answers[at + 1] ?? '']);
    }
    const next = Number(answers[at + 1]);
    at += 2;
    return isWrong ? 'error' : { options: given, operands: [...(cases[i]?.words.slice(next - 1) ?? [])] };
  });
  t.diagnostic(`getopts: ${CASES} command lines, ${errors} of them refused by both`);
});
