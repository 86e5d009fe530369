import type { Audit } from '../../audit.ts';
import type { TextEdit } from '../../edits/text-edits.ts';
import type { Finding } from '../../findings/finding.ts';
import type { Problem } from '../../source/problem.ts';
import type { ReportItem, ReportItems } from './report-items.ts';

/** The findings of an audit, and the checks that it ran. */
export function auditItems(
  { interfaces, findings, accepted, outcomes, checks, fixes }: Audit,
  problems: readonly Problem[],
): ReportItems {
  const ended = new Map(outcomes.map(({ check, outcome }) => [check, outcome]));
  return {
    title: interfaces
      .map(({ program, version }) => [program.value, version?.value ?? ''].join(' ').trim())
      .join(', '),
    items: findings.map((finding) => itemOf(finding, fixes.byFinding.get(finding) ?? [])),
    passedOver: accepted.passedOver.map(({ finding, by }) => ({
      item: itemOf(finding, []),
      because: [...new Set(by.map(({ because }) => because))].join('; '),
    })),
    rules: checks.map(({ name, title, why, level }) => {
      const outcome = ended.get(name) ?? 'not-applicable';
      return { name, title, why, level, outcome: outcome === 'findings' ? 'items' : outcome };
    }),
    problems,
  };
}

function itemOf({ check, ...finding }: Finding, edits: readonly TextEdit[]): ReportItem {
  return { ...finding, rule: check, edits };
}
