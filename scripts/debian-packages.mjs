// The Debian packages that some tests use: installs them where that is possible, else says how to get them.
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';

/** Programs that tests run, and the Debian packages they come in. */
const NEEDED = new Map([
  ['chromium', 'chromium'],
  ['curl', 'curl'],
  ['fish', 'fish'],
  ['git', 'git'],
  ['mandoc', 'mandoc'],
  ['python3', 'python3'],
  ['zsh', 'zsh'],
]);

function isThere(program) {
  return (process.env.PATH ?? '').split(':').some((folder) => existsSync(`${folder}/${program}`));
}

/** Installs what is missing where this runs as root on Debian; else says what to install. */
export function installDebianPackages() {
  const missing = [...NEEDED].filter(([program]) => !isThere(program)).map(([, name]) => name);
  if (missing.length === 0) return;
  const how = `apt-get install --no-install-recommends ${missing.join(' ')}`;
  if (process.getuid?.() !== 0 || !existsSync('/usr/bin/apt-get')) {
    process.stderr.write(`Some suites will be left out. To run them too: ${how}\n`);
    return;
  }
  const options = {
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
  };
  process.stderr.write(`Installing ${missing.join(', ')} ...\n`);
  spawnSync('apt-get', ['update', '-qq'], options);
  const { status } = spawnSync(
    'apt-get',
    ['install', '-y', '-qq', '--no-install-recommends', ...missing],
    options,
  );
  if (status !== 0) process.stderr.write(`That failed; some suites will be left out. To run them: ${how}\n`);
}
