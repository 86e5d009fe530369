import { TRACE_REPORTS, traceWords } from 'dabbawala/analysis';
import type { Declare } from '../declare.ts';
import { DONE, FOUND, UNUSABLE } from '../exit-status.ts';
import { type Io, reportContext } from '../io.ts';
import { readGiven } from '../read-sources.ts';
import { type FormatOption, formatOption } from '../report-options.ts';
import { reportError } from '../report-problem.ts';
import { addSourceOptions, type SourceOptions } from '../source-options.ts';

interface TraceOptions extends SourceOptions, FormatOption {}

export const declare: Declare = (command, io, done) => {
  command
    .description(
      'Shows how the parser reads a command line, word by word: which option, command or operand each word is, and what is wrong. ' +
        'The WORDs are those after the name of the program.',
    )
    .usage('[OPTION]... SOURCE -- [WORD]...')
    .argument(
      '<SOURCE>',
      'a file with help output, an interface document, a shell script, a manual page or Markdown with help in it; - is standard input',
    )
    .argument('[WORD...]', 'the command line, without the name of the program')
    .passThroughOptions();
  addSourceOptions(command)
    .addOption(formatOption(TRACE_REPORTS))
    .action(async (source: string, words: string[], options: TraceOptions) =>
      done(await runTrace(source, words, options, io)),
    );
};

async function runTrace(
  name: string,
  given: readonly string[],
  options: TraceOptions,
  io: Io,
): Promise<number> {
  const { interfaces, unusable } = await readGiven([name], options, io);
  const [cli] = interfaces;
  if (cli === undefined || unusable) return UNUSABLE;
  if (given[0] !== '--') {
    reportError("expected '--' between the source and the words of the command line", io);
    return UNUSABLE;
  }
  const trace = traceWords(cli, given.slice(1));
  io.write(TRACE_REPORTS[options.format](trace, reportContext(io)));
  return trace.problems.length > 0 ? FOUND : DONE;
}
