import { RE2JS } from 're2js';

/** A pattern of POSIX that was compiled; it takes time in proportion to the text whatever the pattern is, since scripts come from strangers. */
export interface PosixPattern {
  /** The first match at an offset or behind it: its own range, then those of its groups; undefined where there is none. */
  readonly match: (text: string, from: number) => readonly MatchRange[] | undefined;
}

/** A range of a text; undefined for a group that took no part. */
export type MatchRange = { readonly start: number; readonly end: number } | undefined;

/** How a pattern is written and matched. */
export interface PatternForm {
  /** Whether it is an extended regular expression; a basic one otherwise. */
  readonly isExtended: boolean;
  readonly ignoresCase: boolean;
}

/** Longer patterns are not compiled. */
const LENGTH_LIMIT = 1000;

/** Compiles a basic or extended regular expression of POSIX, with the additions of GNU; undefined where it is none, or has what the engine does not know. */
export function posixPattern(
  pattern: string,
  { isExtended, ignoresCase }: PatternForm,
): PosixPattern | undefined {
  if (pattern.length > LENGTH_LIMIT) return undefined;
  const written = isExtended ? fromExtended(pattern) : fromBasic(pattern);
  if (written === undefined) return undefined;
  const compiled = compile(written, RE2JS.LONGEST_MATCH | (ignoresCase ? RE2JS.CASE_INSENSITIVE : 0));
  if (compiled === undefined) return undefined;
  return {
    match: (text, from) => {
      const matcher = compiled.matcher(text);
      if (!matcher.find(from)) return undefined;
      return Array.from({ length: matcher.groupCount() + 1 }, (_, group) => {
        const start = matcher.start(group);
        return start < 0 ? undefined : { start, end: matcher.end(group) };
      });
    },
  };
}

function compile(pattern: string, flags: number): RE2JS | undefined {
  try {
    return RE2JS.compile(pattern, flags);
  } catch {
    // The pattern is the stranger's; what is wrong with it, their own tool tells them.
    return undefined;
  }
}

/** A bracket expression, whose first `]` may stand for itself; an escape; any other character. */
const PIECE = /\[\^?\]?(?:\[[:.=][^\]]*[:.=]\]|[^\]])*\]|\\[\s\S]|[\s\S]/gu;

// What a group matched, and the beginning or end of a word alone, the engine does not know.
const NOT_FOLLOWED = /^\\[1-9<>`']$/;

/** What GNU adds to both forms, as the engine writes it. */
const ADDED: Readonly<Record<string, string>> = {
  '\\b': '\\b',
  '\\B': '\\B',
  '\\w': '\\w',
  '\\W': '\\W',
  '\\s': '\\s',
  '\\S': '\\S',
  '\\n': '\\n',
  '\\t': '\\t',
};

/**
 * A basic regular expression, where the operators stand behind backslashes, as an extended one. `*` and `^` are operators unless an expression or group begins
 * with the one, or does not with the other; `$` is one where it ends.
 */
function fromBasic(pattern: string): string | undefined {
  const pieces = Array.from(pattern.matchAll(PIECE), ([piece]) => piece);
  let written = '';
  let isAtStart = true;
  for (const [i, piece] of pieces.entries()) {
    const isAtEnd = pieces[i + 1] === undefined || /^\\[)|]$/.test(pieces[i + 1] ?? '');
    if (NOT_FOLLOWED.test(piece)) return undefined;
    if (piece.length > 1 && piece.startsWith('[')) written += bracketExpression(piece);
    else if (/^\\[(){}|+?]$/.test(piece)) written += piece.slice(1);
    else if (/^[(){}|+?]$/.test(piece)) written += `\\${piece}`;
    else if (piece === '*') written += isAtStart ? '\\*' : '*';
    else if (piece === '^') written += isAtStart ? '^' : '\\^';
    else if (piece === '$') written += isAtEnd ? '$' : '\\$';
    else written += ADDED[piece] ?? piece;
    isAtStart = /^\\[(|]$/.test(piece) || (isAtStart && piece === '^');
  }
  return written;
}

function fromExtended(pattern: string): string | undefined {
  let written = '';
  for (const { 0: piece } of pattern.matchAll(PIECE)) {
    if (NOT_FOLLOWED.test(piece)) return undefined;
    written += piece.length > 1 && piece.startsWith('[') ? bracketExpression(piece) : (ADDED[piece] ?? piece);
  }
  return written;
}

/** A bracket expression of POSIX, where a backslash stands for itself, as the engine writes it. */
function bracketExpression(piece: string): string {
  const [, negation = '', first = '', inner = ''] = /^\[(\^?)(\]?)([\s\S]*)\]$/.exec(piece) ?? [];
  // GNU's sed reads these two within brackets too.
  const said = inner.replace(/\\(?![nt])/g, '\\\\').replace(/\[(?!:)/g, '\\[');
  return `[${negation}${first === '' ? '' : '\\]'}${said}]`;
}
