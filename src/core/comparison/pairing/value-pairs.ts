import { firstBy } from '../../collections/grouped.ts';
import { argumentOf, mainName } from '../../model/option.ts';
import { valueWords, type WordScope } from '../abbreviations/word-scope.ts';
import type { CommandPair, Pairing } from './pairing.ts';

/** The values that each word of the options and operands of a command has in both versions. */
export function* valuePairs(
  { old, newer }: CommandPair,
  pairing: Pairing,
): Generator<[WordScope, WordScope]> {
  for (const option of old.command.options.items) {
    const same = pairing.options.get(option);
    if (same === undefined) continue;
    const name = mainName(option);
    const before = argumentOf(option, name)?.value.words ?? [];
    const after = argumentOf(same, mainName(same))?.value.words ?? [];
    for (const [i, word] of before.entries()) {
      const other = after[i];
      const pair = other && [valueWords(word, name.text, old), valueWords(other, name.text, newer)];
      if (pair?.[0] !== undefined && pair[1] !== undefined) yield [pair[0], pair[1]];
    }
  }
  // Of several operands of one name the first counts.
  const freshOperands = firstBy(newer.command.operands.items, ({ name }) => name);
  for (const operand of old.command.operands.items) {
    const same = freshOperands.get(operand.name);
    if (same === undefined) continue;
    const [before, after] = [
      valueWords(operand.word, operand.name, old),
      valueWords(same.word, operand.name, newer),
    ];
    if (before !== undefined && after !== undefined) yield [before, after];
  }
}
