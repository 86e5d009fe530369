import { optionsInReach } from '../../abbreviations/option-scope.ts';
import { quoteName } from '../../messages/wording.ts';
import type { Command, Form, FormOption } from '../../model/command.ts';
import type { Interface } from '../../model/interface.ts';
import { mainName, type Option } from '../../model/option.ts';
import type { CommandAt } from '../../model/walk.ts';
import { operandKey } from '../../notation/operand-key.ts';
import type { Place } from '../../source/source.ts';
import { defineCheck } from '../define-check.ts';
import { type ArgumentDifference, argumentDifferences } from '../shown-arguments.ts';

type Disagreement = {
  readonly name: string;
  readonly kind:
    | 'unlisted-option'
    | 'unshown-option'
    | 'shown-twice'
    | 'mandatory'
    | 'optional'
    | 'unlisted-operand'
    | 'unshown-operand'
    | 'count'
    | 'program'
    | ArgumentDifference['kind'];
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
      const found = [...disagreements(at), ...programFaults(at, view.interface)];
      for (const { data, place } of found) {
        // `[X.Y][-][A.B]` is a pattern: what stands in it is no name that a list would have.
        const isPattern = data.kind === 'unlisted-operand' && !/^[\p{L}\d][\p{L}\d_-]*$/u.test(data.name);
        if (isPattern && view.isHelp(place)) continue;
        const isNote = view.isHelp(place) && NOTED_IN_HELP.has(data.kind);
        report.finding({
          command: at.path,
          subject: data.name,
          data,
          place,
          ...(isNote ? { level: 'note' } : {}),
        });
      }
    }
  },
  message: ({ name, kind }: Disagreement) => MESSAGES[kind](quoteName(name)),
  fix: ({ name, kind }) =>
    kind === 'program'
      ? 'call the program in the usage line and in the examples by one name'
      : `correct the usage line or the list, whichever is wrong about ${quoteName(name)}`,
});

const MESSAGES: { readonly [K in Disagreement['kind']]: (name: string) => string } = {
  'unlisted-option': (name) => `the usage line shows the option ${name}, which is in no list`,
  'unshown-option': (name) => `the option ${name} is listed, and the usage line shows all others but it`,
  'shown-twice': (name) => `the usage line shows ${name} twice`,
  'argument-unshown': (name) => `the usage line shows ${name} without the argument that the list gives it`,
  'argument-unlisted': (name) => `the usage line shows an argument of ${name}, and the list none`,
  placeholder: (name) => `the usage line and the list have different words for the argument of ${name}`,
  count: (name) => `the usage line and the list disagree on how many words ${name} stands for`,
  program: (name) => `the usage line calls the program ${name}, and the examples do not`,
  mandatory: (name) => `the usage line shows ${name} as something that must be given, and it may be left out`,
  optional: (name) => `the usage line shows ${name} in brackets, and it must be given`,
  'unlisted-operand': (name) => `the usage line shows the operand ${name}, which the list of operands lacks`,
  'unshown-operand': (name) => `the operand ${name} is listed, and no usage line shows it`,
};

/** What help shows on purpose as often as by mistake. */
const NOTED_IN_HELP: ReadonlySet<Disagreement['kind']> = new Set([
  'unshown-option',
  'shown-twice',
  'count',
  'argument-unshown',
  'argument-unlisted',
  'placeholder',
  'program',
]);

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
    form.options.flatMap((shown) =>
      lettersOf(shown.name, (name) => byName.has(name)).flatMap(
        (name) => optionFault({ ...shown, name }, byName.get(name), command) ?? [],
      ),
    ),
  );
  return distinct([
    ...found,
    ...(command.options.complete?.value === true ? [] : unlistedOptions(command, byName)),
    ...unshownOptions(command),
    ...shownTwice(command),
    ...countFaults(command),
    ...argumentDifferences(command, byName).map(
      ({ name, kind, place }): Found => ({ data: { name, kind }, place }),
    ),
    ...operandFaults(command),
  ]);
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
  // `box/lid` may list two that share a text.
  const names = new Set(listed.flatMap(({ name }) => [name, ...name.split('/')].map(operandKey)));
  const shownNames = new Set(shown.map(({ name }) => operandKey(name)));
  // `[ARGUMENT]...`, and dots alone, stand for all of them.
  if (forms.some(({ text }) => /(?:^|\s)\.\.\.(?:\s|$)/.test(text))) return [];
  if ([...shownNames].some((name) => /^(?:args?|arguments?|operands?)$/.test(name))) return [];
  // A list that has nothing of the usage line is one of other things; one name alone may have been changed in one place.
  const areSingle = names.size === 1 && shownNames.size === 1;
  if (!areSingle && ![...shownNames].some((name) => names.has(name))) return [];
  // `[FLAG ...]` and `+NAME` are read as options; `lid=NAME` is a setting, of which a usage line need not show every one.
  const unshown = listed.filter(
    ({ name }) =>
      !shownNames.has(operandKey(name)) &&
      !name.split('/').every((part) => shownNames.has(operandKey(part))) &&
      !/^(?:\+|flags?$|options?$)|=/i.test(name),
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

/** A synopsis that shows options one by one, and no place for others. */
function showsAll({ forms }: Command): boolean {
  const shown = forms.flatMap(({ options }) => options);
  const others =
    /[[<{](?:[a-z-]+ )?(?:options?|opts?|flags?|switches)\b|\b(?:OPTIONS?|FLAGS?)\b|\.{3}\s*\]?$|\[\.{3}/;
  return (
    shown.length > 1 &&
    !forms.some(({ text }) => others.test(text.replace(/[\w>\])]\.{3}|\s\.{3}(?=[\]\s]|$)/g, '')))
  );
}

