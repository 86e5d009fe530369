import type { Audit } from '../audit.ts';
import { areaOf } from '../checks/define-check.ts';
import { groupedBy } from '../collections/grouped.ts';
import type { Finding } from '../findings/finding.ts';
import { countOf } from '../messages/wording.ts';
import { wrapText } from '../source/text-wrap.ts';
import { byArea, ruledTitle } from './findings-text.ts';
import { styled, type TextOptions, usedWidth } from './text-style.ts';

/** The notes by area, a line each, and how much was not judged; with the option that tells more. Empty where there is neither. */
export function briefNotesText({ findings, notJudged }: Audit, options: TextOptions): string {
  const notes = byArea(findings.filter(({ level }) => level === 'note'));
  const facts = new Set(notJudged.map(({ reason }) => reason)).size;
  if (notes.length === 0 && facts === 0) return '';
  const areas = groupedBy(notes, ({ check }) => areaOf(check));
  const width = [...areas.keys()].reduce((most, area) => Math.max(most, area.length), 0);
  const lines = [...areas].map(([area, own]) => {
    const lead = `  ${area.padEnd(width)}  `;
    return wrapText(checksOf(own), usedWidth(options), lead, ' '.repeat(lead.length));
  });
  const title = notes.length === 0 ? [] : [ruledTitle('Notes', notes, options)];
  const lacking = facts === 0 ? '' : `, with ${countOf(facts, 'fact')} that some checks lack`;
  const more =
    notes.length === 0
      ? `${countOf(facts, 'fact')} that some checks lack: '--notes' tells which`
      : `'--notes' tells them one by one${lacking}`;
  return `${[...title, ...lines, styled(wrapText(more, usedWidth(options), '', '  '), ['dim'], options)].join('\n')}\n`;
}

/** `nearly-equal, placeholder-mixed 2 times` */
function checksOf(findings: readonly Finding[]): string {
  const checks = groupedBy(findings, ({ check }) => check.slice(areaOf(check).length + 1));
  return [...checks]
    .map(([name, { length }]) => (length === 1 ? name : `${name} ${length} times`))
    .join(', ');
}
