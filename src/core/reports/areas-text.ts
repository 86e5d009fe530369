import type { Audit } from '../audit.ts';
import { areaOf } from '../checks/define-check.ts';
import { LEVELS } from '../findings/level.ts';
import { LEVEL_COLOUR } from './finding-text.ts';
import { columnsText, type TextCell } from './text-columns.ts';
import { styled, type TextOptions } from './text-style.ts';

/** For each area of checks, what was found, and how its checks ended. */
export function areasText({ outcomes, findings }: Audit, options: TextOptions): string {
  const areas = [...new Set(outcomes.map(({ check }) => areaOf(check)))];
  const rows = areas.map((area): TextCell[] => {
    const own = <T extends { readonly check: string }>(all: readonly T[]) =>
      all.filter(({ check }) => areaOf(check) === area);
    const found = LEVELS.map((level): TextCell => {
      const count = own(findings).filter((finding) => finding.level === level).length;
      const text = String(count);
      return count === 0
        ? { text: '-', shown: styled('-', ['dim'], options) }
        : { text, shown: styled(text, ['bold', LEVEL_COLOUR[level]], options) };
    });
    const ended = (outcome: string) => own(outcomes).filter((one) => one.outcome === outcome).length;
    const judged = ended('findings') + ended('clean');
    return [
      { text: area },
      ...found,
      { text: String(judged) },
      { text: String(ended('not-judged')) },
      { text: String(ended('not-applicable')) },
    ];
  });
  if (rows.length === 0) return '';
  const titles = ['', 'errors', 'warnings', 'notes', 'judged', 'fact missing', 'not applicable'];
  return `${styled('By area: findings, and how the checks ended', ['bold'], options)}\n${columnsText(titles, rows, options).join('\n')}\n`;
}
