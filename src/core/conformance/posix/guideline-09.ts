import type { Form } from '../../model/command.ts';
import { nearestRule } from '../../model/nearest-rule.ts';
import type { CommandAt } from '../../model/walk.ts';
import { programInstance } from '../name-instances.ts';
import { type Instance, notJudged, type Rule } from '../rule.ts';

export const guideline9: Rule = {
  standard: 'posix',
  section: 'Guideline 9',
  label: 'options before operands',
  asks: 'all options come before the operands',
  judge(view) {
    const late = view.described.flatMap((at) =>
      at.command.forms.flatMap((form) => lateOption(at, form) ?? []),
    );
    if (late.length > 0)
      return {
        standing: 'departs',
        count: late.length,
        evidence: 'the synopsis shows options behind the operands',
        instances: late,
      };
    const order = nearestRule([view.interface.root], 'operandOrder');
    if (order === undefined) {
      return notJudged(
        'whether options may follow operands',
        'state it by --rule=operand-order=mixed, or =first-operand-ends-options',
      );
    }
    return order.value === 'mixed'
      ? {
          standing: 'departs',
          count: 1,
          evidence: 'options can appear among the operands',
          // What a parser does by custom is for the table; nobody chose it here, and nobody need act on it.
          instances: order.basis === 'inferred' ? [] : [programInstance(view, order.place)],
        }
      : {
          standing: 'meets',
          count: 1,
          evidence: 'the first operand ends the options',
          instances: [],
        };
  },
};

/** The first option that a synopsis of a program without subcommands shows behind an operand; undefined where there is none. */
function lateOption({ command, path }: CommandAt, { options, operands }: Form): Instance | undefined {
  const [first] = operands;
  if (first?.place == null || first.kind !== 'word' || command.commands.items.length > 0) return undefined;
  const { end, source } = first.place;
  // A program that shows all of them behind has a custom of its own; one that shows some in front forgot one.
  const isCustom = !command.forms.some((form) =>
    form.options.some(({ place }) => place !== null && place.start < (form.operands[0]?.place?.start ?? 0)),
  );
  if (isCustom) return undefined;
  const late = options.find(({ place }) => place !== null && place.source === source && place.start > end);
  return late === undefined ? undefined : { subject: late.name, command: path, place: late.place };
}
