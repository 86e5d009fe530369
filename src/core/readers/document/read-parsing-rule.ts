import type { ParsingRules } from '../../model/parsing-rules.ts';
import { parseDocument } from '../../structured/parse-document.ts';
import { readAs } from '../../structured/shape/shape.ts';
import { parsing } from './format/parsing-format.ts';
import { rulesFromRecord } from './model/rules-from-record.ts';

/** A parsing rule that was given in one word, or what is wrong with the word. */
export type ParsingRuleReading =
  | {
      /** The rule; every other is unknown. */
      readonly rules: ParsingRules;
      /** There is none. */
      readonly mistake: undefined;
    }
  | {
      /** There are none. */
      readonly rules: undefined;
      /** What is wrong with the word. */
      readonly mistake: string;
    };

/** Keys whose values are lists. */
const LISTS: ReadonlySet<string> = new Set(['option-prefixes', 'value-forms', 'word-joints']);

/**
 * Reads one parsing rule as `KEY=VALUE`, with the keys and values that `parsing` has in an interface document
 * (`case-sensitive=false`, `value-forms=-xV,--x=V`); the items of a list are parted by commas. Every other rule is
 * unknown. Gives the mistake, without a place, where it is none.
 */
export function readParsingRule(word: string): ParsingRuleReading {
  const [, key, value] = /^([^=]*)=(.*)$/s.exec(word) ?? [];
  if (key === undefined || value === undefined) {
    return { rules: undefined, mistake: `expected KEY=VALUE, found '${word}'` };
  }
  const text = /^(?:true|false)$/.test(value)
    ? value
    : JSON.stringify(LISTS.has(key) ? value.split(',') : value);
  const { root } = parseDocument({ name: word, text: `{${JSON.stringify(key)}: ${text}}` });
  let mistake: string | undefined;
  const record =
    root &&
    readAs(parsing, root, (_, message) => {
      mistake ??= typeof message === 'string' ? message : message();
    });
  return mistake === undefined ? { rules: rulesFromRecord(record), mistake } : { rules: undefined, mistake };
}
