import type { AuditView } from '../../audit-view.ts';
import { groupedBy } from '../../collections/grouped.ts';
import type { Fix } from '../../findings/fix.ts';
import { countOf, quoteName } from '../../messages/wording.ts';
import { mainName, type Option } from '../../model/option.ts';
import type { CommandAt } from '../../model/walk.ts';
import { defineCheck } from '../define-check.ts';

/** Fewer texts show no style. */
const MIN_TEXTS = 6;

/** Up to this share, odd texts are slips; more of them are another way to write. */
const MAX_SHARE = 0.2;

/** One odd text is a slip, in a long list also two. */
const LONG_LIST = 20;

type Style = 'a capital in front' | 'a full stop behind';

type Mixed = {
  /** The style of the text; `order` where the long name stands before the letter. */
  readonly what: string;
  readonly isWith: boolean;
  readonly name: string;
  readonly odd: number;
  readonly all: number;
};

/** One finding for each command and each way in which the style of its texts is mixed. */
export const styleMixed = defineCheck({
  name: 'help/style-mixed',
  level: 'note',
  title: 'The texts begin or end in different styles, or the names stand in another order',
  why: 'A list in one style reads at a glance. Where the style changes, the reader stops at a difference that means nothing.',
  standard: 'practice',
  needs: ['the texts of the options'],
  since: 4,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]...\n\n  -a  list all boxes\n  -b  list one box\n  -c  list carriers\n  -d  list days\n  -e  list errors\n  -f  Print fees\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  -a  list all boxes\n  -b  list one box\n  -c  list carriers\n  -d  list days\n  -e  list errors\n  -f  print fees\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  -a  list all boxes\n  -b  list one box\n  -c  list carriers\n  -d  list days\n  -e  list errors\n  -f  HTML output\n',
  },
  judge(view, report) {
    for (const at of view.described) {
      for (const [odd, all] of oddOrders(at, view)) {
        report.judged();
        const { text, place } = mainName(odd);
        const data = { what: 'order', isWith: false, name: text, odd: 1, all };
        report.finding({ command: at.path, subject: text, data, place });
      }
      const texts = ownTexts(at);
      if (texts.length < MIN_TEXTS) continue;
      report.judged(texts.length);
      for (const [what, isOdd] of STYLES) {
        const some = texts.filter((option) => isOdd(option.help?.value ?? '') === true);
        const others = texts.filter((option) => isOdd(option.help?.value ?? '') === false);
        const [odd, usual] = some.length <= others.length ? [some, others] : [others, some];
        const [first] = odd;
        if (
          first === undefined ||
          odd.length > (texts.length < LONG_LIST ? 1 : 2) ||
          odd.length + usual.length < MIN_TEXTS ||
          odd.length > texts.length * MAX_SHARE ||
          usual.length <= odd.length
        )
          continue;
        report.finding({
          command: at.path,
          subject: mainName(first).text,
          data: {
            what,
            isWith: some.length <= others.length,
            name: mainName(first).text,
            odd: odd.length,
            all: odd.length + usual.length,
          },
          place: first.help?.place ?? first.place,
          fixes: odd.flatMap((option) => styleFix(option, what, some.length <= others.length)),
        });
      }
    }
  },
  message({ what, isWith, name, odd, all }: Mixed) {
    if (what === 'order')
      return `${quoteName(name)} stands before its letter, and the letter first in ${countOf(all - 1, 'other option')}`;
    const verb = isWith ? (odd === 1 ? 'has' : 'have') : odd === 1 ? 'lacks' : 'lack';
    return `${odd} of ${countOf(all, 'text')} ${verb} ${what}, that of ${quoteName(name)} ${odd === 1 ? 'alone' : 'first'}`;
  },
  fix: ({ what, isWith }) =>
    what === 'order'
      ? 'write the letter first in all entries'
      : `write all texts alike: most have ${isWith ? 'no' : 'a'} ${what.replace(/^an? /, '')}`,
});

/** Each style, and whether a text has it; undefined where the text does not show. */
const STYLES: readonly (readonly [Style, (text: string) => boolean | undefined])[] = [
  [
    'a capital in front',
    (text) => {
      const [word = ''] = /^\p{L}+/u.exec(text) ?? [];
      // `HTML`, `POSIX`, `I` and names in capitals are so wherever they stand.
      return word.length < 2 || /^\p{Lu}{2}|\p{Ll}\p{Lu}/u.test(word) ? undefined : /^\p{Lu}/u.test(word);
    },
  ],
  [
    'a full stop behind',
    // Two sentences need one; a text that ends in a bracket, an abbreviation or a colon shows nothing.
    (text) =>
      /[.!?] \p{Lu}/u.test(text) ||
      /(?:\betc|e\.g|i\.e|\.\.|\b(?:approx|arg|def|dir|ext|incl|max|min|no|opt|resp|spec|vs))\.$|[)\]"'\d:]$/.test(
        text,
      )
        ? undefined
        : /\.$/.test(text),
  ],
];

/** A text in the usual style: without what the odd one has, or with what it lacks. */
function styleFix(option: Option, what: Style, isWith: boolean): Fix[] {
  const from = option.help?.value ?? '';
  const first = isWith ? from.slice(0, 1).toLowerCase() : from.slice(0, 1).toUpperCase();
  const to = {
    'a capital in front': first + from.slice(1),
    'a full stop behind': isWith ? from.replace(/\.$/, '') : `${from}.`,
  }[what];
  return [{ kind: 'change-text', name: mainName(option).text, from, to }];
}

function ownTexts({ command }: CommandAt): Option[] {
  return command.options.items.filter(
    ({ help, names }) =>
      help !== undefined && !names.some(({ text }) => text === '--help' || text === '--version'),
  );
}

/** So many entries show the custom of a list. */
const MIN_ENTRIES = 5;

/** The only option of a list whose long name stands before its letter, and how many options have both. */
function oddOrders({ command }: CommandAt, view: AuditView): (readonly [odd: Option, all: number])[] {
  const lists = groupedBy(
    command.options.items.filter(({ listed, place }) => listed && view.isHelp(place)),
    ({ heading }) => heading?.value ?? '',
  );
  return [...lists.values()].flatMap((options) => {
    const orders = groupedBy(options, isNameFirst);
    const [odd, ...more] = orders.get(true) ?? [];
    const usual = orders.get(false)?.length ?? 0;
    return odd === undefined || more.length > 0 || usual < MIN_ENTRIES ? [] : [[odd, usual + 1] as const];
  });
}

/** Whether the long name of an entry stands before its letter; undefined where it does not have both. */
function isNameFirst({ names }: Option): boolean | undefined {
  const [letter, long] = [
    names.find(({ form }) => form === 'short'),
    names.find(({ form }) => form === 'long'),
  ];
  return letter?.place == null || long?.place == null ? undefined : letter.place.start > long.place.start;
}
