import { didYouMean } from '../../messages/did-you-mean.ts';
import type { PlacedText } from '../../notation/placed-text.ts';
import type { DocumentNode, NodeKind, ScalarNode } from '../document-node.ts';
import type { Placed, Report, Shape } from './shape.ts';

function scalar<T>(
  expected: string,
  kinds: readonly NodeKind[],
  schema: Shape<T>['schema'],
  read: (node: ScalarNode, report: Report) => T | undefined,
): Shape<T> {
  return {
    expected,
    kinds: new Set(kinds),
    schema,
    read: (node: DocumentNode, report) =>
      node.kind === 'list' || node.kind === 'mapping' ? undefined : read(node, report),
  };
}

const WORD_KINDS = ['text', 'number', 'boolean'] as const;
const WORD_TYPES = { type: ['string', 'number', 'boolean'] };

/** A text; numbers and truths are taken as they are typed, since all words of a command line are texts. */
export const text: Shape<Placed<string>> = scalar(
  'a text',
  WORD_KINDS,
  () => WORD_TYPES,
  ({ text: value, place }) => ({ value, place }),
);

/** A text in a notation of its own, of which parts have places. */
export const notation: Shape<PlacedText> = scalar(
  'a text',
  WORD_KINDS,
  () => WORD_TYPES,
  (node) => node.placed,
);

/** `true` or `false`. */
export const boolean: Shape<Placed<boolean>> = scalar(
  'true or false',
  ['boolean'],
  () => ({ type: 'boolean' }),
  (node) => ({ value: node.text.toLowerCase() === 'true', place: node.place }),
);

/** `true` and nothing else: for what can be said, but not denied. */
export const trueOnly: Shape<Placed<true>> = scalar(
  'true',
  ['boolean'],
  () => ({ const: true }),
  (node, report) => {
    if (node.text.toLowerCase() === 'true') return { value: true, place: node.place };
    report(
      'wrong-value',
      `expected true, found '${node.text}'; leave the key out if it does not apply`,
      node.place,
    );
    return undefined;
  },
);

/** A node with nothing in it (`key:` with no value, `null`). */
export const nothing: Shape<Placed<null>> = scalar(
  'nothing',
  ['nothing'],
  () => ({ type: 'null' }),
  ({ place }) => ({ value: null, place }),
);

/** A number as JSON has them. */
export const number: Shape<Placed<number>> = scalar(
  'a number',
  ['number'],
  () => ({ type: 'number' }),
  (node, report) => {
    const value = Number(node.text);
    if (Number.isFinite(value)) return { value, place: node.place };
    report('wrong-value', `expected a number, found '${node.text}'`, node.place);
    return undefined;
  },
);

/** One of a few words; `true` and `false` among them are given as words too. */
export function choice<const T extends string>(...words: readonly T[]): Shape<Placed<T>> {
  const list = words.map((word) => `'${word}'`).join(', ');
  return oneOf(words.length === 1 ? list : `one of ${list}`, words);
}

/** One of many words, which a message does not list; `expected` says what they are. */
export function oneOf<const T extends string>(expected: string, words: readonly T[]): Shape<Placed<T>> {
  const allowed: ReadonlySet<string> = new Set(words);
  const isWord = (value: string): value is T => allowed.has(value);
  return scalar(
    expected,
    WORD_KINDS,
    () => ({ enum: words.flatMap(asJson) }),
    ({ text: value, place }, report) => {
      if (isWord(value)) return { value, place };
      const hint = () => (words.length === 1 ? '' : didYouMean(value, words));
      report('wrong-value', () => `expected ${expected}, found '${value.slice(0, 80)}'${hint()}`, place);
      return undefined;
    },
  );
}

/** A word as JSON may have it: `true` and `1` also without quotes. */
function asJson(word: string): unknown[] {
  return /^(?:true|false|\d+)$/.test(word) ? [word, JSON.parse(word)] : [word];
}

/** A text of a form of its own, such as `1..3`, turned into a value; undefined where it is not of that form. */
export function pattern<T>(
  expected: string,
  source: string,
  parse: (match: RegExpExecArray) => T | undefined,
): Shape<Placed<T>> {
  const expression = new RegExp(`^(?:${source})$`);
  return scalar(
    expected,
    WORD_KINDS,
    () => ({ type: ['string', 'integer'], pattern: expression.source }),
    ({ text: found, place }, report) => {
      const match = expression.exec(found.slice(0, 200));
      const value = match === null ? undefined : parse(match);
      if (value !== undefined) return { value, place };
      report('wrong-value', `expected ${expected}, found '${found.slice(0, 80)}'`, place);
      return undefined;
    },
  );
}
