import { Option } from 'commander';
import { FORMATS, type Format, LEVELS, type Level } from 'dabbawala';
import { repeatedOption } from './repeated-option.ts';

/** The format that a command reports in, of those of its reports. */
export interface FormatOption<Registry = Record<'text' | 'json', unknown>> {
  readonly format: keyof Registry & Format;
}

/** The level from which on a command ends with status 1. */
export interface FailOnOption {
  readonly failOn: Level | 'never';
}

/** The option for the format, of those that the reports of a command have. */
export function formatOption(reports: Readonly<Partial<Record<Format, unknown>>>): Option {
  const formats = FORMAT_NAMES.filter((format) => reports[format] !== undefined);
  const listed = formats.map((format) => `${format} ${FORMATS[format]}`);
  const last = listed.pop() ?? '';
  const others = listed.length > 1 ? `${listed.join(', ')},` : listed.join('');
  return new Option('--format <FORMAT>', `${others} or ${last}`).choices(formats).default('text');
}

const FORMAT_NAMES = Object.keys(FORMATS) as Format[];

/** The option for the level that fails, of what a command reports. */
export function failOnOption(reported: string, level: Level | 'never'): Option {
  return new Option('--fail-on <LEVEL>', `the least level of ${reported} that makes the exit status 1`)
    .choices([...LEVELS, 'never'])
    .default(level);
}

/** The option of the commands that run or list checks. */
export function checksOption(): Option {
  return repeatedOption('--checks <MODULE>', 'also run the checks that a JavaScript module exports');
}
