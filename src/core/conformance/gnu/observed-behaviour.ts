import type { AuditView } from '../../audit-view.ts';
import {
  commandLine,
  errorMessage,
  firstLine,
  type ObservedRun,
  observedRuns,
  type RunKind,
} from '../../observations/observed-runs.ts';
import { departsOrMeets, notJudged, type Rule } from '../rule.ts';

/** A rule about what a real run does, judged by the observed runs of one kind; `isMet` is asked of each. */
function observedRule(
  rule: Pick<Rule, 'section' | 'label' | 'asks'>,
  kind: RunKind,
  isMet: (run: ObservedRun) => boolean | undefined,
): Rule {
  return {
    ...rule,
    standard: 'gnu',
    judge(view: AuditView) {
      const runs = observedRuns(view.interface).filter((run) => run.kind === kind);
      const judged = runs.filter((run) => isMet(run) !== undefined);
      if (judged.length === 0) {
        return notJudged('how the program behaves when it runs', 'run dabbawala capture --probe PROGRAM');
      }
      const departing = judged.filter((run) => isMet(run) === false);
      return departsOrMeets(
        departing.map((run) => ({
          subject: commandLine(run),
          command: run.at.path,
          place: firstLine(run.observation.standardOutput) ?? firstLine(run.observation.standardError),
        })),
        judged.length,
        'runs that did not',
        judged.length === 1 ? 'the observed run does' : `all ${judged.length} observed runs do`,
      );
    },
  };
}

/** `NAME 1.2.3` or `NAME (PACKAGE) 1.2.3` in the first line. */
const VERSION_FORM = /^(?!version\b)[\w.+-]+(?: \([^()]+\))? v?\d[\w.+-]*$/i;

export const versionForm = observedRule(
  {
    section: '4.8.1',
    label: 'version form',
    asks: 'the first line of --version is the name and the version',
  },
  'version',
  ({ observation: { exitStatus, standardOutput } }) =>
    exitStatus === 0 ? VERSION_FORM.test(standardOutput.text.split('\n', 1)[0]?.trim() ?? '') : undefined,
);

export const helpOnStandardOutput = observedRule(
  {
    section: '4.8.2',
    label: 'help on standard output',
    asks: 'requested help goes to standard output',
  },
  'help',
  ({ observation: { standardOutput } }) => standardOutput.text.trim() !== '',
);

export const errorForm = observedRule(
  { section: '4.4', label: 'error form', asks: "error messages are 'PROGRAM: MESSAGE'" },
  'unknown-option',
  (run) => {
    const message = errorMessage(run).text.trim();
    if (run.observation.exitStatus === 0 || message === '') return undefined;
    return message.startsWith(`${run.at.path[0] ?? ''}: `);
  },
);
