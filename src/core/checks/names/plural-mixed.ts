import type { Fix } from '../../findings/fix.ts';
import { countOf, listSome, quoteName } from '../../messages/wording.ts';
import { mainName, type Option } from '../../model/option.ts';
import { nameWords } from '../../words/name-words.ts';
import { defineCheck } from '../define-check.ts';

/** How many names a message lists. */
const NAMES_SHOWN = 3;

/** One finding for each command whose repeatable options are named partly in the singular and partly in the plural. */
export const pluralMixed = defineCheck({
  name: 'names/plural-mixed',
  level: 'note',
  title: 'Options that can be given several times are named in the singular and in the plural',
  why: 'People cannot know whether it is --exclude or --excludes, and where abbreviations are accepted one of them works until the other comes.',
  standard: 'practice',
  needs: ['which options count each time they are given, or take several words'],
  since: 7,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  --box=ID: {help: a box, repetition: all-count}\n  --quay=ID: {help: a quay, repetition: all-count}\n  --routes=ID: {help: a route, repetition: all-count}\n',
    right:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  --box=ID: {help: a box, repetition: all-count}\n  --quay=ID: {help: a quay, repetition: all-count}\n  --route=ID: {help: a route, repetition: all-count}\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  --box=ID: {help: a box, repetition: all-count}\n  --address=ID: {help: where, repetition: all-count}\n  --routes=FILE: {help: the routes, repetition: last-wins}\n',
  },
  judge(view, report) {
    for (const { command, path } of view.described) {
      const many = command.options.items.filter(isRepeated);
      report.judged(many.length);
      const isPlural = (option: Option) => PLURAL.test(nameWords(mainName(option).text).at(-1) ?? '');
      const [plural, singular] = [many.filter(isPlural), many.filter((option) => !isPlural(option))];
      const odd = plural.length <= singular.length ? plural : singular;
      const [first] = odd;
      if (first === undefined || plural.length === 0 || singular.length === 0) continue;
      report.finding({
        command: path,
        subject: mainName(first).text,
        data: {
          odd: odd.map((option) => mainName(option).text),
          number: odd === plural ? 'plural' : 'singular',
          others: many.length - odd.length,
        },
        place: first.place,
        fixes: odd.flatMap((option) => renameFix(mainName(option).text, path, odd === plural)),
      });
    }
  },
  members: { list: 'odd', nameOf: (name) => name },
  apart: true,
  message: ({
    odd,
    number,
    others,
  }: {
    odd: readonly string[];
    number: 'plural' | 'singular';
    others: number;
  }) =>
    `${listSome(odd.map(quoteName), NAMES_SHOWN)} ${odd.length === 1 ? 'is' : 'are'} in the ${number}, and ${countOf(others, 'other option')} that can be given several times ${others === 1 ? 'is' : 'are'} not`,
  fix: () => 'name all of them alike, and keep the others as hidden aliases',
});

/** A name with its last word in the singular, or in the plural. */
function renameFix(name: string, command: readonly string[], isPlural: boolean): Fix[] {
  const to = isPlural
    ? name
        .replace(/ies$/, 'y')
        .replace(/(x|ch|sh|ss)es$/, '$1')
        .replace(/(?<=[^sy])s$/, '')
    : `${name.replace(/([^aeiou])y$/, '$1ie').replace(/(x|ch|sh|ss)$/, '$1e')}s`;
  return to === name ? [] : [{ kind: 'rename-option', command, name, to }];
}

/** The ending of a plural; `address`, `status` and `bus` are none. */
const PLURAL = /^(?!.*(?:ss|us|is|as|os)$)[a-z]{3,}s$/;

/** Placeholders of what holds several. */
const FILES = /^<?(?:file|path|dir|directory|folder|module|list)/i;

function isRepeated({ names, repetition, argument }: Option): boolean {
  const words = argument?.value.words ?? [];
  // A file of boxes is rightly called --boxes.
  const isOfFile = words.some(
    ({ type, placeholder }) => type?.value === 'file' || FILES.test(placeholder?.value ?? ''),
  );
  if (isOfFile || argument?.value.presence === 'none') return false;
  const takesMany = argument?.value.count?.value.most === null;
  return names.some(({ form }) => form === 'long') && (repetition?.value === 'all-count' || takesMany);
}
