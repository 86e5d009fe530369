import { FishLexer } from '../../../shells/fish-words.ts';
import { ReadingBudget } from '../../../shells/reading-budget.ts';
import type { Span } from '../../../source/source.ts';

/** What the command behind the exclamation mark of a specification lets through. */
export interface Validation {
  readonly values: readonly string[] | undefined;
  readonly range: { readonly least: number | undefined; readonly most: number | undefined } | undefined;
}

const FREE: Validation = { values: undefined, range: undefined };

/** Reads such a command: `_validate_int --min 1 --max 9`, `contains -- $_flag_value a b`, `string match -qr '^(a|b)$' -- $_flag_value`. */
export function readValidation(text: string, { source }: Span): Validation {
  const lexer = new FishLexer(source, new Map(), new ReadingBudget(text), text);
  const words = lexer.next() ?? [];
  // What hangs on a second command is not known.
  if (lexer.next() !== undefined) return FREE;
  const texts = words.map((word) => (word.isDynamic ? '$' : word.texts.join(' ')));
  const [name = '', ...rest] = texts;
  if (name === '_validate_int') return { values: undefined, range: rangeOf(rest) };
  if (name === 'contains') {
    const [, ...values] = rest.filter((word) => word !== '--');
    return values.includes('$') ? FREE : { values, range: undefined };
  }
  const pattern =
    name === 'string' && rest[0] === 'match' ? rest.find((word) => /^\^/.test(word)) : undefined;
  const [, joined] = /^\^(?:\((?:\?:)?)?([\w.-]+(?:\|[\w.-]+)+)\)?\$$/.exec(pattern ?? '') ?? [];
  return joined === undefined || rest.some((word) => /^-\w*v/.test(word))
    ? FREE
    : { values: joined.split('|'), range: undefined };
}

function rangeOf(words: readonly string[]): Validation['range'] {
  const bound = (name: string) => {
    const at = words.findIndex((word) => word === `--${name}` || word.startsWith(`--${name}=`));
    const text = words[at]?.split('=')[1] ?? words[at + 1];
    return at >= 0 && text !== undefined && /^-?\d{1,15}$/.test(text) ? Number(text) : undefined;
  };
  return { least: bound('min'), most: bound('max') };
}
