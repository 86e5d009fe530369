import type { AuditFixes } from '../findings/audit-fixes.ts';
import { countOf } from '../messages/wording.ts';
import { LineIndexes } from '../source/line-index.ts';
import { printable } from '../source/printable.ts';
import { wrapText } from '../source/text-wrap.ts';
import { placeText } from './finding-text.ts';
import { type TextOptions, usedWidth } from './text-style.ts';

/** How many findings can be fixed, and why others are not, notes where all is told in full; empty where there are none of either. */
export function fixesText({ byFinding, left }: AuditFixes, options: TextOptions, inFull: boolean): string {
  const indexes = new LineIndexes();
  const width = usedWidth(options);
  const count = byFinding.size;
  const told = left.filter(({ finding }) => inFull || finding.level !== 'note');
  const lines = told.map(({ finding, because }) =>
    wrapText(
      `${placeText(finding.place, indexes)}not fixed: ${printable(because)} [${finding.check}]`,
      width,
      '',
      '    ',
    ),
  );
  if (count > 0)
    lines.push(
      wrapText(
        `${countOf(count, 'finding')} can be fixed: '--format=patch' shows how, '--rewrite' does it`,
        width,
        '',
        '  ',
      ),
    );
  return lines.map((line) => `${line}\n`).join('');
}
