import { areaOf } from '../checks/define-check.ts';
import { groupedBy } from '../collections/grouped.ts';
import type { Finding } from '../findings/finding.ts';
import { LEVELS } from '../findings/level.ts';
import { countOf } from '../messages/wording.ts';
import { LineIndexes } from '../source/line-index.ts';
import { findingText, shortFindingText } from './finding-text.ts';
import { styled, type TextOptions, usedWidth } from './text-style.ts';

/** With more findings than this, notes are told in a few lines each. */
const QUOTED_IN_FULL = 12;

/** The areas in the order in which a maintainer fixes: first what breaks callers, last what departs from a custom. */
const AREAS: readonly string[] = [
  'conflicts',
  'arguments',
  'behaviour',
  'script',
  'sources',
  'abbreviations',
  'completion',
  'help',
  'names',
  'gnu',
  'posix',
];

/** The findings as parts of a report: errors and warnings, gravest first and each in full, then the notes by check. */
export function findingsText(findings: readonly Finding[], options: TextOptions): string[] {
  const indexes = new LineIndexes();
  const notes = byArea(findings.filter(({ level }) => level === 'note'));
  const parts = graveText(findings, options);
  if (notes.length > 0) {
    parts.push(`${ruledTitle('Notes', notes, options)}\n`);
    if (findings.length <= QUOTED_IN_FULL)
      for (const finding of notes) parts.push(findingText(finding, indexes, options));
    else for (const part of shortNotes(notes, indexes, options)) parts.push(part);
  }
  return parts;
}

/** The errors and warnings as parts of a report, gravest first and each in full. */
export function graveText(findings: readonly Finding[], options: TextOptions): string[] {
  const indexes = new LineIndexes();
  const grave = LEVELS.filter((level) => level !== 'note').flatMap((level) =>
    byArea(findings.filter((finding) => finding.level === level)),
  );
  if (grave.length === 0) return [];
  return [
    `${ruledTitle('Fix first', grave, options)}\n`,
    ...grave.map((finding) => findingText(finding, indexes, options)),
  ];
}

/** The notes of each check together: its name, and each with its place, message and fix. */
function shortNotes(notes: readonly Finding[], indexes: LineIndexes, options: TextOptions): string[] {
  const groups = groupedBy(notes, ({ check }) => check);
  return [...groups].map(([check, all]) => {
    const title = styled(all.length === 1 ? check : `${check}, ${all.length} times`, ['bold'], options);
    // A fix that is the same for all is said once, behind the last.
    return `${title}\n${all
      .map((note, i) => shortFindingText(note, indexes, options, note.fix !== all[i + 1]?.fix))
      .join('')}`;
  });
}

/** Findings in the order in which a maintainer fixes. */
export function byArea(findings: readonly Finding[]): Finding[] {
  const rank = ({ check }: Finding) => {
    const at = AREAS.indexOf(areaOf(check));
    return at < 0 ? AREAS.length : at;
  };
  return findings.toSorted((a, b) => rank(a) - rank(b));
}

/** A title with the counts of what stands below it at the end of its line. */
export function ruledTitle(title: string, findings: readonly Finding[], options: TextOptions): string {
  const counts = ` ${levelCounts(findings)}`;
  const rule = '─'.repeat(Math.max(3, usedWidth(options) - title.length - 1 - counts.length));
  return `${styled(title, ['bold', 'underline'], options)} ${styled(rule, ['dim'], options)}${counts}`;
}

/** `1 error, 3 notes`. */
export function levelCounts(findings: readonly Finding[]): string {
  return LEVELS.flatMap((level) => {
    const count = findings.filter((finding) => finding.level === level).length;
    return count === 0 ? [] : [countOf(count, level)];
  }).join(', ');
}
