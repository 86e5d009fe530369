// The main job on the demo data: audits the made-up programs tiffin, crew and rounds and three scripts, holds their sources against each other, converts, asks what abbreviations come to, compares versions, holds completion against the interface, and reads what programs declare.
import { spawnSync } from 'node:child_process';
import { mkdirSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { buildIfNeeded, fail, installPackages, root } from './setup.mjs';

installPackages();
buildIfNeeded();

/** Where the demo puts what it makes. */
const made = 'node_modules/.cache/dabbawala-demo';
mkdirSync(join(root, made), { recursive: true });

const folder = 'demo/tiffin-1.4/help';
const help = readdirSync(join(root, folder))
  .sort()
  .map((name) => `${folder}/${name}`);

show(1, 'audit', ...help);
show(1, 'audit', 'demo/crew/help/crew.txt', 'demo/crew/help/crew-roster.txt');
const crewScripts = ['crew.bash', '_crew', 'crew.fish'].flatMap((name) => [
  '--completion',
  `demo/crew/completion/${name}`,
]);
show(1, 'audit', 'demo/crew/crew.yaml', ...crewScripts);
show(1, 'audit', 'demo/lidpress/help/lidpress.txt');
show(1, 'audit', 'demo/rounds/rounds.yaml', '--with', 'demo/rounds/rounds-harbour.yaml');
for (const script of ['boxsort', 'lidcount', 'ferrylog']) show(1, 'audit', `demo/scripts/${script}`);
show(1, 'audit', 'demo/scripts/lidcount', 'demo/lidcount/lidcount.1');
show(1, 'audit', ...['yaml', 'txt', '1'].map((kind) => `demo/tidebook/tidebook.${kind}`));
show(1, 'audit', 'demo/tidebook/tidebook.txt', 'demo/pages/tidebook.md');
show(0, 'convert', '--to=yaml', `${folder}/tiffin-box-list.txt`);
show(1, 'abbreviations', `${folder}/tiffin-box-list.txt`, '--', '--late', '--ro');
show(0, 'callers', 'demo/tiffin-1.4/tiffin.yaml', 'demo/callers');
show(0, 'compare', 'demo/tiffin-1.4/tiffin.yaml', 'demo/tiffin-2.0/tiffin.yaml', '--callers=demo/callers');
show(0, 'compare', 'demo/tiffin-1.4/tiffin.yaml', 'demo/tiffin-2.0/tiffin.yaml');
const scripts = ['tiffin.bash', '_tiffin', 'tiffin.fish'].map((name) => `demo/tiffin-1.4/completion/${name}`);
show(0, 'coverage', 'demo/tiffin-1.4/tiffin.yaml', ...scripts);
for (const [language, program] of samplePrograms()) showDeclared(language, program);
show(0, 'explain', 'abbreviations/fragile-word');
process.stdout.write(
  '\nThe audits end with status 1 because they found errors or warnings, the abbreviations because --ro is ambiguous.\n' +
    'What was planted in the demo data, and the check that finds it: demo/planted.json\n',
);

/**
 * The sample programs, one for each language whose parsers can be read, with the language. Only Node.js is part of the set-up: programs in other
 * languages are left out where the machine lacks what runs them.
 */
function* samplePrograms() {
  const runs = (program) => spawnSync(program, ['--version'], { stdio: 'ignore' }).status === 0;
  yield ['JavaScript', 'demo/programs/moorings.mjs'];
  if (runs('python3')) yield ['Python', 'demo/programs/stowage.py'];
  if (runs('perl')) yield ['Perl', 'demo/programs/ferry.pl'];
  if (runs('ruby')) yield ['Ruby', 'demo/programs/kitchen.rb'];
  const lantern = `${made}/lantern`;
  const compiled = spawnSync('cc', ['-o', lantern, 'demo/programs/lantern.c'], {
    cwd: root,
    stdio: 'ignore',
  });
  if (process.platform === 'linux' && compiled.status === 0) yield ['C', lantern];
}

/** Shows what the parser of a program declares that its help does not show: the two documents, compared. */
function showDeclared(language, program) {
  const [help, declared] = [`${made}/help.yaml`, `${made}/declared.yaml`];
  process.stdout.write(
    `\nWhat a program in ${language} declares to its parser, beside what its help shows:\n`,
  );
  show(0, 'capture', '-o', help, program);
  show(0, 'capture', '--declared', '--yes', '-o', declared, program);
  show(0, 'compare', help, declared);
}

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
