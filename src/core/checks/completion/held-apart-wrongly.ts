import { optionsInReach } from '../../abbreviations/option-scope.ts';
import { quoteName } from '../../messages/wording.ts';
import { mainName } from '../../model/option.ts';
import { optionsByName } from '../../model/options-by-name.ts';
import { wordPlace } from '../completion-places.ts';
import { defineCheck } from '../define-check.ts';
import { BOX_DOCUMENT } from '../example-completion.ts';

type Apart = {
  readonly shell: string;
  readonly name: string;
  readonly other: string;
  readonly isUnknown: boolean;
};

/** A finding for each option that a script holds apart from one that does not exist, or that may stand beside it. */
export const heldApartWrongly = defineCheck({
  name: 'completion/held-apart-wrongly',
  level: 'warning',
  title: 'Completion holds options apart that may stand together',
  why: 'Once the first is typed, the other is no longer offered, and people take that for a rule of the program.',
  standard: 'practice',
  needs: ['a script that lists exclusions', 'a complete list of options'],
  since: 7,
  examples: {
    wrong: BOX_DOCUMENT,
    right: BOX_DOCUMENT,
    nearMiss: BOX_DOCUMENT,
    completions: {
      wrong: [
        "#compdef tiffin\n_arguments '(-q --quiet --srt)'{-q,--quiet}'[less]' '--sort=[how]:key:(owner quay)'\n",
      ],
      right: [
        "#compdef tiffin\n_arguments '(-q --quiet)'{-q,--quiet}'[less]' '--sort=[how]:key:(owner quay)'\n",
      ],
      nearMiss: ["#compdef tiffin\n_arguments '(- *)'{-q,--quiet}'[less]' '--sort=[how]:key:(owner quay)'\n"],
    },
  },
  judge(view, report) {
    for (const covered of view.coverage) {
      for (const { command, inventory } of covered.commands) {
        const at = view.commandAt(command);
        if (at === undefined || at.command.options.complete?.value !== true) continue;
        const options = optionsByName(optionsInReach(at));
        const told = new Set<string>();
        for (const { option: name, others, place } of inventory?.heldApart ?? []) {
          const option = options.get(name);
          // Options that ask for help or the version end the line, and a relation may be what the script follows.
          if (option === undefined || ENDS.has(mainName(option).text) || at.command.relations.length > 0)
            continue;
          report.judged();
          for (const other of others.filter((one) => /^-{1,2}\w/.test(one))) {
            const held = options.get(other);
            const isWrong = held !== option && (held === undefined || !ENDS.has(mainName(held).text));
            const id = `${mainName(option).text} ${held === undefined ? other : mainName(held).text}`;
            if (!isWrong || told.has(id)) continue;
            told.add(id);
            report.finding({
              command,
              subject: other,
              data: {
                shell: covered.shell,
                name: mainName(option).text,
                other,
                isUnknown: held === undefined,
              },
              place: wordPlace(place, covered),
              ...(held === undefined ? {} : { level: 'note' }),
            });
          }
        }
      }
    }
  },
  message: ({ shell, name, other, isUnknown }: Apart) =>
    isUnknown
      ? `${shell} holds ${quoteName(name)} apart from ${quoteName(other)}, which does not exist`
      : `${shell} does not offer ${quoteName(other)} behind ${quoteName(name)}, and no relation keeps them apart`,
  fix: ({ name, other, isUnknown }) =>
    isUnknown
      ? `name the right option in place of ${quoteName(other)}`
      : `take ${quoteName(other)} off the list in front of ${quoteName(name)}, or declare that they exclude each other`,
});

const ENDS: ReadonlySet<string> = new Set(['--help', '--version', '-h', '-V']);
