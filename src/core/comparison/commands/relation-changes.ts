import { groupedBy } from '../../collections/grouped.ts';
import { relationWords } from '../../messages/relation-words.ts';
import { mainName } from '../../model/option.ts';
import type { Member, Relation } from '../../model/relation.ts';
import type { CommandAt } from '../../model/walk.ts';
import type { Effect } from '../change.ts';
import type { Context } from '../context.ts';
import { optionNamed } from '../pairing/option-named.ts';
import type { CommandPair } from '../pairing/pairing.ts';
import { toldRelations } from './told-relations.ts';

/** How the relations of a command differ: those of the same members are one relation. */
export function relationChanges(pair: CommandPair, context: Context): void {
  const [before, after] = relationsOfBoth(pair);
  const news = after.map((relation) => ({
    relation,
    id: identity(relation, pair.newer, (at, name) => newName(at, name)),
  }));
  const olds = before.map((relation) => ({
    relation,
    id: identity(relation, pair.old, (at, name) => oldName(at, name, context)),
  }));
  const same = paired(olds, news, ({ kind, members }) => `${kind} ${members}`);
  const changed = paired(same.olds, same.news, ({ members }) => members);
  const isNow = new Map(changed.pairs);
  for (const old of same.olds) {
    // What became of an option that is gone is told of it.
    if (isNow.has(old) || areThere(old.relation, pair, context))
      change(old.relation, isNow.get(old)?.relation, pair, context);
  }
  for (const { relation } of changed.news) change(undefined, relation, pair, context);
}

/** The declared relations of both versions; where neither declares any, those that their texts tell. */
function relationsOfBoth({ old, newer }: CommandPair): [readonly Relation[], readonly Relation[]] {
  const declared = [old.command.relations, newer.command.relations] as const;
  return declared.some((relations) => relations.length > 0)
    ? [...declared]
    : [toldRelations(old), toldRelations(newer)];
}

interface Identified {
  readonly relation: Relation;
  readonly id: Identity;
}

/** Pairs relations by something that they have in common, each with the first that is free; gives the pairs, and what is left of both. */
function paired(olds: readonly Identified[], news: readonly Identified[], by: (id: Identity) => string) {
  // The first of those that are alike stands last.
  const waiting = groupedBy(news.toReversed(), ({ id }) => by(id));
  const pairs = olds.flatMap((old): [Identified, Identified][] => {
    const found = waiting.get(by(old.id))?.pop();
    return found === undefined ? [] : [[old, found]];
  });
  const taken = new Set(pairs.flat());
  return {
    pairs,
    olds: olds.filter((one) => !taken.has(one)),
    news: news.filter((one) => !taken.has(one)),
  };
}

/** From the left to the right, what the one refuses the other refuses too. */
const STRICTER: Partial<Record<Relation['kind'], readonly Relation['kind'][]>> = {
  'at-most-one': ['exactly-one'],
  'at-least-one': ['exactly-one'],
};

function change(
  old: Relation | undefined,
  newer: Relation | undefined,
  pair: CommandPair,
  { list }: Context,
): void {
  const relation = newer ?? old;
  if (relation === undefined) return;
  list.add({
    command: pair.old.path,
    kind:
      old === undefined ? 'relation-added' : newer === undefined ? 'relation-removed' : 'relation-changed',
    // Help output seldom shows all relations: what it does not show may have held.
    effect:
      old === undefined && pair.old.command.options.complete?.value !== true
        ? 'uncertain'
        : effectOf(old, newer),
    certain: old?.basis !== 'inferred' && newer?.basis !== 'inferred',
    subject: (relation.subject ?? relation.members[0])?.name ?? '',
    before: old === undefined ? null : relationWords(old),
    after: newer === undefined ? null : relationWords(newer),
    message:
      newer === undefined
        ? `no longer holds: ${relationWords(relation)}`
        : `holds now: ${relationWords(newer)}${old === undefined ? '' : `, and no longer ${relationWords(old)}`}`,
    oldPlace: old?.place ?? pair.old.command.place,
    newPlace: newer?.place ?? pair.newer.command.place,
  });
}

function effectOf(old: Relation | undefined, newer: Relation | undefined): Effect {
  if (newer === undefined) return old?.kind === 'later-wins' ? 'uncertain' : 'compatible';
  if (newer.kind === 'later-wins') return old === undefined ? 'uncertain' : 'compatible';
  if (old !== undefined && STRICTER[newer.kind]?.includes(old.kind)) return 'compatible';
  return 'refused';
}

/** Whether all options of a relation are in the new version too. */
function areThere({ subject, members }: Relation, pair: CommandPair, context: Context): boolean {
  return [...(subject === undefined ? [] : [subject]), ...members].every(({ kind, name }) => {
    const option = kind === 'option' ? optionNamed(pair.old, name) : undefined;
    return option === undefined || context.pairing.options.has(option);
  });
}

interface Identity {
  readonly kind: string;
  readonly members: string;
}

function identity(
  { kind, subject, members }: Relation,
  at: CommandAt,
  nameOf: (at: CommandAt, name: string) => string,
): Identity {
  const text = ({ kind, name, value }: Member) =>
    JSON.stringify([kind, kind === 'option' ? nameOf(at, name) : name, value]);
  return {
    kind,
    members: JSON.stringify([subject === undefined ? null : text(subject), members.map(text).sort()]),
  };
}

/** An option is the same by whichever of its names, old or new, a relation calls it. */
function newName(at: CommandAt, name: string): string {
  const option = optionNamed(at, name);
  return option === undefined ? name : mainName(option).text;
}

function oldName(at: CommandAt, name: string, { pairing }: Context): string {
  const option = optionNamed(at, name);
  if (option === undefined) return name;
  return mainName(pairing.options.get(option) ?? option).text;
}
