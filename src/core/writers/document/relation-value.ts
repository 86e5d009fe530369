import type { Member, Relation } from '../../model/relation.ts';
import type { DocumentValue } from './document-value.ts';
import { RecordValue } from './record-value.ts';

/** A relation as a mapping with the key of its kind. */
export function relationValue({ kind, subject, members, basis }: Relation): DocumentValue {
  const record = new RecordValue();
  if (subject !== undefined) record.set('subject', memberValue(subject));
  record.set(kind, members.map(memberValue));
  record.mark(kind, basis);
  return record.map;
}

/** `--sort=size`, `--sort` or `BOX`; a mapping where the text would be taken for something else. */
function memberValue({ kind, name, value }: Member): DocumentValue {
  const isPlain = kind === 'option' ? /^[-+][^=]*$/.test(name) : value === undefined && !/^[-+]/.test(name);
  if (isPlain) return value === undefined ? name : `${name}=${value}`;
  const record = new RecordValue();
  record.set(kind, name);
  record.set('value', value);
  return record.map;
}
