import { Command, Option } from 'commander';
import { asksCommands, NAMES, show } from './probe.mjs';

const program = new Command('probe').version('1.0').option('-b, --brief', 'brief');
if (asksCommands) {
  for (const name of NAMES) {
    const below = program.command(name).option('-a, --all', 'all').argument('[file...]', 'file');
    if (name === 'start') below.alias('begin');
    below.action((file, { all }) => show({ all, brief: program.opts().brief }, {}, file, name));
  }
} else {
  program
    .option('-a, --all', 'all')
    .option('-o, --output <file>', 'output')
    .option('--outline', 'outline')
    .option('-c, --color [when]', 'color')
    .addOption(new Option('--mode <mode>', 'mode').choices(['fast', 'slow', 'sleepy']))
    .option('-n, --dry-run', 'dry')
    .argument('[file...]', 'file')
    .action((file, { all, brief, outline, dryRun, output, color, mode }) =>
      show({ all, brief, outline, 'dry-run': dryRun }, { output, color, mode }, file),
    );
}
program.parse();
