import { isUpper } from '../../notation/characters.ts';
import type { Candidate } from './candidate.ts';
import { markEndsAt } from './text-mark.ts';

/** The lines below an entry's first that go on with its names, while its text goes on beside them. */
export function furtherNames(candidates: readonly Candidate[], index: number): Candidate[] {
  const first = candidates[index];
  if (first?.certainty !== 'columns') return [];
  return hasComma(first)
    ? namesBehindCommas(candidates, index, first)
    : namesWithoutMark(candidates, index, first);
}

function hasComma({ line, declaration }: Candidate): boolean {
  return line.text[declaration.end] === ',';
}

/**
 * The lines that go on with names behind which a comma and a text stand: `-r, --row NUM,   row`, and below it `--rows`. As long as commas end
 * them, they may begin further left too, where names are aligned at their ends.
 */
function namesBehindCommas(candidates: readonly Candidate[], index: number, first: Candidate): Candidate[] {
  const further: Candidate[] = [];
  let isAtEnds = false;
  for (let i = index + 1; i < candidates.length; i++) {
    const next = candidates[i];
    const isNext = next?.line.index === first.line.index + further.length + 1;
    if (next === undefined || !isNext || !next.line.text.startsWith('--', next.line.first)) break;
    // Names that are aligned at their ends may begin anywhere: only a comma goes on with them.
    isAtEnds ||= next.line.indent <= first.line.indent;
    if (isAtEnds && !hasComma(further.at(-1) ?? first)) break;
    further.push(next);
  }
  return further;
}

/**
 * The lines right below whose texts have no mark before them, in a list whose texts have: `--in DIR    - where the boxes`, and below it
 * `--indir DIR   come from`.
 */
function namesWithoutMark(candidates: readonly Candidate[], index: number, first: Candidate): Candidate[] {
  const further: Candidate[] = [];
  if (!isMarked(first)) return further;
  let i = index + 1;
  for (; i < candidates.length; i++) {
    const next = candidates[i];
    if (next?.line.index !== first.line.index + further.length + 1 || !goesOn(first, next)) break;
    further.push(next);
  }
  const isCustom = [candidates[index - 1], candidates[i]].some((one) => one !== undefined && isMarked(one));
  return isCustom ? further : [];
}

function isMarked({ line, textStart }: Candidate): boolean {
  // `-D FILE: the text` below `-d     : the text`: names that fill the column up to the mark.
  return (
    textStart !== undefined &&
    (markEndsAt(line.text, textStart) || line.text.slice(0, textStart).endsWith(': '))
  );
}

/** Whether a line has names no further left than another, and a text without a mark that stands no further left and begins no sentence. */
function goesOn(first: Candidate, next: Candidate): boolean {
  if (next.textStart === undefined || first.textColumn === undefined || isMarked(next)) return false;
  const isDeep = next.line.indent >= first.line.indent && (next.textColumn ?? 0) >= first.textColumn;
  return isDeep && !isUpper(next.line.text.charCodeAt(next.textStart));
}
