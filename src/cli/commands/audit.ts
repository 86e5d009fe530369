import { Option } from 'commander';
import {
  audit,
  auditJson,
  auditText,
  isAtLeast,
  knownSelectors,
  LEVELS,
  type Level,
  suggest,
  unknownSelectors,
} from 'dabbawala';
import type { Declare } from '../declare.ts';
import { DONE, FOUND, UNUSABLE } from '../exit-status.ts';
import { type Io, textOptions } from '../io.ts';
import { readCompletions } from '../read-completions.ts';
import { readGiven } from '../read-sources.ts';
import { reportError } from '../report-problem.ts';
import {
  addSourceOptions,
  checksOption,
  type FormatOption,
  formatOption,
  type SourceOptions,
} from '../source-options.ts';
import { TOOL } from '../version.ts';

interface AuditOptions extends SourceOptions, FormatOption {
  /** Undefined where it is left to the settings. */
  readonly failOn: Level | 'never' | undefined;
  readonly only?: readonly string[];
  readonly except?: readonly string[];
  readonly completion?: readonly string[];
}

export const declare: Declare = (command, io, done) => {
  command
    .description('Reads sources, runs every check, and reports what it finds and what it could not judge.')
    .usage('[OPTION]... SOURCE...')
    .argument('<SOURCE...>', 'files with help output or interface documents; - is standard input');
  addSourceOptions(command)
    .addOption(formatOption())
    .addOption(
      new Option(
        '--only <WHAT>',
        "look only at WHAT: a check, an area such as 'help', or a command; may be given several times",
      ).argParser(addWord),
    )
    .addOption(new Option('--except <WHAT>', 'leave WHAT out; may be given several times').argParser(addWord))
    .addOption(
      new Option(
        '--completion <FILE>',
        'a completion script of the program, read without running it; may be given several times',
      ).argParser(addWord),
    )
    .addOption(checksOption())
    .addOption(
      new Option('--fail-on <LEVEL>', 'the least level of a finding that makes the exit status 1')
        .choices([...LEVELS, 'never'])
        .default('warning'),
    )
    .action(async (sources: string[], options: AuditOptions) => {
      // What stands on the command line counts before the settings, and these before the default.
      const isGiven = command.getOptionValueSource('failOn') === 'cli';
      done(await runAudit(sources, isGiven ? options : { ...options, failOn: undefined }, io));
    });
};

async function runAudit(names: readonly string[], options: AuditOptions, io: Io): Promise<number> {
  const { interfaces, problems, unusable, settings, family, checks } = await readGiven(names, options, io);
  if (interfaces.length === 0 && options.format === 'text') return UNUSABLE;
  const selection = { only: options.only ?? [], except: options.except ?? [] };
  const [unknown] = unknownSelectors(selection, interfaces, checks);
  if (unknown !== undefined) {
    const near = suggest(unknown, knownSelectors(interfaces, checks)).map((name) => `'${name}'`);
    const hint = near.length === 0 ? '' : `; did you mean ${near.join(' or ')}?`;
    reportError(`expected a check, an area or a command path, found '${unknown}'${hint}`, io);
    return UNUSABLE;
  }
  const completions = await readCompletions(options.completion ?? [], [], false, interfaces, io);
  const { inventories } = completions;
  const result = audit(interfaces, { checks, selection, settings, family, inventories });
  io.write(
    options.format === 'json' ? auditJson(result, problems, TOOL) : auditText(result, textOptions(io)),
  );
  if (unusable || completions.unusable) return UNUSABLE;
  const failOn = options.failOn ?? settings.failOn ?? 'warning';
  return failOn !== 'never' && result.findings.some(({ level }) => isAtLeast(level, failOn)) ? FOUND : DONE;
}

function addWord(value: string, before: readonly string[] = []): string[] {
  return [...before, value];
}
