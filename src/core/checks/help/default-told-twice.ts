import type { AuditView } from '../../audit-view.ts';
import { quoteName } from '../../messages/wording.ts';
import type { ValueWord } from '../../model/argument.ts';
import { mainName, type Option } from '../../model/option.ts';
import { optionsByName } from '../../model/options-by-name.ts';
import { unquoted } from '../../notation/prose-default.ts';
import { defaultsOfNames, toldDefaults } from '../../notation/told-defaults.ts';
import type { Place } from '../../source/source.ts';
import { defineCheck } from '../define-check.ts';
import { OF_PROGRAM } from '../global-options.ts';

type Twice = { readonly name: string; readonly one: string; readonly other: string };

/** One finding for each option of which the help tells two defaults. */
export const defaultToldTwice = defineCheck({
  name: 'help/default-told-twice',
  level: 'warning',
  title: 'The help tells two defaults of one option',
  why: 'One of them is out of date. Callers who leave the option out get something else than the half of the help that they read says.',
  standard: 'practice',
  needs: ['the default', 'the texts'],
  since: 11,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]...\n\n  --boxes=NUM  how many boxes, 12 by default (default: 10)\n  --map        draw a map\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  --boxes=NUM  how many boxes, 10 by default (default: 10)\n  --map        draw a map\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --boxes=NUM  how many boxes, a dozen by default (default: 12)\n  --map        draw a map\n',
  },
  judge(view, report) {
    for (const { command, path, line } of view.described) {
      const above = optionsByName(line.slice(0, -1).flatMap(({ options }) => options.items));
      const byName = optionsByName(command.options.items);
      const remarks = command.remarks.flatMap(({ value, place }) =>
        defaultsOfNames(value).map((one) => ({ ...one, place })),
      );
      for (const option of command.options.items) {
        const word = wordOf(option);
        if (word?.default === undefined) continue;
        report.judged();
        // What depends on another option may have several.
        const text = option.help?.value ?? '';
        if (DEPENDS.test(text) || OF_EACH.test(text)) continue;
        const declared = unquoted(word.default.value);
        const told: { readonly value: string; readonly place: Place }[] = [
          ...toldDefaults(option.help?.value ?? '').map((value) => ({
            value,
            place: option.help?.place ?? null,
          })),
          ...remarks.filter(({ name }) => byName.get(name) === option),
        ];
        const other =
          told.find(({ value }) => contradicts(value, declared, word)) ??
          ofProgram(option, above, declared, view);
        if (other === undefined) continue;
        report.finding({
          command: path,
          subject: mainName(option).text,
          data: { name: mainName(option).text, one: declared, other: other.value },
          place: other.place,
          related: [{ place: word.default.place, note: `tells ${quoteName(declared)}` }],
        });
      }
    }
  },
  message: ({ name, one, other }: Twice) =>
    `the help tells two defaults of ${quoteName(name)}, ${quoteName(one)} and ${quoteName(other)}`,
  fix: () => 'find out which of them is so, and remove the other',
});

/** What a text says that tells a default for each of several cases: `its meaning depends on the day`, `in this case`, `For FERRIES the default is 7`. */
const DEPENDS =
  /\b(?:depend(?:s|ing) (?:up)?on|in (?:this|that|which) case|respectively)\b|(?:^|[.:*;] )\*? ?(?:for|with|in) [A-Z][\w-]+[ ,]/;

/** `for boats [default=2] / ferries [default=1]`: a mark behind each of several things. */
const OF_EACH =
  /[[(]defaults?\b[^[\]()]{0,40}[\])][ /,]{1,4}(?:and |or |for )?[\w-]+[^[\]().;]{0,40}[[(]defaults?\b/i;

/** The default that the help of the program tells of an option which that of a command lists among the global ones, where it is another. */
function ofProgram(
  { names, heading }: Option,
  above: ReadonlyMap<string, Option>,
  declared: string,
  view: AuditView,
): { readonly value: string; readonly place: Place } | undefined {
  if (!OF_PROGRAM.test(heading?.value ?? '')) return undefined;
  const option = names.flatMap(({ text }) => above.get(text) ?? [])[0];
  const literal = option === undefined ? undefined : wordOf(option)?.default;
  return literal === undefined || !view.isHelp(literal.place) || unquoted(literal.value) === declared
    ? undefined
    : { value: unquoted(literal.value), place: literal.place };
}

function wordOf({ argument }: Option): ValueWord | undefined {
  const [word, ...others] = argument?.value.words ?? [];
  return others.length === 0 ? word : undefined;
}

/** Whether a word that may be told as the default is another than the one known: of the same kind, a number or one of the values, since sentences hold many words. */
function contradicts(told: string, declared: string, { values }: ValueWord): boolean {
  if (told === declared) return false;
  const [left, right] = [Number(told), Number(declared)];
  if (!Number.isNaN(left) && !Number.isNaN(right)) return left !== right;
  // Two names of files.
  if ([told, declared].every((word) => /^[a-z][\w-]*\.[a-z]{1,5}$/i.test(word))) return true;
  const allowed = values?.value.map(({ value }) => value.toLowerCase()) ?? [];
  return (
    [told, declared].every((word) => allowed.includes(word.toLowerCase())) &&
    told.toLowerCase() !== declared.toLowerCase()
  );
}
