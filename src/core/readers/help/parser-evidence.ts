import { stated } from '../../model/fact.ts';
import type { Option } from '../../model/option.ts';
import { type ParsingRules, UNKNOWN_RULES } from '../../model/parsing-rules.ts';
import { commonRules } from '../../parsers/common-rules.ts';
import type { RecognisedParser } from '../../parsers/recognised-parser.ts';
import type { Span } from '../../source/source.ts';
import type { CleanedText } from './cleaned-text.ts';
import { findEitherHyphens } from './hyphen-evidence.ts';
import { findNumberOption } from './number-option.ts';
import type { TextLine } from './text-line.ts';

/** Sentences that say that prefixes of long options are accepted. */
const SAYS_ABBREVIATED =
  /\b(?:unambiguous|unique) (?:prefix|abbreviation)|\blong options (?:can|may) be (?:abbreviated|shortened)/i;

/** Sentences that say that long options may be written with one hyphen as with two. */
const SAYS_EITHER_HYPHENS =
  /\b(?:one|single)(?:[- ](?:hyphen|dash))? or (?:a )?(?:two|double)[- ](?:hyphens?|dash(?:es)?)\b/i;

/**
 * What a text says, or lets one infer, of the parser: that it accepts abbreviations, or either number of hyphens, where it says
 * so; what the parser does that printed the text, if it shows (`recognised`); and from names met in another
 * spelling than in the list. `shownEnd` is where a synopsis shows `--`. Everything else stays unknown.
 */
export function readParserEvidence(
  options: readonly Option[],
  lines: readonly TextLine[],
  cleaned: CleanedText,
  { recognised, shownEnd }: { recognised: RecognisedParser | undefined; shownEnd: Span | undefined },
): ParsingRules {
  const endOfOptions = shownEnd ?? findEndOfOptions(lines, cleaned);
  const says = findLine(lines, cleaned, SAYS_ABBREVIATED);
  const hyphens = findLine(lines, cleaned, SAYS_EITHER_HYPHENS);
  return {
    ...UNKNOWN_RULES,
    longHyphens: findEitherHyphens(options, lines, cleaned),
    numberOption: findNumberOption(options),
    ...(recognised === undefined ? {} : commonRules(recognised.parser)),
    ...(hyphens === undefined ? {} : { longHyphens: stated('one-or-two' as const, hyphens) }),
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

/** An entry `--  ends the options` of an option list. */
function findEndOfOptions(lines: readonly TextLine[], cleaned: CleanedText): Span | undefined {
  const line = lines.find((candidate) =>
    /^\s{0,30}\[?--\]?(?:\s{2,}\S|\t|$)/.test(candidate.text.slice(0, 60)),
  );
  return line === undefined ? undefined : cleaned.span(line.start + line.first, line.start + line.first + 2);
}
