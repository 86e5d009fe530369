import {
  AUDIT_REPORTS,
  type Audit,
  type AuditOptions as AuditSettings,
  acceptedNow,
  audit,
  fixAudit,
  isAtLeast,
  knownSelectors,
  type Level,
  unknownSelectors,
} from 'dabbawala';
import { assumeComplete, didYouMean, editedText, editsByFile, type TextEdit } from 'dabbawala/analysis';
import { acceptFindings, dayOption, readAcceptedFile, today } from '../accepted-file.ts';
import { calledAsOption } from '../called-as-option.ts';
import type { Declare } from '../declare.ts';
import { DONE, FOUND, UNUSABLE } from '../exit-status.ts';
import { callersAgain, findCallsOf } from '../find-calls.ts';
import { type Io, reportContext } from '../io.ts';
import { completionsAgain, readCompletions } from '../read-completions.ts';
import { readGiven, type SettledSources } from '../read-sources.ts';
import { repeatedOption } from '../repeated-option.ts';
import { checksOption, failOnOption, formatOption } from '../report-options.ts';
import { reportError } from '../report-problem.ts';
import { rewriteFiles } from '../rewrite-files.ts';
import { type ReportOptions, saveOption, writeReports } from '../save-reports.ts';
import { addSourceOptions, type SourceOptions } from '../source-options.ts';

interface AuditOptions extends SourceOptions, ReportOptions<typeof AUDIT_REPORTS> {
  /** Undefined where it is left to the settings. */
  readonly failOn: Level | 'never' | undefined;
  readonly only?: readonly string[];
  readonly except?: readonly string[];
  readonly completion?: readonly string[];
  readonly notes?: true;
  readonly complete?: true;
  readonly callers?: readonly string[];
  readonly rewrite?: true;
  readonly accepted?: string;
  readonly accept?: string;
  readonly until?: string;
  readonly calledAs?: readonly string[];
}

export const declare: Declare = (command, io, done) => {
  command
    .description('Reads sources, runs every check, and reports what it finds and what it could not judge.')
    .usage('[OPTION]... SOURCE...')
    .argument(
      '<SOURCE...>',
      'files with help output, interface documents, shell scripts, manual pages or Markdown with help in it; - is standard input',
    );
  addSourceOptions(command)
    .addOption(formatOption(AUDIT_REPORTS))
    .addOption(saveOption(AUDIT_REPORTS))
    .addOption(
      repeatedOption('--only <WHAT>', "check only WHAT: a check, an area such as 'help', or a command"),
    )
    .addOption(repeatedOption('--except <WHAT>', 'leave WHAT out'))
    .addOption(
      repeatedOption('--completion <FILE>', 'a completion script of the program, read without running it'),
    )
    .addOption(
      repeatedOption(
        '--callers <FILE>',
        'a file or folder with calls of the program, to warn of the abbreviations in them',
      ),
    )
    .addOption(calledAsOption())
    .option('--complete', 'assume that the sources list everything, unless they say otherwise')
    .option('--rewrite', 'fix in the sources what can surely be fixed, file by file')
    .option('--accepted <FILE>', 'pass over the findings that FILE accepts')
    .option('--accept <REASON>', 'add the findings that there are to the file of --accepted, with REASON')
    .addOption(dayOption('--until <DAY>', 'accept them until DAY only, such as 2027-01-31'))
    .option('--notes', 'tell every note, the tables of POSIX and GNU, and what was not judged')
    .addOption(checksOption())
    .addOption(failOnOption('a finding', 'warning'))
    .action(async (sources: string[], options: AuditOptions) => {
      // What stands on the command line counts before the settings, and these before the default.
      const isGiven = command.getOptionValueSource('failOn') === 'cli';
      if (options.accept === undefined && options.until !== undefined)
        command.error('expected --accept with --until, which says until when');
      done(await runAudit(sources, isGiven ? options : { ...options, failOn: undefined }, io));
    });
};

async function runAudit(names: readonly string[], options: AuditOptions, io: Io): Promise<number> {
  const given = await readGiven(names, options, io);
  const { unusable, settings, family, checks } = given;
  const interfaces = options.complete === true ? given.interfaces.map(assumeComplete) : given.interfaces;
  if (interfaces.length === 0 && options.format === 'text') return UNUSABLE;
  const selection = { only: options.only ?? [], except: options.except ?? [] };
  const [unknown] = unknownSelectors(selection, interfaces, checks);
  if (unknown !== undefined) {
    const hint = didYouMean(unknown, knownSelectors(interfaces, checks));
    reportError(`expected a check, an area or a command path, found '${unknown}'${hint}`, io);
    return UNUSABLE;
  }
  const completions = await readCompletions(options.completion ?? [], [], false, interfaces, io);
  const { inventories } = completions;
  const calls = await findCallsOf(interfaces, options.callers ?? [], options.calledAs ?? [], io);
  const { callers } = calls;
  const file = options.accepted ?? given.accepted;
  if (file === undefined && options.accept !== undefined) {
    reportError('expected --accepted=FILE with --accept, or a file that the settings name, to add to', io);
    return UNUSABLE;
  }
  const known = await readAcceptedFile(file, options.accept !== undefined, io);
  const { accepted } = known;
  const context = { checks, selection, settings, family, inventories, callers, accepted, today: today() };
  const found = audit(interfaces, context);
  const fixed = fixAudit(found, (edits) => auditAgain(edits, given, options, context));
  const result = { ...found, fixes: fixed };
  const isUnusable = unusable || completions.unusable || calls.isUnusable || known.isUnusable;
  if (options.accept !== undefined && file !== undefined && !known.isUnusable) {
    const now = acceptedNow(result.findings, options.accept, options.until);
    return (await acceptFindings(file, accepted, now, io)) && !isUnusable ? DONE : UNUSABLE;
  }
  const isWritten = await tell(result, given, options, io);
  const isFixed = options.rewrite !== true || (await rewriteFiles(fixed.edits, io));
  if (isUnusable || !isWritten || !isFixed) return UNUSABLE;
  const failOn = failOnOf(given, options);
  return failOn !== 'never' && result.findings.some(({ level }) => isAtLeast(level, failOn)) ? FOUND : DONE;
}

/** The same audit of texts in which edits were made. */
function auditAgain(
  edits: readonly TextEdit[],
  { again }: SettledSources,
  options: AuditOptions,
  context: AuditSettings,
): Audit | undefined {
  const texts = new Map(editsByFile(edits).map((file) => [file.source, editedText(file)]));
  const interfaces = again(texts);
  if (interfaces === undefined) return undefined;
  const inventories = completionsAgain(context.inventories ?? [], texts);
  const all = options.complete === true ? interfaces.map(assumeComplete) : interfaces;
  const callers = callersAgain(context.callers ?? [], texts, all, options.calledAs ?? []);
  return audit(all, { ...context, inventories, callers });
}

function failOnOf({ settings }: SettledSources, options: AuditOptions): Level | 'never' {
  return options.failOn ?? settings.failOn ?? 'warning';
}

/** Writes the report; whether all of it could be written. */
async function tell(result: Audit, given: SettledSources, options: AuditOptions, io: Io): Promise<boolean> {
  // Who asks for some checks wants all that they say, and who is failed by notes must see them.
  const isAsked = (options.only ?? []).length > 0;
  const inFull = options.notes === true || isAsked || failOnOf(given, options) === 'note';
  const context = { ...reportContext(io), problems: given.problems, inFull };
  return await writeReports(AUDIT_REPORTS, result, options, context, io);
}
