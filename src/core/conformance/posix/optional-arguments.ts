import type { AuditView } from '../../audit-view.ts';
import { argumentOf } from '../../model/option.ts';
import { type NameAt, optionNames } from '../name-instances.ts';

/** What Guideline 7 looks at: the names that take an option-argument, and of those the ones where it is optional. */
export function optionalArguments(view: AuditView): {
  taking: NameAt[];
  optional: NameAt[];
} {
  const taking = optionNames(view).filter(({ option, name }) => {
    const presence = argumentOf(option, name)?.value.presence;
    return presence === 'optional' || presence === 'mandatory';
  });
  const isOptional = ({ option, name }: NameAt) => argumentOf(option, name)?.value.presence === 'optional';
  return { taking, optional: taking.filter(isOptional) };
}
