import type { Member, Relation, RelationKind } from '../../../model/relation.ts';
import type { PlacedText } from '../../../notation/placed-text.ts';
import type { Report } from '../../../structured/shape/shape.ts';
import type { RelationRecord } from '../format/relation-format.ts';

const KINDS = [
  'exactly-one',
  'at-most-one',
  'at-least-one',
  'all-or-none',
  'later-wins',
  'requires',
  'excludes',
] as const satisfies readonly RelationKind[];

/** Makes a relation of a record, which must have the key of exactly one kind, and a subject where the kind asks for one. */
export function relationFromRecord(from: RelationRecord, report: Report): Relation[] {
  const { said } = from;
  const start = { ...from.place, end: from.place.start + 1 };
  const [kind, ...others] = KINDS.filter((one) => said[one] !== undefined);
  if (kind === undefined || others.length > 0) {
    report(
      'bad-relation',
      `expected one of the keys ${KINDS.join(', ')}, found ${kind === undefined ? 'none' : 'several'}`,
      start,
    );
    return [];
  }
  const needsSubject = kind === 'requires' || kind === 'excludes';
  if (needsSubject !== (said.subject !== undefined)) {
    const message = needsSubject
      ? `'${kind}' needs the key 'subject': the option or operand that ${kind} the others`
      : `'${kind}' has no subject; list it among the members`;
    report('bad-relation', message, start);
    return [];
  }
  const members = (said[kind]?.value ?? []).flatMap((member) => memberFrom(member, report));
  const [subject] = said.subject === undefined ? [] : memberFrom(said.subject, report);
  return [{ kind, subject, members, basis: from.basisOf(kind), place: from.place }];
}

type SaidMember = NonNullable<RelationRecord['said']['subject']>;

function memberFrom({ short, full }: SaidMember, report: Report): Member[] {
  if (short !== undefined) return [memberFromText(short)];
  if (full === undefined) return [];
  const { operand, option, value } = full.said;
  if ((operand === undefined) === (option === undefined)) {
    report('bad-relation', "expected the key 'option' or 'operand'", full.place);
    return [];
  }
  const named = option ?? operand;
  return named === undefined
    ? []
    : [
        {
          kind: option === undefined ? 'operand' : 'option',
          name: named.value,
          value: value?.value,
          place: full.place,
        },
      ];
}

/** `--sort=size` is an option with a value, `--sort` or `-s` an option, anything else an operand. */
function memberFromText({ text, place }: PlacedText): Member {
  if (!/^[-+]/.test(text)) return { kind: 'operand', name: text, value: undefined, place: place };
  const equals = text.indexOf('=');
  return equals < 0
    ? { kind: 'option', name: text, value: undefined, place: place }
    : { kind: 'option', name: text.slice(0, equals), value: text.slice(equals + 1), place: place };
}
