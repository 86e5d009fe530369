import type { CoveredKind } from '../coverage/coverage.ts';
import { totalsOf } from '../coverage/totals.ts';
import { countOf, listNames } from '../messages/wording.ts';
import { firstLine } from './completion-places.ts';
import { type Check, type CheckId, type CheckInfo, defineCheck } from './define-check.ts';

/** How many of the things of a command the completion of a shell offers, and which it lacks. */
type MissingThings = {
  readonly shell: string;
  readonly names: readonly string[];
  readonly offered: number;
  readonly expected: number;
};

interface MissingCheck<Name extends CheckId>
  extends Omit<CheckInfo<Name>, 'level' | 'standard' | 'needs' | 'since'> {
  readonly kind: CoveredKind;
  /** What one thing of the kind is called. */
  readonly noun: string;
}

/** Makes a check for what the completion of a shell does not offer: one finding for each command and script. */
export function missingCheck<const Name extends CheckId>({
  kind,
  noun,
  ...info
}: MissingCheck<Name>): Check<Name, MissingThings> {
  return defineCheck({
    ...info,
    level: 'warning',
    standard: 'practice',
    needs: ['what completion offers, from a script or from a real shell'],
    since: 5,
    judge(view, report) {
      for (const { shell, inventory, commands } of view.coverage) {
        // A shell that offers nothing at all is told once, by another check.
        if (inventory.commands.length === 0) continue;
        for (const { command, kinds } of commands) {
          const { offered, expected } = totalsOf([kinds[kind]]);
          const { missing, undecided } = kinds[kind];
          if (undecided.length > 0) {
            report.notJudged({
              command,
              count: undecided.length,
              reason: inventory.observed
                ? `${shell} did not answer every question`
                : `the completion script for ${shell} has parts that only running it tells`,
              remedy: inventory.observed
                ? 'fix what keeps the script from answering'
                : 'ask a real shell, with --observe',
              place: inventory.unread[0]?.place ?? null,
            });
          }
          if (expected === 0) continue;
          report.judged(expected - undecided.length);
          const [first] = missing;
          if (first === undefined) continue;
          report.finding({
            command,
            subject: shell,
            data: {
              shell,
              names: missing.map(({ name, subject }) =>
                subject === undefined ? name : `${subject}=${name}`,
              ),
              offered,
              expected,
            },
            place: first.thing.place,
            fixes:
              inventory.source === undefined || inventory.observed || inventory.fault !== undefined
                ? []
                : [{ kind: 'offer', command, shell, what: kind }],
            related:
              inventory.source === undefined
                ? []
                : [{ place: firstLine(inventory.source), note: 'the completion script' }],
          });
        }
      }
    },
    apart: true,
    message: ({ shell, names, offered, expected }: MissingThings) =>
      `${shell} offers ${offered} of ${countOf(expected, noun)}: it lacks ${listNames(names)}`,
    fix: ({ shell }) =>
      `add what is missing to the completion script for ${shell}, or write the script anew from the interface`,
  });
}
