import { COVERED_KINDS, type ShellCoverage } from '../../coverage/coverage.ts';
import { listNames } from '../../messages/wording.ts';
import { wordPlace } from '../completion-places.ts';
import { defineCheck } from '../define-check.ts';
import { BOX_DOCUMENT, fishScript } from '../example-completion.ts';

/** One finding for each command and shell that lacks what another one offers. */
export const shellsDisagree = defineCheck({
  name: 'completion/shells-disagree',
  level: 'note',
  title: 'One shell offers what another does not',
  why: 'Scripts for several shells are maintained by hand, side by side. If they differ, one of them was forgotten.',
  standard: 'practice',
  needs: ['what completion offers in two shells'],
  since: 5,
  examples: {
    wrong: BOX_DOCUMENT,
    right: BOX_DOCUMENT,
    nearMiss: BOX_DOCUMENT,
    completions: {
      wrong: [fishScript(), 'complete -W "-q --quiet -s --sort box" tiffin\n'],
      right: [fishScript(), 'complete -W "-q --quiet -s --sort box route" tiffin\n'],
      nearMiss: ['complete -W "--quiet --sort box" tiffin\n'],
    },
  },
  judge(view, report) {
    const shells = view.coverage.filter(
      ({ inventory }) => inventory.commands.length > 0 && !inventory.isPartial,
    );
    if (shells.length < 2) return;
    for (const covered of shells) {
      for (const [i, { command, kinds }] of covered.commands.entries()) {
        report.judged();
        const missing = COVERED_KINDS.filter((kind) => kind !== 'values').flatMap(
          (kind) => kinds[kind].missing,
        );
        const other = shells.find(
          (one) => one !== covered && missing.some(({ thing }) => offers(one, i, thing)),
        );
        if (other === undefined) continue;
        const lacking = missing.filter(({ thing }) => offers(other, i, thing));
        const word = other.commands[i] && firstOffered(other, i, lacking[0]?.thing);
        report.finding({
          command,
          subject: covered.shell,
          data: { shell: covered.shell, other: other.shell, names: lacking.map(({ name }) => name) },
          place: wordPlace(undefined, covered),
          related: [{ place: wordPlace(word?.place, other), note: `${other.shell} offers it here` }],
        });
      }
    }
  },
  message: ({ shell, other, names }: { shell: string; other: string; names: readonly string[] }) =>
    `${shell} does not offer ${listNames(names)}, which ${other} offers`,
  fix: ({ shell }) => `update the completion script for ${shell} to match the other one`,
});

function offers(covered: ShellCoverage, at: number, thing: object): boolean {
  return firstOffered(covered, at, thing) !== undefined;
}

function firstOffered(covered: ShellCoverage, at: number, thing: object | undefined) {
  const kinds = covered.commands[at]?.kinds;
  if (kinds === undefined) return undefined;
  return COVERED_KINDS.flatMap((kind) => kinds[kind].offered).find((one) => one.thing === thing)?.word;
}
