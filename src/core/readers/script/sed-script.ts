import { type PosixPattern, posixPattern } from './posix-pattern.ts';

/** Which lines a command of `sed` is for. */
export type SedAddress =
  | { readonly kind: 'line'; readonly number: number }
  | { readonly kind: 'last' }
  | { readonly kind: 'pattern'; readonly pattern: PosixPattern }
  /** So many lines behind the first of the range. */
  | { readonly kind: 'more'; readonly count: number };

/** What `s` replaces, and by what: texts, and groups of the match, of which 0 is all of it. */
export interface Substitution {
  readonly name: 's';
  readonly pattern: PosixPattern;
  readonly replacement: readonly (string | { readonly group: number })[];
  /** Whether every match is replaced, not the first alone. */
  readonly all: boolean;
  /** Whether the line is printed where something was replaced. */
  readonly prints: boolean;
}

/** A command of `sed`. */
export interface SedCommand {
  readonly first: SedAddress | undefined;
  readonly last: SedAddress | undefined;
  /** Whether it is for all lines but these. */
  readonly isNegated: boolean;
  readonly act:
    | { readonly name: 'd' | 'p' | 'q' }
    | Substitution
    | { readonly name: '{'; readonly commands: readonly SedCommand[] };
}

/** How deep blocks may stand in each other. */
const DEPTH_LIMIT = 10;

/** Reads what `sed` is told to do; undefined where it holds a command that is not followed, or is not valid. */
export function readSedScript(script: string, isExtended: boolean): readonly SedCommand[] | undefined {
  const reader = new SedReader(script, isExtended);
  const commands = reader.commands(0);
  return commands !== undefined && reader.isAtEnd ? commands : undefined;
}

class SedReader {
  readonly #script: string;
  readonly #isExtended: boolean;
  #at = 0;

  constructor(script: string, isExtended: boolean) {
    this.#script = script;
    this.#isExtended = isExtended;
  }

  get isAtEnd(): boolean {
    return this.#at >= this.#script.length;
  }

  /** The commands up to the end, or to the end of the block. */
  commands(depth: number): SedCommand[] | undefined {
    const commands: SedCommand[] = [];
    for (;;) {
      this.#take(/[\s;]*/y);
      if (this.#take(/#[^\n]*/y) !== undefined) continue;
      if (this.isAtEnd || this.#script[this.#at] === '}') return commands;
      const command = this.#command(depth);
      if (command === undefined) return undefined;
      commands.push(command);
    }
  }

  #command(depth: number): SedCommand | undefined {
    const first = this.#address();
    const hasRange = first !== undefined && this.#take(/\s*,\s*/y) !== undefined;
    const last = hasRange ? (this.#address() ?? 'not-followed') : undefined;
    if (first === 'not-followed' || last === 'not-followed') return undefined;
    const negation = this.#take(/\s*!?\s*/y) ?? '';
    const act = this.#act(depth);
    // Behind a command nothing stands but the end of a line, a semicolon or the end of a block.
    if (act === undefined || this.#take(/[ \t]*(?:$|(?=[\n;}#]))/y) === undefined) return undefined;
    return { first, last, isNegated: negation.includes('!'), act };
  }

  #act(depth: number): SedCommand['act'] | undefined {
    const name = this.#take(/[dpqs{]/y);
    if (name === 'd' || name === 'p' || name === 'q') return { name };
    if (name === 's') return this.#substitution();
    if (name !== '{' || depth >= DEPTH_LIMIT) return undefined;
    const commands = this.commands(depth + 1);
    return commands === undefined || this.#take(/\}/y) === undefined ? undefined : { name, commands };
  }

  /** An address; undefined where none stands here. */
  #address(): SedAddress | 'not-followed' | undefined {
    const number = this.#take(/\d+/y);
    if (number !== undefined) return { kind: 'line', number: Number(number) };
    const more = this.#take(/\+\d+/y);
    if (more !== undefined) return { kind: 'more', count: Number(more) };
    if (this.#take(/\$/y) !== undefined) return { kind: 'last' };
    const delimiter = this.#take(/\//y) ?? this.#take(/\\[^\n\\]/y)?.slice(1);
    if (delimiter === undefined) return undefined;
    const written = this.#upTo(delimiter);
    const ignoresCase = this.#take(/I/y) !== undefined;
    const pattern = written === undefined ? undefined : this.#pattern(written, ignoresCase);
    return pattern === undefined ? 'not-followed' : { kind: 'pattern', pattern };
  }

  #substitution(): Substitution | undefined {
    const delimiter = this.#take(/[^\n\\]/y) ?? '';
    const written = this.#upTo(delimiter);
    const replacement = written === undefined ? undefined : this.#upTo(delimiter, false);
    const flags = this.#take(/[gpIi]*/y) ?? '';
    if (written === undefined || replacement === undefined) return undefined;
    const pattern = this.#pattern(written, /i/i.test(flags));
    const parts = replacementParts(replacement);
    return pattern === undefined || parts === undefined
      ? undefined
      : { name: 's', pattern, replacement: parts, all: flags.includes('g'), prints: flags.includes('p') };
  }

  /** An empty pattern is the last that was used, which is not followed. */
  #pattern(written: string, ignoresCase: boolean): PosixPattern | undefined {
    return written === '' ? undefined : posixPattern(written, { isExtended: this.#isExtended, ignoresCase });
  }

  /** What stands before a delimiter; in a pattern, one within brackets is a character as any other. */
  #upTo(delimiter: string, isPattern = true): string | undefined {
    if (delimiter === '') return undefined;
    let text = '';
    for (; !this.isAtEnd; this.#at++) {
      const character = this.#script[this.#at] ?? '';
      if (character === delimiter) {
        this.#at++;
        return text;
      }
      const brackets = isPattern && character === '[' ? this.#peek(BRACKETS) : undefined;
      const escaped = character === '\\' ? this.#script.slice(this.#at, this.#at + 2) : undefined;
      const taken = brackets ?? escaped ?? character;
      text += escaped?.[1] === delimiter ? delimiter : taken;
      this.#at += taken.length - 1;
    }
    return undefined;
  }

  #take(pattern: RegExp): string | undefined {
    const found = this.#peek(pattern);
    this.#at += found?.length ?? 0;
    return found;
  }

  /** What a sticky pattern finds here. */
  #peek(pattern: RegExp): string | undefined {
    pattern.lastIndex = this.#at;
    return pattern.exec(this.#script)?.[0];
  }
}

/** A bracket expression, whose first `]` may stand for itself. */
const BRACKETS = /\[\^?\]?(?:\[[:.=][^\]\n]*[:.=]\]|[^\]\n])*\]/y;

/** Longer replacements are not followed. */
const REPLACEMENT_LIMIT = 500;

/** The parts of a replacement; undefined where it changes the case of letters. */
function replacementParts(written: string): Substitution['replacement'] | undefined {
  if (written.length > REPLACEMENT_LIMIT) return undefined;
  const parts: (string | { group: number })[] = [];
  for (const { 0: piece } of written.matchAll(/\\[\s\S]|&|[^\\&]+|\\/g)) {
    const escaped = /^\\(?=.)/s.test(piece) ? piece.slice(1) : undefined;
    if (piece === '&') parts.push({ group: 0 });
    else if (escaped === undefined) parts.push(piece);
    else if (/\d/.test(escaped)) parts.push({ group: Number(escaped) });
    else if (/[LUEul]/.test(escaped)) return undefined;
    else parts.push({ n: '\n', t: '\t' }[escaped] ?? escaped);
  }
  return parts;
}
