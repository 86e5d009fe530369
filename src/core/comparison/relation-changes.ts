import { relationWords } from '../messages/relation-words.ts';
import { mainName } from '../model/option.ts';
import type { Member, Relation } from '../model/relation.ts';
import type { CommandAt } from '../model/walk.ts';
import type { Effect } from './change.ts';
import type { Context } from './context.ts';
import { type CommandPair, optionNamed } from './pairing.ts';

/** How the relations of a command differ: those of the same members are one relation. */
export function relationChanges(pair: CommandPair, context: Context): void {
  const left = pair.fresh.command.relations.map((relation) => ({
    relation,
    id: identity(relation, pair.fresh, (at, name) => newName(at, name)),
  }));
  const unmatched: { relation: Relation; members: string }[] = [];
  for (const relation of pair.old.command.relations) {
    const id = identity(relation, pair.old, (at, name) => oldName(at, name, context));
    const at = left.findIndex((other) => other.id.kind === id.kind && other.id.members === id.members);
    if (at >= 0) left.splice(at, 1);
    else unmatched.push({ relation, members: id.members });
  }
  for (const { relation, members } of unmatched) {
    const at = left.findIndex((other) => other.id.members === members);
    const [found] = at < 0 ? [] : left.splice(at, 1);
    change(relation, found?.relation, pair, context);
  }
  for (const { relation } of left) change(undefined, relation, pair, context);
}

/** From the left to the right, what the one refuses the other refuses too. */
const STRICTER: Partial<Record<Relation['kind'], readonly Relation['kind'][]>> = {
  'at-most-one': ['exactly-one'],
  'at-least-one': ['exactly-one'],
};

function change(
  old: Relation | undefined,
  fresh: Relation | undefined,
  pair: CommandPair,
  { list }: Context,
): void {
  const relation = fresh ?? old;
  if (relation === undefined) return;
  list.add({
    command: pair.old.path,
    kind:
      old === undefined ? 'relation-added' : fresh === undefined ? 'relation-removed' : 'relation-changed',
    // Help output seldom shows all relations: what it does not show may have held.
    effect:
      old === undefined && pair.old.command.options.complete?.value !== true
        ? 'uncertain'
        : effectOf(old, fresh),
    certain: old?.basis !== 'inferred' && fresh?.basis !== 'inferred',
    subject: (relation.subject ?? relation.members[0])?.name ?? '',
    before: old === undefined ? null : relationWords(old),
    after: fresh === undefined ? null : relationWords(fresh),
    message:
      fresh === undefined
        ? `no longer holds: ${relationWords(relation)}`
        : `holds now: ${relationWords(fresh)}${old === undefined ? '' : `, and no longer ${relationWords(old)}`}`,
    oldPlace: old?.place ?? pair.old.command.place,
    newPlace: fresh?.place ?? pair.fresh.command.place,
  });
}

function effectOf(old: Relation | undefined, fresh: Relation | undefined): Effect {
  if (fresh === undefined) return old?.kind === 'later-wins' ? 'uncertain' : 'compatible';
  if (fresh.kind === 'later-wins') return old === undefined ? 'uncertain' : 'compatible';
  if (old !== undefined && STRICTER[fresh.kind]?.includes(old.kind)) return 'compatible';
  return 'refused';
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
