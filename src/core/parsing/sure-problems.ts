import type { Trace, TraceProblem, WordPart } from './trace.ts';

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

/** The index of the first word that is read as a command and is none that is known; whose words those behind it are is not known. Infinite where there is none. */
export function firstUnknownCommand({ words }: Trace): number {
  const found = words.find(({ parts }) =>
    parts.some(({ role, verdict }) => role === 'command' && !isTaken(verdict)),
  );
  return found?.index ?? Number.POSITIVE_INFINITY;
}

function isTaken(verdict: WordPart['verdict']): boolean {
  return verdict === 'exact' || verdict === 'unique' || verdict === 'same-option';
}

/** The problems of a command line that it has whatever its words that stand for others come to. */
export function sureProblems(trace: Trace, words: readonly KnownWord[]): TraceProblem[] {
  const { problems } = trace;
  const known = firstUnknownCommand(trace);
  const isKnown =
    words.every(({ isLiteral }) => isLiteral) && problems.every(({ code }) => code !== 'not-judged');
  return problems.filter(({ code, word }) => {
    if (LEFT_OUT.has(code)) return false;
    if (word !== null && (word > known || !isSure(code, words[word]))) return false;
    return isKnown || !OF_WHOLE_LINE.has(code);
  });
}
