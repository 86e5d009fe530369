import { type Command, Option } from 'commander';
import { audit, isAtLeast, printable } from 'dabbawala';
import { assumeComplete, COVERAGE_REPORTS, coverage } from 'dabbawala/analysis';
import { SHELLS, type Shell } from 'dabbawala/model';
import { missingLines } from 'dabbawala/writers';
import type { Declare } from '../declare.ts';
import { DONE, FOUND, UNUSABLE } from '../exit-status.ts';
import { type Io, reportContext } from '../io.ts';
import { readCompletions } from '../read-completions.ts';
import { readGiven } from '../read-sources.ts';
import { type FailOnOption, failOnOption, formatOption } from '../report-options.ts';
import { reportError } from '../report-problem.ts';
import { type ReportOptions, saveOption, writeReports } from '../save-reports.ts';
import { addSourceOptions, type SourceOptions } from '../source-options.ts';

/** How many of the lines that are missing are printed unless all are asked for. */
const LINES_SHOWN = 12;

interface CoverageOptions extends SourceOptions, ReportOptions<typeof COVERAGE_REPORTS>, FailOnOption {
  readonly observe?: true;
  readonly shell?: readonly Shell[];
  readonly complete?: true;
  readonly lines?: true;
}

export const declare: Declare = (command, io, done) => {
  command
    .description(
      'Compares what shell completion offers with what an interface has. Completion scripts are read without running them; with --observe, ' +
        'real shells run them and are asked, in an empty folder with limits.',
    )
    .usage('[OPTION]... SOURCE [COMPLETION]...')
    .argument(
      '<SOURCE>',
      'a file with help output, an interface document, a shell script, a manual page or Markdown with help in it; - is standard input',
    )
    .argument(
      '[COMPLETION...]',
      'completion scripts; without them, --observe asks for what the shells find themselves',
    );
  addSourceOptions(command)
    .addOption(formatOption(COVERAGE_REPORTS))
    .addOption(saveOption(COVERAGE_REPORTS))
    .option('--observe', 'load the completions in real shells, and ask them')
    .addOption(
      new Option('--shell <SHELL>', 'check only SHELL; may be given several times')
        .choices(SHELLS)
        .argParser(addShell),
    )
    .option('--complete', 'assume that the source lists everything, unless it says otherwise')
    .option('--lines', 'print all missing lines in the syntax of each shell, not only the first ones')
    .addOption(failOnOption('a finding on completion', 'never'))
    .action(async (source: string, completions: string[], options: CoverageOptions) =>
      done(await runCoverage(source, completions, options, command, io)),
    );
};

function addShell(value: string, before: readonly Shell[] = []): Shell[] {
  const shell = SHELLS.find((one) => one === value);
  if (shell === undefined) throw new TypeError(`'${value}' is not one of the shells`);
  return [...before, shell];
}

async function runCoverage(
  name: string,
  completions: readonly string[],
  options: CoverageOptions,
  command: Command,
  io: Io,
): Promise<number> {
  if (completions.length === 0 && options.observe === undefined)
    command.error('expected a COMPLETION to read, or --observe to ask the shells of this machine');
  const { interfaces, unusable } = await readGiven([name], options, io);
  const [first, ...others] = interfaces;
  if (first === undefined) return UNUSABLE;
  if (others.length > 0) {
    reportError(`${name}: expected one program; give each a file of its own`, io);
    return UNUSABLE;
  }
  const cli = options.complete === true ? assumeComplete(first) : first;
  const read = await readCompletions(completions, options.shell ?? [], options.observe === true, [cli], io);
  const shells = coverage(cli, read.inventories);
  const isSaved = await writeReports(COVERAGE_REPORTS, shells, options, reportContext(io), io);
  if (options.format === 'text') {
    for (const one of shells) {
      const lines = missingLines(cli, one).flatMap(({ command: path, lines: all }) => [
        `# ${path.join(' ')}`,
        ...all,
      ]);
      if (lines.length === 0) continue;
      const shown = options.lines === true ? lines : lines.slice(0, LINES_SHOWN);
      const more = lines.length - shown.length;
      const rest = more === 0 ? '' : `# and ${more} more, which --lines prints\n`;
      io.write(`\n# ${one.shell}: lines to add\n${shown.map(printable).join('\n')}\n${rest}`);
    }
  }
  if (unusable || read.unusable || !isSaved) return UNUSABLE;
  if (options.failOn === 'never') return DONE;
  const { failOn } = options;
  const { findings } = audit([cli], {
    inventories: read.inventories,
    selection: { only: ['completion'], except: [] },
    shells: options.shell ?? [],
  });
  return findings.some(({ level }) => isAtLeast(level, failOn)) ? FOUND : DONE;
}
