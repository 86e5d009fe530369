import type { Audit } from '../audit.ts';
import { countOf } from '../checks/wording.ts';
import type { Finding, NotJudged } from '../findings/finding.ts';
import { LEVELS } from '../findings/level.ts';
import { walkCommands } from '../model/walk.ts';
import { LineIndexes } from '../source/line-index.ts';
import { printable } from '../source/printable.ts';
import { conformanceText } from './conformance-text.ts';
import { findingText, LEVEL_COLOUR } from './finding-text.ts';
import { styled, type TextOptions, usedWidth } from './text-style.ts';
import { wrapText } from './text-wrap.ts';

/**
 * An audit as text for people, ending in a newline: the findings grouped by command, the conformance tables, and a
 * summary with what was not judged.
 */
export function auditText(audit: Audit, options: TextOptions): string {
  const indexes = new LineIndexes();
  const parts: string[] = [];
  for (const [command, findings] of byCommand(audit)) {
    parts.push(`${groupTitle(command, findings, options)}\n`);
    for (const finding of findings) parts.push(findingText(finding, indexes, options));
  }
  for (const table of audit.conformance) parts.push(conformanceText(table, options));
  const lacking = notJudgedText(audit, options);
  if (lacking !== '') parts.push(lacking);
  parts.push(summaryText(audit, options));
  return parts.join('\n');
}

/** The findings of each command that has some, in the order of the tree, the gravest first. */
function byCommand(audit: Audit): Map<string, Finding[]> {
  const groups = new Map<string, Finding[]>();
  for (const from of audit.interfaces) {
    for (const { path } of walkCommands(from)) groups.set(path.join(' '), []);
  }
  for (const level of LEVELS) {
    for (const finding of audit.findings) {
      if (finding.level !== level) continue;
      const path = finding.command.join(' ');
      const group = groups.get(path) ?? [];
      group.push(finding);
      groups.set(path, group);
    }
  }
  for (const [path, findings] of groups) if (findings.length === 0) groups.delete(path);
  return groups;
}

function groupTitle(command: string, findings: readonly Finding[], options: TextOptions): string {
  const title = printable(command);
  const counts = ` ${levelCounts(findings)}`;
  const rule = '─'.repeat(Math.max(3, usedWidth(options) - title.length - 1 - counts.length));
  return `${styled(title, ['bold', 'underline'], options)} ${styled(rule, ['dim'], options)}${counts}`;
}

function levelCounts(findings: readonly Finding[]): string {
  return LEVELS.flatMap((level) => {
    const count = findings.filter((finding) => finding.level === level).length;
    return count === 0 ? [] : [countOf(count, level)];
  }).join(', ');
}

/** What the checks could not judge, grouped by what would supply the fact. */
function notJudgedText(audit: Audit, options: TextOptions): string {
  const groups = new Map<string, NotJudged[]>();
  for (const lacking of audit.notJudged) {
    const key = `${lacking.reason}: ${lacking.supply}`;
    groups.set(key, [...(groups.get(key) ?? []), lacking]);
  }
  if (groups.size === 0) return '';
  const lines = [...groups].map(([key, all]) => {
    const checks = [...new Set(all.map(({ check }) => check))].join(', ');
    return wrapText(`${printable(key)} (${checks})`, usedWidth(options), '  - ', '    ');
  });
  return `${styled('Not judged', ['bold'], options)}\n${lines.join('\n')}\n`;
}

function summaryText(audit: Audit, options: TextOptions): string {
  const commands = audit.interfaces.flatMap((from) =>
    [...walkCommands(from)].filter((at) => at.command.described),
  );
  const optionCount = commands.reduce((sum, at) => sum + at.command.options.items.length, 0);
  const programs = audit.interfaces.map((from) => printable(from.program.value)).join(', ');
  const read = `${programs}: ${countOf(optionCount, 'option')} in ${countOf(commands.length, 'command')} read`;
  const ended = (outcome: string) => audit.outcomes.filter((check) => check.outcome === outcome).length;
  const checks =
    `${countOf(audit.outcomes.length, 'check')}: ${ended('findings')} with findings, ${ended('clean')} clean, ` +
    `${ended('not-applicable')} with nothing to judge, ${ended('not-judged')} lacking a fact`;
  const found = audit.findings.length === 0 ? 'nothing found' : levelCounts(audit.findings);
  const gravest = LEVELS.find((level) => audit.findings.some((finding) => finding.level === level));
  const verdict = styled(found, ['bold', gravest === undefined ? 'green' : LEVEL_COLOUR[gravest]], options);
  return `${[read, checks].map((text) => wrapText(text, usedWidth(options), '', '  ')).join('\n')}\n${verdict}\n`;
}
