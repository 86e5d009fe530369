import { type Command, InvalidArgumentError, Option } from 'commander';
import { type ParsingRules, READABLE_KINDS, readParsingRule, type SourceSettings } from 'dabbawala';

/** The options that say of a source what its text does not. */
export interface SourceOptions {
  readonly kind?: (typeof READABLE_KINDS)[number];
  readonly program?: string;
  readonly command?: readonly string[];
  readonly rule?: ParsingRules;
}

export interface FormatOption {
  readonly format: 'text' | 'json';
}

/** Declares the options that every command with a SOURCE has. */
export function addSourceOptions(command: Command): Command {
  return command
    .addOption(
      new Option('--kind <KIND>', 'the kind of the sources, where their contents do not tell it').choices(
        READABLE_KINDS,
      ),
    )
    .option('--program <NAME>', "the program's name, where help output does not say it")
    .option(
      '--command <PATH>',
      "the subcommand that help output describes, such as 'route plan'",
      commandPath,
    )
    .option(
      '--rule <KEY=VALUE>',
      "how the parser behaves, such as 'case-sensitive=false'; may be given several times",
      addRule,
    );
}

export function formatOption(): Option {
  return new Option('--format <FORMAT>', 'text for people or json for programs')
    .choices(['text', 'json'])
    .default('text');
}

export function sourceSettings({ kind, program, command, rule }: SourceOptions): SourceSettings {
  return { kind, program, command, rules: rule };
}

function commandPath(value: string): string[] {
  const path = value.split(/\s+/).filter((word) => word !== '');
  if (path.length === 0) throw new InvalidArgumentError('expected the names of commands, parted by blanks');
  return path;
}

function addRule(value: string, before: ParsingRules | undefined): ParsingRules {
  const { rules, mistake } = readParsingRule(value);
  if (rules === undefined) throw new InvalidArgumentError(mistake);
  const known = Object.entries(rules).filter(([, rule]) => rule !== undefined);
  return { ...(before ?? rules), ...Object.fromEntries(known) };
}

/** The option for documents of extensions, which may be given several times. */
export function withOption(): Option {
  return new Option(
    '--with <EXTENSION>',
    'a document of an extension of the program; may be given several times',
  ).argParser((value: string, before: readonly string[] = []) => [...before, value]);
}
