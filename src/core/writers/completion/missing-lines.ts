import type { ShellCoverage } from '../../coverage/coverage.ts';
import type { Command } from '../../model/command.ts';
import type { Interface } from '../../model/interface.ts';
import type { Option } from '../../model/option.ts';
import { completionPlan, type PlannedCommand, type PlannedOption } from './completion-plan.ts';
import { fishQuoted, fishWord, shellWord, singleQuoted } from './quoted-words.ts';
import { optionSpecs, simpleAction } from './zsh-script.ts';

/** Lines in a shell's own syntax that offer what its completion lacks, each behind a comment with the command that it is for. */
export interface MissingLines {
  readonly command: readonly string[];
  readonly lines: readonly string[];
}

/** What to add to a completion script so that it offers the commands, options and values that it lacks. */
export function missingLines(from: Interface, { shell, commands }: ShellCoverage): MissingLines[] {
  const plan = new Map(completionPlan(from).commands.map((command) => [command.path.join('\0'), command]));
  return commands.flatMap(({ command, kinds }) => {
    const planned = plan.get(command.join('\0'));
    if (planned === undefined) return [];
    const named = (things: readonly { readonly thing: object }[]) =>
      new Set(things.map(({ thing }) => thing));
    const options = [...named(kinds.options.missing)].flatMap((thing) => plannedOf(thing as Option, planned));
    const subjects = new Set(kinds.values.missing.flatMap(({ subject }) => subject ?? []));
    const withValues = planned.options.filter(
      (option) => option.names.some((name) => subjects.has(name)) && !options.includes(option),
    );
    const commandNames = new Set(
      [...named(kinds.commands.missing)].map((thing) => (thing as Command).names[0]?.text ?? ''),
    );
    const subcommands = planned.commands.filter(({ value }) => commandNames.has(value));
    const lines = WRITERS[shell]({
      program: from.program.value,
      planned,
      options,
      withValues,
      subcommands,
    });
    return lines.length === 0 ? [] : [{ command, lines }];
  });
}

interface Lacking {
  readonly program: string;
  readonly planned: PlannedCommand;
  readonly options: readonly PlannedOption[];
  /** Options that are offered, and of which a value is not. */
  readonly withValues: readonly PlannedOption[];
  readonly subcommands: PlannedCommand['commands'];
}

const WRITERS: Record<ShellCoverage['shell'], (lacking: Lacking) => string[]> = {
  bash: bashLines,
  fish: fishLines,
  zsh: zshLines,
};

function plannedOf(option: Option, { options }: PlannedCommand): PlannedOption[] {
  const names = new Set([...option.names, ...option.negatedNames].map(({ text }) => text));
  return options.filter((one) => one.names.some((name) => names.has(name)));
}

function bashLines({ options, withValues, subcommands }: Lacking): string[] {
  const reply = (words: readonly string[]) =>
    `COMPREPLY+=($(compgen -W ${singleQuoted(words.join(' '))} -- "$cur"))`;
  const names = [...subcommands.map(({ value }) => value), ...options.flatMap((option) => option.names)];
  const values = [...options, ...withValues].flatMap(({ names: all, words }) => {
    const listed = words[0]?.values.map(({ value }) => value) ?? [];
    return listed.length === 0 ? [] : [`${all.map(shellWord).join('|')}) ${reply(listed)} ;;`];
  });
  return [...(names.length === 0 ? [] : [reply(names)]), ...values];
}

function fishLines({ program, planned, options, withValues, subcommands }: Lacking): string[] {
  const below = planned.path.slice(1);
  const at = below.map((name) => `__fish_seen_subcommand_from ${fishWord(name)}`).join('; and ');
  const start = `complete -c ${fishWord(program)}`;
  const behind = at === '' ? '' : ` -n ${fishQuoted(at)}`;
  const described = (text: string) => (text === '' ? '' : ` -d ${fishQuoted(text)}`);
  return [
    ...subcommands.map(
      ({ value, text }) =>
        `${start}${at === '' ? ' -n __fish_use_subcommand' : behind} -f -a ${fishQuoted(fishWord(value))}${described(text)}`,
    ),
    ...[...options, ...withValues].map(({ names, presence, words, text }) => {
      const shown = names.map((name) =>
        name.startsWith('--')
          ? `-l ${fishWord(name.slice(2))}`
          : `-${name.length === 2 ? 's' : 'o'} ${fishWord(name.slice(1))}`,
      );
      const values = words[0]?.values ?? [];
      const argument =
        values.length > 0
          ? ` -x -a ${fishQuoted(values.map(({ value }) => fishWord(value)).join(' '))}`
          : presence === 'mandatory'
            ? ' -r'
            : '';
      return `${start}${behind} ${shown.join(' ')}${argument}${described(text)}`;
    }),
  ];
}

function zshLines({ options, withValues, subcommands }: Lacking): string[] {
  return [
    ...subcommands.map(({ value, text }) =>
      singleQuoted(`${value.replaceAll(':', '\\:')}${text === '' ? '' : `:${text}`}`),
    ),
    ...[...options, ...withValues].flatMap((option) => optionSpecs(option, (word) => simpleAction(word))),
  ];
}
