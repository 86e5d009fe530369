import { Command } from 'commander';
import type { Declare } from './declare.ts';
import { HelpLayout } from './help-layout.ts';
import type { Io } from './io.ts';
import { TOOL } from './version.ts';

interface CommandEntry {
  readonly name: string;
  readonly summary: string;
  /** Loads the declaration: what a command needs is read only when it is called. */
  readonly load: () => Promise<{ readonly declare: Declare }>;
}

const COMMANDS: readonly CommandEntry[] = [
  {
    name: 'audit',
    summary: 'find what is wrong with an interface',
    load: () => import('./commands/audit.ts'),
  },
  {
    name: 'abbreviations',
    summary: 'show how short options and commands can be written',
    load: () => import('./commands/abbreviations.ts'),
  },
  {
    name: 'trace',
    summary: 'show how a command line is read, word by word',
    load: () => import('./commands/trace.ts'),
  },
  {
    name: 'annotate',
    summary: 'show how help output is read, line by line',
    load: () => import('./commands/annotate.ts'),
  },
  {
    name: 'compare',
    summary: 'tell what a new version changes for callers',
    load: () => import('./commands/compare.ts'),
  },
  {
    name: 'callers',
    summary: 'find the calls of a program in files, and say what each word means',
    load: () => import('./commands/callers.ts'),
  },
  {
    name: 'capture',
    summary: 'run a program to get its help, and write its interface',
    load: () => import('./commands/capture.ts'),
  },
  {
    name: 'coverage',
    summary: 'compare what shell completion offers with an interface',
    load: () => import('./commands/coverage.ts'),
  },
  {
    name: 'convert',
    summary: 'write an interface in another form',
    load: () => import('./commands/convert.ts'),
  },
  {
    name: 'explain',
    summary: 'explain what a check looks for, and why',
    load: () => import('./commands/explain.ts'),
  },
];

/** Takes the argument parser's message, and the command at which it stopped. */
export type Refuse = (message: string, command: Command) => void;

/** Makes the command with its subcommands; each is declared when the words call it. */
export function makeProgram(io: Io, done: (status: number) => void, refuse: Refuse): Command {
  const program = new Command(TOOL.name)
    .description(
      'Audits the command-line interface of a program, read from its help output, its manual page, its interface document, or its code where it is a shell script.',
    )
    .usage('COMMAND [OPTION]... [OPERAND]...')
    .version(`${TOOL.name} ${TOOL.version}`, '-V, --version', 'print the name and version, and exit');
  prepare(program, io, refuse);
  const loads = new Map<Command, CommandEntry['load']>();
  for (const { name, summary, load } of COMMANDS) {
    const command = program.command(name).summary(summary);
    prepare(command, io, refuse);
    loads.set(command, load);
  }
  program.hook('preSubcommand', async (_, command) => {
    const module = await loads.get(command)?.();
    module?.declare(command, io, done);
  });
  return program;
}

function prepare(command: Command, io: Io, refuse: Refuse): void {
  command
    .helpOption('-h, --help', 'print this help, and exit')
    .helpCommand(false)
    .enablePositionalOptions()
    .exitOverride()
    .showSuggestionAfterError(false)
    .configureOutput({
      writeOut: io.write,
      writeErr: io.writeError,
      outputError: (message) => refuse(message, command),
      getOutHelpWidth: () => io.columns ?? 80,
    });
  command.createHelp = () => Object.assign(new HelpLayout(), { helpWidth: io.columns ?? 80 });
}
