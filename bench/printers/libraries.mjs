// The parser libraries whose printed help is read, and what each can declare (see `reduce.mjs`). Left out: libraries that take their
// declarations from the types of a compiled program only, so that each interface would be a program of its own to compile: structopt, argh and gumdrop
// (Rust) and jcommander (Java).

const BOTH = 'short long letter-alone';
const COMMANDS = 'commands nested-commands options-of-groups';
const OPERANDS = 'operands optional-operands many-operands';

/** What help written by hand may hold: hosts without a library (see `hosts/node/by_hand`). */
const BY_HAND = `placeholder optional values default range environment required repeated negatable hidden headings epilogue text command-aliases hidden-commands ${OPERANDS} operand-help`;

/** What a synopsis alone may hold (see `hosts/node/by_hand_synopsis_host.mjs`). */
const SYNOPSIS = `placeholder optional values required repeated negatable hidden ${OPERANDS}`;

/** Names of options that libraries have of their own, beside help and version. */
const TAKEN = {
  'symfony-console': [
    'n',
    'q',
    'quiet',
    'verbose',
    'ansi',
    'no-interaction',
    'list',
    'raw',
    'format',
    'short',
  ],
  stricli: ['H'],
  'ruby-commander': ['t', 'trace'],
};

/** Libraries that refuse, or mix up, an option of a command where one above it has its name. */
const REFUSING = new Set(['cobra', 'kingpin', 'symfony-console', 'ruby-commander', 'yargs', 'cac']);

/**
 * Each library by a name of its own: its language, the file of its host, the Debian packages of the library beside those of its
 * language, and what it can declare.
 */
