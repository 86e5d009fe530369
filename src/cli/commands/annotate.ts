import { ANNOTATION_REPORTS, annotateHelp } from 'dabbawala';
import type { Declare } from '../declare.ts';
import { DONE, UNUSABLE } from '../exit-status.ts';
import { type Io, reportContext } from '../io.ts';
import { readGiven } from '../read-sources.ts';
import { type FormatOption, formatOption } from '../report-options.ts';
import { reportError } from '../report-problem.ts';
import { addSourceOptions, type SourceOptions } from '../source-options.ts';

interface AnnotateOptions extends SourceOptions, FormatOption {}

export const declare: Declare = (command, io, done) => {
  command
    .description(
      'Shows how help output, or what a manual page prints, is read, line by line: the role of each line, and the options, commands and operands found in it. ' +
        'Correct what is misread in an interface document.',
    )
    .usage('[OPTION]... SOURCE')
    .argument(
      '<SOURCE>',
      'a file with help output, a manual page or Markdown with help in it; - is standard input',
    );
  addSourceOptions(command)
    .addOption(formatOption(ANNOTATION_REPORTS))
    .action(async (source: string, options: AnnotateOptions) => done(await runAnnotate(source, options, io)));
};

async function runAnnotate(name: string, options: AnnotateOptions, io: Io): Promise<number> {
  const { interfaces, unusable } = await readGiven([name], options, io);
  const from = interfaces[0]?.sources.find(
    ({ kind }) => kind === 'help' || kind === 'manual' || kind === 'markdown',
  );
  if (from === undefined) {
    if (!unusable)
      reportError(
        'expected help output, a manual page or Markdown with help in it, found a source of another kind',
        io,
      );
    return UNUSABLE;
  }
  const settings = { program: options.program, command: options.command };
  const annotation = annotateHelp(from.source, settings);
  io.write(ANNOTATION_REPORTS[options.format](annotation, reportContext(io)));
  return DONE;
}
