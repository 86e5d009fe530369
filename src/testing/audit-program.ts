import { AssertionError } from 'node:assert';
import {
  type AcceptedFinding,
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
  LineIndexes,
  MisuseError,
  placeText,
  type Reading,
  readAccepted,
  readObject,
  readSource,
} from 'dabbawala';
import type { Interface } from 'dabbawala/model';

/** What an audit in a test goes by. */
export interface ProgramSettings {
  /** The program's name, where the object or text does not say it. */
  readonly program?: string;
  /** The least level of a finding that makes the assertion fail; `warning` where not given. */
  readonly failOn?: Level;
  /** Checks whose findings do not count, by their names. */
  readonly except?: readonly string[];
  /** The text of a file of accepted findings, which do not count: only new ones make the assertion fail. */
  readonly accepted?: string;
  /** Today, as `2027-01-31`: what is accepted until an earlier day counts again. No day has passed where not given. */
  readonly today?: string;
}

/**
 * Audits a program inside its own tests. `programs` is its parser object, the text of its help output or interface document, or
 * several of these, which are joined as views of one program. Throws a TypeError at an object or text that cannot be read, or a mistake in what is accepted, and a MisuseError
 * at an empty list or an unknown setting.
 */
export function auditProgram(programs: unknown, settings: ProgramSettings = {}): Audit {
  const all = Array.isArray(programs) ? programs : [programs];
  expectKeys('auditProgram', settings, {
    program: true,
    failOn: true,
    except: true,
    accepted: true,
    today: true,
  });
  if (all.length === 0)
    throw new MisuseError({ argument: 'auditProgram', expected: 'a program', found: '[]' });
  const { accepted = '', today } = settings;
  return audit(joinInterfaces(all.map((one) => readOne(one, settings))), {
    accepted: accepted === '' ? [] : acceptedIn(accepted),
    today,
  });
}

/** What a text accepts. Throws a TypeError at a mistake in it, with its line. */
function acceptedIn(text: string): readonly AcceptedFinding[] {
  const source = { name: 'accepted', text };
  const { accepted, problems } = readAccepted(source);
  const [problem] = problems;
  if (problem !== undefined)
    throw new TypeError(`${placeText(problem.place, new LineIndexes())}${problem.message}`);
  return accepted;
}

/** The interface of an object or a text. Throws a TypeError where it cannot be read. */
export function readOne(one: unknown, { program }: Pick<ProgramSettings, 'program'>): Interface {
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
  refuseUnknownLevel(failOn);
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

/** Throws a MisuseError where a level is none. */
export function refuseUnknownLevel(failOn: Level): void {
  if (!LEVELS.includes(failOn))
    throw new MisuseError({
      argument: 'failOn',
      expected: `one of ${LEVELS.join(', ')}`,
      found: failOn,
      names: LEVELS,
    });
}

/** What an assertion says of findings that there should not be: these, and no tables. */
export function failure(message: string, result: Audit, findings: readonly Finding[], inFull: boolean) {
  const report = AUDIT_REPORTS.text(
    { ...result, findings: [...findings] as Audit['findings'][number][], conformance: [], notJudged: [] },
    { tool: { name: 'dabbawala/testing', version: '' }, text: { width: 80, colour: false }, inFull },
  );
  return {
    message: `${message}\n\n${report}`,
    actual: findings.map((finding) => `${finding.check}: ${finding.message}`),
    expected: [],
  };
}