export const LIBRARIES = [
  library(
    'python',
    'argparse',
    'argparse_host.py',
    [],
    [
      `${BOTH} aliases placeholder optional values default required repeated negatable hidden headings epilogue text`,
      `${COMMANDS} command-aliases hidden-commands ${OPERANDS} operand-values operand-help`,
    ],
  ),
  library(
    'python',
    'optparse',
    'optparse_host.py',
    [],
    [`${BOTH} aliases placeholder values default hidden headings ${OPERANDS} epilogue text`],
  ),
  library(
    'python',
    'click',
    'click_host.py',
    ['python3-click'],
    [
      `${BOTH} aliases placeholder values default range environment required repeated negatable hidden epilogue text`,
      `${COMMANDS} hidden-commands ${OPERANDS} operand-values`,
    ],
  ),
  library(
    'python',
    'typer',
    'typer_host.py',
    ['python3-typer'],
    [
      `${BOTH} aliases placeholder values default range environment required repeated negatable hidden epilogue text`,
      `${COMMANDS} hidden-commands ${OPERANDS} operand-help`,
    ],
  ),
  library(
    'python',
    'absl',
    'absl_host.py',
    ['python3-absl'],
    ['short long values default range repeated text'],
  ),
  library('go', 'go-flag', 'flag_host.go', [], [`single-hyphen placeholder default ${OPERANDS} text`]),
  library(
    'go',
    'cobra',
    'cobra_host.go',
    ['golang-github-spf13-cobra-dev'],
    [
      `short long placeholder optional default repeated hidden ${COMMANDS} command-aliases hidden-commands ${OPERANDS} text`,
    ],
  ),
  library(
    'go',
    'urfave-1',
    'urfave1_host.go',
    ['golang-github-urfave-cli-dev'],
    [
      `short long aliases placeholder default environment required repeated hidden text`,
      `${COMMANDS} command-aliases hidden-commands ${OPERANDS}`,
    ],
  ),
  library(
    'go',
    'urfave-2',
    'urfave2_host.go',
    ['golang-github-urfave-cli-v2-dev'],
    [
      `short long aliases placeholder default environment required repeated hidden text`,
      `${COMMANDS} command-aliases hidden-commands ${OPERANDS}`,
    ],
  ),
  library(
    'go',
    'kingpin',
    'kingpin_host.go',
    ['golang-gopkg-alecthomas-kingpin.v2-dev'],
    [
      `short long placeholder values default environment required repeated hidden text`,
      `${COMMANDS} command-aliases hidden-commands ${OPERANDS} operand-help`,
    ],
  ),
  library(
    'rust',
    'clap-2',
    'clap2',
    [],
    [
      `${BOTH} placeholder values default environment required repeated hidden epilogue text`,
      `${COMMANDS} command-aliases ${OPERANDS} operand-help operand-values`,
    ],
  ),
  library(
    'rust',
    'clap-3',
    'clap3',
    [],
    [
      `${BOTH} aliases placeholder optional values value-help default environment required repeated hidden headings epilogue text`,
      `${COMMANDS} command-aliases hidden-commands ${OPERANDS} operand-help operand-values`,
    ],
  ),
  library(
    'rust',
    'clap-4',
    'clap4',
    [],
    [
      `${BOTH} aliases placeholder optional values value-help default environment required repeated hidden headings epilogue text`,
      `${COMMANDS} command-aliases hidden-commands ${OPERANDS} operand-help operand-values`,
    ],
  ),
  library('rust', 'rust-getopts', 'getopts', [], [`${BOTH} placeholder optional required repeated text`]),
  library(
    'ruby',
    'ruby-optparse',
    'optparse_host.rb',
    [],
    [`${BOTH} placeholder optional values default negatable headings ${OPERANDS} text`],
  ),
  library(
    'ruby',
    'optimist',
    'optimist_host.rb',
    ['ruby-optimist'],
    [`short long default required repeated headings ${OPERANDS} text`],
  ),
  library(
    'ruby',
    'ruby-commander',
    'commander_host.rb',
    ['ruby-commander'],
    [`short long placeholder optional negatable epilogue text commands command-aliases ${OPERANDS}`],
  ),
  library(
    'perl',
    'pod-usage',
    'pod_usage_host.pl',
    [],
    [`${BOTH} aliases placeholder optional default ${OPERANDS} text`],
  ),
  library(
    'cpp',
    'argp',
    'argp_host.cpp',
    [],
    [`${BOTH} aliases placeholder optional hidden headings ${OPERANDS} epilogue text`],
  ),
  library(
    'cpp',
    'popt',
    'popt_host.cpp',
    ['libpopt-dev'],
    [`${BOTH} placeholder optional default hidden ${OPERANDS} text`],
  ),
  library(
    'cpp',
    'glib',
    'glib_host.cpp',
    ['libglib2.0-dev'],
    [`short long placeholder hidden headings ${OPERANDS} epilogue text`],
  ),
  library(
    'cpp',
    'boost',
    'boost_host.cpp',
    ['libboost-program-options-dev'],
    [`short long placeholder optional default required repeated headings ${OPERANDS} text`],
  ),
  library(
    'cpp',
    'cxxopts',
    'cxxopts_host.cpp',
    ['libcxxopts-dev'],
    [`short long placeholder optional default repeated headings ${OPERANDS} text`],
  ),
  library(
    'java',
    'picocli',
    'PicocliHost',
    ['libpicocli-java'],
    [
      `${BOTH} aliases placeholder optional values default required repeated negatable hidden headings epilogue text`,
      `${COMMANDS} command-aliases hidden-commands ${OPERANDS} operand-help`,
    ],
  ),
  library(
    'java',
    'commons-cli',
    'CommonsCliHost',
    ['libcommons-cli-java'],
    [`${BOTH} placeholder optional required repeated ${OPERANDS} epilogue text`],
  ),
  library(
    'java',
    'argparse4j',
    'Argparse4jHost',
    ['libargparse4j-java'],
    [
      `${BOTH} aliases placeholder optional values default required repeated hidden headings epilogue text`,
      `${COMMANDS} command-aliases ${OPERANDS} operand-help`,
    ],
  ),
  library(
    'php',
    'symfony-console',
    'symfony_host.php',
    ['php-symfony-console'],
    [
      `short long optional default repeated negatable commands command-aliases hidden-commands ${OPERANDS} operand-help text`,
    ],
  ),
  library(
    'haskell',
    'optparse-applicative',
    'OptparseHost.hs',
    ['libghc-optparse-applicative-dev'],
    [
      `${BOTH} aliases placeholder default required repeated hidden ${COMMANDS} ${OPERANDS} operand-help epilogue text`,
    ],
  ),
  library(
    'haskell',
    'cmdargs',
    'CmdargsHost.hs',
    ['libghc-cmdargs-dev'],
    [`${BOTH} aliases placeholder optional commands ${OPERANDS} text`],
  ),
  library('tcl', 'tcl-cmdline', 'cmdline_host.tcl', ['tcllib'], [`single-hyphen default ${OPERANDS} text`]),
  library(
    'lua',
    'lua-argparse',
    'argparse_host.lua',
    ['lua-argparse'],
    [
      `${BOTH} aliases placeholder optional values default required repeated hidden epilogue text`,
      `${COMMANDS} command-aliases hidden-commands ${OPERANDS} operand-help`,
    ],
  ),
  library(
    'node',
    'commander',
    'commander_host.mjs',
    [],
    [
      `${BOTH} placeholder optional values default environment required repeated hidden text`,
      `${COMMANDS} command-aliases hidden-commands ${OPERANDS} operand-help operand-values`,
    ],
  ),
  library(
    'node',
    'yargs',
    'yargs_host.mjs',
    [],
    [
      `${BOTH} aliases values default required repeated hidden deprecated headings epilogue text`,
      `${COMMANDS} command-aliases hidden-commands ${OPERANDS} operand-help operand-values`,
    ],
  ),
  library(
    'node',
    'cac',
    'cac_host.mjs',
    [],
    [`${BOTH} placeholder optional default commands command-aliases ${OPERANDS} text`],
  ),
  library(
    'node',
    'citty',
    'citty_host.mjs',
    [],
    [
      `short long aliases placeholder values default required ${COMMANDS} hidden-commands operands optional-operands operand-help text`,
    ],
  ),
  library(
    'node',
    'clipanion',
    'clipanion_host.mjs',
    [],
    [`${BOTH} aliases optional required repeated hidden ${COMMANDS} hidden-commands ${OPERANDS} text`],
  ),
  library(
    'node',
    'stricli',
    'stricli_host.mjs',
    [],
    [
      `short long placeholder values default required repeated negatable hidden`,
      `commands nested-commands command-aliases hidden-commands ${OPERANDS} operand-help text`,
    ],
  ),
  library(
    'node',
    'command-line-usage',
    'command_line_usage_host.mjs',
    [],
    [`short long placeholder default repeated headings ${OPERANDS} epilogue text`],
  ),
  library(
    'node',
    'optionator',
    'optionator_host.mjs',
    [],
    ['short long aliases values default required repeated headings operands epilogue text'],
  ),
  library('node', 'by-hand', 'by_hand_host.mjs', [], [BY_HAND, `${BOTH} ${COMMANDS}`]),
  library('node', 'by-hand-wider', 'by_hand_wider_host.mjs', [], [BY_HAND, `${BOTH} ${COMMANDS}`]),
  library('node', 'by-hand-widest', 'by_hand_widest_host.mjs', [], [BY_HAND, `${BOTH} ${COMMANDS}`]),
  library('node', 'by-hand-uneven', 'by_hand_uneven_host.mjs', [], [BY_HAND, `${BOTH} ${COMMANDS}`]),
  library('node', 'by-hand-single', 'by_hand_single_host.mjs', [], [BY_HAND, 'single-hyphen']),
  library('node', 'by-hand-synopsis', 'by_hand_synopsis_host.mjs', [], [SYNOPSIS, `${BOTH} aliases`]),
];

/** Libraries whose print nobody looked at before the reader was done with the others: those whose names have the least hashes (SHA-256). */
export const SEALED = [
  'rust-getopts',
  'tcl-cmdline',
  'picocli',
  'typer',
  'optimist',
  'ruby-optparse',
  'commons-cli',
  'optionator',
];

/** Not libraries, but styles drawn at random: read where they are named, and by CI. */
export const STYLES = [
  'by-hand',
  'by-hand-wider',
  'by-hand-widest',
  'by-hand-uneven',
  'by-hand-single',
  'by-hand-synopsis',
];

/** Libraries that need nothing but this project's npm packages, Python and Perl: CI reads a sample of what they print. */
export const SAMPLE = [
  ...STYLES,
  'argparse',
  'optparse',
  'pod-usage',
  'commander',
  'cac',
  'citty',
  'clipanion',
  'stricli',
  'command-line-usage',
];

function library(language, name, host, debian, can) {
  const words = can.join(' ').split(' ');
  if (!REFUSING.has(name)) words.push('names-again');
  return { name, language, host, debian, can: words, taken: TAKEN[name] ?? [] };
}
