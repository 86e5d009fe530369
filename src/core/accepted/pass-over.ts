import type { Check } from '../checks/define-check.ts';
import { listKey } from '../collections/list-key.ts';
import type { Finding } from '../findings/finding.ts';
import type { AcceptedFinding, AcceptedOutcome, PassedOver } from './accepted-finding.ts';

/** What there is to know beside the findings. */
interface Context {
  readonly checks: readonly Check[];
  /** Today, as `2027-01-31`; undefined where no day counts. */
  readonly today: string | undefined;
  /** Whether a check looked at a command. */
  readonly hasLooked: (check: string, command: readonly string[]) => boolean;
}

/** Takes what is accepted from findings: findings whose members are all accepted, and of the others the members that are, where a check can tell of the rest alone. */
export function passOver<AnyFinding extends Finding>(
  findings: readonly AnyFinding[],
  accepted: readonly AcceptedFinding[],
  { checks, today, hasLooked }: Context,
): AcceptedOutcome & { readonly findings: readonly AnyFinding[] } {
  const isDue = ({ until }: AcceptedFinding) => until !== undefined && today !== undefined && until < today;
  const entries = new Map(
    accepted.filter((one) => !isDue(one)).map((one) => [listKey([one.check, one.at, one.of]), one] as const),
  );
  const byName = new Map(checks.map((check) => [check.name as string, check]));
  const used = new Set<AcceptedFinding>();
  const passedOver: PassedOver[] = [];
  const rest = findings.flatMap((finding): AnyFinding[] => {
    const at = finding.command.join(' ');
    const by = finding.members.flatMap((of) => entries.get(listKey([finding.check, at, of])) ?? []);
    for (const entry of by) used.add(entry);
    if (by.length === 0) return [finding];
    if (by.length < finding.members.length) {
      const left = new Set(by.map(({ of }) => of));
      // The check makes a finding of its own of what is one.
      return [(byName.get(finding.check)?.without(finding, left) as AnyFinding | undefined) ?? finding];
    }
    passedOver.push({ finding, by });
    return [];
  });
  return {
    findings: rest,
    passedOver,
    gone: accepted.filter((one) => !used.has(one) && !isDue(one) && hasLooked(one.check, one.at.split(' '))),
    due: accepted.filter(isDue),
  };
}