/** An option of the synopsis, or a letter of a group there, that no entry has, where all others have one: `[-hxV]` above a list without `-x`. */
function unlistedOptions({ forms, options }: Command, byName: ReadonlyMap<string, Option>): Found[] {
  const isListed = (name: string) => byName.get(name)?.listed === true;
  const shown = forms.flatMap((form) =>
    // What must be given is the mode that the synopsis is of, and how to get help need not be listed.
    form.options
      .filter(({ name, required }) => !required && !ASKS.has(name))
      .flatMap(({ name, place }) => lettersOf(name, isListed).map((one) => ({ name: one, place }))),
  );
  // `-Dsymbol` may be the letter with what is joined to it.
  const isJoined = (name: string) => /^-[^-]{2}/.test(name) && isListed(name.slice(0, 2));
  const [first, ...more] = shown.filter(({ name }) => !isListed(name) && !isJoined(name));
  const listed = options.items.filter((option) => option.listed).length;
  if (first === undefined || more.some(({ name }) => name !== first.name) || listed < 3 || shown.length < 4)
    return [];
  return [{ data: { name: first.name, kind: 'unlisted-option' }, place: first.place }];
}

/** The letters of a group, most of which are options of their own; a name that is none stays whole. */
function lettersOf(name: string, isListed: (name: string) => boolean): string[] {
  if (isListed(name) || !/^-[^-]{2,}$/.test(name)) return [name];
  const letters = [...name.slice(1)].map((letter) => `-${letter}`);
  return letters.filter(isListed).length * 3 >= letters.length * 2 ? letters : [name];
}

/** Options that a list has and a synopsis that shows all others lacks; how to get help need not be shown. */
function unshownOptions(command: Command): Found[] {
  if (!showsAll(command)) return [];
  const own = command.options.items.filter(
    ({ listed, names }) => listed && !names.some(({ text }) => ASKS.has(text)),
  );
  const listed = new Set(command.options.items.flatMap(({ names }) => names.map(({ text }) => text)));
  const shown = new Set(
    command.forms.flatMap(({ options }) =>
      options.flatMap(({ name }) => [name, ...lettersOf(name, (one) => listed.has(one))]),
    ),
  );
  const unshown = own.filter(
    ({ names, negatedNames }) => ![...names, ...negatedNames].some(({ text }) => shown.has(text)),
  );
  const [first, ...more] = unshown;
  if (first === undefined || more.length > 0 || own.length < 4) return [];
  return [{ data: { name: mainName(first).text, kind: 'unshown-option' }, place: first.place }];
}

const ASKS: ReadonlySet<string> = new Set(['-h', '--help', '-?', '-V', '--version', '-help', '-version']);

/** Options that one synopsis shows twice outside of alternatives. */
function shownTwice({ forms }: Command): Found[] {
  return forms.flatMap(({ text, options }) => {
    if (/[|{]/.test(text)) return [];
    const seen = new Set<string>();
    const isAgain = (name: string) => seen.size === seen.add(name).size;
    const [again] = options.filter(({ name }) => !/^-*options?$/i.test(name) && isAgain(name));
    return again === undefined
      ? []
      : [{ data: { name: again.name, kind: 'shown-twice' as const }, place: again.place }];
  });
}

/** Operands of which the list states how many there are, where the only synopsis shows it otherwise. */
function countFaults({ forms: [form, ...others], operands }: Command): Found[] {
  if (form === undefined || others.length > 0) return [];
  return operands.items.flatMap(({ name, count }) => {
    const shown = form.operands.find((one) => operandKey(one.name) === operandKey(name))?.count;
    if (count?.basis !== 'stated' || shown === undefined) return [];
    // A list may name an operand without the brackets that it has in a synopsis.
    const areAlike =
      (count.value.most === 1) === (shown.value.most === 1) &&
      (count.value.least > 0 || shown.value.least === 0);
    return areAlike ? [] : [{ data: { name, kind: 'count' as const }, place: count.place }];
  });
}

/** A word that may be the name of a program, without its path and ending. */
const PROGRAM_WORD = /^(?:\S{0,200}\/)?((?=\S*[a-z])[A-Za-z][\w+-]{0,60})(?:\.[a-z]{1,3})?$/;

/** The program that all synopses call, where the examples call it as it was asked for, and no synopsis does. */
function programFaults({ path, command }: CommandAt, { program, invocations }: Interface): Found[] {
  const [first] = command.forms;
  if (path.length > 1 || first === undefined || command.examples.length === 0 || invocations.length > 0)
    return [];
  const heads = command.forms.map(({ text }) => PROGRAM_WORD.exec(text.split(' ', 1)[0] ?? '')?.[1]);
  const [name] = heads;
  if (name === undefined || heads.some((head) => head !== name)) return [];
  // `tiffin-3` and `tiffind` are likely to be other names of it.
  if (program.value.includes(name) || name.includes(program.value)) return [];
  const isShown = command.examples.some(({ commandLine }) => commandLine.split(' ', 1)[0] === program.value);
  return isShown ? [{ data: { name, kind: 'program' }, place: first.place }] : [];
}
