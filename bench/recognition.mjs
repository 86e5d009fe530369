// How often a help's parser is recognised, and how often wrongly: `npm run recognition -- FOLDER [--printers] [--each N] [--seed S]`, for a
// folder of truths that tell each program's parser, and with --printers for what the libraries of `bench/printers` print (those that are
// installed). Of the truths also whether the verdict on abbreviations that follows is right.
import { parseArgs } from 'node:util';
import { readHelp } from 'dabbawala';
import { walkCommands } from 'dabbawala/model';
import { buildIfNeeded } from '../scripts/setup.mjs';
import { truthEntries } from './truth-files.mjs';

buildIfNeeded();
const { truthsFor } = await import('./printers/truth-store.mjs');
const { LIBRARIES, STYLES } = await import('./printers/libraries.mjs');

/** The profiles that are right for the parsers of the truths, and whether they take abbreviations; undefined where programs differ. */
const OF_TRUTHS = {
  argparse: { profiles: ['argparse', 'argparse-exact'], accepts: true },
  getopt: { profiles: ['getopt-long', 'util-linux-getopt'], accepts: true },
  getopt_long_only: { profiles: ['getopt-long-only'], accepts: true },
  argp: { profiles: ['argp'], accepts: true },
  optparse: { profiles: ['optparse'], accepts: true },
  yargs: { profiles: ['yargs', 'yargs-strict'], accepts: false },
  commander: { profiles: ['commander'], accepts: false },
  cac: { profiles: ['cac'], accepts: false },
  optionator: { profiles: ['optionator'], accepts: false },
  'util.parseArgs': { profiles: ['parse-args', 'parse-args-loose'], accepts: false },
  cobra: { profiles: ['cobra', 'pflag'], accepts: false },
  clap: { profiles: ['clap-2', 'clap-3', 'clap-4', 'structopt'], accepts: false },
  meow: { profiles: [], accepts: false },
  openssl: { profiles: [], accepts: false },
};

/** Profiles that are right for a library of another name. */
const OF_PRINTERS = {
  'pod-usage': [
    'perl-getopt-long',
    'perl-getopt-long-bundling',
    'perl-getopt-long-gnu',
    'perl-getopt-long-posix',
  ],
  argparse: ['argparse', 'argparse-exact'],
  yargs: ['yargs', 'yargs-strict'],
  cobra: ['cobra', 'pflag'],
};

const { values, positionals } = parseArgs({
  allowPositionals: true,
  options: {
    printers: { type: 'boolean', default: false },
    each: { type: 'string', default: '100' },
    seed: { type: 'string', default: '1' },
  },
});
const [folder] = positionals;
if (folder === undefined && !values.printers) {
  process.stderr.write('usage: npm run recognition -- [FOLDER] [--printers] [--each N] [--seed S]\n');
  process.exit(2);
}
const rows = new Map();
if (folder !== undefined) {
  for (const { dialect, program, command_path: path, help } of truthEntries(folder)) {
    const known = OF_TRUTHS[dialect];
    if (known === undefined) continue;
    // Text that a help of getopt_long prints is its author's, as is what calls meow and openssl: no mark of it is a parser's.
    count(`truths: ${dialect}`, help, path?.join(' ') ?? program, known.profiles, known.accepts);
  }
}
if (values.printers) {
  for (const library of LIBRARIES.filter(({ name }) => !STYLES.includes(name))) {
    const made = truthsFor(library, Number(values.seed), Number(values.each));
    if (made.wrong !== undefined) process.stderr.write(`left out: ${library.name}: ${made.wrong}\n`);
    else
      for (const { text } of made.truths)
        count(`printed: ${library.name}`, text, 'zzza', OF_PRINTERS[library.name] ?? [library.name]);
  }
}

/** Reads a help without being told its parser, and counts what was recognised. */
function count(group, text, name, right, accepts) {
  const row = rows.get(group) ?? { helps: 0, recognised: 0, exact: 0, wrong: 0, judged: 0, verdicts: 0 };
  rows.set(group, row);
  row.helps++;
  const { interface: cli } = readHelp({ name, text });
  const named = cli?.parser?.value;
  if (named === undefined) return;
  row.recognised++;
  if (named.length === 1 && right.includes(named[0])) row.exact++;
  if (!named.some((one) => right.includes(one))) {
    row.wrong++;
    process.stdout.write(`wrong: ${group}: ${name}: ${named.join(' or ')}\n`);
  }
  const verdict = [...walkCommands(cli)]
    .map(({ command }) => command.rules.optionAbbreviations?.value)
    .find((one) => one !== undefined);
  if (accepts === undefined || verdict === undefined) return;
  row.judged++;
  if (verdict === accepts) row.verdicts++;
}

const width = Math.max(...[...rows.keys()].map((group) => group.length));
const line = (group, { helps, recognised, exact, wrong, judged, verdicts }) =>
  `${group.padEnd(width)}  ${helps} helps, ${recognised} recognised, ${exact} as one, ${wrong} wrong` +
  `${judged > 0 ? `, abbreviations right in ${verdicts} of ${judged}` : ''}\n`;
const all = { helps: 0, recognised: 0, exact: 0, wrong: 0, judged: 0, verdicts: 0 };
for (const [group, row] of rows) {
  process.stdout.write(line(group, row));
  for (const key of Object.keys(all)) all[key] += row[key];
}
process.stdout.write(line('all', all));
