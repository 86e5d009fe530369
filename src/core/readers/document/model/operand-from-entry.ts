import { makeValueWord } from '../../../model/argument.ts';
import { stated } from '../../../model/fact.ts';
import type { Operand } from '../../../model/operand.ts';
import type { Entry } from '../../../structured/shape/collection.ts';
import { factOf } from '../../../structured/shape/record.ts';
import type { OperandRecord } from '../format/operand-format.ts';
import { wordFromRecord } from './word-from-record.ts';

/** Makes an operand of an entry; its placeholder is its name unless the record says another. */
export function operandFromEntry({ name, value: from, place }: Entry<OperandRecord>): Operand[] {
  if (name === undefined) return [];
  const { said } = from;
  return [
    {
      kind: said.kind?.value ?? 'word',
      name: name.text,
      word: wordFromRecord(from, makeValueWord({ placeholder: stated(name.text, place) })),
      vocabulary: (said.vocabulary?.value ?? []).map(({ value }) => value),
      count: factOf(from, 'count', said.count),
      help: factOf(from, 'help', said.help),
      place,
    },
  ];
}
