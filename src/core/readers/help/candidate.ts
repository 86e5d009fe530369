import type { SplitEntry } from './entry-split.ts';
import type { TextLine } from './text-line.ts';

/** A line that declares options, as its layout and that of its neighbours show. */
export interface Candidate extends SplitEntry {
  readonly line: TextLine;
}

/** Copied member by member, as `withArgument` of the notation is, so that all candidates have one hidden class. */
export function makeCandidate(
  { declaration, certainty, textStart, textColumn }: SplitEntry,
  line: TextLine,
): Candidate {
  return { declaration, certainty, textStart, textColumn, line };
}

/** Whether a line begins as an entry does: with a hyphen, a plus, or one of them in a bracket. */
export function mayDeclare(line: TextLine): boolean {
  if (line.blank) return false;
  const character = line.text[line.first];
  const isBracket = (character === '[' || character === '{') && line.text[line.first + 1] === '-';
  return character === '-' || character === '+' || isBracket;
}
