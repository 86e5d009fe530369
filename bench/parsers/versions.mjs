// The version of a parser that runs here.
import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { version as nodeVersion } from 'node:process';
import { root } from '../../scripts/setup.mjs';

/** The Debian package that a parser is in, where it comes with its language. */
const PACKAGES = {
  cpp: ['glibc', 'libc6'],
  python: ['Python', 'python3'],
  go: ['Go', 'golang-go'],
  ruby: ['Ruby', 'ruby'],
  perl: ['Perl', 'perl'],
  php: ['PHP', 'php-cli'],
  haskell: ['GHC', 'ghc'],
  tcl: ['tcllib', 'tcllib'],
};

/** Debian packages of the parsers in Rust, and of others that the list of parsers does not name. */
const OF_PARSER = {
  'clap-2': ['clap', 'librust-clap-2-dev'],
  'clap-3': ['clap', 'librust-clap-3-dev'],
  'clap-4': ['clap', 'librust-clap-dev'],
  structopt: ['structopt', 'librust-structopt-dev'],
  argh: ['argh', 'librust-argh-dev'],
  gumdrop: ['gumdrop', 'librust-gumdrop-dev'],
  'rust-getopts': ['getopts', 'librust-getopts-dev'],
  'util-linux-getopt': ['util-linux', 'util-linux'],
};

/** Parsers in JavaScript that are another package than their name says. */
const OF_NODE = { stricli: '@stricli/core', 'yargs-strict': 'yargs' };

/** What ran, such as `Python 3.11.2`. */
export function versionOf({ name, language, debian, shell }) {
  if (name.startsWith('parse-args')) return `Node.js ${nodeVersion.slice(1)}`;
  if (language === 'node') {
    const folder = OF_NODE[name] ?? name;
    const { version } = JSON.parse(readFileSync(join(root, 'node_modules', folder, 'package.json'), 'utf8'));
    return `${folder} ${version}`;
  }
  const [title, debianName] = OF_PARSER[name] ??
    (debian.length > 0 ? [shell ?? name, debian[0]] : undefined) ??
    PACKAGES[language] ?? [name, name];
  return `${title} ${debianVersion(debianName)}`;
}

/** The upstream part of a Debian version: without the epoch, the revision and what Debian took away. */
function debianVersion(name) {
  const { stdout } = spawnSync('dpkg-query', ['-W', '-f', `\${Version}`, name], { encoding: 'utf8' });
  return /^(?:\d+:)?([\d.]+)/.exec(stdout)?.[1] ?? 'of an unknown version';
}
