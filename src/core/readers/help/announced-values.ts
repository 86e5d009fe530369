import { type AllowedValue, bareValue } from '../../model/argument.ts';
import { stated } from '../../model/fact.ts';
import type { Option } from '../../model/option.ts';
import { matches } from '../../source/matches.ts';
import type { CleanedText } from './cleaned-text.ts';
import { TextFlow } from './text-flow.ts';
import type { TextLine } from './text-line.ts';
import { withValues } from './value-lists.ts';
import { findWordEntries } from './word-entries.ts';

/** The end of a sentence that leads to a list of values. */
const ANNOUNCEMENT =
  /\b(?:values?|choices|one of|any of|types|formats|modes|levels)\b[^.]{0,60}(?<!\bdefault):$/i;

/** A sentence that leads to a list has no more lines. */
const SENTENCE_LINES = 5;

const VALUE = /^[a-z0-9][\w.+-]*$/i;

/**
 * Gives options the values of lists below a sentence that names one option and announces its values: `The way is chosen by --backup. Here are
 * the values:`, and below it `none, off   never make copies`.
 */
export function withAnnouncedValues(
  options: readonly Option[],
  lines: readonly TextLine[],
  cleaned: CleanedText,
): readonly Option[] {
  let given = options;
  let tried = 0;
  for (const line of lines) {
    if (line.blank || !ANNOUNCEMENT.test(line.text.slice(-ANNOUNCEMENT_LIMIT))) continue;
    if (++tried > SENTENCES_TRIED) break;
    const option = onlyOption(sentenceAbove(line, lines), options);
    const values = option === undefined ? [] : valuesBelowLine(line, lines, cleaned);
    if (option === undefined || values.length < 2) continue;
    given = given.map((one) => (one === option ? withValues(one, values) : one));
  }
  return given;
}

/** No help has more such sentences; each costs a look at the lines below it. */
const SENTENCES_TRIED = 100;

/** An announcement stands at the end of its line. */
const ANNOUNCEMENT_LIMIT = 100;

/** The text of the paragraph that a line ends. */
function sentenceAbove(line: TextLine, lines: readonly TextLine[]): string {
  const texts: string[] = [];
  for (let i = line.index; i >= 0 && i > line.index - SENTENCE_LINES; i--) {
    const above = lines[i];
    if (above === undefined || above.blank || above.indent > line.indent) break;
    texts.unshift(above.text.trim());
  }
  return texts.join(' ');
}

/** The one option with a value in the last sentence of a text that names any. */
function onlyOption(text: string, options: readonly Option[]): Option | undefined {
  const names = (sentence: string) => matches(sentence, /(?<![\w-])--[\w-]+/g).map(([name]) => name);
  const named = new Set(
    text
      .split(/[.;] +/)
      .map(names)
      .findLast((found) => found.length > 0),
  );
  const found = options.filter(
    ({ names, argument }) =>
      names.some((name) => named.has(name.text)) &&
      argument !== undefined &&
      argument.value.presence !== 'none',
  );
  return found.length === 1 ? found[0] : undefined;
}

/** So many lines of a list of values are read. */
const LIST_LIMIT = 200;

/** Names alone, `none, off`; the words of a sentence are none. */
const NAMES = /^(?:["'`]?[\w.+-]+["'`]?(?:\s*[,|]\s*|$)){1,20}$/;

/** A line that is filled and declares no option. */
function isOfList(line: TextLine | undefined): boolean {
  return line?.blank === false && !/^[-+]\S/.test(line.text.slice(line.first, line.first + 2));
}

/** `* 'early' takes what came first`: a value in quotes behind a bullet. */
const QUOTED_BULLET = /^\s*[*•-] (["'`])([\w.+-]{1,60})\1(?=\s|$)/;

function quotedBullets(lines: readonly TextLine[], cleaned: CleanedText): AllowedValue[] {
  return lines.flatMap((line) => {
    const [matched = '', , value = ''] = QUOTED_BULLET.exec(line.text.slice(0, 200)) ?? [];
    const end = line.start + matched.length - 1;
    return matched === '' ? [] : [bareValue(value, cleaned.span(end - value.length, end))];
  });
}

function valuesBelowLine(line: TextLine, lines: readonly TextLine[], cleaned: CleanedText): AllowedValue[] {
  let from = line.index + 1;
  if (lines[from]?.blank) from++;
  let to = from;
  while (to < lines.length && to < from + LIST_LIMIT && isOfList(lines[to])) to++;
  const bulleted = quotedBullets(lines.slice(from, to), cleaned);
  if (bulleted.length > 0) return bulleted;
  return findWordEntries(lines.slice(from, to)).flatMap((entry) => {
    const flow = new TextFlow(cleaned, entry.pieces);
    const help = flow.text === '' ? undefined : stated(flow.text, flow.place);
    const left = entry.line.text.slice(entry.start, entry.end);
    if (!NAMES.test(left.slice(0, 200))) return [];
    return matches(left, /[^\s,|'"`]+/g).flatMap((match) => {
      if (!VALUE.test(match[0])) return [];
      const start = entry.line.start + entry.start + match.index;
      return [{ ...bareValue(match[0], cleaned.span(start, start + match[0].length)), help }];
    });
  });
}
