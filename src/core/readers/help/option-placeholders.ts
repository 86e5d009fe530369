import type { Form } from '../../model/command.ts';
import type { Option } from '../../model/option.ts';

/** `[global]` in a synopsis above a list of `Global options` stands for these, and is no operand. */
export function withoutOptionPlaceholders(form: Form, options: readonly Option[]): Form {
  const groups = new Set(
    options.flatMap(
      ({ heading }) => /^([\w-]+) (?:options|flags)\b/i.exec(heading?.value ?? '')?.[1]?.toLowerCase() ?? [],
    ),
  );
  if (groups.size === 0) return form;
  const operands = form.operands.filter(
    ({ name, count }) => count?.value.least !== 0 || !groups.has(name.toLowerCase()),
  );
  return operands.length === form.operands.length ? form : { ...form, operands };
}
