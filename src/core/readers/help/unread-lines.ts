import type { Problem } from '../../source/problem.ts';
import type { CleanedText } from './cleaned-text.ts';
import type { LineWithRole } from './line-roles.ts';
import { looksLikeEntry } from './unclaimed-lines.ts';

/** The most places of one text of which it is said that they could not be read. */
const UNREAD_LIMIT = 20;

/** Problems for lines that look like entries of a list and were not read: one for each run of them. */
export function unreadProblems(lines: readonly LineWithRole[], cleaned: CleanedText): Problem[] {
  const runs: LineWithRole[][] = [];
  let previous: LineWithRole | undefined;
  for (const one of lines) {
    const isUnread = one.role === 'unread' && looksLikeEntry(one.line);
    if (isUnread && previous?.role === 'unread' && runs.length > 0) runs.at(-1)?.push(one);
    else if (isUnread) runs.push([one]);
    if (one.role !== 'blank') previous = one;
  }
  return runs.slice(0, UNREAD_LIMIT).map((run) => unreadProblem(run, cleaned));
}

function unreadProblem(run: readonly LineWithRole[], cleaned: CleanedText): Problem {
  const first = run[0]?.line;
  const last = run.at(-1)?.line ?? first;
  const isOption = first !== undefined && '-+'.includes(first.text[first.first] ?? ' ');
  const isOne = run.length === 1;
  const lines = isOne ? 'a line' : `${run.length} lines`;
  const advice = `${isOne ? 'it is' : 'they are'} ignored; describe ${isOne ? 'it' : 'them'} in an interface document`;
  const message = isOption
    ? `expected an option with its text, found ${lines} that could not be read as one; ${advice}`
    : `found ${lines} in columns, and nothing tells whether these words are commands, operands or values; ${advice}`;
  return {
    code: isOption ? 'unread-option' : 'unread-words',
    message,
    place:
      first === undefined || last === undefined
        ? null
        : cleaned.span(first.start + first.first, last.start + last.text.length),
    source: cleaned.source.name,
    consequence: 'partly-read',
  };
}
