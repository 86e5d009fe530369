import type { Audit, Conformance } from '../audit.ts';
import { LEVELS } from '../findings/level.ts';
import { countOf } from '../messages/wording.ts';
import { walkCommands } from '../model/walk.ts';
import { printable } from '../source/printable.ts';
import { wrapText } from '../source/text-wrap.ts';
import { acceptedOutcomeText } from './accepted-text.ts';
import { areasText } from './areas-text.ts';
import { briefNotesText } from './brief-notes-text.ts';
import { conformanceText } from './conformance-text.ts';
import { LEVEL_COLOUR } from './finding-text.ts';
import { findingsText, graveText, levelCounts } from './findings-text.ts';
import { fixesText } from './fixes-text.ts';
import { notJudgedText } from './not-judged-text.ts';
import { styled, type TextOptions, usedWidth } from './text-style.ts';

/**
 * An audit as text for people, ending in a newline: what to fix first, the tables of the standards that a program claims, a line for the notes of each area, and
 * how much was read. In full: every note, a summary by area, all tables, and what was not judged with what would make the facts known.
 */
export function auditText(audit: Audit, options: TextOptions, inFull: boolean): string {
  const parts = inFull
    ? [
        ...findingsText(audit.findings, options),
        areasText(audit, options),
        ...audit.conformance.map((table) => conformanceText(table, options)),
        notJudgedText(audit, options),
      ]
    : [
        ...graveText(audit.findings, options),
        ...audit.conformance.map((table) => conformanceText(claimedOnly(table, audit), options)),
        briefNotesText(audit, options),
      ];
  return [
    ...parts,
    acceptedOutcomeText(audit.accepted, options),
    fixesText(audit.fixes, options, inFull),
    summaryText(audit, options),
  ]
    .filter((part) => part !== '')
    .join('\n');
}

/** The tables of the standards that a program claims to follow. */
function claimedOnly({ program, posix, gnu }: Conformance, { interfaces }: Audit): Conformance {
  const claims = new Set(
    interfaces
      .filter((cli) => cli.program.value === program)
      .flatMap((cli) => cli.claims.map(({ value }) => value)),
  );
  return { program, posix: claims.has('posix') ? posix : [], gnu: claims.has('gnu') ? gnu : [] };
}

/** A sentence for each source of whose lines many could not be read: what is said of it may rest on a misreading. */
function littleRead(audit: Audit): string[] {
  return audit.interfaces.flatMap(({ sources }) =>
    sources.flatMap(({ source, lines }) => {
      if (lines === undefined || lines.unread === 0) return [];
      const share = lines.unread / (lines.read + lines.unread);
      if (lines.unread < MIN_UNREAD || share < TOLD_SHARE) return [];
      const percent = Math.round(100 * (1 - share));
      return [
        `${printable(source.name)}: ${percent} % of its lines could be read; 'dabbawala annotate' shows how each was read`,
      ];
    }),
  );
}

/** So many unread lines, and this share of all, are told. */
const MIN_UNREAD = 3;
const TOLD_SHARE = 0.1;

function summaryText(audit: Audit, options: TextOptions): string {
  const commands = audit.interfaces.flatMap((cli) =>
    [...walkCommands(cli)].filter((at) => at.command.described),
  );
  const optionCount = commands.reduce((sum, at) => sum + at.command.options.items.length, 0);
  const programs = audit.interfaces.map((cli) => printable(cli.program.value)).join(', ');
  const read = `${programs}: ${countOf(optionCount, 'option')} in ${countOf(commands.length, 'command')} read`;
  const found = audit.findings.length === 0 ? 'nothing found' : levelCounts(audit.findings);
  const gravest = LEVELS.find((level) => audit.findings.some((finding) => finding.level === level));
  const verdict = styled(found, ['bold', gravest === undefined ? 'green' : LEVEL_COLOUR[gravest]], options);
  return `${[read, ...littleRead(audit)].map((line) => `${wrapText(line, usedWidth(options), '', '  ')}\n`).join('')}${verdict}\n`;
}
