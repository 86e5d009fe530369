// The main job on the demo data: audits the made-up programs tiffin and rounds, converts, asks what abbreviations come to, compares versions, and holds completion against the interface.
import { spawnSync } from 'node:child_process';
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { buildIfNeeded, fail, installPackages, root } from './setup.mjs';

installPackages();
buildIfNeeded();

const folder = 'demo/tiffin-1.4/help';
const help = readdirSync(join(root, folder))
  .sort()
  .map((name) => `${folder}/${name}`);

show(1, 'audit', ...help);
show(1, 'audit', 'demo/rounds/rounds.yaml', '--with', 'demo/rounds/rounds-harbour.yaml');
show(0, 'convert', '--to=yaml', `${folder}/tiffin-box-list.txt`);
show(1, 'abbreviations', `${folder}/tiffin-box-list.txt`, '--', '--late', '--ro');
show(0, 'compare', 'demo/tiffin-1.4/tiffin.yaml', 'demo/tiffin-2.0/tiffin.yaml');
const scripts = ['tiffin.bash', '_tiffin', 'tiffin.fish'].map((name) => `demo/tiffin-1.4/completion/${name}`);
show(0, 'coverage', 'demo/tiffin-1.4/tiffin.yaml', ...scripts);
// Python is no part of the set-up: the demo shows what the parser of a program in it declares where there is one.
if (spawnSync('python3', ['--version']).status === 0)
  show(0, 'capture', '--declared', '--yes', 'demo/programs/stowage.py');
show(0, 'explain', 'abbreviations/fragile-word');
process.stdout.write(
  '\nThe audits end with status 1 because they found errors or warnings, the abbreviations because --ro is ambiguous.\n' +
    'What was planted in the demo data, and the check that finds it: demo/planted.json\n',
);

/** Shows a command line, runs it, and fails where its exit status is not the one that is documented. */
function show(expected, command, ...words) {
  const shown = words.length > 6 ? [`${folder}/*.txt`] : words;
  process.stdout.write(`\n$ npx dabbawala ${[command, ...shown].join(' ')}\n\n`);
  const run = spawnSync(process.execPath, ['dist/cli/bin.js', command, ...words], {
    cwd: root,
    stdio: 'inherit',
  });
  if (run.status !== expected) fail(`dabbawala ${command} ended with status ${run.status}, not ${expected}`);
}
