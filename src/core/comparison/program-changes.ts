import type { Json } from '../findings/finding.ts';
import { quoteName } from '../messages/wording.ts';
import type { Interface } from '../model/interface.ts';
import type { Place } from '../source/source.ts';
import type { Effect } from './change.ts';
import type { Context } from './context.ts';
import { textDiffers } from './facts.ts';

interface Item {
  readonly name: string;
  readonly text?: string | undefined;
  readonly place: Place;
}

/** How what is said of a program as a whole differs: its name, the words that invoke it, variables, exit statuses, files. */
export function programChanges(before: Interface, after: Interface, { list }: Context): void {
  const command = [before.program.value];
  const one = (
    kind: string,
    effect: Effect,
    was: Json,
    is: Json,
    message: string,
    places: { oldPlace?: Place; newPlace?: Place } = {},
  ) =>
    list.add({
      command,
      kind,
      effect,
      subject: before.program.value,
      before: was,
      after: is,
      message,
      ...places,
    });
  if (before.program.value !== after.program.value) {
    one(
      'program-renamed',
      'refused',
      before.program.value,
      after.program.value,
      `the program is called ${quoteName(after.program.value)} now`,
      { oldPlace: before.program.place, newPlace: after.program.place },
    );
  }
  for (const words of invocations(before)) {
    if (!invocations(after).includes(words))
      one(
        'invocation-removed',
        'uncertain',
        words,
        null,
        `it is no longer said to be invoked as ${quoteName(words)}`,
      );
  }
  for (const words of invocations(after)) {
    if (!invocations(before).includes(words))
      one('invocation-added', 'compatible', null, words, `it can be invoked as ${quoteName(words)}`);
  }
  const items = (
    kind: string,
    what: string,
    effect: Effect,
    old: readonly Item[],
    fresh: readonly Item[],
    lost: string,
  ) => {
    // A source that lists none may only not tell of them.
    if (isSilent(before, old) || isSilent(after, fresh)) return;
    const oldByName = new Map(old.map((item) => [item.name, item]));
    const newByName = new Map(fresh.map((item) => [item.name, item]));
    for (const [name, item] of oldByName) {
      const same = newByName.get(name);
      const subject = { command, subject: name, oldPlace: item.place };
      if (same === undefined)
        list.add({
          ...subject,
          kind: `${kind}-removed`,
          effect,
          before: name,
          message: `the ${what} ${quoteName(name)} is no longer listed${lost}`,
        });
      else if (textDiffers(item.text, same.text))
        list.add({
          ...subject,
          kind: `${kind}-text`,
          effect: 'wording',
          before: item.text ?? null,
          after: same.text ?? null,
          message: `the text of the ${what} ${quoteName(name)} has changed`,
          newPlace: same.place,
        });
    }
    for (const [name, item] of newByName) {
      if (oldByName.has(name)) continue;
      list.add({
        command,
        subject: name,
        kind: `${kind}-added`,
        effect: 'compatible',
        after: name,
        message: `the ${what} ${quoteName(name)} is new`,
        newPlace: item.place,
      });
    }
  };
  items(
    'variable',
    'variable',
    'uncertain',
    variables(before),
    variables(after),
    ': where it is set, it may be ignored',
  );
  items(
    'exit-status',
    'exit status',
    'uncertain',
    statuses(before),
    statuses(after),
    ': scripts that wait for it may wait in vain',
  );
  items('file', 'file', 'uncertain', files(before), files(after), ': it may be ignored');
  const wording = (kind: string, what: string, was: readonly string[], is: readonly string[]) => {
    if (was.join('\0') !== is.join('\0')) one(kind, 'wording', was, is, `${what} have changed`);
  };
  wording(
    'references-changed',
    'the references',
    before.seeAlso.map(({ value }) => value),
    after.seeAlso.map(({ value }) => value),
  );
  wording(
    'claims-changed',
    'the standards that it claims to follow',
    before.claims.map(({ value }) => value),
    after.claims.map(({ value }) => value),
  );
  const address = ({ bugAddress }: Interface) => (bugAddress === undefined ? [] : [bugAddress.value]);
  wording(
    'bug-address-changed',
    'the address for bugs and what is said of it',
    address(before),
    address(after),
  );
}

function isSilent({ root }: Interface, items: readonly Item[]): boolean {
  return items.length === 0 && root.options.complete?.value !== true;
}

function invocations({ invocations: all }: Interface): string[] {
  return all.map(({ value }) => value.join(' '));
}

function variables({ environment }: Interface): Item[] {
  return environment.map(({ name, help, place }) => ({ name, text: help?.value, place }));
}

function statuses({ exitStatuses }: Interface): Item[] {
  return exitStatuses.map(({ from, to, help, place }) => ({
    name: from === to ? String(from) : `${from} to ${to}`,
    text: help?.value,
    place,
  }));
}

function files({ files: all }: Interface): Item[] {
  return all.map(({ path, help, place }) => ({ name: path, text: help?.value, place }));
}
