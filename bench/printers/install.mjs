// Debian packages of the libraries, installed where this runs as root on Debian.
import { spawnSync } from 'node:child_process';
import { getuid } from 'node:process';
import { LANGUAGES } from './languages.mjs';

let isListFresh = false;

function isThere(name) {
  const { status, stdout } = spawnSync('dpkg-query', ['-W', '-f', `\${Status}`, name], { encoding: 'utf8' });
  return status === 0 && stdout.includes('ok installed');
}

function apt(...words) {
  return spawnSync('apt-get', words, {
    encoding: 'utf8',
    env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
  });
}

/** Sees that the packages of a library are installed: undefined, or what is missing. */
export function installed({ language, debian }) {
  const missing = [...LANGUAGES[language].debian, ...debian].filter((name) => !isThere(name));
  if (missing.length === 0) return undefined;
  if (getuid?.() !== 0) return `needs ${missing.join(' ')}; install them, or run this as root on Debian`;
  if (!isListFresh) apt('update', '-qq');
  isListFresh = true;
  const { status, stderr, error } = apt('install', '-y', '-qq', '--no-install-recommends', ...missing);
  if (status === 0) return undefined;
  return `cannot install ${missing.join(' ')}: ${error?.message ?? stderr.trim().split('\n').at(-1)}`;
}
