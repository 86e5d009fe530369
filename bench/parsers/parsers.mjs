// The parsers that are run, and what each can be asked. A host declares, through the public interface of one parser, the options
// `--all` (`-a`), `--brief` (`-b`), `--dry-run` (`-n`), all flags, `--output` (`-o`) with an argument, `--outline`, and operands;
// what else a parser can declare, `can` says:
// - `letters`: letters for options; `long`: names that are longer
// - `hyphen`: long names have one hyphen
// - `optional`: `--color` (`-c`), whose argument may be left out
// - `choices`: `--mode`, one of fast, slow and sleepy
// - `spellings`: `--quiet` is `--quieter` too
// - `commands`: with PROBE=commands, a program with `--brief` and the commands start, status, stop and route:plan, each with `--all`
// - `segments`: route:plan can be declared among them
// - `alias`: start is begin too
// - `program`: the program has options of its own beside its commands

const BOTH = 'letters long';

/** The Debian packages of shells. */
const DEBIAN_SHELLS = { dash: 'dash', bash: 'bash', mksh: 'mksh', zsh: 'zsh' };

/** Each by the name of its profile: see `src/core/parsers`. */
export const PARSERS = [
  parser('cpp', 'getopt', 'getopt_host.cpp', 'letters optional'),
  parser('cpp', 'getopt-long', 'getopt_long_host.cpp', `${BOTH} optional spellings`),
  parser('cpp', 'getopt-long-only', 'getopt_long_host.cpp', `${BOTH} optional spellings`, {
    variant: 'only',
  }),
  parser('cpp', 'argp', 'argp_host.cpp', `${BOTH} optional spellings`),
  parser('cpp', 'popt', 'popt_host.cpp', `${BOTH} optional`, { debian: ['libpopt-dev'] }),
  parser('cpp', 'glib', 'glib_host.cpp', BOTH, { debian: ['libglib2.0-dev'] }),
  parser('cpp', 'boost', 'boost_host.cpp', `${BOTH} optional`, { debian: ['libboost-program-options-dev'] }),
  parser('cpp', 'cxxopts', 'cxxopts_host.cpp', `${BOTH} optional`, { debian: ['libcxxopts-dev'] }),
  ...['dash', 'bash', 'mksh', 'zsh'].map((shell) =>
    parser('shell', 'getopts', 'getopts_host.sh', 'letters', { shell, debian: [DEBIAN_SHELLS[shell]] }),
  ),
  parser('shell', 'util-linux-getopt', 'getopt_host.sh', `${BOTH} optional`, { shell: 'sh' }),
  parser('shell', 'zparseopts', 'zparseopts_host.zsh', `${BOTH} optional`, { shell: 'zsh', debian: ['zsh'] }),
  parser('shell', 'fish-argparse', 'argparse_host.fish', `${BOTH} optional`, {
    shell: 'fish',
    debian: ['fish'],
  }),
  parser(
    'python',
    'argparse',
    'argparse_host.py',
    `${BOTH} optional choices spellings commands segments alias program`,
  ),
  parser(
    'python',
    'argparse-exact',
    'argparse_host.py',
    `${BOTH} optional choices spellings commands segments alias program`,
    {
      variant: 'exact',
    },
  ),
  parser('python', 'optparse', 'optparse_host.py', `${BOTH} choices spellings`),
  parser('python', 'python-getopt', 'getopt_host.py', BOTH),
  parser('python', 'python-gnu-getopt', 'getopt_host.py', BOTH, { variant: 'gnu' }),
  parser('python', 'click', 'click_host.py', `${BOTH} optional choices spellings commands segments program`, {
    debian: ['python3-click'],
  }),
  parser('python', 'typer', 'typer_host.py', `${BOTH} choices spellings commands segments program`, {
    debian: ['python3-typer'],
  }),
  parser('python', 'absl', 'absl_host.py', `${BOTH} choices`, { debian: ['python3-absl'] }),
  parser('python', 'docopt', 'docopt_host.py', BOTH, { debian: ['python3-docopt'] }),
  parser('go', 'go-flag', 'flag_host.go', 'long hyphen'),
  parser('go', 'pflag', 'pflag_host.go', `${BOTH} optional`, { debian: ['golang-github-spf13-pflag-dev'] }),
  parser('go', 'cobra', 'cobra_host.go', `${BOTH} optional commands segments alias program`, {
    debian: ['golang-github-spf13-cobra-dev'],
  }),
  parser('go', 'urfave-1', 'urfave1_host.go', `${BOTH} commands segments alias program`, {
    debian: ['golang-github-urfave-cli-dev'],
  }),
  parser('go', 'urfave-2', 'urfave2_host.go', `${BOTH} commands segments alias program`, {
    debian: ['golang-github-urfave-cli-v2-dev'],
  }),
  parser('go', 'kingpin', 'kingpin_host.go', `${BOTH} choices commands segments alias program`, {
    debian: ['golang-gopkg-alecthomas-kingpin.v2-dev'],
  }),
  rust('clap-2', 'clap2', `${BOTH} optional choices spellings commands segments alias program`),
  rust('clap-3', 'clap3', `${BOTH} optional choices spellings commands segments alias program`),
  rust('clap-4', 'clap4', `${BOTH} optional choices spellings commands segments alias program`),
  rust('structopt', 'structopt', `${BOTH} choices commands segments alias program`),
  rust('argh', 'argh', `${BOTH} commands program`),
  rust('gumdrop', 'gumdrop', `${BOTH} commands segments program`),
  rust('rust-getopts', 'getopts', `${BOTH} optional`),
  parser('ruby', 'ruby-optparse', 'optparse_host.rb', `${BOTH} optional choices spellings`),
  parser('ruby', 'optimist', 'optimist_host.rb', BOTH, { debian: ['ruby-optimist'] }),
  parser('ruby', 'ruby-commander', 'commander_host.rb', `${BOTH} optional commands segments alias program`, {
    debian: ['ruby-commander'],
  }),
  parser('ruby', 'ruby-getoptlong', 'getoptlong_host.rb', `${BOTH} optional spellings`),
  parser('ruby', 'thor', 'thor_host.rb', `${BOTH} choices commands program`, { debian: ['ruby-thor'] }),
  parser('perl', 'perl-getopt-long', 'getopt_long_host.pl', `${BOTH} optional spellings`),
  parser('perl', 'perl-getopt-long-bundling', 'getopt_long_host.pl', `${BOTH} optional spellings`, {
    variant: 'bundling',
  }),
  parser('perl', 'perl-getopt-long-gnu', 'getopt_long_host.pl', `${BOTH} optional spellings`, {
    variant: 'gnu_getopt',
  }),
  parser('perl', 'perl-getopt-long-posix', 'getopt_long_host.pl', `${BOTH} optional spellings`, {
    variant: 'posix_default',
  }),
  parser('perl', 'perl-getopt-std', 'getopt_std_host.pl', 'letters'),
  parser(
    'java',
    'picocli',
    'PicocliHost',
    `${BOTH} optional choices spellings commands segments alias program`,
    {
      debian: ['libpicocli-java'],
    },
  ),
  parser('java', 'commons-cli', 'CommonsCliHost', `${BOTH} optional`, { debian: ['libcommons-cli-java'] }),
  parser(
    'java',
    'jcommander',
    'JcommanderHost',
    `${BOTH} choices spellings commands segments alias program`,
    {
      debian: ['libjcommander-java'],
    },
  ),
  parser(
    'java',
    'argparse4j',
    'Argparse4jHost',
    `${BOTH} optional choices spellings commands segments alias program`,
    {
      debian: ['libargparse4j-java'],
    },
  ),
  parser('php', 'symfony-console', 'symfony_host.php', `${BOTH} optional commands segments alias program`, {
    debian: ['php-symfony-console'],
  }),
  parser('php', 'php-getopt', 'getopt_host.php', `${BOTH} optional`),
  parser('haskell', 'optparse-applicative', 'OptparseHost.hs', `${BOTH} commands segments program`, {
    debian: ['libghc-optparse-applicative-dev'],
  }),
  parser('haskell', 'cmdargs', 'CmdargsHost.hs', `${BOTH} optional spellings`, {
    debian: ['libghc-cmdargs-dev'],
  }),
  parser('haskell', 'haskell-getopt', 'GetOptHost.hs', `${BOTH} optional spellings`),
  parser('tcl', 'tcl-cmdline', 'cmdline_host.tcl', 'long hyphen', { debian: ['tcllib'] }),
  parser(
    'lua',
    'lua-argparse',
    'argparse_host.lua',
    `${BOTH} optional choices spellings commands segments alias program`,
    {
      debian: ['lua-argparse'],
    },
  ),
  parser('node', 'parse-args', 'parse_args_host.mjs', BOTH),
  parser('node', 'parse-args-loose', 'parse_args_host.mjs', BOTH, { variant: 'loose' }),
  parser(
    'node',
    'commander',
    'commander_host.mjs',
    `${BOTH} optional choices commands segments alias program`,
  ),
  parser('node', 'yargs', 'yargs_host.mjs', `${BOTH} choices spellings commands segments alias program`),
  parser(
    'node',
    'yargs-strict',
    'yargs_host.mjs',
    `${BOTH} choices spellings commands segments alias program`,
    {
      variant: 'strict',
    },
  ),
  parser('node', 'cac', 'cac_host.mjs', `${BOTH} optional commands segments alias program`),
  parser('node', 'minimist', 'minimist_host.mjs', BOTH),
  parser('node', 'mri', 'mri_host.mjs', BOTH),
  parser('node', 'citty', 'citty_host.mjs', `${BOTH} choices commands segments program`),
  parser('node', 'clipanion', 'clipanion_host.mjs', `${BOTH} optional spellings commands segments alias`),
  parser('node', 'stricli', 'stricli_host.mjs', `${BOTH} choices commands segments alias`),
  parser('node', 'command-line-args', 'command_line_args_host.mjs', BOTH),
  parser('node', 'optionator', 'optionator_host.mjs', `${BOTH} choices`),
  parser('node', 'arg', 'arg_host.mjs', BOTH),
];

function rust(name, host, can) {
  return parser('rust', name, host, can, {
    debian: ['librust-structopt-dev', 'librust-argh-dev', 'librust-gumdrop-dev'],
  });
}

function parser(language, name, host, can, { debian = [], variant = '', shell } = {}) {
  return { language, name, host, can: new Set(can.split(' ')), debian, variant, shell };
}
