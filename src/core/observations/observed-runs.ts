import { isSameList } from '../collections/list-key.ts';
import type { Interface, Observation } from '../model/interface.ts';
import { nearestRule } from '../model/nearest-rule.ts';
import { type CommandAt, walkCommands } from '../model/walk.ts';
import type { Place, Source } from '../source/source.ts';

/**
 * What a run was for: help that was asked for in full or by a letter, the version, an option that does not exist, or an abbreviation of
 * `--help`.
 */
export type RunKind = 'help' | 'short-help' | 'version' | 'unknown-option' | 'abbreviation';

/** A run with the command that it called. */
export interface ObservedRun {
  readonly kind: RunKind;
  readonly observation: Observation;
  readonly at: CommandAt;
}

/** The observed runs of an interface whose purpose can be told from their words. */
export function observedRuns(cli: Interface): ObservedRun[] {
  if (cli.observations.length === 0) return [];
  const commands = [...walkCommands(cli)];
  const [root] = commands;
  if (root === undefined) return [];
  const names = new Set(
    commands.flatMap(({ command }) =>
      command.options.items.flatMap((option) =>
        [...option.names, ...option.negatedNames].map(({ text }) => text),
      ),
    ),
  );
  return cli.observations.flatMap((observation) => {
    const kind = kindOf(observation.words, names);
    if (kind === undefined) return [];
    const path = observation.words.filter((word) => !word.startsWith('-') && word !== 'help');
    const at = commands.find((one) => isSameList(one.path.slice(1), path)) ?? root;
    return [{ kind, observation, at }];
  });
}

function kindOf(words: readonly string[], names: ReadonlySet<string>): RunKind | undefined {
  const last = words.at(-1) ?? '';
  // Words that ask a parser hold several options that it refuses: what the last of them comes to did not show.
  if (words.slice(0, -1).some((word) => word.startsWith('--'))) return undefined;
  if (last === '--help' || words[0] === 'help') return 'help';
  if (last === '-h') return 'short-help';
  if (last === '--version') return 'version';
  if (/^--h(?:el?)?$/.test(last)) return 'abbreviation';
  const isUnknown = last.startsWith('--') && ![...names].some((name) => name.startsWith(last));
  return isUnknown ? 'unknown-option' : undefined;
}

/** Whether the parser is known to accept abbreviations of options at the run's command. */
export function acceptsAbbreviations({ at }: ObservedRun): boolean {
  return nearestRule(at.line, 'optionAbbreviations')?.value === true;
}

/** The first line of an output that holds something; null where none does. */
export function firstLine(source: Source): Place {
  const start = source.text.search(/\S/);
  if (start < 0) return null;
  const end = source.text.indexOf('\n', start);
  return { source, start, end: end < 0 ? source.text.length : end };
}

/** The words of a run as they are typed. */
export function commandLine({ at, observation }: ObservedRun): string {
  return [at.path[0] ?? '', ...observation.words].join(' ');
}

/** The message of a usage error: what stands on standard error, else on standard output. */
export function errorMessage({ observation }: ObservedRun): Source {
  const { standardError, standardOutput } = observation;
  return standardError.text.trim() === '' ? standardOutput : standardError;
}
