import {
  type AllowedValue,
  bareValue,
  makeValueWord,
  type PairKey,
  type ValueWord,
} from '../../../model/argument.ts';
import type { Knowable } from '../../../model/fact.ts';
import type { Entry } from '../../../structured/shape/collection.ts';
import { factOf } from '../../../structured/shape/record.ts';
import type { KeyRecord, ValueRecord, WordRecord } from '../format/word-format.ts';
import { deprecationOf, textFact } from './facts.ts';

/** What a record says of a word; keys that it does not have are left as they were before. */
export function wordFromRecord(from: WordRecord, before: ValueWord = makeValueWord()): ValueWord {
  const { said } = from;
  const own: Partial<ValueWord> = {
    type: factOf(from, 'type', said.type),
    values: mapFact(factOf(from, 'values', said.values), (values) => values.flatMap(valueFromEntry)),
    keys: mapFact(factOf(from, 'keys', said.keys), (keys) => keys.flatMap(keyFromEntry)),
    range: factOf(from, 'range', said.range),
    default: factOf(from, 'default', said.default),
    separator: factOf(from, 'separator', said.separator),
    offers: factOf(from, 'completion', said.completion),
  };
  const known = Object.fromEntries(Object.entries(own).filter(([, fact]) => fact !== undefined));
  const placeholder =
    said.placeholder === undefined ? before.placeholder : textFact(from, 'placeholder', said.placeholder);
  return { ...before, ...known, placeholder };
}

function mapFact<T, U>(fact: Knowable<T>, turn: (value: T) => U): Knowable<U> {
  return fact === undefined ? undefined : { ...fact, value: turn(fact.value) };
}

function valueFromEntry({ name, value, place }: Entry<ValueRecord>): AllowedValue[] {
  if (name === undefined) return [];
  const { said } = value;
  return [
    {
      ...bareValue(name.text, place),
      help: textFact(value, 'help', said.help),
      hidden: factOf(value, 'hidden', said.hidden),
      deprecated: deprecationOf(value, said.deprecated),
    },
  ];
}

function keyFromEntry({ name, value, place }: Entry<KeyRecord>): PairKey[] {
  if (name === undefined) return [];
  const { said } = value;
  return [
    {
      key: name.text,
      value: said.value === undefined ? undefined : wordFromRecord(said.value),
      help: textFact(value, 'help', said.help),
      place,
    },
  ];
}
