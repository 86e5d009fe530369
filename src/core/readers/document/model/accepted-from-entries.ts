import type { AcceptedHere } from '../../../model/accepted-here.ts';
import type { Entry } from '../../../structured/shape/collection.ts';
import type { Placed, Report } from '../../../structured/shape/shape.ts';
import type { AcceptedRecord } from '../format/accepted-format.ts';

/** What is accepted of a thing; an entry without a reason is a mistake. */
export function acceptedFromEntries(
  said: Placed<readonly Entry<AcceptedRecord>[]> | undefined,
  report: Report,
): AcceptedHere[] {
  return (said?.value ?? []).flatMap(({ name, value, place }): AcceptedHere[] => {
    const { because, until } = value.said;
    if (name === undefined || because === undefined) {
      report('key-missing', "expected why it is accepted, behind the check or by the key 'because'", place);
      return [];
    }
    return [{ check: name.text, because: because.value, until: until?.value, place }];
  });
}
