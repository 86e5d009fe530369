import { expectKeys } from '../../messages/misuse-error.ts';
import type { HelpAnnotation } from '../../source/help-annotation.ts';
import { LineIndex, LineIndexes } from '../../source/line-index.ts';
import type { Source } from '../../source/source.ts';
import { HELP_SETTINGS, type HelpSettings } from './help-settings.ts';
import { countLines } from './line-roles.ts';
import { readHelpLines } from './read-help.ts';

/**
 * Tells how help output is read, line by line: the role of each, and which options, commands and operands were taken from it. A text that
 * cannot be used as help has lines of prose and unread ones only. Whatever the text holds, it does not throw; a setting that there is not is a
 * MisuseError.
 */
export function annotateHelp(source: Source, settings: HelpSettings = {}): HelpAnnotation {
  expectKeys('annotateHelp', settings, HELP_SETTINGS);
  const { lines, interface: cli } = readHelpLines(source, settings);
  const numberOf = fileLines(source);
  const annotated = lines.map(({ line, role, reads }) => ({
    line: numberOf(line.index + 1),
    text: line.text,
    role,
    reads,
  }));
  // The text ends in a line break, behind which nothing stands.
  if (annotated.at(-1)?.text === '') annotated.pop();
  const parser = cli?.parser && {
    names: cli.parser.value,
    marks: cli.parserMarks.map(({ text }) => text),
  };
  return { source, parser, lines: annotated, counts: countLines(lines) };
}

/** The number of a line in the file where a text stands that was taken out of one, such as a script. */
function fileLines(source: Source): (line: number) => number {
  if (source.within === undefined) return (line) => line;
  const own = new LineIndex(source.text);
  const indexes = new LineIndexes();
  return (line) => {
    const { start } = own.lineRange(line) ?? { start: source.text.length };
    return indexes.start({ source, start, end: start }).line;
  };
}
