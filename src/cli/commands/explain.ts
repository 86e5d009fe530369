import { CATALOGUE, CATALOGUE_REPORTS, CHECK_REPORTS, type Check } from 'dabbawala';
import { didYouMean } from 'dabbawala/analysis';
import { loadChecks } from 'dabbawala/node';
import type { Declare } from '../declare.ts';
import { DONE, UNUSABLE } from '../exit-status.ts';
import { type Io, reportContext } from '../io.ts';
import { checksOption, type FormatOption, formatOption } from '../report-options.ts';
import { reportError, reportProblem } from '../report-problem.ts';

interface ExplainOptions extends FormatOption {
  readonly checks?: readonly string[];
}

export const declare: Declare = (command, io, done) => {
  command
    .description('Lists the checks; with the name of one, explains it, with a wrong and a right example.')
    .usage('[OPTION]... [CHECK]')
    .argument('[CHECK]', "the name of a check, such as 'help/same-help-twice'")
    .addOption(formatOption(CHECK_REPORTS))
    .addOption(checksOption())
    .action(async (check: string | undefined, options: ExplainOptions) =>
      done(await runExplain(check, options, io)),
    );
};

/** Explains one check, given by its name or the part behind the slash; without a name, lists them all. */
async function runExplain(
  name: string | undefined,
  { format, checks: modules = [] }: ExplainOptions,
  io: Io,
): Promise<number> {
  const own = await loadChecks(modules);
  for (const problem of own.problems) reportProblem(problem, io);
  if (own.problems.length > 0) return UNUSABLE;
  const all: readonly Check[] = [...CATALOGUE, ...own.checks];
  const checks =
    name === undefined ? all : all.filter((check) => check.name === name || check.name.endsWith(`/${name}`));
  const [first] = checks;
  if (first === undefined || name === '') {
    const known = all.flatMap((check) => [check.name, check.name.slice(check.name.indexOf('/') + 1)]);
    reportError(`no check is called '${name}'${didYouMean(name ?? '', known)}`, io);
    return UNUSABLE;
  }
  const reports = name === undefined ? CATALOGUE_REPORTS : CHECK_REPORTS;
  io.write(reports[format](checks, reportContext(io)));
  return DONE;
}
