// Scores the help reader against truths about real programs: `npm run truth -- FOLDER` for a folder of them (a list of entries in each
// JSON file: help, options, subcommands), and without a folder against programs on this machine, by what their parsers say.
import { readHelp } from 'dabbawala';
import { buildIfNeeded } from '../scripts/setup.mjs';
import { machineTruths } from './machine-truths.mjs';
import { scoredForm } from './truth-adapter.mjs';
import { truthEntries } from './truth-files.mjs';
import { MEASURES, scoreEntry } from './truth-score.mjs';

buildIfNeeded();
const [folder] = process.argv.slice(2);
const entries = folder === undefined ? machineTruths() : truthEntries(folder);
if (entries.length === 0) {
  process.stderr.write('no truths found\n');
  process.exit(1);
}

const scored = entries.map((entry) => {
  const { interface: cli } = readHelp({ name: entry.program, text: entry.help });
  const got = cli === undefined ? { options: [], subcommands: [] } : scoredForm(cli);
  return { entry, counts: scoreEntry(entry, got) };
});

const groups = [...new Set(entries.map(({ dialect }) => dialect))].sort();
const rows = groups.map((group) =>
  row(
    group,
    scored.filter(({ entry }) => entry.dialect === group),
  ),
);
print([['layout', 'programs', 'commands', ...MEASURES], ...rows, row('all', scored), perProgram()]);

/** The shares of a group in percent, each name or option counting alike. */
function row(name, group) {
  const programs = new Set(group.map(({ entry }) => entry.program)).size;
  return [name, programs, group.length, ...MEASURES.map((measure) => percent(total(group, measure)))];
}

/** The shares in percent, each program counting alike. */
function perProgram() {
  const programs = new Map();
  for (const one of scored)
    programs.set(one.entry.program, [...(programs.get(one.entry.program) ?? []), one]);
  const shares = MEASURES.map((measure) => {
    const all = [...programs.values()].map((group) => total(group, measure)).filter(({ of }) => of > 0);
    return percent({ right: all.reduce((sum, { right, of }) => sum + right / of, 0), of: all.length });
  });
  return ['each program alike', programs.size, scored.length, ...shares];
}

function total(group, measure) {
  return group.reduce(
    (sum, { counts }) => ({ right: sum.right + counts[measure].right, of: sum.of + counts[measure].of }),
    { right: 0, of: 0 },
  );
}

function percent({ right, of }) {
  return of === 0 ? '-' : ((100 * right) / of).toFixed(1);
}

function print(table) {
  const widths = table[0].map((_, i) => Math.max(...table.map((cells) => String(cells[i]).length)));
  for (const cells of table) {
    process.stdout.write(
      `${cells.map((cell, i) => (i === 0 ? String(cell).padEnd(widths[i]) : String(cell).padStart(widths[i]))).join('  ')}\n`,
    );
  }
}
