import { quoteName } from '../../messages/wording.ts';
import type { Deprecation } from '../../model/argument.ts';
import type { Knowable } from '../../model/fact.ts';
import { saysTheSame } from '../../model/same.ts';
import type { Place } from '../../source/source.ts';
import type { About, Context } from '../context.ts';

interface Conformity {
  readonly hidden: Knowable<boolean>;
  readonly deprecated: Knowable<Deprecation>;
  readonly place: Place;
}

/** Whether an option, command or value was deprecated or hidden, or is no longer. */
export function standingChanges(
  before: Conformity,
  after: Conformity,
  about: About,
  { list }: Context,
): void {
  const subject = quoteName(about.subject);
  const places = { oldPlace: before.place, newPlace: after.place };
  const [was, is] = [before.deprecated, after.deprecated];
  if ((was === undefined) !== (is === undefined) || !saysTheSame(deprecation(was), deprecation(is))) {
    const instead = is?.value.replacedBy?.value;
    const advice = instead === undefined ? '' : `; ${quoteName(instead)} takes its place`;
    list.add({
      ...about,
      ...places,
      kind:
        is === undefined ? 'deprecation-lifted' : was === undefined ? 'deprecated' : 'deprecation-changed',
      effect: 'compatible',
      before: deprecation(was),
      after: deprecation(is),
      message: is === undefined ? `${subject} is no longer deprecated` : `${subject} is deprecated${advice}`,
    });
  }
  if ((before.hidden?.value ?? false) !== (after.hidden?.value ?? false)) {
    const isHidden = after.hidden?.value === true;
    list.add({
      ...about,
      ...places,
      kind: isHidden ? 'hidden' : 'shown',
      effect: 'wording',
      before: !isHidden,
      after: isHidden,
      message: `${subject} is ${isHidden ? 'now' : 'no longer'} hidden from the help`,
    });
  }
}

function deprecation(
  fact: Knowable<Deprecation>,
): { since: string | null; replacedBy: string | null } | null {
  if (fact === undefined) return null;
  const { since, replacedBy } = fact.value;
  return { since: since?.value ?? null, replacedBy: replacedBy?.value ?? null };
}
