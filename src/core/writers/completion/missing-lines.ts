import { groupedBy } from '../../collections/grouped.ts';
import { listKey } from '../../collections/list-key.ts';
import type { ShellCoverage } from '../../coverage/coverage.ts';
import type { Command } from '../../model/command.ts';
import type { Interface } from '../../model/interface.ts';
import type { Option } from '../../model/option.ts';
import { fish, ShellCode, sh, words } from '../../shells/shell-code.ts';
import { completionPlan, type PlannedCommand, type PlannedOption } from './completion-plan.ts';
import { isProgramWord } from './completion-script.ts';
import { described, nameOption } from './fish-script.ts';
import { described as describedItem, optionSpecs, simpleAction } from './zsh-script.ts';

/** Lines in a shell's own syntax that offer what its completion lacks, each behind a comment with the command that it is for. */
export interface MissingLines {
  /** The path of the command, the program's name first. */
  readonly command: readonly string[];
  /** The lines to add to the completion script. */
  readonly lines: readonly string[];
}

/** What to add to a completion script so that it offers the commands, options and values that it lacks. */
export function missingLines(cli: Interface, { shell, commands }: ShellCoverage): MissingLines[] {
  if (!isProgramWord(cli.program.value)) return [];
  const plan = new Map(completionPlan(cli).commands.map((command) => [listKey(command.path), command]));
  return commands.flatMap(({ command, kinds }) => {
    const planned = plan.get(listKey(command));
    if (planned === undefined) return [];
    const named = (things: readonly { readonly thing: object }[]) =>
      new Set(things.map(({ thing }) => thing));
    const missing = plannedOf([...named(kinds.options.missing)] as Option[], planned);
    const subjects = new Set(kinds.values.missing.flatMap(({ subject }) => subject ?? []));
    const withValues = planned.options.filter(
      (option) => option.names.some((name) => subjects.has(name)) && !missing.has(option),
    );
    const commandNames = new Set(
      [...named(kinds.commands.missing)].map((thing) => (thing as Command).names[0]?.text ?? ''),
    );
    const subcommands = planned.commands.filter(({ value }) => commandNames.has(value));
    // The names by which each step to the command can be typed.
    const steps = command.slice(1).map((step, i) => {
      const above = plan.get(listKey(command.slice(0, i + 1)));
      const names = above?.steps.filter(({ to }) => to === step).map(({ name }) => name) ?? [];
      return names.length === 0 ? [step] : names;
    });
    const found = WRITERS[shell]({
      program: cli.program.value,
      steps,
      planned,
      options: [...missing],
      withValues,
      subcommands,
    });
    return found.length === 0 ? [] : [{ command, lines: found.map(({ text }) => text) }];
  });
}

interface Lacking {
  readonly program: string;
  readonly steps: readonly (readonly string[])[];
  readonly planned: PlannedCommand;
  readonly options: readonly PlannedOption[];
  /** Options that are offered, and of which a value is not. */
  readonly withValues: readonly PlannedOption[];
  readonly subcommands: PlannedCommand['commands'];
}

const WRITERS: Record<ShellCoverage['shell'], (lacking: Lacking) => ShellCode[]> = {
  bash: bashLines,
  fish: fishLines,
  zsh: zshLines,
};

/** What the plan has for options, in their order. */
function plannedOf(options: readonly Option[], planned: PlannedCommand): Set<PlannedOption> {
  const named = planned.options.flatMap((option) => option.names.map((name) => ({ name, option })));
  const byName = groupedBy(named, ({ name }) => name);
  const names = new Set(
    options.flatMap((one) => [...one.names, ...one.negatedNames]).map(({ text }) => text),
  );
  return new Set([...names].flatMap((name) => (byName.get(name) ?? []).map(({ option }) => option)));
}

function bashLines({ options, withValues, subcommands }: Lacking): ShellCode[] {
  // compgen reads its list as code, so that each word is quoted within the quoted list.
  const reply = (all: readonly string[]) => {
    const list = words(all.map((word) => sh`${word}`));
    return sh`COMPREPLY+=($(compgen -W ${list.text} -- "$cur"))`;
  };
  const names = [...subcommands.map(({ value }) => value), ...options.flatMap((option) => option.names)];
  const values = [...options, ...withValues].flatMap((option) => {
    const listed = option.words[0]?.values.map(({ value }) => value) ?? [];
    const pattern = ShellCode.join(
      option.names.map((name) => sh`${name}`),
      sh`|`,
    );
    return listed.length === 0 ? [] : [sh`${pattern}) ${reply(listed)} ;;`];
  });
  return [...(names.length === 0 ? [] : [reply(names)]), ...values];
}

function fishLines({ program, steps, planned, options, withValues, subcommands }: Lacking): ShellCode[] {
  const conditions = steps.map(
    (names) => fish`__fish_seen_subcommand_from ${words(names.map((name) => fish`${name}`))}`,
  );
  // Behind a subcommand, what is offered is that one's.
  const next = words(planned.commands.map(({ value }) => fish`${value}`));
  if (planned.commands.length > 0 && steps.length > 0)
    conditions.push(fish`not __fish_seen_subcommand_from ${next}`);
  const at = ShellCode.join(conditions, fish`; and `);
  const start = fish`complete -c ${program}`;
  const isFirst = planned.commands.length > 0 ? fish` -n __fish_use_subcommand` : fish``;
  const behind = steps.length === 0 ? isFirst : fish` -n ${at.text}`;
  return [
    ...subcommands.map(
      ({ value, text }) => fish`${start}${behind} -f -a ${fish`${value}`.text}${described(text)}`,
    ),
    ...[...options, ...withValues].map(({ names, presence, words: taken, text }) => {
      const values = taken[0]?.values ?? [];
      const list = words(values.map(({ value }) => fish`${value}`));
      const mandatory = presence === 'mandatory' ? fish` -r` : fish``;
      const argument = values.length > 0 ? fish` -x -a ${list.text}` : mandatory;
      return fish`${start}${behind} ${words(names.map(nameOption))}${argument}${described(text)}`;
    }),
  ];
}

function zshLines({ options, withValues, subcommands }: Lacking): ShellCode[] {
  return [
    ...subcommands.map((command) => sh`${describedItem(command)}`),
    ...[...options, ...withValues].flatMap((option) => optionSpecs(option, (word) => simpleAction(word))),
  ];
}
