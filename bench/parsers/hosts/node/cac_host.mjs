import { cac } from 'cac';
import { asksCommands, NAMES, refuse, show } from './probe.mjs';

const program = cac('probe').help().version('1.0').option('-b, --brief', 'brief');
if (asksCommands) {
  for (const name of NAMES) {
    const below = program.command(`${name} [...file]`, name).option('-a, --all', 'all');
    if (name === 'start') below.alias('begin');
    below.action((file, { all, brief }) => show({ all, brief }, {}, file, name));
  }
} else {
  program
    .command('[...file]', 'probe')
    .option('-a, --all', 'all')
    .option('-o, --output <file>', 'output')
    .option('--outline', 'outline')
    .option('-c, --color [when]', 'color')
    .option('-n, --dry-run', 'dry')
    .action((file, { all, brief, outline, dryRun, output, color }) =>
      show({ all, brief, outline, 'dry-run': dryRun }, { output, color }, file),
    );
}
try {
  program.parse();
  if (
    asksCommands &&
    program.matchedCommand === undefined &&
    !program.options.help &&
    !program.options.version
  )
    process.exit(9);
} catch (mistake) {
  refuse(mistake);
}
