import type { AuditView } from '../../audit-view.ts';
import { addTo } from '../../collections/grouped.ts';
import { listNames, quoteName } from '../../messages/wording.ts';
import { type Command, commandName } from '../../model/command.ts';
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
    if (usual === undefined || odd === undefined || first === undefined || usual[1].length < MIN_COMMANDS) {
      const shared = sharedWord(view);
      if (shared !== undefined) report.finding(shared);
      return;
    }
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
  message: ({ usual, example, names }: Mixed) =>
    usual === 'word shared'
      ? `${quoteName(names[0] ?? '')} has first the word that ${quoteName(example)} has last`
      : `most commands have the ${usual}, like ${quoteName(example)}; ${listNames(names)} ${names.length === 1 ? 'does' : 'do'} not`,
  fix: ({ usual }) =>
    usual === 'word shared'
      ? 'put the word in the same place in both, and keep the other name as an alias'
      : `put the ${usual} in all of them, and keep the others as aliases`,
});

const MIN_COMMANDS = 3;

type Mixed = {
  /** The order of most commands, or `word shared` where two have one word at different ends. */
  readonly usual: Order | 'word shared';
  readonly example: string;
  readonly names: readonly string[];
};

/** `assign-berth` beside `berth-release`: two commands of one list that have the same word at different ends; undefined where there are none. */
function sharedWord(view: AuditView) {
  for (const { command, path } of view.commands) {
    const last = new Map<string, Command>();
    const parts = command.commands.items.flatMap((sub) => {
      const [first = '', second = '', ...more] = commandName(sub).split(/[-_]/);
      return first === '' || second === '' || more.length > 0 ? [] : [{ sub, first, second }];
    });
    for (const { sub, second } of parts) last.set(second, sub);
    const odd = parts.find(({ first, second, sub }) => {
      const other = last.get(first);
      const verb = other && commandName(other).split(/[-_]/, 1)[0];
      const areVerbs = view.words.isVerb(second) && verb !== undefined && view.words.isVerb(verb);
      return areVerbs && first.length >= MIN_LETTERS && other !== sub;
    });
    const other = odd && last.get(odd.first);
    if (odd === undefined || other === undefined) continue;
    const data: Mixed = { usual: 'word shared', example: commandName(other), names: [commandName(odd.sub)] };
    return { command: path, subject: commandName(odd.sub), data, place: odd.sub.place };
  }
  return undefined;
}

/** Shorter words are particles: `to`, `as`. */
const MIN_LETTERS = 3;

function orderOf(name: string, words: WordLists): Order | undefined {
  const [first = '', last, ...more] = name.toLowerCase().split(/[-_:]/);
  // `help-search` searches the help.
  const isOfHelp = first === 'help';
  if (last === undefined || more.length > 0 || isOfHelp || words.isVerb(first) === words.isVerb(last))
    return undefined;
  return words.isVerb(first) ? 'verb first' : 'verb last';
}
