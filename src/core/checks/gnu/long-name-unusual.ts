import { keepsToTable, unusualNames } from '../../conformance/gnu/customary-names.ts';
import { countOf, listSome, quoteName } from '../../messages/wording.ts';
import { defineCheck } from '../define-check.ts';

/** How many names a message tells before it only counts. */
const NAMES_SHOWN = 3;

type Unusual = { readonly name: string; readonly customary: string };

/** One finding for an interface with long names for which the table of long options has another, and others that are from there. */
export const longNameUnusual = defineCheck({
  name: 'gnu/long-name-unusual',
  level: 'note',
  title: 'A long option has another name than in the table of long options',
  why: 'The table exists so that one meaning has one name in all programs. People try the name that they know from other programs.',
  standard: 'GNU Coding Standards 4.10',
  needs: ['the long options'],
  since: 4,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]...\n\n  -a, --all       with boxes that are gone\n  -q, --quiet     say nothing\n  -n, --simulate  change nothing\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  -a, --all       with boxes that are gone\n  -q, --quiet     say nothing\n  -n, --dry-run   change nothing\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  -g, --gone      with boxes that are gone\n  -q, --quiet     say nothing\n  -n, --simulate  change nothing\n',
  },
  judge(view, report) {
    const unusual = unusualNames(view);
    report.judged(unusual.length);
    const [first] = unusual;
    if (first === undefined || !(view.claims('gnu') || keepsToTable(view))) return;
    report.finding({
      command: first.at.path,
      subject: first.name.text,
      data: { names: unusual.map(({ name, customary }) => ({ name: name.text, customary })) },
      place: first.name.place,
      fixes: unusual.map(({ at, name, customary }) => ({
        kind: 'rename-option',
        command: at.path,
        name: name.text,
        to: customary,
      })),
      related: unusual.slice(1, 5).map(({ name, customary }) => ({
        place: name.place,
        note: `is ${quoteName(customary)} in the table`,
      })),
      level: view.claims('gnu') ? 'warning' : 'note',
    });
  },
  members: { list: 'names', nameOf: ({ name }) => name },
  apart: true,
  message({ names }: { names: readonly Unusual[] }) {
    const [first, ...others] = names;
    if (first === undefined) return '';
    return others.length === 0
      ? `${quoteName(first.name)} is ${quoteName(first.customary)} in the table of long options`
      : `${countOf(names.length, 'name')} have other names in the table of long options: ${listSome(
          names.map(({ name, customary }) => `${quoteName(name)} as ${quoteName(customary)}`),
          NAMES_SHOWN,
        )}`;
  },
  fix: ({ names }) =>
    `call ${names.length === 1 ? 'it' : 'them'} as the table does, and keep the old name as a hidden alias`,
});
