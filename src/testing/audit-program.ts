import { AssertionError } from 'node:assert';
import {
  AUDIT_REPORTS,
  type Audit,
  audit,
  CATALOGUE,
  expectKeys,
  type Finding,
  isAtLeast,
  joinInterfaces,
  LEVELS,
  type Level,
  MisuseError,
  type Reading,
  readObject,
  readSource,
} from 'dabbawala';

/** What an audit in a test goes by. */
export interface ProgramSettings {
  /** The program's name, where the object or text does not say it. */
  readonly program?: string;
  /** The least level of a finding that makes the assertion fail; `warning` where not given. */
  readonly failOn?: Level;
  /** Checks whose findings do not count, by their names. */
  readonly except?: readonly string[];
}

/**
 * Audits a program inside its own tests. `programs` is its parser object, the text of its help output or interface document, or
 * several of these, which are joined as views of one program. Throws a TypeError at an object or text that cannot be read, and a MisuseError
 * at an empty list or an unknown setting.
 */
export function auditProgram(programs: unknown, settings: ProgramSettings = {}): Audit {
  const all = Array.isArray(programs) ? programs : [programs];
  expectKeys('auditProgram', settings, { program: true, failOn: true, except: true });
  if (all.length === 0)
    throw new MisuseError({ argument: 'auditProgram', expected: 'a program', found: '[]' });
  return audit(joinInterfaces(all.map((one) => readOne(one, settings))));
}

function readOne(one: unknown, { program }: ProgramSettings) {
  const reading: Reading =
    typeof one === 'string'
      ? readSource({ name: program ?? 'text', text: one }, { program })
      : readObject(one, { program });
  const [problem] = reading.problems;
  if (reading.interface === undefined || problem !== undefined)
    throw new TypeError(problem?.message ?? 'nothing was read');
  return reading.interface;
}

/**
 * Audits a program and throws an AssertionError, with the report as its message, where there are findings at or above the
 * level, and a MisuseError where the settings name a level or a check that there is not.
 */
export function assertNoFindings(programs: unknown, settings: ProgramSettings = {}): void {
  const { failOn = 'warning', except = [] } = settings;
  if (!LEVELS.includes(failOn))
    throw new MisuseError({
      argument: 'failOn',
      expected: `one of ${LEVELS.join(', ')}`,
      found: failOn,
      names: LEVELS,
    });
  const names = CATALOGUE.map(({ name }) => name);
  const found = except.find((name) => !names.some((known) => known === name));
  if (found !== undefined) throw new MisuseError({ argument: 'except', expected: 'a check', found, names });
  const result = auditProgram(programs, settings);
  const counts = (finding: Finding) => isAtLeast(finding.level, failOn) && !except.includes(finding.check);
  const findings = result.findings.filter(counts);
  if (findings.length === 0) return;
  throw new AssertionError({
    ...failure(`the interface has findings at level ${failOn} or above`, result, findings, failOn === 'note'),
    operator: 'assertNoFindings',
    stackStartFn: assertNoFindings,
  });
}

/** What an assertion says of findings that there should not be. */
export function failure(message: string, result: Audit, findings: readonly Finding[], inFull: boolean) {
  const report = AUDIT_REPORTS.text(
    { ...result, findings: [...findings] as Audit['findings'][number][] },
    { tool: { name: 'dabbawala/testing', version: '' }, text: { width: 80, colour: false }, inFull },
  );
  return {
    message: `${message}\n\n${report}`,
    actual: findings.map((finding) => `${finding.check}: ${finding.message}`),
    expected: [],
  };
}
