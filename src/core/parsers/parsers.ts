import { absl } from './absl.ts';
import { arg } from './arg.ts';
import { argh } from './argh.ts';
import { argp } from './argp.ts';
import { argparse } from './argparse.ts';
import { argparseExact } from './argparse-exact.ts';
import { argparse4j } from './argparse4j.ts';
import { boost } from './boost.ts';
import { cac } from './cac.ts';
import { citty } from './citty.ts';
import { clap2 } from './clap-2.ts';
import { clap3 } from './clap-3.ts';
import { clap4 } from './clap-4.ts';
import { click } from './click.ts';
import { clipanion } from './clipanion.ts';
import { cmdargs } from './cmdargs.ts';
import { cobra } from './cobra.ts';
import { commandLineArgs } from './command-line-args.ts';
import { commander } from './commander.ts';
import { commonsCli } from './commons-cli.ts';
import { cxxopts } from './cxxopts.ts';
import { docopt } from './docopt.ts';
import { fishArgparse } from './fish-argparse.ts';
import { getopt } from './getopt.ts';
import { getoptLong } from './getopt-long.ts';
import { getoptLongOnly } from './getopt-long-only.ts';
import { getopts } from './getopts.ts';
import { glib } from './glib.ts';
import { goFlag } from './go-flag.ts';
import { gumdrop } from './gumdrop.ts';
import { haskellGetopt } from './haskell-getopt.ts';
import { jcommander } from './jcommander.ts';
import { kingpin } from './kingpin.ts';
import { llvmCl } from './llvm-cl.ts';
import { luaArgparse } from './lua-argparse.ts';
import { minimist } from './minimist.ts';
import { mri } from './mri.ts';
import { optimist } from './optimist.ts';
import { optionator } from './optionator.ts';
import { optparse } from './optparse.ts';
import { optparseApplicative } from './optparse-applicative.ts';
import { parseArgs } from './parse-args.ts';
import { parseArgsLoose } from './parse-args-loose.ts';
import type { ParserProfile } from './parser-profile.ts';
import { perlGetoptLong } from './perl-getopt-long.ts';
import { perlGetoptLongBundling } from './perl-getopt-long-bundling.ts';
import { perlGetoptLongGnu } from './perl-getopt-long-gnu.ts';
import { perlGetoptLongPosix } from './perl-getopt-long-posix.ts';
import { perlGetoptStd } from './perl-getopt-std.ts';
import { pflag } from './pflag.ts';
import { phpGetopt } from './php-getopt.ts';
import { picocli } from './picocli.ts';
import { popt } from './popt.ts';
import { pythonGetopt } from './python-getopt.ts';
import { pythonGnuGetopt } from './python-gnu-getopt.ts';
import { rubyCommander } from './ruby-commander.ts';
import { rubyGetoptlong } from './ruby-getoptlong.ts';
import { rubyOptparse } from './ruby-optparse.ts';
import { rustGetopts } from './rust-getopts.ts';
import { stricli } from './stricli.ts';
import { structopt } from './structopt.ts';
import { symfonyConsole } from './symfony-console.ts';
import { tclCmdline } from './tcl-cmdline.ts';
import { thor } from './thor.ts';
import { typer } from './typer.ts';
import { urfave1 } from './urfave-1.ts';
import { urfave2 } from './urfave-2.ts';
import { utilLinuxGetopt } from './util-linux-getopt.ts';
import { yargs } from './yargs.ts';
import { yargsStrict } from './yargs-strict.ts';
import { zparseopts } from './zparseopts.ts';

/** Every parser of which something is known, those of one language together. */
export const PARSERS: readonly ParserProfile[] = [
  getopt,
  getoptLong,
  getoptLongOnly,
  argp,
  popt,
  glib,
  boost,
  cxxopts,
  llvmCl,
  getopts,
  utilLinuxGetopt,
  zparseopts,
  fishArgparse,
  argparse,
  argparseExact,
  optparse,
  pythonGetopt,
  pythonGnuGetopt,
  click,
  typer,
  absl,
  docopt,
  goFlag,
  pflag,
  cobra,
  urfave1,
  urfave2,
  kingpin,
  clap2,
  clap3,
  clap4,
  structopt,
  argh,
  gumdrop,
  rustGetopts,
  rubyOptparse,
  optimist,
  rubyCommander,
  rubyGetoptlong,
  thor,
  perlGetoptLong,
  perlGetoptLongBundling,
  perlGetoptLongGnu,
  perlGetoptLongPosix,
  perlGetoptStd,
  picocli,
  commonsCli,
  jcommander,
  argparse4j,
  symfonyConsole,
  phpGetopt,
  optparseApplicative,
  cmdargs,
  haskellGetopt,
  tclCmdline,
  luaArgparse,
  parseArgs,
  parseArgsLoose,
  commander,
  yargs,
  yargsStrict,
  cac,
  minimist,
  mri,
  citty,
  clipanion,
  stricli,
  commandLineArgs,
  optionator,
  arg,
];
