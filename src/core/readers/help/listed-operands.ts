import type { Form } from '../../model/command.ts';
import { inferred } from '../../model/fact.ts';
import type { Operand } from '../../model/operand.ts';

/** A word of a synopsis that stands for all operands. */
const ANY_OPERANDS = /^(?:args?|arguments?|operands?|positionals?)$/i;

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
