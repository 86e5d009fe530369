import type { Trace, TraceProblem } from './trace.ts';

/** Problems that speak of the line as a whole: only a line of which every word is known can have them. */
export const OF_WHOLE_LINE: ReadonlySet<TraceProblem['code']> = new Set([
  'operand-missing',
  'too-many-operands',
  'command-missing',
]);

/** What an audit says by itself, or what may depend on words that stand for others. */
const LEFT_OUT: ReadonlySet<TraceProblem['code']> = new Set([
  'option-repeated',
  'too-many-words',
  'not-judged',
]);

/** What is known of a word before a program is run with it. */
export interface KnownWord {
  readonly text: string;
  /** Whether the program gets exactly this text. */
  readonly isLiteral: boolean;
  /** How much of its beginning it gets exactly so; all or nothing where not given. */
  readonly literalStart?: number;
}

/** Problems of the name of an option, which an equals sign ends. */
const OF_NAME: ReadonlySet<TraceProblem['code']> = new Set(['unknown-option', 'ambiguous-option']);

/** Whether what a problem is about is known. */
function isSure(code: TraceProblem['code'], word: KnownWord | undefined): boolean {
  if (word === undefined || word.isLiteral) return word !== undefined;
  const equals = word.text.indexOf('=');
  return OF_NAME.has(code) && equals > 0 && equals < (word.literalStart ?? 0);
}

/** The index of the first word that stands for others where a command is expected; infinite where there is none. */
export function firstUnknownCommand(problems: Trace['problems'], words: readonly KnownWord[]): number {
  const found = problems.find(
    ({ code, word }) => code === 'unknown-command' && word !== null && words[word]?.isLiteral !== true,
  );
  return found?.word ?? Number.POSITIVE_INFINITY;
}

/** The problems of a command line that it has whatever its words that stand for others come to. */
export function sureProblems({ problems }: Trace, words: readonly KnownWord[]): TraceProblem[] {
  // Where a word that stands for others is to be a command, whose words the rest are is not known; nor is it behind one that is none.
  const known = firstUnknownCommand(problems, words);
  const wrong = problems.find(({ code }) => code === 'unknown-command' || code === 'ambiguous-command')?.word;
  const isKnown =
    words.every(({ isLiteral }) => isLiteral) && problems.every(({ code }) => code !== 'not-judged');
  return problems.filter(({ code, word }) => {
    if (LEFT_OUT.has(code)) return false;
    if (word !== null && (word >= known || word > (wrong ?? word) || !isSure(code, words[word])))
      return false;
    return isKnown || !OF_WHOLE_LINE.has(code);
  });
}
