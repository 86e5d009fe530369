// yargs; unknown options are ignored unless it is strict, which the strict variant is.
import yargs from 'yargs';
import { asksCommands, NAMES, show, variant, words } from './probe.mjs';

const flag = (alias) => ({ type: 'boolean', alias });
const parser = yargs(words).scriptName('probe').option('brief', flag('b'));
if (variant === 'strict') parser.strict();
if (asksCommands) {
  for (const name of NAMES) {
    parser.command(
      name === 'start' ? ['start [file..]', 'begin'] : `${name} [file..]`,
      name,
      (below) => below.option('all', flag('a')).positional('file', { type: 'string' }),
      ({ all, brief, file }) => show({ all, brief }, {}, file, name),
    );
  }
  parser.demandCommand().parse();
} else {
  const { all, brief, outline, dryRun, output, mode, quiet, file, _ } = parser
    .option('all', flag('a'))
    .option('output', { type: 'string', alias: 'o' })
    .option('outline', { type: 'boolean' })
    .option('quiet', { type: 'boolean', alias: 'quieter' })
    .option('mode', { choices: ['fast', 'slow', 'sleepy'] })
    .option('dry-run', flag('n'))
    .parserConfiguration({ 'unknown-options-as-args': false })
    .command('$0 [file..]', 'probe', (below) => below.positional('file', { type: 'string' }))
    .parse();
  show({ all, brief, outline, quiet, 'dry-run': dryRun }, { output, mode }, [...(file ?? []), ..._]);
}
