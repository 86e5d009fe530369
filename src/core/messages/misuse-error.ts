import { didYouMean } from './did-you-mean.ts';
import { quoteName } from './wording.ts';

/** What a caller gave that is not taken. */
export interface Misuse {
  /** What it was given for: a function, and its parameter where it has several, such as `audit: selection`. */
  readonly argument: string;
  /** What is taken there, in words, such as `a check, an area or a command`. */
  readonly expected: string;
  /** What was given. */
  readonly found: string;
  /** The names that can be given; those near to what was found are suggested. None where not given. */
  readonly names?: Iterable<string>;
}

/**
 * Thrown where code calls a function with what it does not take, such as the name of a check that there is not, or an option that the function
 * does not have. What a text, a document or a script holds never makes one: that is a problem of its reading.
 */
export class MisuseError extends TypeError {
  /** The name of the class. */
  override readonly name = 'MisuseError';
  /** What the wrong thing was given for, such as `audit: selection`. */
  readonly argument: string;
  /** What is taken there, in words. */
  readonly expected: string;
  /** What was given. */
  readonly found: string;

  constructor({ argument, expected, found, names = [] }: Misuse) {
    super(`${argument}: expected ${expected}, found ${quoteName(found)}${didYouMean(found, names)}`);
    this.argument = argument;
    this.expected = expected;
    this.found = found;
  }
}

/** Throws a MisuseError where an object of options has a key that is none of those known. A misspelt key would have no effect, and look as if it had. */
export function expectKeys<Options extends object>(
  argument: string,
  options: Options,
  known: Readonly<Record<keyof Options, true>>,
): void {
  const names = Object.keys(known);
  const wrong = Object.keys(options).find((key) => !Object.hasOwn(known, key));
  if (wrong !== undefined)
    throw new MisuseError({ argument, expected: `one of ${names.join(', ')}`, found: wrong, names });
}
