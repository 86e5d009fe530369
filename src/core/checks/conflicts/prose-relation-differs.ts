import { optionsInReach } from '../../abbreviations/option-scope.ts';
import { quoteName } from '../../messages/wording.ts';
import { mainName, type Option } from '../../model/option.ts';
import { optionsByName } from '../../model/options-by-name.ts';
import type { Member, Relation } from '../../model/relation.ts';
import { type ProseRelation, proseRelations } from '../../notation/prose-relations.ts';
import { defineCheck } from '../define-check.ts';

type Differing = {
  readonly name: string;
  readonly other: string;
  readonly kind: 'itself' | 'both-told' | 'declared-excludes' | 'other-excludes' | 'undeclared';
};

/** One finding for each two options of which a text says what other texts, or the declared relations, deny or lack. */
export const proseRelationDiffers = defineCheck({
  name: 'conflicts/prose-relation-differs',
  level: 'warning',
  title: 'A text tells of two options what another place denies',
  why: 'A caller who follows the text gives both and gets an error, or leaves one out and gets an error too.',
  standard: 'practice',
  needs: ['the texts of the options', 'the synopsis or the declared relations'],
  since: 7,
  examples: {
    wrong: 'Usage: tiffin [-a | -b] [BOX]...\n\n  -a  all boxes\n  -b  with their owners; requires -a\n',
    right: 'Usage: tiffin [-a | -b] [BOX]...\n\n  -a  all boxes\n  -b  with their owners\n',
    nearMiss:
      'Usage: tiffin [-a | -b] [-c] [BOX]...\n\n  -a  all boxes\n  -b  with their owners; implies -c\n  -c  and carriers; cannot be used with -a\n',
  },
  judge(view, report) {
    for (const at of view.described) {
      const options = optionsByName(optionsInReach(at));
      const declared = apartBy(at.command.relations, options);
      const told = at.command.options.items.map((option) => ({ option, said: relationsOf(option, options) }));
      const others = new Map(told.map((one) => [one.option, one.said]));
      for (const { option, said } of told) {
        for (const [other, kinds] of said) {
          report.judged();
          const kind =
            other === option
              ? itself(kinds)
              : differenceOf(option, kinds, other, others.get(other)?.get(option), declared);
          // Help can show exclusions in its synopsis only, and seldom does.
          if (
            kind === undefined ||
            (kind === 'undeclared' && (view.isHelp(option.place) || at.command.relations.length === 0))
          )
            continue;
          report.finding({
            command: at.path,
            subject: mainName(option).text,
            data: { name: mainName(option).text, other: mainName(other).text, kind },
            place: option.help?.place ?? option.place,
            // A synopsis may keep apart what need not be given twice.
            ...(kind === 'undeclared' || !kinds.has('requires') ? { level: 'note' } : {}),
            related: [{ place: other.place, note: 'the other option' }],
          });
        }
      }
    }
  },
  message: ({ name, other, kind }: Differing) => MESSAGES[kind](quoteName(name), quoteName(other)),
  fix: ({ kind }) => (kind === 'undeclared' ? 'declare the relation too' : 'correct what is wrong'),
});

const MESSAGES: { readonly [K in Differing['kind']]: (name: string, other: string) => string } = {
  itself: (name) => `the text of ${name} says that it excludes or requires itself`,
  'both-told': (name, other) =>
    `the text of ${name} says that it goes with ${other}, and that it excludes it`,
  'declared-excludes': (name, other) =>
    `the text of ${name} says that it goes with ${other}, and the two exclude each other`,
  'other-excludes': (name, other) =>
    `the text of ${name} says that it goes with ${other}, whose text says that it excludes it`,
  undeclared: (name, other) =>
    `the text of ${name} says that it excludes ${other}, and no declared relation does`,
};

type Kinds = ReadonlySet<ProseRelation['kind']>;

/** What the text of an option says of each other option. */
function relationsOf(option: Option, options: ReadonlyMap<string, Option>): ReadonlyMap<Option, Kinds> {
  const said = new Map<Option, Set<ProseRelation['kind']>>();
  for (const { kind, names } of proseRelations(option.help?.value ?? '')) {
    for (const name of names) {
      const other = options.get(name);
      if (other === undefined) continue;
      said.set(other, (said.get(other) ?? new Set()).add(kind));
    }
  }
  return said;
}

/** What declared relations keep apart. */
interface Apart {
  /** The groups of options of which only one may stand, by each of their options. */
  readonly groups: ReadonlyMap<Option, ReadonlySet<Relation>>;
  /** What each option excludes by itself. */
  readonly excluded: ReadonlyMap<Option, ReadonlySet<Option>>;
  /** The options of relations in which one of them counts with some value only. */
  readonly inPart: ReadonlyMap<Option, ReadonlySet<Relation>>;
}

function apartBy(relations: readonly Relation[], options: ReadonlyMap<string, Option>): Apart {
  const groups = new Map<Option, Set<Relation>>();
  const excluded = new Map<Option, Set<Option>>();
  const inPart = new Map<Option, Set<Relation>>();
  for (const relation of relations) {
    const all = [...relation.members, ...(relation.subject === undefined ? [] : [relation.subject])];
    if (relation.kind !== 'requires' && all.some(({ value }) => value !== undefined))
      for (const one of all.flatMap(({ name }) => options.get(name) ?? []))
        inPart.set(one, (inPart.get(one) ?? new Set()).add(relation));
    // A relation of one value says nothing of the option with another.
    const optionOf = ({ name, value }: Member) => (value === undefined ? options.get(name) : undefined);
    const members = relation.members.flatMap((member) => optionOf(member) ?? []);
    const subject = relation.subject === undefined ? undefined : optionOf(relation.subject);
    if (relation.kind === 'excludes' && subject !== undefined)
      excluded.set(subject, new Set([...(excluded.get(subject) ?? []), ...members]));
    else if (relation.kind === 'at-most-one' || relation.kind === 'exactly-one')
      for (const one of members) groups.set(one, (groups.get(one) ?? new Set()).add(relation));
  }
  return { groups, excluded, inPart };
}

/** An option that is told to exclude or to require itself: another one is meant. */
function itself(kinds: Kinds): 'itself' | undefined {
  return kinds.has('excludes') || kinds.has('requires') ? 'itself' : undefined;
}

function areApart(a: Option, b: Option, { groups, excluded }: Apart): boolean {
  if (excluded.get(a)?.has(b) === true || excluded.get(b)?.has(a) === true) return true;
  return shareOne(groups.get(a), groups.get(b));
}

function shareOne(a: ReadonlySet<Relation> | undefined, b: ReadonlySet<Relation> | undefined): boolean {
  return a !== undefined && [...(b ?? [])].some((relation) => a.has(relation));
}

function differenceOf(
  option: Option,
  kinds: Kinds,
  other: Option,
  back: Kinds | undefined,
  declared: Apart,
): Differing['kind'] | undefined {
  const isApart = areApart(option, other, declared);
  if (kinds.has('requires') || kinds.has('implies')) {
    if (kinds.has('excludes')) return 'both-told';
    if (isApart) return 'declared-excludes';
    return back?.has('excludes') === true && !back.has('requires') ? 'other-excludes' : undefined;
  }
  // A text may leave out the value with which the other counts.
  const isInPart = shareOne(declared.inPart.get(option), declared.inPart.get(other));
  return isApart || isInPart ? undefined : 'undeclared';
}
