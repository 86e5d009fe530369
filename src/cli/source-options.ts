import { type Command, InvalidArgumentError, Option } from 'commander';
import { READABLE_KINDS, type ReadableKind, readParsingRule, SETTINGS_FILE } from 'dabbawala';
import { didYouMean } from 'dabbawala/analysis';
import { type ParsingRules, SOURCE_KINDS, type SourceKind } from 'dabbawala/model';
import { PARSER_NAMES, profileOf } from 'dabbawala/parsers';
import { repeatedOption } from './repeated-option.ts';

/** The options that say of a source what its text does not. */
export interface SourceOptions {
  readonly kind?: ReadableKind;
  readonly program?: string;
  readonly command?: readonly string[];
  /** The name of the parser's profile. */
  readonly parser?: string;
  readonly rule?: ParsingRules;
  /** The kind of source whose facts are preferred where several differ. */
  readonly trust?: SourceKind;
  readonly with?: readonly string[];
  /** The file with settings; false for none, undefined for the nearest one. */
  readonly settings?: string | false;
  /** Modules with further checks, for the commands that run checks. */
  readonly checks?: readonly string[];
}

/** Declares the options that every command with a SOURCE has. */
export function addSourceOptions(command: Command): Command {
  return command
    .addOption(
      new Option(
        '--kind <KIND>',
        'the kind of the sources, if it cannot be told from their contents',
      ).choices(READABLE_KINDS),
    )
    .option('--program <NAME>', 'the name of the program, if help output does not give it')
    .option(
      '--command <PATH>',
      "the subcommand that the help output is about, such as 'route plan'",
      commandPath,
    )
    .option(
      '--parser <NAME>',
      'the parser that the program uses, such as argparse or getopt-long',
      parserName,
    )
    .option(
      '--rule <KEY=VALUE>',
      "how the parser behaves, such as 'case-sensitive=false'; may be given several times",
      addRule,
    )
    .addOption(
      new Option('--trust <KIND>', 'the kind of source to go by where several of one program differ').choices(
        SOURCE_KINDS,
      ),
    )
    .addOption(repeatedOption('--with <EXTENSION>', 'a document of an extension of the program'))
    .option(
      '--settings <FILE>',
      `the settings file to use; by default ${SETTINGS_FILE} in this directory or the nearest one above`,
    )
    .option('--no-settings', 'use no settings');
}

function commandPath(value: string): string[] {
  const path = value.split(/\s+/).filter((word) => word !== '');
  if (path.length === 0)
    throw new InvalidArgumentError('expected the names of commands, separated by blanks');
  return path;
}

function parserName(value: string): string {
  if (profileOf(value) !== undefined) return value;
  const near = didYouMean(value, PARSER_NAMES);
  throw new InvalidArgumentError(
    `expected the name of a parser that docs/parsers.md lists, found '${value}'${near}`,
  );
}

function addRule(value: string, before: ParsingRules | undefined): ParsingRules {
  const { rules, mistake } = readParsingRule(value);
  if (rules === undefined) throw new InvalidArgumentError(mistake);
  const known = Object.entries(rules).filter(([, rule]) => rule !== undefined);
  return { ...(before ?? rules), ...Object.fromEntries(known) };
}
