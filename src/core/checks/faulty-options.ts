import type { AuditView } from '../audit-view.ts';
import type { Level } from '../findings/level.ts';
import { mainName, type Option } from '../model/option.ts';
import type { CommandAt } from '../model/walk.ts';
import type { Place } from '../source/source.ts';
import type { Reporter } from './define-check.ts';

/** The names of the options of one command that a check found at fault. */
export type FaultyOptions = { readonly names: readonly string[] };

interface OptionsJudgement {
  /** The options of a command that can be judged; all its own where not given. */
  readonly among?: (option: Option) => boolean;
  readonly isAtFault: (option: Option, at: CommandAt) => boolean;
  /** Where a finding points; the option where not given. */
  readonly placeOf?: (option: Option) => Place;
  /** The level where it is not the check's own. */
  readonly levelOf?: (faulty: readonly Option[]) => Level | undefined;
}

/** Judges the options of each command that is described: one finding for each command with options at fault, at the first of them. */
export function reportFaultyOptions(
  view: AuditView,
  report: Reporter<FaultyOptions>,
  {
    among = () => true,
    isAtFault,
    placeOf = ({ place }) => place,
    levelOf = () => undefined,
  }: OptionsJudgement,
): void {
  for (const at of view.described) {
    const judged = at.command.options.items.filter(among);
    report.judged(judged.length);
    const faulty = judged.filter((option) => isAtFault(option, at));
    const [first] = faulty;
    if (first === undefined) continue;
    const level = levelOf(faulty);
    report.finding({
      ...(level === undefined ? {} : { level }),
      command: at.path,
      subject: mainName(first).text,
      data: { names: [...new Set(faulty.map((option) => mainName(option).text))] },
      place: placeOf(first),
    });
  }
}
