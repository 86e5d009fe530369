import { quoteName } from '../../messages/wording.ts';
import type { Interface } from '../../model/interface.ts';
import { walkCommands } from '../../model/walk.ts';
import { toldVariables } from '../../notation/told-variables.ts';
import type { Place } from '../../source/source.ts';
import type { ChangeKind } from '../change-kinds.ts';
import type { Context } from '../context.ts';
import { textDiffers, unwrapped } from '../facts.ts';

interface Item {
  readonly name: string;
  readonly text: string | undefined;
  readonly place: Place;
}

/** A list of a program: how its changes are called, and what is said of what is gone. */
interface ProgramList {
  readonly removed: ChangeKind;
  readonly added: ChangeKind;
  readonly text: ChangeKind;
  readonly what: string;
  readonly lost: string;
  /** Whether callers go by the meaning that the text tells, so that texts that change places are another meaning. */
  readonly isMeant: boolean;
  readonly items: (cli: Interface) => readonly Item[];
}

const LISTS: readonly ProgramList[] = [
  {
    removed: 'variable-removed',
    added: 'variable-added',
    text: 'variable-text',
    what: 'variable',
    lost: ': if it is set, it may be ignored',
    isMeant: false,
    items: listedAndTold,
  },
  {
    removed: 'exit-status-removed',
    added: 'exit-status-added',
    text: 'exit-status-text',
    what: 'exit status',
    lost: ': scripts that wait for it may wait in vain',
    isMeant: true,
    items: ({ exitStatuses }) =>
      exitStatuses.map(({ from, to, help, place }) => ({
        name: from === to ? String(from) : `${from} to ${to}`,
        text: help?.value,
        place,
      })),
  },
  {
    removed: 'file-removed',
    added: 'file-added',
    text: 'file-text',
    what: 'file',
    lost: ': it may be ignored',
    isMeant: false,
    items: ({ files }) => files.map(({ path, help, place }) => ({ name: path, text: help?.value, place })),
  },
];

/** How the lists of a program differ: variables, exit statuses, files. */
export function programListChanges(before: Interface, after: Interface, context: Context): void {
  for (const list of LISTS) {
    const [old, newer] = [list.items(before), list.items(after)];
    // A source that lists none may only not tell of them.
    if (isSilent(before, old) || isSilent(after, newer)) continue;
    goneOrChanged(old, newer, list, before.program.value, context);
    added(old, newer, list, before.program.value, context);
  }
}

/** The variables of a list, and those of which only texts speak. */
function listedAndTold(cli: Interface): Item[] {
  const listed = cli.environment.map(({ name, help, place }) => ({ name, text: help?.value, place }));
  const known = new Set(listed.map(({ name }) => name));
  const told: Item[] = [];
  for (const { command } of walkCommands(cli)) {
    const { options, summary, description, remarks } = command;
    for (const { environment } of options.items) for (const { value } of environment) known.add(value);
    const texts = [summary, description, ...remarks, ...options.items.map(({ help }) => help)];
    for (const text of texts) {
      for (const name of toldVariables(text?.value ?? ''))
        told.push({ name, text: undefined, place: text?.place ?? null });
    }
  }
  for (const item of told) {
    if (known.has(item.name)) continue;
    known.add(item.name);
    listed.push(item);
  }
  return listed;
}

function isSilent({ root }: Interface, items: readonly Item[]): boolean {
  return items.length === 0 && root.options.complete?.value !== true;
}

function goneOrChanged(
  old: readonly Item[],
  newer: readonly Item[],
  { removed, text, what, lost, isMeant }: ProgramList,
  program: string,
  { list }: Context,
): void {
  const newByName = new Map(newer.map((item) => [item.name, item]));
  const oldByText = new Map(isMeant ? old.map((item) => [unwrapped(item.text), item.name]) : []);
  for (const item of old) {
    const same = newByName.get(item.name);
    const about = { command: [program], subject: item.name, oldPlace: item.place };
    if (same === undefined)
      list.add({
        ...about,
        kind: removed,
        effect: 'uncertain',
        before: item.name,
        message: `the ${what} ${quoteName(item.name)} is no longer listed${lost}`,
      });
    else if (textDiffers(item.text, same.text)) {
      const other = same.text === undefined ? undefined : oldByText.get(unwrapped(same.text));
      list.add({
        ...about,
        kind: text,
        effect: other === undefined ? 'wording' : 'other-meaning',
        before: item.text ?? null,
        after: same.text ?? null,
        message:
          other === undefined
            ? `the text of the ${what} ${quoteName(item.name)} has changed`
            : `the ${what} ${quoteName(item.name)} means now what ${quoteName(other)} meant`,
        newPlace: same.place,
      });
    }
  }
}

function added(
  old: readonly Item[],
  newer: readonly Item[],
  { added: kind, what }: ProgramList,
  program: string,
  { list }: Context,
): void {
  const known = new Set(old.map(({ name }) => name));
  for (const { name, place } of newer) {
    if (known.has(name)) continue;
    list.add({
      command: [program],
      subject: name,
      kind,
      effect: 'compatible',
      after: name,
      message: `the ${what} ${quoteName(name)} is new`,
      newPlace: place,
    });
  }
}
