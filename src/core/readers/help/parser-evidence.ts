import { inferred, stated } from '../../model/fact.ts';
import { type ParsingRules, UNKNOWN_RULES } from '../../model/parsing-rules.ts';
import type { Span } from '../../source/source.ts';
import type { CleanedText } from './cleaned-text.ts';
import type { TextLine } from './text-line.ts';

/** Sentences that say that prefixes of long options are accepted. */
const SAYS_ABBREVIATED =
  /\b(?:unambiguous|unique) (?:prefix|abbreviation)|\blong options (?:can|may) be (?:abbreviated|shortened)/i;

/** The sentence that programs with the GNU parser print above their options. */
const GNU_SENTENCE = /^\s*mandatory (?:or optional )?arguments to long options are (?:also )?mandatory/i;

/**
 * What a text says, or lets one infer, of the parser: that it accepts abbreviations where it says so; and from the sentence that
 * goes with the GNU parser, what that parser does. Everything else stays unknown.
 */
export function readParserEvidence(
  lines: readonly TextLine[],
  cleaned: CleanedText,
  endOfOptions: Span | undefined,
): ParsingRules {
  const says = findLine(lines, cleaned, SAYS_ABBREVIATED);
  const isGnu = findLine(lines, cleaned, GNU_SENTENCE);
  return {
    ...UNKNOWN_RULES,
    ...(isGnu === undefined
      ? {}
      : {
          optionAbbreviations: inferred(true, isGnu),
          spellingsTie: inferred(false, isGnu),
          caseSensitive: inferred(true, isGnu),
          grouping: inferred(true, isGnu),
          doubleHyphen: inferred('ends-options' as const, isGnu),
        }),
    ...(says === undefined ? {} : { optionAbbreviations: stated(true, says) }),
    ...(endOfOptions === undefined ? {} : { doubleHyphen: stated('ends-options' as const, endOfOptions) }),
  };
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
