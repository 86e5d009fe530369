// How a host is built and run in each language. A command is a list of words; `built` is the folder for what is made.
import { existsSync } from 'node:fs';
import { join } from 'node:path';

const HOSTS = join(import.meta.dirname, 'hosts');

/** Libraries of C++ hosts, by name of the library. */
const LINKED = {
  popt: ['-lpopt'],
  boost: ['-lboost_program_options'],
  glib: ['-I/usr/include/glib-2.0', '-lglib-2.0'],
};

const DEBIAN_PYTHON = '/usr/bin/python3';

const JARS = ['picocli', 'commons-cli', 'argparse4j'].map((name) => `/usr/share/java/${name}.jar`);

/**
 * For each language: the Debian packages that its compiler or interpreter is in; `build`, the commands that build the host of a
 * library, each with its folder and environment (none where nothing is built); `run`, the command that runs it.
 */
export const LANGUAGES = {
  python: {
    debian: ['python3'],
    build: () => [],
    // Debian's packages belong to Debian's Python; what comes with Python itself any Python has.
    run: ({ host, debian }) => [
      debian.length > 0 || existsSync(DEBIAN_PYTHON) ? DEBIAN_PYTHON : 'python3',
      join(HOSTS, 'python', host),
    ],
  },
  go: {
    debian: ['golang-go'],
    build: ({ name, host }, built) => [
      {
        words: ['go', 'build', '-o', join(built, name), host, 'declared.go'],
        folder: join(HOSTS, 'go'),
        environment: { GOPATH: '/usr/share/gocode', GO111MODULE: 'off', GOFLAGS: '' },
      },
    ],
    run: ({ name }, built) => [join(built, name)],
  },
  rust: {
    // All of them for each host: cargo wants whatever a package of several hosts names.
    debian: ['librust-clap-2-dev', 'librust-clap-3-dev', 'librust-clap-dev', 'librust-getopts-dev'],
    build: ({ host }, built) => [
      {
        words: ['cargo', 'build', '--offline', '--quiet', '--bin', host],
        folder: join(HOSTS, 'rust'),
        environment: { CARGO_TARGET_DIR: join(built, 'rust') },
      },
    ],
    run: ({ host }, built) => [join(built, 'rust/debug', host)],
  },
  ruby: { debian: ['ruby'], build: () => [], run: ({ host }) => ['ruby', join(HOSTS, 'ruby', host)] },
  perl: {
    debian: ['perl'],
    build: () => [],
    run: ({ host }) => ['/usr/bin/perl', join(HOSTS, 'perl', host)],
  },
  php: { debian: ['php-cli'], build: () => [], run: ({ host }) => ['php', join(HOSTS, 'php', host)] },
  tcl: { debian: ['tcl'], build: () => [], run: ({ host }) => ['tclsh', join(HOSTS, 'tcl', host)] },
  lua: { debian: ['lua5.3'], build: () => [], run: ({ host }) => ['lua5.3', join(HOSTS, 'lua', host)] },
  cpp: {
    debian: ['g++'],
    build: ({ name, host }, built) => [
      {
        words: [
          'g++',
          '-O0',
          '-std=c++17',
          '-o',
          join(built, name),
          host,
          ...(LINKED[name] ?? []),
          ...glibHeaders(name),
        ],
        folder: join(HOSTS, 'cpp'),
      },
    ],
    run: ({ name }, built) => [join(built, name)],
  },
  java: {
    debian: ['default-jdk-headless'],
    build: ({ host }, built) => [
      {
        words: ['javac', '-d', join(built, 'java'), '-cp', JARS.join(':'), 'Declared.java', `${host}.java`],
        folder: join(HOSTS, 'java'),
      },
    ],
    run: ({ host }, built) => [
      'java',
      '-XX:TieredStopAtLevel=1',
      '-cp',
      [join(built, 'java'), ...JARS].join(':'),
      host,
    ],
  },
  haskell: {
    debian: ['ghc'],
    build: ({ name, host }, built) => [
      {
        words: [
          'ghc',
          '-O0',
          '-v0',
          '-outputdir',
          join(built, `${name}-objects`),
          '-o',
          join(built, name),
          host,
        ],
        folder: join(HOSTS, 'haskell'),
      },
    ],
    run: ({ name }, built) => [join(built, name)],
  },
  node: { debian: [], build: () => [], run: ({ host }) => [process.execPath, join(HOSTS, 'node', host)] },
};

/** glib's own configuration stands in a folder that is named after the machine. */
function glibHeaders(name) {
  return name === 'glib' ? [`-I/usr/lib/${MACHINES[process.arch]}/glib-2.0/include`] : [];
}

const MACHINES = { x64: 'x86_64-linux-gnu', arm64: 'aarch64-linux-gnu' };
