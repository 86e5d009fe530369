import type { Form } from '../../model/command.ts';
import { inferred } from '../../model/fact.ts';
import type { Operand } from '../../model/operand.ts';

/** A word of a synopsis that stands for all operands. */
const ANY_OPERANDS = /^(?:args?|arguments?|operands?|positionals?)$/i;

/** Operands of a list that tells which may be left out, with what the synopses tell of how often each may stand. */
export function withRepeats(listed: readonly Operand[], forms: readonly Form[]): readonly Operand[] {
  return listed.map((operand) => {
    if (operand.count?.value.least !== 0 || operand.count.value.most === null) return operand;
    const shown = forms.flatMap(
      (form) => form.operands.find(({ name }) => name.toLowerCase() === operand.name.toLowerCase()) ?? [],
    );
    const isRepeated = shown.some(({ count }) => count?.value.most === null);
    return isRepeated ? { ...operand, count: inferred({ least: 0, most: null }, operand.place) } : operand;
  });
}

/**
 * Synopses with what a list of operands tells of how often each may stand. A printer that marks in its list what is required may put no brackets
 * around the rest, so the list counts where a synopsis has brackets around no operand at all.
 */
export function withListedCounts(forms: readonly Form[], listed: readonly Operand[]): readonly Form[] {
  const optional = new Map(
    listed.flatMap(({ name, count }) => (count?.value.least === 0 ? [[name.toLowerCase(), count]] : [])),
  );
  return forms.map((form) => {
    const hasBrackets = form.operands.some(({ count }) => count?.value.least === 0);
    if (hasBrackets) return form;
    const operands = form.operands.map((operand) => ({
      ...operand,
      count: optional.get(operand.name.toLowerCase()) ?? operand.count,
    }));
    return { ...form, operands };
  });
}

/** Operands of a list for all of which the only synopsis says `[ARGS]`: each may be left out. */
export function withSharedCount(listed: readonly Operand[], forms: readonly Form[]): readonly Operand[] {
  const [form, ...others] = forms;
  const shared = form?.operands.find(({ name }) => ANY_OPERANDS.test(name));
  if (shared === undefined || others.length > 0 || shared.count?.value.least !== 0) return listed;
  return listed.map((operand) => ({
    ...operand,
    count: inferred({ least: 0, most: operand.count?.value.most === null ? null : 1 }, shared.place),
  }));
}
