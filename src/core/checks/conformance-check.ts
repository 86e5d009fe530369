import type { AuditView } from '../audit-view.ts';
import type { Instance, Rule } from '../conformance/rule.ts';
import type { Level } from '../findings/level.ts';
import { listSome, quoteName } from '../messages/wording.ts';
import { type Check, type CheckId, type CheckInfo, defineCheck } from './define-check.ts';

/** How many subjects a message names before it only counts. */
const SHOWN = 4;

type Departing = { readonly evidence: string; readonly subjects: readonly string[] };

/** What differs between findings of rows of a conformance table. */
interface ConformanceInfo<Name extends CheckId>
  extends Omit<CheckInfo<Name>, 'level' | 'standard' | 'since'> {
  /** The version of the catalogue that it came in, where that is not 4. */
  readonly since?: number;
  /** Warning for what is only asked of those who claim the standard. */
  readonly level?: Level;
  /** Whether it is not said of a program that does not claim the standard: it has good reasons. */
  readonly exempts?: (view: AuditView) => boolean;
  /** Whether programs with long options keep to the rule too, as GNU's getopt_long does. */
  readonly holdsWithLongOptions?: boolean;
  readonly fix: string;
}

/**
 * A check for a rule of a standard: one finding for an interface that departs from it, a note, or a warning where the interface
 * claims that standard. A program with long options has left the rules of POSIX by design: it is held against them only where it claims them, or where such programs
 * keep to them too, and the table of the standard shows the rest.
 */
export function conformanceCheck<const Name extends CheckId>(
  rule: Rule,
  {
    fix,
    level = 'note',
    exempts = () => false,
    holdsWithLongOptions = false,
    ...info
  }: ConformanceInfo<Name>,
): Check<Name, Departing> {
  const standard = rule.standard === 'posix' ? 'POSIX XBD 12.2' : 'GNU Coding Standards';
  return defineCheck({
    since: 4,
    ...info,
    level,
    standard: `${standard}${rule.standard === 'posix' ? ', ' : ' '}${rule.section}`,
    judge(view, report) {
      if (!view.claims(rule.standard) && exempts(view)) return;
      const hasLeft = !view.claims('posix') && (view.claims('gnu') || view.hasLongOptions);
      if (rule.standard === 'posix' && hasLeft && !holdsWithLongOptions) return;
      // `-late`: whatever else such a program does, it takes no options as POSIX has them.
      if (rule.standard === 'posix' && !view.claims('posix') && view.hasLongOptionsOfOneHyphen) return;
      const { standing, count, evidence, instances } = rule.judge(view);
      if (standing === 'meets' || standing === 'by design') report.judged(count);
      const [first] = instances;
      // What the table does not judge it says there, with the fact that is lacking.
      if (standing !== 'departs' || first === undefined) return;
      report.judged(count);
      report.finding({
        command: first.command,
        subject: first.subject,
        data: { evidence, subjects: subjectsOf(instances) },
        place: first.place,
        related: instances.slice(1, 5).map(({ place }) => ({ place, note: 'and here' })),
        level: view.claims(rule.standard) ? 'warning' : 'note',
      });
    },
    apart: true,
    message: ({ evidence, subjects }: Departing) => {
      const isNamed = subjects.some((subject) => evidence.includes(subject));
      return isNamed ? evidence : `${evidence}: ${listSome(subjects.map(quoteName), SHOWN)}`;
    },
    fix: () => fix,
  });
}

function subjectsOf(instances: readonly Instance[]): string[] {
  return [...new Set(instances.map(({ subject }) => subject))];
}
