import type { ProgramRun } from '../running/run-program.ts';

/** What a parser says of a name with a value attached. */
export type ParserAnswer =
  /** There is no such option. */
  | { readonly kind: 'unknown' }
  /** Several options have names that begin so; it may list them. */
  | { readonly kind: 'ambiguous'; readonly names: readonly string[] }
  /** There is one, which takes no argument. */
  | { readonly kind: 'takes-none'; readonly name: string }
  /** There is one, which takes an argument; its name is undefined where the answer does not tell it. The value may have been refused. */
  | { readonly kind: 'takes-one'; readonly name: string | undefined; readonly isTaken: boolean }
  /** It took too long, or did something else than refuse. */
  | { readonly kind: 'unclear' };

/** The names that no program has: one in the place of the name that is asked for, and two that follow it. */
export const NO_SUCH = 'dabbawala-no-such-option';
export const AFTER = ['--dabbawala-not-there', '--dabbawala-nor-this'] as const;

/** The value that is attached to each name that is asked for. */
export const VALUE = 'no-such-value';

/** What stands between a name and the message about it: a word in quotes, after one or two hyphens, or after the word `option`. */
const QUOTED = /['"`‘“]-{0,2}([A-Za-z0-9-][\w.-]*)['"`’”]/g;
const HYPHENATED = /(?<![\w-])--?([A-Za-z0-9-][\w.-]*)/g;
const AFTER_OPTION = /\boption:? ([A-Za-z0-9][\w.-]*)/gi;
const IN_BRACKETS = /\(([\w.-]+(?:, [\w.-]+)+)\)/g;

/** Words of messages about several names. */
const AMBIGUOUS = /\bambiguous\b|\bcould match\b|\bnot (?:a )?unique\b|\bpossibilities\b/i;

/** Words of messages about a value that is not wanted. */
const UNWANTED =
  /\b(?:ignored|unexpected|not allowed|takes no|no argument|must not have|do(?:es)?(?:n't| not) (?:take|allow|accept|require|expect))\b/i;

/**
 * Understands what a parser says of names, by comparing it with what it says of a name that no program has. No message is known beforehand
 * but for the word `ambiguous` and its like.
 */
export class ParserAnswers {
  /** The line about an unknown name, in lower case: what stands before the name, and behind it. */
  readonly #before: string;
  readonly #behind: string;
  /** The lines that follow from the two unknown options, whatever stands before them. */
  readonly #constant: ReadonlySet<string>;
  /** The line about the first of these two. */
  readonly #first: string;

  private constructor(unknown: string, constant: readonly string[], first: string) {
    const [before = '', behind = ''] = unknown.split(NO_SUCH);
    this.#before = before;
    this.#behind = behind;
    this.#constant = new Set(constant);
    this.#first = first;
  }

  /**
   * `unknown` is the run with the unknown name and the two behind it, `after` the one with those two only. Undefined where one of them was
   * not refused, or the message does not name what was refused.
   */
  static from(unknown: ProgramRun, after: ProgramRun): ParserAnswers | undefined {
    if (!isRefused(unknown) || !isRefused(after)) return undefined;
    const line = linesOf(unknown).find((one) => one.includes(NO_SUCH));
    const first = linesOf(after).find((one) => one.includes(nameOf(AFTER[0])));
    if (line === undefined || first === undefined) return undefined;
    const constant = [...linesOf(after), ...linesOf(unknown).filter((one) => one !== line)];
    return new ParserAnswers(line, constant, first);
  }

  /** What the run with a name and the two unknown options behind it says of the name. */
  answerTo(name: string, run: ProgramRun): ParserAnswer {
    if (run.end !== 'exit' || run.status === undefined) return { kind: 'unclear' };
    if (linesOf(run).some((line) => this.#isAbout(name, line))) return { kind: 'unknown' };
    const told = this.#toldBy(run);
    const found = [...new Set(namesIn(told))].filter((one) =>
      one.toLowerCase().startsWith(name.toLowerCase()),
    );
    const longer = found.filter((one) => one.length > name.length);
    const said = withoutNames(told);
    if (AMBIGUOUS.test(said) || longer.length > 1) return { kind: 'ambiguous', names: longer };
    if (run.status === 0) return { kind: 'unclear' };
    const [first = found[0]] = longer;
    if (first !== undefined && (!told.includes(VALUE) || UNWANTED.test(said)))
      return { kind: 'takes-none', name: first };
    const isTaken = this.#refusesFirst(run);
    // Of a run under load nothing may have been read.
    if (textOf(run).trim() === '') return { kind: 'unclear' };
    return { kind: 'takes-one', name: longer[0], isTaken };
  }

  /**
   * What became of the unknown options behind an option without a value: the first of them was refused, so that it was not taken for the value; it
   * was taken, since a message names the second, or refuses the first as a value; or the option was refused for want of a value. Undefined where
   * the run was not refused.
   */
  afterName(run: ProgramRun): 'not-taken' | 'taken' | 'wanting' | undefined {
    if (!isRefused(run)) return undefined;
    if (this.#refusesFirst(run)) return 'not-taken';
    return AFTER.some((word) => textOf(run).includes(nameOf(word))) ? 'taken' : 'wanting';
  }

  #refusesFirst(run: ProgramRun): boolean {
    return linesOf(run).some((line) => line.startsWith(this.#first));
  }

  /** The words of what a refusal says beside what it always says, in lower case, with their hyphens; undefined where a run was not refused. */
  wordsOf(run: ProgramRun): ReadonlySet<string> | undefined {
    return isRefused(run)
      ? new Set(
          this.#toldBy(run)
            .toLowerCase()
            .match(/[\w-]+/g),
        )
      : undefined;
  }

  /** The names in a message that begin with a prefix and are longer. */
  namesIn(run: ProgramRun, prefix: string): string[] {
    const longer = namesIn(textOf(run)).filter((name) => name.startsWith(prefix) && name !== prefix);
    return [...new Set(longer)];
  }

  #toldBy(run: ProgramRun): string {
    const lines = textOf(run).split('\n');
    return lines.filter((line) => !this.#constant.has(line.trim().toLowerCase())).join('\n');
  }

  /** Whether a line says that a name is unknown. What follows the message is help, such as names that are alike. */
  #isAbout(name: string, line: string): boolean {
    return line.startsWith(`${this.#before}${name.toLowerCase()}${this.#behind}`);
  }
}

function isRefused(run: ProgramRun): boolean {
  return run.end === 'exit' && run.status !== undefined && run.status !== 0;
}

function nameOf(word: string): string {
  return word.slice(2);
}

function textOf({ standardError, standardOutput }: ProgramRun): string {
  return `${standardError}\n${standardOutput}`.slice(0, MOST_TEXT);
}

/** Messages are short; what follows may be a help of any length. */
const MOST_TEXT = 20_000;

/** The lines of a message, in lower case: some parsers name an option so that was typed otherwise. */
function linesOf(run: ProgramRun): string[] {
  return textOf(run)
    .toLowerCase()
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '');
}

/** All words of a message that may be names of options, without hyphens and values. */
function namesIn(text: string): string[] {
  const patterns = [QUOTED, HYPHENATED, AFTER_OPTION];
  const names = patterns.flatMap((pattern) => [...text.matchAll(pattern)].map(([, name = '']) => name));
  const listed = [...text.matchAll(IN_BRACKETS)].flatMap(([, list = '']) => list.split(', '));
  return [...names, ...listed].map((name) => name.replace(/\.+$/, '')).filter((name) => !OWN.has(name));
}

/** A message without the names in it: an option may be called `--ambiguous`. */
function withoutNames(text: string): string {
  return text.replace(QUOTED, '').replace(HYPHENATED, '').replace(AFTER_OPTION, 'option');
}

/** The words that are asked with, which messages repeat. */
const OWN: ReadonlySet<string> = new Set([NO_SUCH, VALUE, ...AFTER.map(nameOf)]);
