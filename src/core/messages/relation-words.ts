import { mainName } from '../model/option.ts';
import type { Member, Relation } from '../model/relation.ts';
import type { Cause } from '../relations/formula.ts';
import type { Place } from '../source/source.ts';
import { listSome, quoteName } from './wording.ts';

const MEMBERS_SHOWN = 4;

/** A relation in a few words: `at most one of '--brief', '--full'`. */
export function relationWords({ kind, subject, members }: Relation): string {
  const listed = listSome(members.map(memberWords), MEMBERS_SHOWN);
  const asking = subject === undefined ? '' : memberWords(subject);
  switch (kind) {
    case 'exactly-one':
      return `exactly one of ${listed}`;
    case 'at-most-one':
      return `at most one of ${listed}`;
    case 'at-least-one':
      return `at least one of ${listed}`;
    case 'all-or-none':
      return `all or none of ${listed}`;
    case 'later-wins':
      return `of ${listed}, the last one given wins`;
    case 'requires':
      return `${asking} requires ${listed}`;
    case 'excludes':
      return `${asking} excludes ${listed}`;
  }
}

export function memberWords({ name, value }: Member): string {
  return quoteName(value === undefined ? name : `${name}=${value}`);
}

/** A cause in a few words. */
export function causeWords(cause: Cause): string {
  if (cause.kind === 'relation') return relationWords(cause.relation);
  return cause.kind === 'required-option'
    ? `${quoteName(mainName(cause.option).text)} is required`
    : `${quoteName(cause.operand.name)} is required`;
}

/** Where a cause stands. */
export function causePlace(cause: Cause): Place {
  if (cause.kind === 'relation') return cause.relation.place;
  return cause.kind === 'required-option'
    ? (cause.option.required?.place ?? cause.option.place)
    : cause.operand.place;
}

/** How many causes a message names before it only counts. */
const CAUSES_SHOWN = 4;

/** Causes in a few words each, parted so that the commas within stay clear. */
export function causesList(causes: readonly string[]): string {
  const more = causes.length - CAUSES_SHOWN;
  return [...causes.slice(0, CAUSES_SHOWN), ...(more > 0 ? [`and ${more} more`] : [])].join('; ');
}
