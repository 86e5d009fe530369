// npm run parsers [-- NAME...] [--no-install] [--sample] [--lines N] [--seed N] [--json]
// Asks every parser how it reads command lines, and says what differs from its profile (`src/core/parsers`): each fact is run, and none is
// taken from what a parser's documentation says. With --lines, whether `traceWords`, told no more than the interface and the name of the parser,
// reads that many random command lines as the parser does. Ends with 1 where a fact differs, so that another version of a parser is noticed.
// --sample takes some parsers that need nothing to be installed, and their rules alone, since messages are worded anew more often.
import { availableParallelism } from 'node:os';
import { parseArgs } from 'node:util';
import { PARSERS as PROFILES } from 'dabbawala/parsers';
import { installed } from '../printers/install.mjs';
import { agreement } from './agreement.mjs';
import { differences } from './differences.mjs';
import { buildHost } from './host.mjs';
import { measure } from './measure.mjs';
import { PARSERS } from './parsers.mjs';
import { versionOf } from './versions.mjs';

const { values, positionals } = parseArgs({
  allowPositionals: true,
  options: {
    'no-install': { type: 'boolean', default: false },
    sample: { type: 'boolean', default: false },
    json: { type: 'boolean', default: false },
    lines: { type: 'string', default: '0' },
    seed: { type: 'string', default: '1' },
  },
});
const lines = Number(values.lines);

/** Parsers that need nothing but Python's, Perl's and Node.js's own libraries, and what npm installs: CI asks some of them. */
const SAMPLED = new Set([
  ...[
    'argparse',
    'argparse-exact',
    'optparse',
    'python-gnu-getopt',
    'perl-getopt-long',
    'perl-getopt-long-bundling',
  ],
  ...['util-linux-getopt', 'parse-args', 'commander'],
]);

const runnable = PARSERS.filter((parser) => {
  if (positionals.length > 0 && !positionals.includes(parser.name)) return false;
  if (values.sample && !SAMPLED.has(parser.name)) return false;
  const missing = values['no-install'] || values.sample ? undefined : installed(parser);
  if (missing !== undefined) leftOut(parser, missing);
  return missing === undefined;
});

const results = [];
let next = 0;
async function work() {
  while (next < runnable.length) {
    const parser = runnable[next++];
    const wrong = buildHost(parser);
    if (wrong !== undefined) leftOut(parser, wrong);
    else {
      const facts = await measure(parser);
      results.push({ parser, facts, read: await agreement(parser, lines, Number(values.seed)) });
    }
  }
}
await Promise.all(Array.from({ length: availableParallelism() }, work));
results.sort((a, b) => PARSERS.indexOf(a.parser) - PARSERS.indexOf(b.parser));

if (values.json) {
  console.log(
    JSON.stringify(results.map(({ parser: { name, shell }, facts }) => ({ name, shell, ...facts }))),
  );
} else for (const result of results) tell(result);
const run = new Set(results.map(({ parser }) => parser.name));
const [alike, asked] = [results.reduce((sum, { read }) => sum + read.alike, 0), results.length * lines];
console.log(`${run.size} parsers run, of ${PROFILES.length} that have a profile`);
if (lines > 0) console.log(`${alike} of ${asked} command lines read alike: ${percent(alike, asked)}`);

function tell({ parser, facts, read }) {
  const version = versionOf(parser);
  const profile = PROFILES.find(({ name }) => name === parser.name);
  const differing =
    profile === undefined ? ['there is no profile'] : differences(profile, facts, !values.sample);
  const known =
    profile?.ran.includes(version) === true ? '' : `; the profile is of ${profile?.ran.join(', ')}`;
  const count = Object.keys(facts.rules).length;
  const what = differing.length === 0 ? 'as its profile has them' : 'not as its profile has them';
  console.log(`${parser.name} (${version}${known}): ${count} rules ${what}`);
  for (const one of differing) console.log(`  ${one}`);
  if (differing.length > 0) process.exitCode = 1;
  if (lines > 0) console.log(`  ${read.alike} of ${lines} command lines read alike`);
  for (const { words, theirs, ours } of read.differing.slice(0, 3))
    console.log(`    ${words.join(' ')}: the parser ${theirs}, trace ${ours}`);
}

function leftOut({ name, shell }, why) {
  console.error(`left out: ${name}${shell === undefined ? '' : ` (${shell})`}: ${why}`);
}

function percent(part, whole) {
  return `${((100 * part) / whole).toFixed(1)} %`;
}
