import { AssertionError } from 'node:assert';
import {
  type Audit,
  audit,
  auditText,
  type Finding,
  isAtLeast,
  joinInterfaces,
  type Level,
  type Reading,
  readObject,
  readSource,
} from 'dabbawala';

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
 * several of these, which are joined as views of one program. Throws a TypeError at an object or text that cannot be read.
 */
export function auditProgram(programs: unknown, settings: ProgramSettings = {}): Audit {
  const all = Array.isArray(programs) ? programs : [programs];
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
 * level.
 */
export function assertSound(programs: unknown, settings: ProgramSettings = {}): void {
  const { failOn = 'warning', except = [] } = settings;
  const result = auditProgram(programs, settings);
  const counts = (finding: Finding) => isAtLeast(finding.level, failOn) && !except.includes(finding.check);
  const findings = result.findings.filter(counts);
  if (findings.length === 0) return;
  const report = auditText({ ...result, findings }, { width: 80, colour: false });
  throw new AssertionError({
    message: `the interface has findings at level ${failOn} or above\n\n${report}`,
    actual: findings.map(({ check, message }) => `${check}: ${message}`),
    expected: [],
    operator: 'assertSound',
    stackStartFn: assertSound,
  });
}
