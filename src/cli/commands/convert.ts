import { InvalidArgumentError, Option } from 'commander';
import {
  COMPLETION_WRITERS,
  completionProblems,
  helpText,
  WRITERS,
  type WrittenForm,
} from 'dabbawala/writers';
import type { Declare } from '../declare.ts';
import { DONE, UNUSABLE } from '../exit-status.ts';
import type { Io } from '../io.ts';
import { readGiven } from '../read-sources.ts';
import { reportError, reportProblem } from '../report-problem.ts';
import { addSourceOptions, type SourceOptions } from '../source-options.ts';
import { updatedText } from '../updated-text.ts';
import { writeResult } from '../write-result.ts';

interface ConvertOptions extends SourceOptions {
  readonly to: WrittenForm;
  readonly update?: string;
  readonly output?: string;
  readonly width?: number;
  readonly date?: string;
}

export const declare: Declare = (command, io, done) => {
  command
    .description(
      'Reads sources of one program and writes its interface in another form: as an interface document, a reference, help output, a manual page, or a completion script.',
    )
    .usage('[OPTION]... SOURCE...')
    .argument(
      '<SOURCE...>',
      'files with help output, interface documents, shell scripts, manual pages or Markdown with help in it; - is standard input',
    )
    .addOption(
      new Option(
        '--to <FORM>',
        'the form to write: yaml and json are interface documents; bash, zsh and fish are completion scripts; help is help output; man is a manual page',
      )
        .choices(Object.keys(WRITERS))
        .default('yaml'),
    )
    .option(
      '--update <DOCUMENT>',
      'bring the interface document DOCUMENT up to date with the sources, and write it; its comments, its order and what the sources do not say are kept',
    )
    .option('-o, --output <FILE>', 'write to FILE, not to standard output')
    .addOption(
      new Option('--width <COLUMNS>', 'the columns of help output, 40 or more; 80 if not given').argParser(
        columns,
      ),
    )
    .addOption(
      new Option('--date <DATE>', 'the date of a manual page as YYYY-MM-DD; today if not given').argParser(
        isoDate,
      ),
    );
  addSourceOptions(command).action(async (sources: string[], options: ConvertOptions) =>
    done(await runConvert(sources, options, io)),
  );
};

function columns(value: string): number {
  if (!/^\d{2,4}$/.test(value) || Number(value) < 40)
    throw new InvalidArgumentError("expected a number of columns from 40 to 9999, such as '80'");
  return Number(value);
}

function isoDate(value: string): string {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(value) || Number.isNaN(Date.parse(value)))
    throw new InvalidArgumentError("expected a day such as '2026-11-25'");
  return value;
}

async function runConvert(names: readonly string[], options: ConvertOptions, io: Io): Promise<number> {
  const { interfaces, unusable } = await readGiven(names, options, io);
  const [first, ...others] = interfaces;
  if (first === undefined) return UNUSABLE;
  if (others.length > 0) {
    const programs = interfaces.map((cli) => `'${cli.program.value}'`).join(', ');
    reportError(`expected sources of one program, found ${programs}; convert them one by one`, io);
    return UNUSABLE;
  }
  if (options.update !== undefined) {
    const text = await updatedText(options.update, first, io);
    return text !== undefined && (await writeResult(text, options.output, io)) && !unusable ? DONE : UNUSABLE;
  }
  if (options.to in COMPLETION_WRITERS) {
    const problems = completionProblems(first);
    for (const problem of problems) reportProblem(problem, io);
    if (problems.some(({ consequence }) => consequence === 'unusable')) return UNUSABLE;
  }
  const today = new Date().toISOString().slice(0, 10);
  const text =
    options.to === 'help'
      ? helpText(first, options.width)
      : WRITERS[options.to](first, options.date ?? today);
  return (await writeResult(text, options.output, io)) && !unusable ? DONE : UNUSABLE;
}
