// How a host is built and run in each language. A command is a list of words; `built` is the folder for what is made.
import { existsSync } from 'node:fs';
import { join } from 'node:path';

/** Libraries of C++ hosts, by name of the library. */
const LINKED = {
  popt: ['-lpopt'],
  boost: ['-lboost_program_options'],
  glib: ['-I/usr/include/glib-2.0', '-lglib-2.0'],
};

const DEBIAN_PYTHON = '/usr/bin/python3';

const JARS = ['picocli', 'commons-cli', 'argparse4j', 'jcommander'].map(
  (name) => `/usr/share/java/${name}.jar`,
);

/**
 * For each language: the Debian packages that its compiler or interpreter is in; `build`, the commands that build the host of a
 * library, each with its folder and environment (none where nothing is built); `run`, the command that runs it. `hosts` says where the
 * hosts are: their `folder`, with one for each language, and what those of a compiled language share, `shared`, without its ending.
 */
export const LANGUAGES = {
  python: {
    debian: ['python3'],
    build: () => [],
    // Debian's packages belong to Debian's Python; what comes with Python itself any Python has.
    run: ({ host, debian }, _built, hosts) => [
      debian.length > 0 || existsSync(DEBIAN_PYTHON) ? DEBIAN_PYTHON : 'python3',
      join(hosts.folder, 'python', host),
    ],
  },
  go: {
    debian: ['golang-go'],
    build: ({ name, host }, built, hosts) => [
      {
        words: ['go', 'build', '-o', join(built, name), host, `${hosts.shared.toLowerCase()}.go`],
        folder: join(hosts.folder, 'go'),
        environment: { GOPATH: '/usr/share/gocode', GO111MODULE: 'off', GOFLAGS: '' },
      },
    ],
    run: ({ name }, built) => [join(built, name)],
  },
  rust: {
    // All of them for each host: cargo wants whatever a package of several hosts names.
    debian: ['librust-clap-2-dev', 'librust-clap-3-dev', 'librust-clap-dev', 'librust-getopts-dev'],
    build: ({ host }, built, hosts) => [
      {
        words: ['cargo', 'build', '--offline', '--quiet', '--bin', host],
        folder: join(hosts.folder, 'rust'),
        environment: { CARGO_TARGET_DIR: join(built, 'rust') },
      },
    ],
    run: ({ host }, built) => [join(built, 'rust/debug', host)],
  },
  ruby: {
    debian: ['ruby'],
    build: () => [],
    run: ({ host }, _built, hosts) => ['ruby', join(hosts.folder, 'ruby', host)],
  },
  perl: {
    debian: ['perl'],
    build: () => [],
    run: ({ host }, _built, hosts) => ['/usr/bin/perl', join(hosts.folder, 'perl', host)],
  },
  php: {
    debian: ['php-cli'],
    build: () => [],
    run: ({ host }, _built, hosts) => ['php', join(hosts.folder, 'php', host)],
  },
  tcl: {
    debian: ['tcl'],
    build: () => [],
    run: ({ host }, _built, hosts) => ['tclsh', join(hosts.folder, 'tcl', host)],
  },
  lua: {
    debian: ['lua5.3'],
    build: () => [],
    run: ({ host }, _built, hosts) => ['lua5.3', join(hosts.folder, 'lua', host)],
  },
  shell: {
    debian: [],
    build: () => [],
    run: ({ host, shell }, _built, hosts) => [shell, join(hosts.folder, 'shell', host)],
  },
  cpp: {
    debian: ['g++'],
    build: ({ name, host }, built, hosts) => [
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
        folder: join(hosts.folder, 'cpp'),
      },
    ],
    run: ({ name }, built) => [join(built, name)],
  },
  java: {
    debian: ['default-jdk-headless'],
    build: ({ host }, built, hosts) => [
      {
        words: [
          'javac',
          '-d',
          join(built, 'java'),
          '-cp',
          JARS.join(':'),
          `${hosts.shared}.java`,
          `${host}.java`,
        ],
        folder: join(hosts.folder, 'java'),
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
    build: ({ name, host }, built, hosts) => [
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
        folder: join(hosts.folder, 'haskell'),
      },
    ],
    run: ({ name }, built) => [join(built, name)],
  },
  node: {
    debian: [],
    build: () => [],
    run: ({ host }, _built, hosts) => [process.execPath, join(hosts.folder, 'node', host)],
  },
};

/** glib's own configuration stands in a folder that is named after the machine. */
function glibHeaders(name) {
  return name === 'glib' ? [`-I/usr/lib/${MACHINES[process.arch]}/glib-2.0/include`] : [];
}

const MACHINES = { x64: 'x86_64-linux-gnu', arm64: 'aarch64-linux-gnu' };
