// How often each check speaks on the help outputs of real programs: `npm run spoken -- PATH...`, for folders of texts and of truths. Writes docs/measured.json anew,
// from which the pages of the catalogue tell it, with what was found when errors and warnings were read (bench/verdicts.json).
import { readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { audit, CATALOGUE, readHelp } from 'dabbawala';
import { buildIfNeeded, root } from '../scripts/setup.mjs';
import { truthEntries } from './truth-files.mjs';

buildIfNeeded();
const paths = process.argv.slice(2);
if (paths.length === 0) {
  process.stderr.write('usage: npm run spoken -- PATH...\n');
  process.exit(2);
}
const verdicts = JSON.parse(readFileSync(join(import.meta.dirname, 'verdicts.json'), 'utf8'));
const spoke = new Map(CATALOGUE.map(({ name }) => [name, 0]));
let outputs = 0;
for (const [name, text] of paths.flatMap(textsOf)) {
  const { interface: cli } = readHelp({ name, text });
  if (cli === undefined) continue;
  outputs++;
  for (const check of new Set(audit([cli]).findings.map(({ check }) => check)))
    spoke.set(check, spoke.get(check) + 1);
}
const unread = { worth: 0, idle: 0, wrong: 0 };
const checks = Object.fromEntries(
  [...spoke].map(([name, count]) => [name, { spoke: count, read: verdicts[name] ?? unread }]),
);
writeFileSync(join(root, 'docs/measured.json'), `${JSON.stringify({ outputs, checks }, undefined, 2)}\n`);

function textsOf(path) {
  const names = statSync(path).isDirectory() ? readdirSync(path).sort() : [];
  const texts = names.filter((name) => name.endsWith('.txt'));
  if (texts.length === 0) return truthEntries(path).map(({ program, help }) => [program, help]);
  return texts.map((name) => [name, readFileSync(join(path, name), 'utf8')]);
}
