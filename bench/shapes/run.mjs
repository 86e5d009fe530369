// Scores the help reader on the shapes of real helps: `npm run shapes [-- --write-floors]`. No figure may fall below its floor.
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { readHelp } from 'dabbawala';
import { buildIfNeeded } from '../../scripts/setup.mjs';
import { scoredForm } from '../truth-adapter.mjs';
import { MEASURES, scoreEntry } from '../truth-score.mjs';

buildIfNeeded();
const CORPUS = join(import.meta.dirname, 'corpus');
const FLOORS = join(import.meta.dirname, 'floors.json');
const { values } = parseArgs({ options: { 'write-floors': { type: 'boolean', default: false } } });

const counts = Object.fromEntries(MEASURES.map((measure) => [measure, { right: 0, of: 0 }]));
const truths = JSON.parse(readFileSync(join(CORPUS, 'truths.json'), 'utf8'));
for (const truth of truths) {
  const text = readFileSync(join(CORPUS, `${truth.text}.txt`), 'utf8');
  const { interface: cli } = readHelp({ name: truth.program, text });
  const got = cli === undefined ? { options: [], subcommands: [] } : scoredForm(cli);
  for (const [measure, { right, of }] of Object.entries(scoreEntry(whole(truth), got))) {
    counts[measure].right += right;
    counts[measure].of += of;
  }
}
/** A truth with what its file leaves out where it is empty. */
function whole(truth) {
  const empty = {
    value: null,
    choices: null,
    choices_in_help: false,
    in_help: false,
    names_in_help: [],
    names_in_decl: [],
  };
  return { ...truth, options: truth.options.map((option) => ({ ...empty, ...option })) };
}

const told = MEASURES.filter((measure) => counts[measure].of > 0);
process.stdout.write(`${truths.length} shapes\n`);
for (const measure of told)
  process.stdout.write(`${measure}: ${counts[measure].right} of ${counts[measure].of}\n`);
if (values['write-floors']) {
  const floors = Object.fromEntries(told.map((measure) => [measure, counts[measure]]));
  writeFileSync(FLOORS, `${JSON.stringify(floors, undefined, 2)}\n`);
} else {
  for (const [measure, floor] of Object.entries(JSON.parse(readFileSync(FLOORS, 'utf8')))) {
    const { right, of } = counts[measure];
    if (right * floor.of >= floor.right * of) continue;
    process.stderr.write(
      `${measure} fell to ${right} of ${of}; the floor is ${floor.right} of ${floor.of}\n`,
    );
    process.exitCode = 1;
  }
}
