import { LineIndexes } from '../source/line-index.ts';
import { printable } from '../source/printable.ts';
import { placeText } from './finding-text.ts';
import type { ReportItems } from './items/report-items.ts';

/** Items one to a line, `FILE:LINE:COLUMN: LEVEL: MESSAGE [RULE]`, for editors and logs: columns as GNU messages have them, and no other lines. */
export function itemsLines({ items }: ReportItems): string {
  const indexes = new LineIndexes();
  return items
    .map(
      ({ place, level, message, rule }) =>
        `${placeText(place, indexes)}${level}: ${printable(message)} [${printable(rule)}]\n`,
    )
    .join('');
}
