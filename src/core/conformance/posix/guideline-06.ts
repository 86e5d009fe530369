import type { AuditView } from '../../audit-view.ts';
import { argumentOf } from '../../model/option.ts';
import { instanceOf, type NameAt, optionNames } from '../name-instances.ts';
import { departsOrMeets, nothingToJudge, type Rule } from '../rule.ts';

/** The letters of an interface that take a mandatory option-argument. */
export function takingLetters(view: AuditView): NameAt[] {
  return optionNames(view).filter(
    ({ option, name }) => name.form === 'short' && argumentOf(option, name)?.value.presence === 'mandatory',
  );
}

export const guideline6: Rule = {
  standard: 'posix',
  section: 'Guideline 6',
  label: 'separate option-arguments',
  asks: 'an option and its option-argument are separate words',
  judge(view) {
    const taking = takingLetters(view);
    if (taking.length === 0)
      return nothingToJudge('no short option with a mandatory option-argument is shown');
    // `-xVALUE` alone in the text says that the value is joined; beside a long form, the text shows that one's value.
    const joined = taking.filter(({ option, name }) => {
      const argument = argumentOf(option, name)?.value;
      return (
        option.names.length === 1 &&
        argument?.place != null &&
        name.place !== null &&
        argument.place.start === name.place.end &&
        isBare(argument.place)
      );
    });
    return departsOrMeets(
      joined.map(instanceOf),
      taking.length,
      'options shown with the value joined',
      'none is shown with the value joined',
    );
  },
};

function isBare({ source, start }: { source: { text: string }; start: number }): boolean {
  return !/[\s=]/.test(source.text[start] ?? ' ');
}
