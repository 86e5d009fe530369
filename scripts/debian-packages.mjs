// The Debian packages that some tests use: installs them where that is possible, else says how to get them.
import { spawnSync } from 'node:child_process';
import { existsSync, readdirSync } from 'node:fs';

/** Programs that tests run, each in the Debian package of its name, and packages of libraries, and what for. */
const NEEDED = new Map([
  ['chromium', 'shows the page'],
  ['curl', 'has a long help'],
  ['gcc', 'makes the exporter for programs in C, and the programs that it is tried on'],
  ['fish', 'reads and completes scripts for fish'],
  ['git', 'has many commands'],
  ['libpopt0', 'parses command lines of programs in C'],
  ['libxml2-utils', 'holds reports in XML against their schema'],
  ['make', 'runs the recipes whose calls are found'],
  ['mandoc', 'checks the manual page'],
  ['patch', 'takes the patches of callers'],
  ['python3', 'parses command lines as argparse does'],
  ['ruby', 'declares options, for its exporter'],
  ['zsh', 'reads and completes scripts for zsh'],
]);

/** Packages that a program needs for its tests, and only recommends. */
const BESIDE = new Map([['gcc', ['libc6-dev']]]);

/** The program of each package that is not called so. */
const PROGRAMS = new Map([['libxml2-utils', 'xmllint']]);

/** The file of each package that is a library. */
const LIBRARIES = new Map([['libpopt0', 'libpopt.so.0']]);

function isThere(program) {
  const library = LIBRARIES.get(program);
  if (library !== undefined)
    return (
      existsSync('/usr/lib') &&
      readdirSync('/usr/lib').some((folder) => existsSync(`/usr/lib/${folder}/${library}`))
    );
  return (process.env.PATH ?? '')
    .split(':')
    .some((folder) => existsSync(`${folder}/${PROGRAMS.get(program) ?? program}`));
}

/**
 * Says which packages are missing and why they are needed, and installs them where this runs as root on Debian, unless `mayInstall` is false; else
 * says how to get them.
 */
export function installDebianPackages({ mayInstall = true } = {}) {
  const missing = [...NEEDED].filter(([program]) => !isThere(program));
  if (missing.length === 0) return;
  const names = missing.flatMap(([name]) => [name, ...(BESIDE.get(name) ?? [])]);
  const why = missing.map(([name, use]) => `  ${name}: ${use}\n`).join('');
  const how = `apt-get install --no-install-recommends ${names.join(' ')}`;
  if (!mayInstall || process.getuid?.() !== 0 || !existsSync('/usr/bin/apt-get')) {
    process.stderr.write(`Some suites will be left out, for want of:\n${why}To run them too: ${how}\n`);
    return;
  }
  const options = {
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
  };
  process.stderr.write(
    `Some suites use Debian packages that are missing here; they are installed now (--no-system leaves them out):\n${why}`,
  );
  spawnSync('apt-get', ['update', '-qq'], options);
  const { status } = spawnSync(
    'apt-get',
    ['install', '-y', '-qq', '--no-install-recommends', ...names],
    options,
  );
  if (status !== 0) process.stderr.write(`That failed; some suites will be left out. To run them: ${how}\n`);
}
