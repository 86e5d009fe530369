import type { AuditView } from '../../audit-view.ts';
import { longNames } from '../../model/option.ts';
import { GNU_LONG_OPTIONS, type GnuLongOption } from '../../standards/gnu-long-options.ts';
import { instanceOf, type NameAt } from '../name-instances.ts';
import { departsOrMeets, nothingToJudge, type Rule } from '../rule.ts';

const TABLE: ReadonlyMap<string, GnuLongOption> = new Map(
  GNU_LONG_OPTIONS.map((option) => [option.name, option]),
);

/** A long name with the one that the table has for its meaning. */
export interface UnusualName extends NameAt {
  readonly customary: string;
}

/** The names that every program has say nothing of its custom. */
const EVERYBODY_HAS: ReadonlySet<string> = new Set(['help', 'version', 'verbose']);

/** Whether a program has names of the table, so that one that is not from there stands out. */
export function keepsToTable(view: AuditView): boolean {
  const own = new Set(
    view.described.flatMap(({ command }) =>
      command.options.items.flatMap((option) => longNames(option).map(({ text }) => text.slice(2))),
    ),
  );
  return [...own].filter((name) => TABLE.has(name) && !EVERYBODY_HAS.has(name)).length >= MIN_CUSTOMARY;
}

/** So many names of the table are no chance. */
const MIN_CUSTOMARY = 2;

/** Long names that the table of long options lacks, while it has another of the same meaning and with the same letter. */
export function unusualNames(view: AuditView): UnusualName[] {
  return view.described.flatMap((at) => {
    const own = new Set(
      at.command.options.items.flatMap((option) => longNames(option).map(({ text }) => text)),
    );
    return at.command.options.items.flatMap((option): UnusualName[] => {
      const names = longNames(option);
      const [name] = names;
      // A spelling that the table has, beside others, is enough.
      if (name === undefined || names.some(({ text }) => TABLE.has(text.slice(2)))) return [];
      const concept = view.words.conceptOf(name.text);
      if (concept === undefined || concept.isLoose) return [];
      const letters = option.names.filter(({ form }) => form === 'short').map(({ text }) => text.slice(1));
      const customary = GNU_LONG_OPTIONS.find(
        (known) =>
          view.words.conceptOf(known.name)?.id === concept.id &&
          !own.has(`--${known.name}`) &&
          known.name !== name.text.slice(2).toLowerCase() &&
          (letters.length === 0 ||
            known.letters.length === 0 ||
            known.letters.some((one) => letters.includes(one))),
      );
      return customary === undefined ? [] : [{ at, option, name, customary: `--${customary.name}` }];
    });
  });
}

export const customaryNames: Rule = {
  standard: 'gnu',
  section: '4.10',
  label: 'customary names',
  asks: 'long options have the names of the table of long options',
  judge(view) {
    const names = view.described.flatMap(({ command }) => command.options.items.flatMap(longNames));
    if (names.length === 0) return nothingToJudge('no long options are shown');
    const unusual = unusualNames(view);
    return departsOrMeets(
      unusual.map(instanceOf),
      names.length,
      'names that differ from the table',
      'no name is known to differ from the table',
    );
  },
};
