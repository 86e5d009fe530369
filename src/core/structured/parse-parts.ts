import { type CST, Lexer, Parser } from 'yaml';

/** The deepest nesting of lists and mappings that a document may have. */
export const DEPTH_LIMIT = 100;

/** Beside the lists and mappings, the parser holds the document and a scalar. */
const HELD_BESIDE = 2;

/** A text parsed into the parts that the parser's composer makes documents of. */
export interface ParsedParts {
  readonly parts: readonly CST.Token[];
  /** The offset at which the text nests deeper than the limit, where parsing ended; undefined where it nowhere does. */
  readonly tooDeep: number | undefined;
}

/**
 * Parses YAML text as far as it is not too deep. Nesting is looked at after each token, since the parser calls itself once for each
 * level that ends, and what it takes for a level in a faulty text cannot be told from the text.
 */
export function parseParts(text: string): ParsedParts {
  const parser = new Parser();
  const parts: CST.Token[] = [];
  for (const token of new Lexer().lex(text)) {
    for (const part of parser.next(token)) parts.push(part);
    if (parser.stack.length > DEPTH_LIMIT + HELD_BESIDE)
      return { parts, tooDeep: parser.offset - token.length };
  }
  for (const part of parser.end()) parts.push(part);
  return { parts, tooDeep: undefined };
}
