import { AuditView } from './audit-view.ts';
import { CATALOGUE } from './checks/catalogue.ts';
import type { CheckResult } from './checks/define-check.ts';
import { GNU_RULES } from './conformance/gnu/gnu-rules.ts';
import { POSIX_GUIDELINES } from './conformance/posix/posix-guidelines.ts';
import { type ConformanceRow, judgeRules } from './conformance/rule.ts';
import type { Finding, NotJudged, Outcome } from './findings/finding.ts';
import { compareFindings } from './findings/order.ts';
import type { Interface } from './model/interface.ts';
import { type AuditSelection, EVERYTHING, isCheckSelected, isCommandSelected } from './selection.ts';

/** How one check ended over all interfaces. */
export interface CheckOutcome {
  readonly check: string;
  readonly outcome: Outcome;
  /** How many options, operands or commands it judged. */
  readonly judged: number;
}

/** The conformance tables of one interface. */
export interface Conformance {
  readonly program: string;
  readonly posix: readonly ConformanceRow[];
  readonly gnu: readonly ConformanceRow[];
}

/** What an audit found, and how much it could judge. */
export interface Audit {
  readonly interfaces: readonly Interface[];
  /** In the order of their places. */
  readonly findings: readonly Finding[];
  readonly notJudged: readonly NotJudged[];
  readonly outcomes: readonly CheckOutcome[];
  readonly conformance: readonly Conformance[];
}

/**
 * Runs the checks of the catalogue, all or those selected, over interfaces and holds them against the standards. The same input
 * gives the same audit.
 */
export function audit(interfaces: readonly Interface[], selection: AuditSelection = EVERYTHING): Audit {
  const views = interfaces.map((from) => new AuditView(from));
  const checks = CATALOGUE.filter(({ name }) => isCheckSelected(name, selection));
  const isKept = ({ command }: { readonly command: readonly string[] }) =>
    isCommandSelected(command, selection);
  const results = views
    .flatMap((view) => checks.map((check) => check.run(view)))
    .map((result) => ({
      ...result,
      findings: result.findings.filter(isKept),
      notJudged: result.notJudged.filter(isKept),
    }));
  return {
    interfaces,
    findings: results.flatMap((result) => result.findings).sort(compareFindings),
    notJudged: results.flatMap((result) => result.notJudged),
    outcomes: checks.map(({ name }) =>
      outcomeOf(
        name,
        results.filter((result) => result.check === name),
      ),
    ),
    conformance: views.map((view) => ({
      program: view.interface.program.value,
      posix: judgeRules(POSIX_GUIDELINES, view),
      gnu: judgeRules(GNU_RULES, view),
    })),
  };
}

const GRAVEST_FIRST: readonly Outcome[] = ['findings', 'not-judged', 'clean', 'not-applicable'];

function outcomeOf(check: string, results: readonly CheckResult[]): CheckOutcome {
  return {
    check,
    outcome:
      GRAVEST_FIRST.find((outcome) => results.some((result) => result.outcome === outcome)) ??
      'not-applicable',
    judged: results.reduce((sum, result) => sum + result.judged, 0),
  };
}
