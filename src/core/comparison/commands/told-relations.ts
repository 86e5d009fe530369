import { mainName, type Option } from '../../model/option.ts';
import type { Member, Relation } from '../../model/relation.ts';
import type { CommandAt } from '../../model/walk.ts';
import { type ProseRelation, proseRelations } from '../../notation/prose-relations.ts';
import { optionNamed } from '../pairing/option-named.ts';

/**
 * The relations that the texts of the options of a command tell: `needs --output`, `cannot be used with -q`. That two exclude each
 * other is told once, whichever of the two texts says so.
 */
export function toldRelations(at: CommandAt): Relation[] {
  const byKey = new Map<string, Relation>();
  for (const option of at.command.options.items) {
    for (const told of proseRelations(option.help?.value ?? '')) {
      const others = told.names.flatMap((name) => optionNamed(at, name) ?? []);
      if (others.length < told.names.length || others.includes(option)) continue;
      for (const relation of relationsOf(option, told, others)) {
        const names = relation.members.map(({ name }) => name).sort();
        const key = JSON.stringify([relation.kind, relation.subject?.name ?? null, names]);
        if (!byKey.has(key)) byKey.set(key, relation);
      }
    }
  }
  return [...byKey.values()];
}

function relationsOf(option: Option, { kind }: ProseRelation, others: readonly Option[]): Relation[] {
  const place = option.help?.place ?? option.place;
  const member = (one: Option): Member => ({
    kind: 'option',
    name: mainName(one).text,
    value: undefined,
    place,
  });
  const own = member(option);
  const shared = { basis: 'inferred', place } as const;
  switch (kind) {
    case 'excludes':
      return others.map((other) => ({
        ...shared,
        kind: 'at-most-one',
        subject: undefined,
        members: [own, member(other)],
      }));
    case 'requires':
      return [{ ...shared, kind: 'requires', subject: own, members: others.map(member) }];
    case 'implies':
      return [];
  }
}
