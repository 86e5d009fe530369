import { listKey } from '../../collections/list-key.ts';
import { quoteName } from '../../messages/wording.ts';
import type { Place } from '../../source/source.ts';
import { defineCheck } from '../define-check.ts';

/** Acts, each with the verbs that people call it by. */
const ACTS: readonly (readonly string[])[] = [
  ['create', 'add', 'new', 'make'],
  ['remove', 'delete', 'rm', 'del', 'destroy', 'erase'],
  ['list', 'ls'],
  ['show', 'view', 'display', 'inspect', 'describe'],
  ['update', 'edit', 'modify', 'change'],
];

interface Group {
  readonly path: readonly string[];
  /** The part of the names before the verb; empty where a command above has it. */
  readonly of: string;
  /** Whether the verb stands first in the names: `add-box`. */
  readonly verbFirst: boolean;
  readonly verbs: Map<string, Place>;
}

type Verbs = { readonly first: string; readonly second: string; readonly there: string };

/** One finding for each act that one group of commands has under one verb and another group under another. */
export const verbsMixed = defineCheck({
  name: 'names/verbs-mixed',
  level: 'note',
  title: 'Groups of commands use different verbs for the same action',
  why: 'Someone who can add a box tries to add a route. Only the list of commands shows that it must be created.',
  standard: 'practice',
  needs: ['the subcommands of several commands'],
  since: 4,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\ncommands:\n  box: {commands: {add: add one, list: list them}}\n  route: {commands: {create: make one, list: list them}}\n',
    right:
      'dabbawala: 1\nprogram: tiffin\ncommands:\n  box: {commands: {add: add one, list: list them}}\n  route: {commands: {add: make one, list: list them}}\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\ncommands:\n  box: {commands: {create: make one, add: put it in, list: list them}}\n  route: {commands: {create: make one, list: list them}}\n',
  },
  judge(view, report) {
    const groups = new Map<string, Group>();
    for (const { command, path } of view.commands) {
      for (const sub of command.commands.items) {
        for (const { text, place } of sub.names) {
          const { verb, of, verbFirst } = partsOf(text.toLowerCase());
          const id = listKey([...path, of, String(verbFirst)]);
          const group = groups.get(id) ?? { path, of, verbFirst, verbs: new Map() };
          group.verbs.set(verb, place);
          groups.set(id, group);
        }
      }
    }
    if (groups.size < 2) return;
    for (const act of ACTS) {
      report.judged();
      // A group that has both verbs means two things by them.
      const single = [...groups.values()].flatMap((group) => {
        const own = act.filter((verb) => group.verbs.has(verb));
        return own.length === 1 ? [{ group, verb: own[0] ?? '' }] : [];
      });
      const several = [...groups.values()].some(
        (group) => act.filter((verb) => group.verbs.has(verb)).length > 1,
      );
      const [first] = single;
      const second = single.find(
        ({ verb, group }) => verb !== first?.verb && group.verbFirst === first?.group.verbFirst,
      );
      if (first === undefined || second === undefined || several) continue;
      report.finding({
        command: second.group.path,
        subject: second.verb,
        data: { first: first.verb, second: second.verb, there: nameOf(first.group) },
        fixes:
          second.group.of === ''
            ? [{ kind: 'rename-command', command: second.group.path, name: second.verb, to: first.verb }]
            : [],
        place: second.group.verbs.get(second.verb) ?? null,
        related: [
          { place: first.group.verbs.get(first.verb) ?? null, note: `is ${quoteName(first.verb)} here` },
        ],
      });
    }
  },
  message: ({ first, second, there }: Verbs) =>
    `${quoteName(second)} here is ${quoteName(first)} in ${quoteName(there)}`,
  fix: ({ first }) => `call it ${quoteName(first)} in all groups, and keep the other verb as an alias`,
});

const VERBS: ReadonlySet<string> = new Set(ACTS.flat());

/** The verb of a name and what it acts on: `box-add` and `add-box` alike. */
function partsOf(name: string): { readonly verb: string; readonly of: string; readonly verbFirst: boolean } {
  const parts = name.split(/[-_:]/);
  const [first = '', last = ''] = [parts[0], parts.at(-1)];
  if (parts.length === 2 && VERBS.has(first) && !VERBS.has(last))
    return { verb: first, of: last, verbFirst: true };
  return { verb: last, of: parts.at(-2) ?? '', verbFirst: false };
}

function nameOf({ path, of }: Group): string {
  return [...path, ...(of === '' ? [] : [of])].join(' ');
}
