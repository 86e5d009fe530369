import {
  type AllowedValue,
  type Count,
  type Deprecation,
  makeValueWord,
  type PairKey,
  type Range,
  type ValueWord,
} from '../../model/argument.ts';
import type { Knowable } from '../../model/fact.ts';
import { saysTheSame } from '../../model/same.ts';
import { collectionValue } from './collection-value.ts';
import { type DocumentValue, wordValue } from './document-value.ts';
import { RecordValue } from './record-value.ts';

/** The keys of a word, with the facts that they stand for. */
const FACTS = ['type', 'values', 'keys', 'range', 'default', 'separator', 'offers'] as const;

/** Whether a record can turn what a notation says of a word into what is known: it adds and replaces, but takes nothing away. */
export function canComplete(before: ValueWord, word: ValueWord): boolean {
  return FACTS.every((key) => before[key] === undefined || word[key] !== undefined);
}

/** Sets the keys that say of a word what a notation does not. */
export function setWord(record: RecordValue, word: ValueWord, before: ValueWord): void {
  const changed = <K extends keyof ValueWord>(key: K): ValueWord[K] | undefined =>
    saysTheSame(word[key], before[key]) ? undefined : word[key];
  if (word.placeholder === undefined && before.placeholder !== undefined) record.set('placeholder', null);
  record.fact('placeholder', changed('placeholder'), (text) => text);
  record.fact('type', changed('type'), (type) => type);
  record.fact('values', changed('values'), valuesValue);
  record.fact('keys', changed('keys'), (keys) => keysValue(keys));
  record.fact('range', changed('range'), rangeValue);
  record.fact('default', changed('default'), wordValue);
  record.fact('separator', changed('separator'), (text) => text);
  record.fact('completion', changed('offers'), (offer) => offer);
}

/** A list of words where nothing is said of any, else a mapping. */
function valuesValue(values: readonly AllowedValue[]): DocumentValue {
  const things = values.map((value) => {
    const record = new RecordValue();
    record.text('help', value.help);
    record.fact('hidden', value.hidden, (hidden) => hidden);
    setDeprecated(record, value.deprecated);
    return { name: value.value, value: record.short('help') };
  });
  if (things.every(({ value }) => value === null)) return things.map(({ name }) => wordValue(name));
  return collectionValue(things, 'value', 'help') ?? [];
}

function keysValue(keys: readonly PairKey[]): DocumentValue {
  const things = keys.map((key) => {
    const record = new RecordValue();
    record.text('help', key.help);
    if (key.value !== undefined) {
      const word = new RecordValue();
      setWord(word, key.value, makeValueWord());
      record.set('value', word.map);
    }
    return { name: key.key, value: record.short('help') };
  });
  return collectionValue(things, 'key', 'help') ?? [];
}

function rangeValue({ least, most }: Range): DocumentValue {
  const isPlain = (bound: number) => /^-?\d{1,15}(?:\.\d{1,15})?$/.test(String(bound));
  if (typeof least === 'number' && typeof most === 'number' && isPlain(least) && isPlain(most))
    return `${least}..${most}`;
  const record = new RecordValue();
  if (least !== undefined) record.set('least', least ?? 'none');
  if (most !== undefined) record.set('most', most ?? 'none');
  return record.map;
}

/** `1`, `0..1`, `1..` */
export function countValue({ least, most }: Count): DocumentValue {
  if (least === most) return least;
  return `${least}..${most ?? ''}`;
}

export function setDeprecated(record: RecordValue, deprecated: Knowable<Deprecation>): void {
  record.fact('deprecated', deprecated, ({ since, replacedBy }) => {
    if (since === undefined && replacedBy === undefined) return true;
    const own = new RecordValue();
    own.fact('since', since, wordValue);
    own.text('replaced-by', replacedBy);
    return own.map;
  });
}
