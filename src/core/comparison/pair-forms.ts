import type { Form } from '../model/command.ts';

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
  const left = [...after];
  const same: [Form, Form][] = [];
  const olds = before.filter((form) => {
    const at = left.findIndex((other) => signature(other) === signature(form));
    const [found] = at < 0 ? [] : left.splice(at, 1);
    if (found !== undefined) same.push([form, found]);
    return found === undefined;
  });
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
