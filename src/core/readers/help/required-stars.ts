import { type Fact, inferred, stated } from '../../model/fact.ts';
import type { Option } from '../../model/option.ts';
import type { CleanedText } from './cleaned-text.ts';
import { areOptionsBulleted } from './line-marks.ts';
import type { OptionEntry } from './option-entries.ts';

/** What says that a star before an option marks what must be given. */
const STAR_MEANS_REQUIRED =
  /\*["'`)]{0,2} {0,2}(?:[=:-] |means |marks |indicates |denotes |is |are )(?:an? |the )?(?:option is )?(?:required|mandatory)|\b(?:required|mandatory)[^\n.]{0,30} marked (?:with|by)[^\n.*]{0,12}\*|\bmarked (?:with|by)[^\n.*]{0,12}\*[^\n.]{0,30}(?:required|mandatory)/i;
/** What says that it marks something else. */
const STAR_MEANS =
  /(?<=^|[\s(])\*["'`)]{0,2} {0,2}(?:[=:-] |means |marks |indicates |denotes |must |are |is )|\bmarked (?:with|by)[^\n.*]{0,12}\*/im;

/** What a star before options means in a text, looked up once for each text. */
const MEANINGS = new WeakMap<CleanedText, 'required' | 'other' | undefined>();

function meaningOfStar(cleaned: CleanedText): 'required' | 'other' | undefined {
  if (MEANINGS.has(cleaned)) return MEANINGS.get(cleaned);
  const { text } = cleaned;
  const isOther = STAR_MEANS.test(text) || areOptionsBulleted(cleaned.source.text);
  const meaning = STAR_MEANS_REQUIRED.test(text) ? 'required' : isOther ? 'other' : undefined;
  MEANINGS.set(cleaned, meaning);
  return meaning;
}

/** Options without the stars of those that turn out to take nothing: a switch need not be given, and its star marks something else. */
export function withoutStarsOfSwitches(options: readonly Option[]): readonly Option[] {
  const isMarkedSwitch = ({ required, argument, place }: Option) =>
    argument?.value.presence === 'none' &&
    required?.place != null &&
    place !== null &&
    required.place.start < place.start;
  return options.map((option) => (isMarkedSwitch(option) ? { ...option, required: undefined } : option));
}

/** `* -n, --count N`: the star says that the option must be given, where the text tells so; where it tells nothing of stars, it is likely. */
export function requiredByStar({ declaring }: OptionEntry, cleaned: CleanedText): Fact<boolean> | undefined {
  const [first] = declaring;
  if (first === undefined) return undefined;
  const { start } = cleaned.span(
    first.line.start + first.line.first,
    first.line.start + first.line.first + 1,
  );
  const star = /\* {1,3}$/.exec(cleaned.source.text.slice(Math.max(0, start - 4), start));
  const meaning = star === null ? 'other' : meaningOfStar(cleaned);
  if (star === null || meaning === 'other') return undefined;
  const at = start - star[0].length;
  const place = { source: cleaned.source, start: at, end: at + 1 };
  return meaning === 'required' ? stated(true, place) : inferred(true, place);
}
