import type { Audit } from '../audit.ts';
import type { ConformanceRow } from '../conformance/rule.ts';
import { printable } from '../source/printable.ts';
import { wrapText } from '../source/text-wrap.ts';
import { rowName } from './conformance-text.ts';
import { styled, type TextOptions, usedWidth } from './text-style.ts';

/** What lacks one fact, and what to do about it. */
interface Lacking {
  readonly reason: string;
  readonly remedy: string;
  /** Checks, and rows of the conformance tables. */
  readonly judgements: readonly string[];
}

/** What was not judged, by the fact that is lacking, with the one command or line that would make it known; empty where all was. */
export function notJudgedText(audit: Audit, options: TextOptions): string {
  const facts = lackingFacts(audit);
  if (facts.length === 0) return '';
  const width = usedWidth(options);
  const lines = facts.flatMap(({ reason, remedy, judgements }) => [
    wrapText(`${printable(reason)} (${judgements.join(', ')})`, width, '  - ', '    '),
    wrapText(printable(remedy), width, '    to judge it: ', '                 '),
  ]);
  return `${styled('Not judged, because a fact is missing', ['bold'], options)}\n${lines.join('\n')}\n`;
}

/** The facts by how many judgements they would make possible, the most first. */
function lackingFacts({ notJudged, conformance }: Audit): Lacking[] {
  const facts = new Map<string, { reason: string; remedy: string; judgements: Set<string> }>();
  const add = (reason: string, remedy: string, judgement: string) => {
    const known = facts.get(reason) ?? { reason, remedy, judgements: new Set() };
    known.judgements.add(judgement);
    facts.set(reason, known);
  };
  for (const { reason, remedy, check } of notJudged) add(reason, remedy, check);
  const addRow = (standard: string) => (row: ConformanceRow) => {
    if (row.remedy !== undefined) add(row.evidence, row.remedy, `${standard} ${rowName(row)}`);
  };
  for (const { posix, gnu } of conformance) {
    posix.forEach(addRow('POSIX'));
    gnu.forEach(addRow('GNU'));
  }
  return [...facts.values()]
    .map((fact) => ({ ...fact, judgements: [...fact.judgements] }))
    .sort((a, b) => b.judgements.length - a.judgements.length);
}
