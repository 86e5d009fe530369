import type { Option } from '../../../model/option.ts';
import type { Member, Relation } from '../../../model/relation.ts';
import { optionOf } from '../option-drafts.ts';
import type { ArgparseCall, ArgparseOption } from './argparse-call.ts';
import type { FlagChecks } from './flag-checks.ts';
import { readValidation } from './validation.ts';

/** The options that a call of `argparse` declares, with what the statements around it do with their variables, as `checks` tells. */
export function argparseOptions(call: ArgparseCall, checks: FlagChecks): Option[] {
  return call.options.map((option) => {
    const { names, variable, presence, collects, validation, place } = option;
    const facts = checks.get(variable) ?? checks.get(letterVariable(option));
    const told = validation === undefined ? undefined : readValidation(validation, place);
    return optionOf({
      names: names.map((name) => ({ name, place })),
      presence,
      variable,
      values: told?.values?.map((text) => ({ text, place })) ?? facts?.values,
      range: told?.range,
      collects,
      default: facts?.default,
      requiredBy: facts?.requiredBy,
      place,
    });
  });
}

/** `argparse` keeps an option under its letter too. */
function letterVariable({ names }: ArgparseOption): string {
  return `_flag_${names[0]?.slice(1) ?? ''}`;
}

/** The options of which a call lets one be given at a time. */
export function exclusions({ options, exclusive }: ArgparseCall): Relation[] {
  return exclusive.flatMap(({ names, place }) => {
    const members = names.flatMap((name): Member[] => {
      const wanted = name.length === 1 ? `-${name}` : `--${name}`;
      const option = options.find((one) => one.names.includes(wanted));
      const main = option?.names.at(-1);
      return main === undefined ? [] : [{ kind: 'option', name: main, value: undefined, place }];
    });
    return members.length < 2
      ? []
      : [{ kind: 'at-most-one' as const, subject: undefined, members, basis: 'stated' as const, place }];
  });
}
