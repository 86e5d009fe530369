import { groupedBy } from '../../collections/grouped.ts';
import type { Form } from '../../model/command.ts';

/** The forms of a command in two versions. */
export interface FormPairs {
  /** Forms that take the same. */
  readonly same: readonly (readonly [Form, Form])[];
  /** Forms in the same place that do not. */
  readonly changed: readonly (readonly [Form, Form])[];
  readonly removed: readonly Form[];
  readonly added: readonly Form[];
}

/** Pairs the forms of a command: those that take the same, then what is left in its order where there is as much in both versions. */
export function pairForms(before: readonly Form[], after: readonly Form[]): FormPairs {
  // The first of those that take the same stands last.
  const waiting = groupedBy(after.toReversed(), signature);
  const same: [Form, Form][] = [];
  const taken = new Set<Form>();
  const olds = before.filter((form) => {
    const found = waiting.get(signature(form))?.pop();
    if (found === undefined) return true;
    same.push([form, found]);
    taken.add(found);
    return false;
  });
  const left = after.filter((form) => !taken.has(form));
  if (olds.length !== left.length) return { same, changed: [], removed: olds, added: left };
  const changed = olds.flatMap((form, i): [Form, Form][] => {
    const other = left[i];
    return other === undefined ? [] : [[form, other]];
  });
  return { same, changed, removed: [], added: [] };
}

/** What a form takes: its operands, and the options that it requires. How optional ones are shown is wording. */
function signature({ operands, options }: Form): string {
  return JSON.stringify([
    operands.map(({ kind, name, count }) => [kind, name, count?.value.least, count?.value.most]),
    options
      .filter(({ required }) => required)
      .map(({ name }) => name)
      .sort(),
  ]);
}
