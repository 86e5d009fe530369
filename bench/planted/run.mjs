// Plants one fault at a time into sound interfaces that nobody wrote, and tells how many an audit finds, by kind of fault:
//   npm run planted -- [--count=N] [--seed=S] [--only=KIND] [--show] [--floors | --write-floors]
// --show prints each help in which a fault was missed, or in which something was called wrong before it was planted. --floors fails where fewer faults of a
// kind are found than floors.json has, or where a sound interface has an error or warning.
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { buildIfNeeded } from '../../scripts/setup.mjs';
import { Random } from '../random.mjs';
import { FAULTS } from './faults.mjs';
import { findingsOf, freshFindings, verdictOf } from './findings.mjs';
import { makeInterface } from './interfaces.mjs';
import { helpsOf } from './page.mjs';
import { table, wholeRow } from './table.mjs';

const FLOORS = join(import.meta.dirname, 'floors.json');
const { values } = parseArgs({
  options: {
    count: { type: 'string', default: '16' },
    seed: { type: 'string', default: '1' },
    only: { type: 'string' },
    show: { type: 'boolean', default: false },
    floors: { type: 'boolean', default: false },
    'write-floors': { type: 'boolean', default: false },
  },
});
const seed = Number(values.seed);
buildIfNeeded();

const rows = [];
let alarms = 0;
for (let index = 0; index < Number(values.count); index++) {
  const sound = findingsOf(makeInterface(seed, index));
  const loud = sound.filter(({ level }) => level !== 'note');
  if (loud.length > 0) alarms += 1;
  if (loud.length > 0 && values.show) show('ALARM', loud, makeInterface(seed, index));
  for (const [kind, plant] of Object.entries(FAULTS)) {
    if (values.only !== undefined && kind !== values.only) continue;
    const faulty = makeInterface(seed, index);
    const names = plant(faulty, new Random(seed + 77, index));
    if (names === undefined) continue;
    const fresh = freshFindings(sound, findingsOf(faulty));
    const { verdict, checks } = verdictOf(fresh, names);
    rows.push({ kind, verdict, checks });
    if (values.show && verdict === 'missed') show(`MISSED ${kind}: ${names.join(', ')}`, fresh, faulty);
  }
}
process.stdout.write(table(rows));
process.stdout.write(`alarms on ${alarms} of ${values.count} sound interfaces\n`);
if (values['write-floors']) writeFloors();
if (values.floors) holdFloors();

function show(title, findings, from) {
  process.stdout.write(`${'='.repeat(20)} ${title}\n`);
  for (const { level, check, message } of findings)
    process.stdout.write(`   ${level} ${check}: ${message}\n`);
  for (const { text } of helpsOf(from)) process.stdout.write(`${text}${'-'.repeat(20)}\n`);
}

/** How many faults of each kind are noticed, and of how many, as `right of all`. */
function noticed() {
  return Object.fromEntries(
    Object.keys(FAULTS).flatMap((kind) => {
      const { all, missed } = wholeRow(rows.filter((row) => row.kind === kind));
      return all === 0 ? [] : [[kind, `${all - missed} of ${all}`]];
    }),
  );
}

function writeFloors() {
  writeFileSync(FLOORS, `${JSON.stringify(noticed(), undefined, 2)}\n`);
}

function holdFloors() {
  const now = noticed();
  const fallen = Object.entries(JSON.parse(readFileSync(FLOORS, 'utf8'))).flatMap(([kind, floor]) => {
    const [right, of] = floor.split(' of ').map(Number);
    const [nowRight = 0, nowOf = 0] = now[kind]?.split(' of ').map(Number) ?? [];
    return nowRight * of < right * nowOf || nowOf === 0
      ? [`${kind}: fell to ${nowRight} of ${nowOf}; the floor is ${floor}`]
      : [];
  });
  if (alarms > 0) fallen.push(`${alarms} sound interfaces have errors or warnings`);
  for (const line of fallen) process.stderr.write(`${line}\n`);
  if (fallen.length > 0) process.exitCode = 1;
}
