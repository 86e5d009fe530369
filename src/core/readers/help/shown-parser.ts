import type { ParserMark } from '../../model/interface.ts';
import type { Option } from '../../model/option.ts';
import { type RecognisedParser, recognisedParser } from '../../parsers/recognised-parser.ts';
import type { CleanedText } from './cleaned-text.ts';
import type { TextLine } from './text-line.ts';

/** So many lines at the beginning of a text are searched for marks of a parser, and so many at its end: there they stand. */
const LINES_AT_BEGINNING = 300;
const LINES_AT_END = 60;

/** Longer lines are no marks. */
const LONGEST_LINE = 240;

/** The parser that printed a text, by the marks of its help; undefined where there are not enough, or it may be somebody's own words. */
export function findShownParser(
  options: readonly Option[],
  lines: readonly TextLine[],
  cleaned: CleanedText,
): RecognisedParser | undefined {
  const searched =
    lines.length <= LINES_AT_BEGINNING + LINES_AT_END
      ? lines
      : [...lines.slice(0, LINES_AT_BEGINNING), ...lines.slice(-LINES_AT_END)];
  let asked: readonly ParserMark[] | undefined;
  const ask = () =>
    searched
      .filter(({ text, blank }) => !blank && text.length <= LONGEST_LINE)
      .map(({ text, start, first }) => ({ text, place: cleaned.span(start + first, start + text.length) }));
  return recognisedParser({
    text: searched.map(({ text }) => text).join('\n'),
    lines: () => {
      asked ??= ask();
      return asked;
    },
    helpText: textOf(options, HELP_NAMES),
    versionText: textOf(options, VERSION_NAMES),
  });
}

const HELP_NAMES: ReadonlySet<string> = new Set(['--help', '-help']);
const VERSION_NAMES: ReadonlySet<string> = new Set(['--version', '-version']);

function textOf(options: readonly Option[], wanted: ReadonlySet<string>): ParserMark | undefined {
  const help = options.find(({ names }) => names.some(({ text }) => wanted.has(text)))?.help;
  return help && { text: help.value.replaceAll(/\s+/g, ' ').trim(), place: help.place };
}
