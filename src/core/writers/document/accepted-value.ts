import type { AcceptedHere } from '../../model/accepted-here.ts';
import { collectionValue } from './collection-value.ts';
import type { DocumentValue } from './document-value.ts';
import { RecordValue } from './record-value.ts';

/** What is accepted of a thing, by check. */
export function acceptedValue(accepted: readonly AcceptedHere[]): DocumentValue | undefined {
  const things = accepted.map(({ check, because, until }) => {
    const record = new RecordValue();
    record.set('because', because);
    record.set('until', until);
    return { name: check, value: record.short('because') };
  });
  return collectionValue(things, 'check', 'because');
}
