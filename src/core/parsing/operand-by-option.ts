import type { Option } from '../model/option.ts';

/** Names that say only what kind of word is meant: an operand and an argument that are called so need have nothing to do with each other. */
const KIND_OF_WORD =
  /^(?:arg|argument|count|date|dir|directory|file|filename|folder|id|int|integer|item|key|name|num|number|n|path|size|str|string|text|time|type|url|value|word)s?$/;

/**
 * Whether an option that is given may bring what an operand would: `-e PATTERN` where the operand is called `PATTERNS`, and `-f FILE` whose text says that it takes `PATTERNS`
 * from a file. Names that only say what kind of word is meant tell nothing.
 */
export function bringsOperand({ argument, help }: Option, operand: string): boolean {
  const name = plainName(operand);
  if (argument === undefined || argument.value.presence === 'none' || KIND_OF_WORD.test(name)) return false;
  const isCalledSo = argument.value.words.some(({ placeholder }) => {
    const own = plainName(placeholder?.value ?? '');
    return own !== '' && !KIND_OF_WORD.test(own) && isSameThing(own, name);
  });
  // `take PATTERNS from FILE`: a text names an operand as the synopsis does, in capitals.
  const isNamed =
    /^[A-Z]{3,}/.test(operand) &&
    new RegExp(`\\b${operand.replace(/\W+/g, '\\W+')}\\b[^.]{0,40}\\bfrom\\b`).test(help?.value ?? '');
  return isCalledSo || isNamed;
}

/** A name in small letters, without brackets and dots around it. */
function plainName(name: string): string {
  return name.replace(/^[<[{(]+|[>\]})]+$|\.{3}/g, '').toLowerCase();
}

/** `pattern` and `patterns`; `script`, and `script-only-if-no-other-script`. */
function isSameThing(a: string, b: string): boolean {
  const [first = ''] = b.split(/[^a-z]/);
  return a === b || `${a}s` === b || a === `${b}s` || a === first;
}
