import type { AllowedValue } from '../../model/argument.ts';
import { inferred, type Knowable } from '../../model/fact.ts';
import { unquoted } from '../../notation/prose-default.ts';
import type { TextFlow } from './text-flow.ts';

/** `how many of them [3]`, `the kind (a/b/c) [a]`, `the list [/etc/boxes]`: what stands in square brackets at the end of a text, but for a remark. */
const AT_END =
  /(?<=\S ?)\[(-?\d{1,20}(?:\.\d{1,20})?(?:e-?\d{1,3})?[kKMGT%]?|"[^"[\]]{1,60}"|'[^'[\]]{1,60}'|~?\/[\w./-]{0,80}|[\w.+-]{1,40})\](?: \([^()]{1,160}\))?\.?$/;

/**
 * The default of an option with a value, where no word calls it so: a number a path or a quotation in square brackets at the end of the text, or one of
 * the allowed values. Inferred; undefined where there is none.
 */
export function defaultAtEnd(flow: TextFlow, values: Knowable<readonly AllowedValue[]>): Knowable<string> {
  const { text } = flow;
  const match = AT_END.exec(text.slice(-LENGTH_SEEN));
  const raw = match?.[1];
  if (match === null || raw === undefined) return undefined;
  const value = unquoted(raw);
  // `[0-9]` is a range.
  const isValue =
    values === undefined ? NUMBER_OR_QUOTE.test(raw) : values.value.some((one) => one.value === value);
  if (!isValue) return undefined;
  const from = Math.max(0, text.length - LENGTH_SEEN) + match.index;
  return inferred(value, flow.span(from, from + match[0].length));
}

const NUMBER_OR_QUOTE = /^(?:["'].*|~?\/.*|-?\d+(?:\.\d+)?(?:e-?\d+)?[kKMGT%]?)$/;

/** So much of the end of a text is looked at. */
const LENGTH_SEEN = 280;
