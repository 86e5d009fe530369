import type { AuditView } from '../../audit-view.ts';
import type { Option } from '../../model/option.ts';
import type { CommandAt } from '../../model/walk.ts';
import { departsOrMeets, nothingToJudge, type Rule } from '../rule.ts';

export interface ShortOption {
  readonly at: CommandAt;
  readonly option: Option;
}

/** The options with a short name in commands that have long names, and of those the ones without a long name. */
export function shortOptions(view: AuditView): {
  judged: ShortOption[];
  lacking: ShortOption[];
} {
  const judged = view.described.flatMap((at) => {
    const options = at.command.options.items.filter((option) => option.listed);
    if (!options.some((option) => option.names.some((name) => name.form === 'long'))) return [];
    return options
      .filter((option) => option.names.some((name) => name.form === 'short'))
      .map((option) => ({ at, option }));
  });
  return {
    judged,
    // A digit, or another character, needs none: `-4` says all that `--ipv4` does.
    lacking: judged.filter(({ option }) =>
      option.names.every(({ form, text }) => form !== 'long' && /^-\p{L}/u.test(text)),
    ),
  };
}

export const longEquivalents: Rule = {
  standard: 'gnu',
  section: '4.8',
  label: 'long equivalents',
  asks: 'every short option has a long equivalent',
  judge(view) {
    const { judged, lacking } = shortOptions(view);
    if (judged.length === 0) return nothingToJudge('no command shows both short and long options');
    const instances = lacking.map(({ at, option }) => ({
      subject: option.names[0]?.text ?? '',
      command: at.path,
      place: option.place,
    }));
    return departsOrMeets(
      instances,
      judged.length,
      'short options without a long one',
      `all ${judged.length} have one`,
    );
  },
};
