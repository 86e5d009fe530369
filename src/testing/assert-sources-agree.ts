import { AssertionError } from 'node:assert';
import { areaOf, isAtLeast, MisuseError } from 'dabbawala';
import { auditProgram, failure, type ProgramSettings } from './audit-program.ts';

/**
 * Tests that the sources of one program say the same of it: its parser object or interface document, its help output, the script that it is. What one lacks,
 * though it is said to be complete, and what two tell differently, fails, with the report as the message of the AssertionError. Throws a MisuseError where there are
 * fewer than two sources, or where they are of several programs.
 */
export function assertSourcesAgree(sources: readonly unknown[], settings: ProgramSettings = {}): void {
  if (sources.length < 2)
    throw new MisuseError({
      argument: 'assertSourcesAgree',
      expected: 'two sources of one program or more',
      found: String(sources.length),
    });
  const { failOn = 'warning', except = [] } = settings;
  const result = auditProgram(sources, settings);
  const [, other] = result.interfaces;
  if (other !== undefined)
    throw new MisuseError({
      argument: 'assertSourcesAgree',
      expected: "sources of one program; 'program' gives the name where a text does not",
      found: result.interfaces.map(({ program }) => program.value).join(', '),
    });
  const findings = result.findings.filter(
    ({ check, level }) =>
      (areaOf(check) === 'sources' || check === 'script/usage-differs') &&
      isAtLeast(level, failOn) &&
      !except.includes(check),
  );
  if (findings.length === 0) return;
  throw new AssertionError({
    ...failure('the sources differ', result, findings, failOn === 'note'),
    operator: 'assertSourcesAgree',
    stackStartFn: assertSourcesAgree,
  });
}
