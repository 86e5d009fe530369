import type { AcceptedFinding } from '../accepted/accepted-finding.ts';
import type { Audit } from '../audit.ts';
import type { ConformanceRow } from '../conformance/rule.ts';
import { jsonText } from '../source/json-text.ts';
import { LineIndexes } from '../source/line-index.ts';
import type { Problem } from '../source/problem.ts';
import { jsonPlace } from './json-place.ts';
import type { Tool } from './tool.ts';

/**
 * An audit as JSON text, ending in a newline. Columns and offsets count UTF-16 units of the text as decoded. The fields
 * are stable: later versions only add some.
 */
export function auditJson(audit: Audit, problems: readonly Problem[], tool: Tool): string {
  const indexes = new LineIndexes();
  const report = {
    version: 1,
    tool,
    columnUnit: 'utf-16',
    sources: audit.interfaces.flatMap((cli) =>
      cli.sources.map(({ source, kind, command, width, lines }) => ({
        name: source.name,
        kind,
        program: cli.program.value,
        command,
        width: width ?? null,
        lines: lines ?? null,
      })),
    ),
    findings: audit.findings.map((finding) => ({
      check: finding.check,
      level: finding.level,
      message: finding.message,
      command: finding.command,
      subject: finding.subject,
      data: finding.data,
      place: jsonPlace(finding.place, indexes),
      related: finding.related.map(({ place, note }) => ({
        place: jsonPlace(place, indexes),
        note,
      })),
      evidence: finding.evidence,
      fix: finding.fix,
      corrected: finding.corrected,
      edits: (audit.fixes.byFinding.get(finding) ?? []).map(({ place, text }) => ({
        place: jsonPlace(place, indexes),
        text,
      })),
      unsure: finding.unsure,
      declaredAt: finding.declaredAt,
      members: finding.members,
      fingerprint: finding.fingerprint,
    })),
    accepted: {
      passedOver: audit.accepted.passedOver.map(
        ({ finding: { check, command, members, fingerprint }, by }) => ({
          check,
          command,
          members,
          fingerprint,
          because: [...new Set(by.map(({ because }) => because))],
        }),
      ),
      gone: audit.accepted.gone.map(jsonEntry),
      due: audit.accepted.due.map(jsonEntry),
    },
    notJudged: audit.notJudged.map(({ remedy, ...rest }) => ({ ...rest, supply: remedy })),
    judged: audit.outcomes,
    conformance: {
      posix: audit.conformance.flatMap(({ program, posix }) =>
        posix.map((row) => jsonRow(program, row, indexes)),
      ),
      gnu: audit.conformance.flatMap(({ program, gnu }) => gnu.map((row) => jsonRow(program, row, indexes))),
    },
    problems: problems.map(({ code, message, place, source, consequence }) => ({
      code,
      message,
      place: jsonPlace(place, indexes),
      source,
      consequence,
    })),
  };
  return `${jsonText(report, 2)}\n`;
}

function jsonEntry({ at, check, of, because, until }: AcceptedFinding) {
  return { at, check, of, because, until: until ?? null };
}

/** How many instances a row of a conformance table lists. */
const INSTANCES_LISTED = 20;

function jsonRow(program: string, row: ConformanceRow, indexes: LineIndexes) {
  return {
    program,
    section: row.section,
    label: row.label,
    asks: row.asks,
    standing: row.standing,
    count: row.count,
    evidence: row.evidence,
    examples: row.instances.slice(0, INSTANCES_LISTED).map(({ subject, command, place }) => ({
      subject,
      command,
      place: jsonPlace(place, indexes),
    })),
    supply: row.remedy ?? null,
  };
}
