// Scores what `capture --probe` learns of real programs against truths about them: `npm run probing -- FOLDER [--questions N] [NAME...]`, for a
// folder of truths whose programs are installed here and parse with getopt_long. Of each program: runs, hidden options found, and verdicts
// on every prefix that the truth has, also where no help shows the options.
import { existsSync, readdirSync } from 'node:fs';
import { homedir, tmpdir } from 'node:os';
import { delimiter, join } from 'node:path';
import { parseArgs } from 'node:util';
import { optionScope } from 'dabbawala/analysis';
import { walkCommands } from 'dabbawala/model';
import { captureProgram } from 'dabbawala/node';
import { buildIfNeeded } from '../scripts/setup.mjs';
import { truthEntries } from './truth-files.mjs';

buildIfNeeded();
const {
  values: { questions },
  positionals: [folder, ...names],
} = parseArgs({ allowPositionals: true, options: { questions: { type: 'string', default: '1000' } } });
if (folder === undefined) {
  process.stderr.write('usage: npm run probing -- FOLDER [--questions N] [NAME...]\n');
  process.exit(2);
}

const entries = truthEntries(folder).filter(
  ({ dialect, command_path: path, program, options, prefixes }) =>
    dialect === 'getopt' &&
    path.length === 1 &&
    prefixes !== null &&
    options.some(({ long }) => long.length > 0) &&
    (names.length === 0 || names.includes(program)) &&
    isInstalled(program),
);
const before = litter();
const totals = {
  programs: 0,
  asked: 0,
  hidden: 0,
  found: 0,
  own: 0,
  arguments: 0,
  invented: 0,
  verdicts: 0,
  right: 0,
  runs: 0,
};
for (const entry of entries) {
  const score = await scoreOf(entry);
  process.stdout.write(`${lineOf(entry.program, score)}\n`);
  for (const key of Object.keys(totals)) totals[key] += score[key];
}
process.stdout.write(`${lineOf('all', totals)}\n`);
const left = litter().filter((name) => !before.includes(name));
process.stdout.write(`left behind: ${left.length === 0 ? 'nothing' : left.join(', ')}\n`);

function isInstalled(program) {
  return (process.env.PATH ?? '').split(delimiter).some((one) => existsSync(join(one, program)));
}

/** What stands where a program would leave something. */
function litter() {
  return [tmpdir(), homedir(), process.cwd()].flatMap((one) =>
    readdirSync(one).map((name) => join(one, name)),
  );
}

async function scoreOf(entry) {
  const {
    interface: cli,
    runs,
    problems,
  } = await captureProgram([entry.program], {
    probe: true,
    probeLimit: Number(questions),
    width: 80,
    timeLimit: 5000,
  });
  const score = {
    programs: 1,
    asked: 0,
    hidden: 0,
    found: 0,
    own: 0,
    arguments: 0,
    invented: 0,
    verdicts: 0,
    right: 0,
    runs: runs.length,
    wrong: [],
  };
  const notes = problems.map(({ message }) => message);
  if (!notes.some((note) => note.includes('was not asked:'))) score.asked = 1;
  if (cli === undefined) return { ...score, notes };
  const [at] = walkCommands(cli);
  const { index } = optionScope(at);
  const all = entry.options.flatMap(({ long }) => long.map((name) => `--${name}`));
  const shown = new Set(entry.options.flatMap((option) => option.names_in_help));
  const hidden = all.filter((name) => !shown.has(name));
  const own = at.command.options.items.filter((option) => option.hidden?.basis === 'observed');
  score.hidden = hidden.length;
  score.missing = hidden.filter((name) => !index.names.includes(name));
  score.found = hidden.length - score.missing.length;
  score.odd = own
    .flatMap((option) => option.names.map(({ text }) => text))
    .filter((name) => !all.includes(name));
  score.invented = score.odd.length;
  score.notes = at.command.options.items.flatMap((option) =>
    option.refusedNames.map(({ value }) => `shown, and refused: ${value}`),
  );
  const presence = { none: 'none', required: 'mandatory', optional: 'optional' };
  for (const {
    names: [{ text }],
    argument,
  } of own) {
    const truth = entry.options.find(({ long }) => long.includes(text.slice(2)));
    if (truth === undefined) continue;
    score.own++;
    if (argument?.value.presence === presence[truth.value]) score.arguments++;
    else
      score.odd.push(`${text} takes ${argument?.value.presence ?? 'nobody knows what'}, not ${truth.value}`);
  }
  for (const [prefix, { verdict, name }] of Object.entries(entry.prefixes)) {
    score.verdicts++;
    const got = index.resolve(`--${prefix}`, 100);
    const isRight = verdict === 'ambiguous' ? got.verdict === 'ambiguous' : isUnique(got, `--${name}`);
    if (isRight) score.right++;
    else score.wrong.push(`--${prefix} is ${verdict}, not ${got.verdict}`);
  }
  return { ...score, notes: [...score.notes, ...notes] };
}

function isUnique({ verdict, names, target }, name) {
  if (!['unique', 'same-option', 'exact'].includes(verdict)) return false;
  if (names.includes(name)) return true;
  return [...target.option.names, ...target.option.negatedNames].some(({ text }) => text === name);
}

function lineOf(
  program,
  {
    programs,
    asked,
    runs,
    hidden,
    found,
    own,
    arguments: args,
    invented,
    verdicts,
    right,
    missing = [],
    odd = [],
    wrong = [],
    notes = [],
  },
) {
  const share = (part, of) => (of === 0 ? '-' : `${((100 * part) / of).toFixed(1)} %`);
  const figures = [
    programs === 1 ? (asked === 1 ? 'asked' : 'not asked') : `${asked} of ${programs} asked`,
    `${runs} runs`,
    `hidden ${found}/${hidden} (${share(found, hidden)})`,
    `their arguments ${args}/${own}`,
    `invented ${invented}`,
    `verdicts ${right}/${verdicts} (${share(right, verdicts)})`,
  ];
  const details = [
    ...missing.map((name) => `not found: ${name}`),
    ...odd.map((name) => `misread: ${name}`),
    ...wrong.slice(0, 5),
    ...notes,
  ];
  return [`${program}: ${figures.join(', ')}`, ...details.map((one) => `    ${one}`)].join('\n');
}
