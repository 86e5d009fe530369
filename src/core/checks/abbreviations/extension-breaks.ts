import { compareInterfaces } from '../../comparison/compare-interfaces.ts';
import { listNames, quoteName } from '../../messages/wording.ts';
import { extendInterface } from '../../model/extend.ts';
import { defineCheck } from '../define-check.ts';

type Broken = {
  /** The shortest and the longest of the abbreviations. */
  readonly from: string;
  readonly to: string;
  readonly before: string;
  readonly after: readonly string[];
  /** Whether it has another meaning, and is not only ambiguous. */
  readonly replaced: boolean;
  /** The extension whose name breaks it. */
  readonly extension: string;
};

/** One finding for each name whose abbreviations an extension breaks. */
export const extensionBreaks = defineCheck({
  name: 'abbreviations/extension-breaks',
  level: 'warning',
  title: 'An extension breaks abbreviations, or gives them another meaning',
  why: "Installing an extension changes what command lines mean for every script on the machine. Neither the program's tests nor the extension's show it, since each is tested without the other.",
  standard: 'GNU conventions, abbreviations of long options',
  needs: ['documents of extensions'],
  since: 4,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: rounds\nparsing: {option-abbreviations: true}\noptions:\n  --avoid=PLACE: pass by PLACE\n',
    right:
      'dabbawala: 1\nprogram: rounds\nparsing: {option-abbreviations: false}\noptions:\n  --avoid=PLACE: pass by PLACE\n',
    nearMiss:
      'dabbawala: 1\nprogram: rounds\nparsing: {option-abbreviations: true}\noptions:\n  --pass-by=PLACE: pass by PLACE\n',
    extension:
      'dabbawala: 1\nprogram: rounds-harbour\nextends: rounds\noptions:\n  --avoid-tide: wait for the ebb\n',
  },
  judge(view, report) {
    const { extended } = view.interface;
    if (extended === undefined) return;
    for (const _ of view.commands) report.judged();
    const { base, extensions } = extended;
    // What two extensions do to each other shows in neither alone.
    const alone = extensions.map((extension) => extendInterface(base, extension));
    const said = new Set<string>();
    for (const before of [base, ...alone]) {
      for (const change of compareInterfaces(before, view.interface).changes) {
        const [first] = change.words;
        const last = change.words.at(-1);
        if (first === undefined || last === undefined || !change.kind.startsWith('abbreviation-')) continue;
        const id = JSON.stringify([change.command, first.name]);
        if (said.has(id)) continue;
        said.add(id);
        const extension = extensions.find(({ sources }) =>
          sources.some(({ source }) => source === change.newPlace?.source),
        );
        report.finding({
          command: change.command,
          subject: first.name,
          data: {
            from: first.from,
            to: last.to,
            before: first.name,
            after: first.after,
            replaced: change.kind === 'abbreviation-taken-over',
            extension: extension?.program.value ?? '',
          },
          place: change.newPlace,
          related: [{ place: change.oldPlace, note: `${quoteName(first.from)} stood for this` }],
        });
      }
    }
  },
  message: ({ from, to, before, after, replaced, extension }: Broken) => {
    const words = from === to ? quoteName(from) : `each word from ${quoteName(from)} to ${quoteName(to)}`;
    return replaced
      ? `with ${quoteName(extension)}, ${words} stands for ${listNames(after)} instead of ${quoteName(before)}`
      : `with ${quoteName(extension)}, ${words} no longer stands for ${quoteName(before)}: it could mean ${listNames(after, 'or')}`;
  },
  fix: ({ before, after }) =>
    `start ${listNames(after.filter((name) => name !== before))} of the extension with a different word, and write ${quoteName(before)} in full in scripts`,
});
