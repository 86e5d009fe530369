// Whether what an audit says of a printed help is so, by the declaration.
import { audit, joinInterfaces } from 'dabbawala';

/** Without brackets, dots and case. */
function bare(name) {
  return name.replace(/[<>[\]{}.…]/g, '').toLowerCase();
}

function operandNamed({ operands }, name) {
  return operands.find((operand) => bare(operand.name) === bare(name));
}

/** The option of a name that is spoken of; undefined where the library has it of its own. */
function optionNamed({ options, neutral }, name) {
  const found = options.find(({ names, spellings }) => names.includes(name) || spellings.includes(name));
  return found ?? (neutral.options.includes(name) ? undefined : NOT_DECLARED);
}

/** What an option that is not declared would be like, if it were. */
const NOT_DECLARED = { help: 'invented' };

/**
 * From a check to whether its finding's data agree with a declaration. A text that is not shown counts as none, so that only what is printed
 * speaks against a finding. Checks that are not here speak of what the declarations do not decide.
 */
const JUDGES = {
  'help/option-undescribed': ({ names }, truth) =>
    names.every((name) => optionNamed(truth, name)?.help === undefined),
  // Hidden commands stand in the synopsis of some libraries, without a text.
  'help/command-undescribed': ({ names }, { commands }) =>
    !commands.some(({ all, summary }) => summary !== undefined && names.some((name) => all.includes(name))),
  'help/value-unnamed': ({ names }, truth) =>
    names.every((name) => optionNamed(truth, name) !== NOT_DECLARED),
  'help/usage-disagrees': ({ kind, name }, truth) => {
    if (kind === 'unshown-operand') return false;
    if (kind !== 'unlisted-operand') return optionNamed(truth, name) !== NOT_DECLARED;
    const operand = operandNamed(truth, name);
    return operand !== undefined && operand.help === undefined;
  },
  'arguments/too-many-operands': ({ names }, truth) =>
    names.every((name) => operandNamed(truth, name) !== undefined),
  'arguments/optional-before-required': () => false,
  'arguments/two-open-ended': () => false,
  'conflicts/same-name-twice': () => false,
};

/** Judges the errors and warnings about a help that was read: calls back with `alarms`, whether one agrees with the declaration, and its message. */
export function scoreAlarms(truth, from, tell) {
  if (from === undefined) return;
  const own = [truth.program, ...truth.path].join(' ');
  for (const { check, level, data, command, message } of audit(joinInterfaces([from])).findings) {
    const judge = command.join(' ') === own ? JUDGES[check] : undefined;
    if (level !== 'note' && judge !== undefined) tell('alarms', judge(data, truth), `${check}: ${message}`);
  }
}
