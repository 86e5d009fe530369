import { makeWord } from '../../model/argument.ts';
import { stated } from '../../model/fact.ts';
import type { Operand } from '../../model/operand.ts';
import { allowedValues } from './allowed-values.ts';
import type { CleanedText } from './cleaned-text.ts';
import type { Section } from './headings.ts';
import { TextFlow } from './text-flow.ts';
import { readNotations } from './text-notations.ts';
import { findWordEntries } from './word-entries.ts';

/** Reads the operands that the lines of a section list with their texts. */
export function readOperandList(section: Section, cleaned: CleanedText): Operand[] {
  const operands: Operand[] = [];
  for (const entry of findWordEntries(section.lines)) {
    const left = entry.line.text.slice(entry.start, entry.end);
    if (left.startsWith('-')) continue;
    const braces = /^\{([^{}]{1,800})\}$/.exec(left);
    const name = braces === null ? left.replace(/^[<[]+/, '').replace(/[>\].]+$/, '') : left;
    // A word with one full stop ends a sentence.
    if (name === '' || /\s/.test(name) || /[^.]\.$/.test(left)) continue;
    const flow = new TextFlow(cleaned, entry.pieces);
    const notations = readNotations(flow);
    const place = cleaned.span(entry.line.start + entry.start, entry.line.start + entry.end);
    operands.push({
      kind: 'word',
      name,
      word: makeWord({
        placeholder: stated(left, place),
        values: allowedValues(notations, flow),
        default: notations.default,
      }),
      vocabulary: [],
      count: undefined,
      help: flow.text === '' ? undefined : stated(flow.text, flow.whole),
      place,
    });
  }
  return operands;
}
