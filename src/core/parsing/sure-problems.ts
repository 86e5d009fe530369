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

/** The problems of a command line that it has whatever its words that stand for others come to. `words` tell which of them are exactly what the program gets. */
export function sureProblems(
  { problems }: Trace,
  words: readonly { readonly isLiteral: boolean }[],
): TraceProblem[] {
  const isKnown =
    words.every(({ isLiteral }) => isLiteral) && problems.every(({ code }) => code !== 'not-judged');
  return problems.filter(({ code, word }) => {
    if (LEFT_OUT.has(code) || (word !== null && words[word]?.isLiteral !== true)) return false;
    return isKnown || !OF_WHOLE_LINE.has(code);
  });
}
