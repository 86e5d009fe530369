import type { TextLine, TextPiece } from './text-line.ts';
import { firstWord } from './usage-continuation.ts';
import type { UsageForm, UsageLines } from './usage-found.ts';
import { withoutText } from './usage-text.ts';

/** So many lines are looked at. */
const LINES_LIMIT = 60;
/** A longer line is no synopsis that could be told from running text. */
const LINE_LIMIT = 300;

/** The words that lead to a command, and behind them notation. */
const HEAD = /^\s{0,8}[\w./-]*\w(?: [a-z][\w:.-]*){0,5} (?=[[<{-]|[A-Z]{2,})/;
/** What only a synopsis has: brackets around an option, or around the word for all. */
const OPTIONS_IN_BRACKETS = /\[(?:<?(?:options?|flags|switches)>?(?:\.{3})?\]| ?--?\w)/i;
/** Words of sentences, which no operand is called. */
const SENTENCE_WORD =
  /^(?:a|all|an|and|are|as|at|by|for|from|if|in|is|it|of|on|or|that|the|this|to|will|with)$/;
/** A word outside of brackets: an option, a placeholder, a plain word, dots, or a mark between two. */
const WORD = /^(?:--?\w\S*|[A-Za-z][\w./:=-]*(?:\.{3})?|\.{3}|[|,])$/;

/**
 * A paragraph near the beginning that is wholly in the notation of synopses, though nothing announces it: words that lead to a command, and behind
 * them options in brackets. Undefined where there is none.
 */
export function notationParagraph(lines: readonly TextLine[]): UsageLines | undefined {
  for (const line of lines.slice(0, LINES_LIMIT)) {
    const above = lines[line.index - 1];
    if (line.blank || (above !== undefined && !above.blank) || !HEAD.test(line.text.slice(0, LINE_LIMIT)))
      continue;
    const paragraph = paragraphFrom(lines, line);
    const text = paragraph.map((one) => one.text.slice(0, withoutText(one, one.first))).join(' ');
    if (!OPTIONS_IN_BRACKETS.test(text) || !isNotation(text)) continue;
    return {
      forms: formsOf(paragraph),
      taken: new Set(paragraph.map(({ index }) => index)),
      announced: false,
      isPath: false,
    };
  }
  return undefined;
}

/** A line and those right below it that are deeper, or begin with its first word. */
function paragraphFrom(lines: readonly TextLine[], first: TextLine): TextLine[] {
  const program = firstWord(first, first.first);
  const found = [first];
  for (let i = first.index + 1; i < lines.length && found.length < LINES_LIMIT; i++) {
    const next = lines[i];
    const goesOn =
      next !== undefined &&
      !next.blank &&
      (next.indent > first.indent + 1 ||
        (next.indent === first.indent && firstWord(next, next.first) === program));
    if (!goesOn) break;
    found.push(next);
  }
  return found;
}

/** Whether all brackets are closed, and what stands outside of them is no sentence. */
function isNotation(text: string): boolean {
  let depth = 0;
  let outside = '';
  for (const character of text) {
    if ('[<{('.includes(character)) depth++;
    if (depth === 0) outside += character;
    if (']>})'.includes(character)) depth--;
    if (depth < 0) return false;
  }
  const words = outside.split(/\s+/).filter((word) => word !== '' && word !== '...');
  return depth === 0 && words.every((word) => WORD.test(word) && !SENTENCE_WORD.test(word));
}

/** Each line that begins with the first word begins a synopsis. */
function formsOf(paragraph: readonly TextLine[]): UsageForm[] {
  const [first] = paragraph;
  if (first === undefined) return [];
  const forms: TextPiece[][] = [];
  for (const line of paragraph) {
    const piece = { line, start: line.first, end: withoutText(line, line.first) };
    if (line.indent === first.indent) forms.push([piece]);
    else forms.at(-1)?.push(piece);
  }
  return forms.map((pieces) => ({ pieces }));
}
