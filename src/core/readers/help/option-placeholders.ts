import type { Form } from '../../model/command.ts';
import type { Operand } from '../../model/operand.ts';
import type { Option } from '../../model/option.ts';

/** What names a group of options above their list: `Global options`, `<global>` alone, and `Actions` for `<action>`. */
const GROUP = /^(?:([\w-]+) (?:options|flags)\b|<([\w-]+)>:?$|(?!options\b|flags\b)([\w-]+)s:?$)/i;

/** `[global]` in a synopsis above a list of `Global options`, and `<action>` above options that are headed `Actions`, stand for these, and are no operands. */
export function withoutOptionPlaceholders(form: Form, options: readonly Option[]): Form {
  const groups = options.flatMap(({ heading }) => {
    const [, ofOptions, alone, one] = GROUP.exec(heading?.value ?? '') ?? [];
    const name = (ofOptions ?? alone ?? one)?.toLowerCase();
    return name === undefined ? [] : [{ name, isAlone: ofOptions === undefined }];
  });
  if (groups.length === 0) return form;
  const stands = new Map(groups.map(({ name, isAlone }) => [name, isAlone]));
  const isGroup = ({ name, count }: Operand) => {
    const isAlone = stands.get(name.toLowerCase());
    return isAlone !== undefined && (isAlone || count?.value.least === 0);
  };
  const operands = form.operands.filter((operand) => !isGroup(operand));
  return operands.length === form.operands.length ? form : { ...form, operands };
}
