import type { LineRole } from '../../source/help-annotation.ts';
import type { TextLine } from './text-line.ts';

/** A word and a text behind a gutter, an option, or a name with a mark: as entries of lists begin. */
const LIKE_ENTRY = /^\s*(?:[-+]{1,2}\w|\S{1,40}(?: \S{1,20}){0,2}(?:\s{2,}|\t)\S)/;
/** Words in a row, as in sentences. */
const SENTENCE = /(?:^|\s)[\p{L}'’(-]+(?:\s[\p{L}'’,()-]+){2,}/u;
/** A prompt, or a command line that a backslash breaks. */
const COMMAND_LINE = /^\s*[$%>#] \S|\\$/;
/** Three cells or more. */
const TABLE_ROW = /^\s*\S+(?: \S+)*(?:(?:\s{2,}|\t)\S+(?: \S+)*){2,}$/;
/** Nothing but marks: a rule, or what is left of a frame. */
const RULE = /^\W+$/;

/** The role of a line from which nothing was taken. `kind` is that of its section, `isBehind` whether nothing is read behind it. */
export function unclaimedRole(
  line: TextLine,
  lines: readonly TextLine[],
  kind: string | undefined,
  isBehind: boolean,
): LineRole {
  const { text } = line;
  if (line.blank) return 'blank';
  if (kind === 'examples' || COMMAND_LINE.test(text)) return 'example';
  const isSentence = SENTENCE.test(text.slice(0, 400));
  if (TABLE_ROW.test(text) && !isSentence && isTableRow(lines[line.index - 1], lines[line.index + 1]))
    return 'table';
  if (RULE.test(text)) return 'prose';
  if (LIKE_ENTRY.test(text) && !/[.!?] {2}\S/.test(text)) return 'unread';
  // The last words of a sentence may stand alone in their line.
  const before = lines[line.index - 1];
  const goesOn = before !== undefined && !before.blank && SENTENCE.test(before.text.slice(0, 400));
  if (isSentence || goesOn) return isBehind ? 'epilogue' : 'prose';
  return /^\s*(?:https?:\/\/|<)\S+$/.test(text) ? 'prose' : 'unread';
}

function isTableRow(...others: readonly (TextLine | undefined)[]): boolean {
  return others.some((other) => other !== undefined && TABLE_ROW.test(other.text));
}
