import { CALLERS_REPORTS, type Invocation, namesInFull } from 'dabbawala/analysis';
import { calledAsOption } from '../called-as-option.ts';
import type { Declare } from '../declare.ts';
import { DONE, FOUND, UNUSABLE } from '../exit-status.ts';
import { findCalls } from '../find-calls.ts';
import { type Io, reportContext } from '../io.ts';
import { readGiven } from '../read-sources.ts';
import { type FailOnOption, failOnOption, formatOption } from '../report-options.ts';
import { rewriteFiles } from '../rewrite-files.ts';
import { type ReportOptions, saveOption, writeReports } from '../save-reports.ts';
import { addSourceOptions, type SourceOptions } from '../source-options.ts';
import { tellLeft } from '../tell-edits.ts';

interface CallersOptions extends SourceOptions, ReportOptions<typeof CALLERS_REPORTS>, FailOnOption {
  readonly calledAs?: readonly string[];
  readonly rewrite?: boolean;
}

export const declare: Declare = (command, io, done) => {
  command
    .description(
      'Finds the calls of a program in scripts, crontabs, makefiles, units, workflows, container files, source code, READMEs and histories, reads their words as the parser does, ' +
        'and tells which are wrong, and which rely on abbreviations.',
    )
    .usage('[OPTION]... SOURCE FILE...')
    .argument(
      '<SOURCE>',
      'a file with help output, an interface document, a shell script, a manual page or Markdown with help in it; - is standard input',
    )
    .argument('<FILE...>', 'files that may call the program, and folders of them');
  addSourceOptions(command)
    .addOption(calledAsOption())
    .option('--rewrite', 'write the names in full that calls abbreviate, file by file')
    .addOption(formatOption(CALLERS_REPORTS))
    .addOption(saveOption(CALLERS_REPORTS))
    .addOption(failOnOption('calls', 'never'))
    .action(async (source: string, files: string[], options: CallersOptions) =>
      done(await runCallers(source, files, options, io)),
    );
};

async function runCallers(
  name: string,
  paths: readonly string[],
  options: CallersOptions,
  io: Io,
): Promise<number> {
  const { interfaces, unusable } = await readGiven([name], options, io);
  const [cli] = interfaces;
  if (cli === undefined || unusable) return UNUSABLE;
  const { found, isUnusable } = await findCalls(paths, cli, options.calledAs ?? [], io);
  const context = { ...reportContext(io), problems: found.problems };
  const isSaved = await writeReports(CALLERS_REPORTS, found, options, context, io);
  const edits = namesInFull(found.invocations);
  if (options.rewrite === true || options.format === 'patch') tellLeft(edits, io);
  const isWritten = options.rewrite !== true || (await rewriteFiles(edits.edits, io));
  if (isUnusable || !isSaved || !isWritten) return UNUSABLE;
  return fails(found.invocations, options.failOn) ? FOUND : DONE;
}

/** Whether calls fail the command: wrong ones are warnings, abbreviations notes. */
function fails(invocations: readonly Invocation[], failOn: FailOnOption['failOn']): boolean {
  if (failOn === 'never' || failOn === 'error') return false;
  return invocations.some(
    ({ problems, abbreviations }) => problems.length > 0 || (failOn === 'note' && abbreviations.length > 0),
  );
}
