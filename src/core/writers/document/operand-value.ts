import { makeValueWord } from '../../model/argument.ts';
import { stated } from '../../model/fact.ts';
import type { Operand } from '../../model/operand.ts';
import { collectionValue } from './collection-value.ts';
import type { DocumentValue } from './document-value.ts';
import { RecordValue } from './record-value.ts';
import { countValue, setWord } from './word-value.ts';

/** The operands of a command or form. */
export function operandsValue(operands: readonly Operand[]): DocumentValue | undefined {
  const things = operands.map((operand) => {
    const record = new RecordValue();
    record.text('help', operand.help);
    if (operand.kind !== 'word') record.set('kind', operand.kind);
    record.fact('count', operand.count, countValue);
    if (operand.vocabulary.length > 0) record.set('vocabulary', operand.vocabulary);
    // The name is the placeholder unless the document says otherwise.
    setWord(record, operand.word, makeValueWord({ placeholder: stated(operand.name, null) }));
    return { name: operand.name, value: record.short('help') };
  });
  return collectionValue(things, 'operand', 'help');
}
