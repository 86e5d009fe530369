import type { OptionScope } from './option-scope.ts';
import type { Resolution } from './verdict.ts';

/** What a word comes to in one scope. */
export interface WordResolution extends Pick<Resolution<unknown>, 'verdict' | 'names' | 'count'> {
  readonly word: string;
  /** The path of the command in whose scope it was looked up. */
  readonly command: readonly string[];
  /** The shortest form that means the same today; undefined where the word stands for nothing, or for several things. */
  readonly shortest: string | undefined;
  /** Whether the parser accepts abbreviations; undefined where not known. */
  readonly accepted: boolean | undefined;
  /** Whether the names known are all there are; undefined where not known. */
  readonly complete: boolean | undefined;
}

/**
 * Looks words up in a scope. A word may be given without its hyphens (`late` for `--late`), and with a value behind an
 * equals sign.
 */
export function resolveWords(scope: OptionScope, words: readonly string[]): WordResolution[] {
  return words.map((word) => {
    const name = (word.startsWith('-') ? word : `--${word}`).split('=', 1)[0] ?? word;
    const { verdict, names, count, target } = scope.index.resolve(name);
    const shortest =
      target === undefined || names[0] === undefined ? undefined : scope.index.shortest(names[0]);
    return {
      word: name,
      command: scope.at.path,
      verdict,
      names,
      count,
      shortest,
      accepted: scope.accepted?.value,
      complete: scope.complete?.value,
    };
  });
}
