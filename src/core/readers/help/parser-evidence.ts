import { inferred, stated } from '../../model/fact.ts';
import { type ParsingRules, UNKNOWN_RULES } from '../../model/parsing-rules.ts';
import type { Span } from '../../source/source.ts';
import type { CleanedText } from './cleaned-text.ts';
import { PARSER_SENTENCES } from './parser-sentences.ts';
import type { TextLine } from './text-line.ts';

/** Sentences that say that prefixes of long options are accepted. */
const SAYS_ABBREVIATED =
  /\b(?:unambiguous|unique) (?:prefix|abbreviation)|\blong options (?:can|may) be (?:abbreviated|shortened)/i;

/**
 * What a text says, or lets one infer, of the parser: that it accepts abbreviations where it says so; and from a sentence
 * that a widespread parser prints, what that parser does. Everything else stays unknown.
 */
export function readParserEvidence(
  lines: readonly TextLine[],
  cleaned: CleanedText,
  endOfOptions: Span | undefined,
): ParsingRules {
  const says = findLine(lines, cleaned, SAYS_ABBREVIATED);
  return {
    ...UNKNOWN_RULES,
    ...inferredRules(lines, cleaned),
    ...(says === undefined ? {} : { optionAbbreviations: stated(true, says) }),
    ...(endOfOptions === undefined ? {} : { doubleHyphen: stated('ends-options' as const, endOfOptions) }),
  };
}

function inferredRules(lines: readonly TextLine[], cleaned: CleanedText): Partial<ParsingRules> {
  for (const { pattern, behaviour } of PARSER_SENTENCES) {
    const place = findLine(lines, cleaned, pattern);
    if (place === undefined) continue;
    return Object.fromEntries(
      Object.entries(behaviour).map(([rule, value]) => [rule, inferred(value, place)]),
    );
  }
  return {};
}

function findLine(lines: readonly TextLine[], cleaned: CleanedText, pattern: RegExp): Span | undefined {
  for (const line of lines) {
    const match = line.text.length > 400 ? null : pattern.exec(line.text);
    if (match === null) continue;
    const start = line.start + match.index;
    return cleaned.span(start, start + match[0].length);
  }
  return undefined;
}
