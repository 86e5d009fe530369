import { addTo } from '../../collections/grouped.ts';
import { listNames, quoteName } from '../../messages/wording.ts';
import { commandName } from '../../model/command.ts';
import type { Place } from '../../source/source.ts';
import type { WordLists } from '../../words/word-lists.ts';
import { defineCheck } from '../define-check.ts';

type Order = 'verb first' | 'verb last';

/** One finding for an interface whose commands of two words have the verb now first and now last. */
export const wordOrderMixed = defineCheck({
  name: 'names/word-order-mixed',
  level: 'note',
  title: 'Commands of two words have the verb now first and now last',
  why: 'People guess the next command from the one they know, and completion of the first word shows only half of the commands that belong together.',
  standard: 'practice',
  needs: ['the commands'],
  since: 4,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\ncommands:\n  box-add: add a box\n  box-remove: take it out\n  route-show: print it\n  open-round: open one\n',
    right:
      'dabbawala: 1\nprogram: tiffin\ncommands:\n  box-add: add a box\n  box-remove: take it out\n  route-show: print it\n  round-open: open one\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\ncommands:\n  box-add: add a box\n  box-remove: take it out\n  route-show: print it\n  show: print all\n  late-boxes: print late ones\n',
  },
  judge(view, report) {
    const groups = new Map<Order, { name: string; path: readonly string[]; place: Place }[]>();
    for (const { command, path } of view.commands) {
      for (const sub of command.commands.items) {
        report.judged();
        const name = commandName(sub);
        const order = orderOf(name, view.words);
        if (order !== undefined) addTo(groups, order, { name, path, place: sub.place });
      }
    }
    const [usual, odd] = [...groups].sort(([, a], [, b]) => b.length - a.length);
    const first = odd?.[1][0];
    // Two against one may be chance.
    if (usual === undefined || odd === undefined || first === undefined || usual[1].length < MIN_COMMANDS)
      return;
    report.finding({
      command: first.path,
      subject: first.name,
      data: { usual: usual[0], example: usual[1][0]?.name ?? '', names: odd[1].map(({ name }) => name) },
      place: first.place,
      fixes: odd[1].map(({ name, path }) => ({
        kind: 'rename-command',
        command: path,
        name,
        to: name.replace(/^([^-_:]*)([-_:])([^-_:]*)$/, '$3$2$1'),
      })),
      related: [{ place: usual[1][0]?.place ?? null, note: `the ${usual[0]}, as in most` }],
    });
  },
  message: ({ usual, example, names }: { usual: Order; example: string; names: readonly string[] }) =>
    `most commands have the ${usual}, like ${quoteName(example)}; ${listNames(names)} ${names.length === 1 ? 'does' : 'do'} not`,
  fix: ({ usual }) => `put the ${usual} in all of them, and keep the others as aliases`,
});

const MIN_COMMANDS = 3;

function orderOf(name: string, words: WordLists): Order | undefined {
  const [first = '', last, ...more] = name.toLowerCase().split(/[-_:]/);
  if (last === undefined || more.length > 0 || words.isVerb(first) === words.isVerb(last)) return undefined;
  return words.isVerb(first) ? 'verb first' : 'verb last';
}
