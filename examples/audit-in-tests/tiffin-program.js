import { Command, Option } from 'commander';

/** The command line of a small program of the lunchbox cooperative. */
export const program = new Command('tiffin')
  .description('Print the routes of the lunchbox carriers.')
  .version('2.0', '-V, --version', 'print the version, and exit')
  .helpOption('-h, --help', 'print this help, and exit')
  .helpCommand(false);

program
  .command('route')
  .description('Print the route of DAY.')
  .argument('<day>', 'day of the route')
  .addOption(
    new Option('-s, --sort <key>', 'sort the stops by KEY').choices(['quay', 'owner']).default('quay'),
  )
  .option('-q, --quiet', 'print the stops only')
  .helpOption('-h, --help', 'print this help, and exit')
  .action((day, { sort, quiet }) => {
    process.stdout.write(quiet ? `${day}\n` : `the route of ${day}, by ${sort}\n`);
  });
