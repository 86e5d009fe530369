// Reads the manual pages of the packages in packages.txt that are installed, and tells how it went: `node bench/manuals/on-machine.mjs [--list]`. `--list`
// prints each problem with its place.
import { spawnSync } from 'node:child_process';
import { existsSync, lstatSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { LineIndex, readSource } from 'dabbawala';
import { walkCommands } from 'dabbawala/model';
import { buildIfNeeded } from '../../scripts/setup.mjs';
import { pageIn } from './pages.mjs';

buildIfNeeded();
const isListed = process.argv.includes('--list');
const packages = readFileSync(join(import.meta.dirname, 'packages.txt'), 'utf8')
  .split('\n')
  .filter((line) => line !== '' && !line.startsWith('#'));
const counts = { packages: 0, pages: 0, 'with options': 0, options: 0, 'not read': 0, 'with problems': 0 };
const times = [];
const problemsByCode = new Map();

for (const name of packages) {
  const pages = pagesOf(name);
  if (pages.length > 0) counts.packages++;
  for (const file of pages) readPage(file);
}
times.sort((a, b) => a - b);
for (const [name, count] of Object.entries(counts)) process.stdout.write(`${name}: ${count}\n`);
for (const [code, count] of [...problemsByCode].sort()) process.stdout.write(`problem ${code}: ${count}\n`);
const share = (part) => times[Math.floor((times.length - 1) * part)]?.toFixed(1);
process.stdout.write(
  `milliseconds for a page: half ${share(0.5)}, nine of ten ${share(0.9)}, longest ${share(1)}\n`,
);

function readPage(file) {
  const { text } = pageIn(file);
  const start = performance.now();
  const { interface: cli, problems } = readSource({ name: file, text }, { kind: 'manual' });
  times.push(performance.now() - start);
  counts.pages++;
  if (cli === undefined) counts['not read']++;
  if (problems.length > 0) counts['with problems']++;
  for (const { code, message, place } of problems) {
    problemsByCode.set(code, (problemsByCode.get(code) ?? 0) + 1);
    if (!isListed) continue;
    const line = place === null ? '' : new LineIndex(place.source.text).position(place.start).line;
    const said =
      place === null ? '' : place.source.text.slice(place.start, place.end).split('\n', 1)[0].slice(0, 80);
    process.stdout.write(`${file}:${line}: ${message}: ${said}\n`);
  }
  const options =
    cli === undefined ? 0 : [...walkCommands(cli)].flatMap(({ command }) => command.options.items).length;
  counts.options += options;
  if (options > 0) counts['with options']++;
}

/** The installed pages of sections 1 and 8 of a package, without those that are other names of one. */
function pagesOf(name) {
  const { stdout } = spawnSync('dpkg', ['-L', name], { encoding: 'utf8' });
  return stdout
    .split('\n')
    .filter(
      (path) =>
        /^\/usr\/share\/man\/man[18]\/[^/]+$/.test(path) &&
        existsSync(path) &&
        !lstatSync(path).isSymbolicLink(),
    );
}
