import { countOf } from '../../messages/wording.ts';
import { wordPlace } from '../completion-places.ts';
import { defineCheck } from '../define-check.ts';

type Count = { readonly shell: string; readonly offered: number; readonly taken: number };

/** A finding for each command for which a script completes more operands than there are. */
export const operandsTooMany = defineCheck({
  name: 'completion/operands-too-many',
  level: 'warning',
  title: 'Completion offers an operand that the command does not take',
  why: 'Who accepts what is offered gets an error about one word too many.',
  standard: 'practice',
  needs: ['a script that numbers its operands', 'how many operands the command takes'],
  since: 7,
  examples: {
    wrong: example(1),
    right: example(2),
    nearMiss: 'dabbawala: 1\nprogram: tiffin\noperands:\n  BOX: {count: 1..}\n',
    completions: { wrong: [script()], right: [script()], nearMiss: [script()] },
  },
  judge(view, report) {
    for (const covered of view.coverage) {
      for (const { command, inventory } of covered.commands) {
        const at = view.commandAt(command);
        const offered = inventory?.operandCount;
        if (
          at === undefined ||
          offered === undefined ||
          at.command.operands.items.length === 0 ||
          at.command.commands.items.length > 0
        )
          continue;
        const most = at.command.operands.items.map(({ count, kind }) =>
          kind === 'word' ? (count?.value.most ?? null) : null,
        );
        // An operand of which nobody says how many there are may be repeated.
        if (most.some((one, i) => one === null && at.command.operands.items[i]?.count !== undefined))
          continue;
        const taken = most.reduce<number>((sum, one) => sum + (one ?? 1), 0);
        report.judged();
        if (offered <= taken) continue;
        report.finding({
          command,
          subject: covered.shell,
          data: { shell: covered.shell, offered, taken },
          place: wordPlace(undefined, covered),
        });
      }
    }
  },
  message: ({ shell, offered, taken }: Count) =>
    `${shell} completes ${countOf(offered, 'operand')}, the command takes ${taken}`,
  fix: () => 'take what is too many out of the script',
});

function example(count: number): string {
  const operands = ['  BOX: {count: 1}\n', '  QUAY: {count: 1}\n'].slice(0, count).join('');
  return `dabbawala: 1\nprogram: tiffin\ncomplete: true\noperands:\n${operands}`;
}

function script(): string {
  return "#compdef tiffin\n_arguments '1:box:(a b)' '2:quay:(c d)'\n";
}
