import type { Audit } from '../../audit.ts';
import type { Problem } from '../../source/problem.ts';
import type { ReportItems } from './report-items.ts';

/** The findings of an audit, and the checks that it ran. */
export function auditItems(
  { interfaces, findings, outcomes, checks }: Audit,
  problems: readonly Problem[],
): ReportItems {
  const ended = new Map(outcomes.map(({ check, outcome }) => [check, outcome]));
  return {
    title: interfaces.map(({ program }) => program.value).join(', '),
    items: findings.map(({ check, ...finding }) => ({ ...finding, rule: check, edits: [] })),
    rules: checks.map(({ name, title, why, level }) => {
      const outcome = ended.get(name) ?? 'not-applicable';
      return { name, title, why, level, outcome: outcome === 'findings' ? 'items' : outcome };
    }),
    problems,
  };
}
