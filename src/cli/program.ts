import { Command, Option } from 'commander';
import { LEVELS } from 'dabbawala';
import { HelpLayout, pathOf } from './help-layout.ts';
import type { Io } from './io.ts';
import { addSourceOptions, formatOption } from './source-options.ts';
import { usageError } from './usage-error.ts';
import { TOOL } from './version.ts';

/** Declares the command and its subcommands; each loads what it runs only when it is called. */
export function makeProgram(io: Io, done: (status: number) => void): Command {
  const program = new Command(TOOL.name)
    .description('Audits the command-line interface of a program, read from its help output.')
    .usage('COMMAND [OPTION]... [OPERAND]...')
    .version(`${TOOL.name} ${TOOL.version}`, '-V, --version', 'print the name and version, and exit');
  prepare(program, io);

  const audit = program
    .command('audit')
    .summary('find what is wrong with an interface')
    .description(
      'Reads help output, runs every check, and reports what it finds and what it could not judge.',
    )
    .usage('[OPTION]... SOURCE...')
    .argument('<SOURCE...>', 'files with help output; - is standard input');
  addSourceOptions(audit).addOption(
    new Option('--fail-on <LEVEL>', 'the least level of a finding that makes the exit status 1')
      .choices([...LEVELS, 'never'])
      .default('warning'),
  );
  audit.action(async (sources: string[], options) => {
    const { runAudit } = await import('./commands/audit.ts');
    done(await runAudit(sources, options, io));
  });

  const abbreviations = program
    .command('abbreviations')
    .summary('tell how short long options can be written')
    .description(
      'Lists every long option with the shortest prefix that means the same; with WORDs, tells what each stands for. ' +
        'A WORD may begin with hyphens.',
    )
    .usage('[OPTION]... SOURCE [WORD]...')
    .argument('<SOURCE>', 'a file with help output; - is standard input')
    .argument('[WORD...]', 'abbreviations of long options, with or without hyphens')
    .passThroughOptions();
  addSourceOptions(abbreviations).action(async (source: string, words: string[], options) => {
    const { runAbbreviations } = await import('./commands/abbreviations.ts');
    done(await runAbbreviations(source, words, options, io));
  });

  program
    .command('explain')
    .summary('tell what a check looks for, and why')
    .description(
      'Lists the checks; with the name of one, tells why it matters, with a wrong and a right example.',
    )
    .usage('[OPTION]... [CHECK]')
    .argument('[CHECK]', "the name of a check, such as 'help/same-help-twice'")
    .addOption(formatOption())
    .action(async (check: string | undefined, options) => {
      const { runExplain } = await import('./commands/explain.ts');
      done(await runExplain(check, options, io));
    });

  for (const command of program.commands) prepare(command, io);
  return program;
}

function prepare(command: Command, io: Io): void {
  command
    .helpOption('-h, --help', 'print this help, and exit')
    .helpCommand(false)
    .enablePositionalOptions()
    .exitOverride()
    .configureOutput({
      writeOut: io.write,
      writeErr: io.writeError,
      outputError: (message, write) => write(usageError(message, TOOL.name, pathOf(command))),
      getOutHelpWidth: () => io.columns ?? 80,
    });
  command.createHelp = () => Object.assign(new HelpLayout(), { helpWidth: io.columns ?? 80 });
}
