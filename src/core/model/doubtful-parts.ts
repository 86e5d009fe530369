import { listKey } from '../collections/list-key.ts';
import type { Doubt, DoubtReason } from '../source/doubt.ts';
import { DoubtedSources } from '../source/doubted-sources.ts';
import type { Place } from '../source/source.ts';
import type { Command } from './command.ts';
import type { Interface } from './interface.ts';
import { type CommandAt, walkCommands } from './walk.ts';

/** Kinds of parts of an interface that a source may have been misread about: `command` is one as the list above it has it. */
export const DOUBTFUL_KINDS = ['command', 'usage', 'option', 'operand'] as const;

export type DoubtfulKind = (typeof DOUBTFUL_KINDS)[number];

/** A part of an interface that its source may have been misread about. */
export interface DoubtfulPart {
  readonly kind: DoubtfulKind;
  /** The words behind the program that lead to the command. */
  readonly command: readonly string[];
  /** The first name of the option, or the name of the operand; empty for the others. */
  readonly name: string;
  readonly reason: DoubtReason;
}

/** The parts that may have been misread, command by command. */
export function doubtfulParts(cli: Interface): DoubtfulPart[] {
  const doubted = new DoubtedSources(cli.sources);
  if (doubted.isSure) return [];
  return [...walkCommands(cli)].flatMap(({ command, path }) =>
    partsOf(command, path.length > 1).flatMap(({ kind, name, places }) => {
      const reason = doubted.reasonAt(places);
      return reason === undefined ? [] : [{ kind, command: path.slice(1), name, reason }];
    }),
  );
}

/** The doubts that a source has about some parts of the interface that was read from it; parts that it does not have are passed over. */
export function doubtsAbout(cli: Interface, doubtful: readonly DoubtfulPart[]): Doubt[] {
  if (doubtful.length === 0) return [];
  const commands = new Map<string, CommandAt>();
  for (const at of walkCommands(cli)) commands.set(listKey(at.path.slice(1)), at);
  return doubtful.flatMap(({ kind, command, name, reason }) => {
    const at = commands.get(listKey(command));
    const parts = at === undefined ? [] : partsOf(at.command, at.path.length > 1);
    const part = parts.find((one) => one.kind === kind && one.name === name);
    return (part?.places ?? []).flatMap((place) => (place === null ? [] : [{ place, reason }]));
  });
}

interface PlacedPart {
  readonly kind: DoubtfulKind;
  readonly name: string;
  readonly places: readonly Place[];
}

/** The parts of a command that are named on their own, each with the places where something is said of it. */
function partsOf(command: Command, isListed: boolean): PlacedPart[] {
  const { names, place, summary, forms, options, operands } = command;
  const own = {
    kind: 'command',
    name: '',
    places: [place, ...names.map((name) => name.place), summary?.place ?? null],
  } as const;
  return [
    ...(isListed ? [own] : []),
    ...(forms.length === 0
      ? []
      : [{ kind: 'usage', name: '', places: forms.map((form) => form.place) } as const]),
    ...options.items.map((option) => ({
      kind: 'option' as const,
      name: option.names[0]?.text ?? '',
      places: [
        option.place,
        ...option.names.map((one) => one.place),
        option.argument?.place ?? null,
        option.help?.place ?? null,
      ],
    })),
    ...operands.items.map((operand) => ({
      kind: 'operand' as const,
      name: operand.name,
      places: [operand.place, operand.count?.place ?? null, operand.help?.place ?? null],
    })),
  ];
}
