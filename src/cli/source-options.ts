import { type Command, InvalidArgumentError, Option } from 'commander';
import type { HelpSettings } from 'dabbawala';

/** The options that say of a source what its text does not. */
export interface SourceOptions {
  readonly program?: string;
  readonly command?: readonly string[];
  readonly format: 'text' | 'json';
}

/** Declares the options that every command with a SOURCE has. */
export function addSourceOptions(command: Command): Command {
  return command
    .addOption(formatOption())
    .option('--program <NAME>', "the program's name, where the help output does not say it")
    .option(
      '--command <PATH>',
      "the subcommand that the help output describes, such as 'route plan'",
      commandPath,
    );
}

export function formatOption(): Option {
  return new Option('--format <FORMAT>', 'text for people or json for programs')
    .choices(['text', 'json'])
    .default('text');
}

export function helpSettings({ program, command }: SourceOptions): HelpSettings {
  return { program, command };
}

function commandPath(value: string): string[] {
  const path = value.split(/\s+/).filter((word) => word !== '');
  if (path.length === 0) throw new InvalidArgumentError('expected the names of commands, parted by blanks');
  return path;
}
