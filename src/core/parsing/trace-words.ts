import type { Interface } from '../model/interface.ts';
import { CommandLineReader } from './command-line-reader.ts';
import { judgeCommandLine } from './judge-command-line.ts';
import type { Trace } from './trace.ts';

/** The most words of a command line that are read. */
const WORDS_LIMIT = 100_000;

/**
 * How the parser of a program reads a command line, word by word. `words` are those behind the program's name. What the parser
 * would refuse is a problem, in the words that its program should find (GNU Coding Standards 4.4); the rest is read all the
 * same. Rules that no source says are taken as POSIX XBD 12.2 and `getopt_long` have them, and listed.
 */
export function traceWords(cli: Interface, words: readonly string[]): Trace {
  const reader = new CommandLineReader(cli, words.slice(0, WORDS_LIMIT));
  const reading = reader.read();
  const judged = judgeCommandLine(cli, reading);
  const tooMany =
    words.length > WORDS_LIMIT
      ? [
          {
            code: 'too-many-words' as const,
            message: `a command line can have at most ${WORDS_LIMIT} words, this has ${words.length}; the rest is not read`,
            word: WORDS_LIMIT,
          },
        ]
      : [];
  const problems = [...reading.problems, ...judged.problems, ...tooMany];
  return {
    command: reading.line.at(-1)?.path ?? [],
    parser: cli.parser,
    parserMarks: cli.parserMarks,
    words: judged.words,
    firstOperand: reading.operands[0]?.word ?? reading.otherProgram[0] ?? null,
    options: reading.given.map(({ name, negated, values, word }) => ({ name, negated, values, word })),
    operands: [...reading.operands, ...reading.otherProgram.map((word) => ({ word, start: 0 }))].map(
      ({ word, start }) => (words[word] ?? '').slice(start),
    ),
    // Those about a word first, in the order of the words; what is lacking comes last.
    problems: problems.sort((a, b) => (a.word ?? words.length) - (b.word ?? words.length)),
    assumed: reading.assumed,
  };
}
