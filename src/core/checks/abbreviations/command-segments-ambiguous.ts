import type { SegmentIndex } from '../../abbreviations/segment-index.ts';
import { listNames, listSome, quoteName } from '../../messages/wording.ts';
import { defineCheck } from '../define-check.ts';

/** How many forms a message names before it only counts. */
const FORMS_SHOWN = 3;

type SharedForm = { readonly form: string; readonly names: readonly string[] };

/** One finding for each command: the forms with one letter of each segment that several of its subcommands share. */
export const commandSegmentsAmbiguous = defineCheck({
  name: 'abbreviations/command-segments-ambiguous',
  level: 'note',
  title: 'Commands share their form of one letter for each segment',
  why: 'Where segments can be shortened, people try one letter of each first. A form that several commands share is an error for the caller, and it may have stood for one of them before the others were added.',
  standard: 'practice',
  needs: ['whether the parser accepts shortened segments of command names'],
  since: 4,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\nparsing: {segment-abbreviations: true, segment-separator: ":"}\ncommands:\n  route:plan: plan it\n  route:print: print it\n',
    right:
      'dabbawala: 1\nprogram: tiffin\nparsing: {segment-abbreviations: true, segment-separator: ":"}\ncommands:\n  route:plan: plan it\n  route:show: print it\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\nparsing: {segment-abbreviations: true, segment-separator: ":"}\ncommands:\n  route:plan: plan it\n  kitchen:print: print it\n',
  },
  judge(view, report) {
    for (const { at, segments, names } of view.commandScopes) {
      if (segments === undefined) continue;
      report.judged(names.length);
      const forms = sharedForms(
        segments,
        names.map(({ name }) => name.text),
      );
      const [first] = forms;
      if (first === undefined) continue;
      const placeOf = (one: string | undefined) =>
        names.find(({ name }) => name.text === one)?.name.place ?? null;
      report.finding({
        command: at.path,
        subject: first.form,
        data: { forms },
        place: placeOf(first.names[0]),
        related: first.names.slice(1, 5).map((name) => ({
          place: placeOf(name),
          note: `${quoteName(first.form)} is short for this too`,
        })),
      });
    }
  },
  members: { list: 'forms', nameOf: ({ form }) => form },
  apart: true,
  message({ forms }: { forms: readonly SharedForm[] }) {
    const [first, ...others] = forms;
    if (first === undefined) return '';
    return others.length === 0
      ? `${quoteName(first.form)} could mean ${listNames(first.names, 'or')}`
      : `${forms.length} forms with one letter for each segment are shared: ${listSome(
          forms.map(({ form, names }) => `${quoteName(form)} by ${names.length} commands`),
          FORMS_SHOWN,
        )}`;
  },
  fix: () => 'start the last segments with different letters, or give each command a short alias',
});

/** The forms with one letter of every segment that begin several names of more than one segment. */
function sharedForms<T>(index: SegmentIndex<T>, names: readonly string[]): SharedForm[] {
  const forms = new Map<string, SharedForm>();
  for (const name of names) {
    const form = index.oneLetterForm(name);
    if (form === undefined || forms.has(form)) continue;
    const resolution = index.resolve(form);
    if (resolution.verdict === 'ambiguous') forms.set(form, { form, names: resolution.names });
  }
  return [...forms.values()];
}
