import { InvalidArgumentError, type Option } from 'commander';
import type { Format, Report, ReportContext } from 'dabbawala';
import type { Io } from './io.ts';
import { repeatedOption } from './repeated-option.ts';
import type { FormatOption } from './report-options.ts';
import { writeResult } from './write-result.ts';

/** A report that is written to a file as well. */
export interface SavedReport {
  readonly format: Format;
  readonly file: string;
}

/** The option for further reports, each to a file of its own. */
export function saveOption(reports: Readonly<Partial<Record<Format, unknown>>>): Option {
  const formats = Object.keys(reports) as Format[];
  return repeatedOption(
    '--save <FORMAT=FILE>',
    `also write the report to FILE, as one of ${formats.join(', ')}`,
  ).argParser((text: string, before: readonly SavedReport[] | undefined): readonly SavedReport[] => {
    const [, name, file] = /^([^=]*)=(.+)$/s.exec(text) ?? [];
    const format = formats.find((one) => one === name);
    if (format === undefined || file === undefined)
      throw new InvalidArgumentError(`Expected FORMAT=FILE, with a format of ${formats.join(', ')}.`);
    return [...(before ?? []), { format, file }];
  });
}

/** Options for the format of a report, and for the files that it is written to as well. */
export interface ReportOptions<Registry> extends FormatOption<Registry> {
  readonly save?: readonly SavedReport[];
}

/** Writes a report to standard output and to the files that were asked for, each whole or not at all; tells whether all could be written. */
export async function writeReports<Subject>(
  reports: Readonly<Partial<Record<Format, Report<Subject>>>>,
  subject: Subject,
  { format, save = [] }: { readonly format: Format; readonly save?: readonly SavedReport[] },
  context: ReportContext,
  io: Io,
): Promise<boolean> {
  io.write(reports[format]?.(subject, context) ?? '');
  // What stands in a file has no colours.
  const plain = { ...context, text: { ...context.text, colour: false } };
  let isWritten = true;
  for (const one of save) {
    const report = reports[one.format];
    if (report !== undefined && !(await writeResult(report(subject, plain), one.file, io))) isWritten = false;
  }
  return isWritten;
}
