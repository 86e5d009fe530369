import { isSameList } from '../../collections/list-key.ts';
import type { Json } from '../../findings/finding.ts';
import { listNames, quoteName } from '../../messages/wording.ts';
import type { Interface } from '../../model/interface.ts';
import type { Place } from '../../source/source.ts';
import type { Effect } from '../change.ts';
import type { ChangeKind } from '../change-kinds.ts';
import type { Context } from '../context.ts';
import { programListChanges } from './program-list-changes.ts';

/** What differs in something that is said of the program as a whole. */
interface ProgramChange {
  readonly kind: ChangeKind;
  readonly effect: Effect;
  readonly before: Json;
  readonly after: Json;
  readonly message: string;
  readonly oldPlace?: Place;
  readonly newPlace?: Place;
}

/** How what is said of a program as a whole differs: its name, the words that invoke it, variables, exit statuses, files. */
export function programChanges(before: Interface, after: Interface, context: Context): void {
  const name = before.program.value;
  const changes = [
    ...nameChange(before, after),
    ...invocationChanges(before, after),
    ...parserChange(before, after),
    ...wordingChanges(before, after),
  ];
  for (const change of changes) context.list.add({ command: [name], subject: name, ...change });
  programListChanges(before, after, context);
}

function nameChange({ program: before }: Interface, { program: after }: Interface): ProgramChange[] {
  if (before.value === after.value) return [];
  return [
    {
      kind: 'program-renamed',
      effect: 'refused',
      before: before.value,
      after: after.value,
      message: `the program was renamed to ${quoteName(after.value)}`,
      oldPlace: before.place,
      newPlace: after.place,
    },
  ];
}

function invocationChanges(before: Interface, after: Interface): ProgramChange[] {
  const [old, newer] = [new Set(invocations(before)), new Set(invocations(after))];
  const removed = [...old]
    .filter((words) => !newer.has(words))
    .map(
      (words): ProgramChange => ({
        kind: 'invocation-removed',
        effect: 'uncertain',
        before: words,
        after: null,
        message: `calling it as ${quoteName(words)} is no longer listed`,
      }),
    );
  const added = [...newer]
    .filter((words) => !old.has(words))
    .map(
      (words): ProgramChange => ({
        kind: 'invocation-added',
        effect: 'compatible',
        before: null,
        after: words,
        message: `it can be called as ${quoteName(words)}`,
      }),
    );
  return [...removed, ...added];
}

function invocations({ invocations: all }: Interface): string[] {
  return all.map(({ value }) => value.join(' '));
}

/** Another parser, by its name. What that means for command lines is told of each rule that changes. */
function parserChange({ parser: before }: Interface, { parser: after }: Interface): ProgramChange[] {
  const [was, is] = [before?.value ?? [], after?.value ?? []];
  if (isSameList(was, is)) return [];
  const [old, newer] = [listNames(was, 'or'), listNames(is, 'or')];
  return [
    {
      kind: 'parser-changed',
      effect: 'wording',
      before: was,
      after: is,
      message:
        after === undefined
          ? `the parser is no longer stated; it was ${old}`
          : before === undefined
            ? `the parser is now stated: ${newer}`
            : `the parser changed from ${old} to ${newer}`,
      oldPlace: before?.place ?? null,
      newPlace: after?.place ?? null,
    },
  ];
}

/** What differs in lists that no caller depends on. */
function wordingChanges(before: Interface, after: Interface): ProgramChange[] {
  const lists: readonly (readonly [ChangeKind, string, (cli: Interface) => readonly string[]])[] = [
    ['references-changed', 'the references', ({ seeAlso }) => seeAlso.map(({ value }) => value)],
    [
      'claims-changed',
      'the standards that it claims to follow',
      ({ claims }) => claims.map(({ value }) => value),
    ],
    [
      'bug-address-changed',
      'the address for bug reports, or its text,',
      ({ bugAddress }) => (bugAddress === undefined ? [] : [bugAddress.value]),
    ],
  ];
  return lists.flatMap(([kind, what, valuesOf]): ProgramChange[] => {
    const [was, is] = [valuesOf(before), valuesOf(after)];
    if (isSameList(was, is)) return [];
    return [{ kind, effect: 'wording', before: was, after: is, message: `${what} have changed` }];
  });
}
