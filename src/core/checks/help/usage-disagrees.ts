import { optionsInReach } from '../../abbreviations/option-scope.ts';
import { quoteName } from '../../messages/wording.ts';
import type { Command, Form, FormOption } from '../../model/command.ts';
import type { Option } from '../../model/option.ts';
import type { CommandAt } from '../../model/walk.ts';
import { operandKey } from '../../notation/operand-key.ts';
import type { Place } from '../../source/source.ts';
import { defineCheck } from '../define-check.ts';

type Disagreement = {
  readonly name: string;
  readonly kind: 'unlisted-option' | 'mandatory' | 'optional' | 'unlisted-operand' | 'unshown-operand';
};

/** One finding for each option or operand on which usage line and lists disagree. */
export const usageDisagrees = defineCheck({
  name: 'help/usage-disagrees',
  level: 'warning',
  title: 'The usage line and the lists below it disagree',
  why: 'One of the two is out of date, and the reader cannot tell which. Following the wrong one gives an error.',
  standard: 'POSIX XBD 12.1',
  needs: ['the usage line', 'a complete list of options, or a list of operands'],
  since: 4,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\ncomplete: true\nusage: tiffin [--late] [--map] BOX\noptions:\n  --map: draw a map\noperands:\n  BOX: the box\n',
    right:
      'dabbawala: 1\nprogram: tiffin\ncomplete: true\nusage: tiffin [--map] BOX\noptions:\n  --map: draw a map\noperands:\n  BOX: the box\n',
    nearMiss: 'Usage: tiffin [--late] [--map] BOX\n\nCommon options:\n  --map  draw a map\n',
  },
  judge(view, report) {
    for (const at of view.described) {
      if (at.command.forms.length === 0) continue;
      report.judged();
      const found = disagreements(at);
      for (const { data, place } of found)
        report.finding({ command: at.path, subject: data.name, data, place });
    }
  },
  message: ({ name, kind }: Disagreement) => MESSAGES[kind](quoteName(name)),
  fix: ({ name }) => `correct the usage line or the list, whichever is wrong about ${quoteName(name)}`,
});

const MESSAGES: { readonly [K in Disagreement['kind']]: (name: string) => string } = {
  'unlisted-option': (name) => `the usage line shows the option ${name}, which is in no list`,
  mandatory: (name) => `the usage line shows ${name} as something that must be given, and it may be left out`,
  optional: (name) => `the usage line shows ${name} in brackets, and it must be given`,
  'unlisted-operand': (name) => `the usage line shows the operand ${name}, which the list of operands lacks`,
  'unshown-operand': (name) => `the operand ${name} is listed, and no usage line shows it`,
};

interface Found {
  readonly data: Disagreement;
  readonly place: Place;
}

function disagreements(at: CommandAt): Found[] {
  const { command } = at;
  const options = optionsInReach(at);
  const byName = new Map(
    options.flatMap((option) =>
      [...option.names, ...option.negatedNames].map(({ text }) => [text, option] as const),
    ),
  );
  const found = command.forms.flatMap((form) =>
    form.options.flatMap((shown) => optionFault(shown, byName.get(shown.name), command) ?? []),
  );
  return distinct([...found, ...operandFaults(command)]);
}

function optionFault(shown: FormOption, option: Option | undefined, command: Command): Found | undefined {
  const fault = (kind: Disagreement['kind']): Found => ({
    data: { name: shown.name, kind },
    place: shown.place,
  });
  if (option === undefined)
    return command.options.complete?.value === true ? fault('unlisted-option') : undefined;
  const { required } = option;
  // With several forms, an option may be mandatory in one of them.
  if (required?.basis !== 'stated' || command.forms.length > 1 || required.value === shown.required)
    return undefined;
  return fault(required.value ? 'optional' : 'mandatory');
}

function operandFaults({ forms, operands }: Command): Found[] {
  const listed = operands.items.filter(({ kind }) => kind === 'word' || kind === 'keyword');
  if (listed.length === 0) return [];
  const shown = forms.flatMap((form: Form) => form.operands);
  const names = new Set(listed.map(({ name }) => operandKey(name)));
  const shownNames = new Set(shown.map(({ name }) => operandKey(name)));
  // `[ARGUMENT]...`, and dots alone, stand for all of them.
  if (forms.some(({ text }) => /(?:^|\s)\.\.\.(?:\s|$)/.test(text))) return [];
  if ([...shownNames].some((name) => /^(?:args?|arguments?|operands?)$/.test(name))) return [];
  // A list that has nothing of the usage line is one of other things; one name alone may have been changed in one place.
  const areSingle = names.size === 1 && shownNames.size === 1;
  if (!areSingle && ![...shownNames].some((name) => names.has(name))) return [];
  // `[FLAG ...]` and `+NAME` are read as options; `lid=NAME` is a setting, of which a usage line need not show every one.
  const unshown = listed.filter(
    ({ name }) => !shownNames.has(operandKey(name)) && !/^(?:\+|flags?$|options?$)|=/i.test(name),
  );
  // A list of which the usage line shows the smaller part is of more than the operands.
  if (unshown.length > shownNames.size && unshown.length * 2 > listed.length) return [];
  return [
    ...shown
      .filter(({ name, kind }) => kind === 'word' && name !== '-' && !names.has(operandKey(name)))
      .map(({ name, place }): Found => ({ data: { name, kind: 'unlisted-operand' }, place })),
    ...unshown.map(({ name, place }): Found => ({ data: { name, kind: 'unshown-operand' }, place })),
  ];
}

function distinct(found: readonly Found[]): Found[] {
  return found.filter(
    ({ data }, i) =>
      found.findIndex((one) => one.data.name === data.name && one.data.kind === data.kind) === i,
  );
}
