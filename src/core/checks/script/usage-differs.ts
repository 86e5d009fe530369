import { listNames } from '../../messages/wording.ts';
import type { Command } from '../../model/command.ts';
import type { Interface } from '../../model/interface.ts';
import { argumentOf, mainName, type Option } from '../../model/option.ts';
import type { OptionLoop } from '../../model/option-loop.ts';
import { optionsByName } from '../../model/options-by-name.ts';
import type { Place, Source } from '../../source/source.ts';
import { defineCheck } from '../define-check.ts';
import { getoptsExample } from '../loop-check.ts';

/** A finding for each way in which the usage text of a script and its code differ. */
export const usageDiffers = defineCheck({
  name: 'script/usage-differs',
  level: 'warning',
  title: 'The usage text of a script and its code differ',
  why: 'Readers trust the text: they give options that are refused, and never learn of those that it lacks.',
  standard: 'practice',
  needs: ['the code of a script that reads options', 'its usage text'],
  since: 8,
  examples: {
    wrong: script('ab', '-a  all boxes\n-b  big boxes\n-c  count them'),
    right: script('ab', '-a  all boxes\n-b  big boxes'),
    nearMiss: script('abh', '-a  all boxes\n-b  big boxes'),
  },
  judge(view, report) {
    const { views } = view.interface;
    const code = views.find(({ sources }) => sources[0]?.kind === 'script');
    const text = views.find(isUsageOf(code));
    if (code === undefined || text === undefined) return;
    report.judged();
    for (const fault of faultsBetween(
      code.root,
      text.root,
      evidenceOf(view.interface.optionLoops, text.sources[0]?.source),
    )) {
      const [first] = fault.options;
      if (first === undefined) continue;
      report.finding({
        command: [view.interface.program.value],
        subject: mainName(first).text,
        data: { kind: fault.kind, names: fault.options.map((option) => mainName(option).text) },
        place: first.place,
        ...(fault.other === null || fault.other === undefined
          ? {}
          : {
              related: [
                {
                  place: fault.other,
                  note: fault.kind === 'unlisted' ? 'the list that lacks it' : 'the code',
                },
              ],
            }),
      });
    }
  },
  message: ({ kind, names }: { kind: Difference; names: readonly string[] }) => MESSAGES[kind](names),
  fix: ({ kind }) => FIXES[kind],
});

type Difference = 'unlisted' | 'unknown' | 'argument-hidden' | 'argument-invented';

const MESSAGES: Readonly<Record<Difference, (names: readonly string[]) => string>> = {
  unlisted: (names) =>
    `the script answers ${listNames(names)}, and its usage text does not have ${it(names)}`,
  unknown: (names) => `the usage text has ${listNames(names)}, and the script does not know ${it(names)}`,
  'argument-hidden': (names) =>
    `the script takes an argument for ${listNames(names)}, and its usage text shows none`,
  'argument-invented': (names) =>
    `the usage text shows an argument for ${listNames(names)}, and the script takes none`,
};

const FIXES: Readonly<Record<Difference, string>> = {
  unlisted: 'add it to the usage text, or take it out of the script',
  unknown: 'read it in the loop, or take it out of the usage text',
  'argument-hidden': 'show the argument by a placeholder behind the name',
  'argument-invented': 'take the argument in the loop, or the placeholder out of the usage text',
};

function it(names: readonly string[]): string {
  return names.length === 1 ? 'it' : 'them';
}

/** Whether an interface was read from the usage text that stands in the script of another. */
function isUsageOf(code: Interface | undefined): (cli: Interface) => boolean {
  const script = code?.sources[0]?.source;
  return ({ sources }) => sources[0]?.source.within?.source === script && script !== undefined;
}

/** What the loops of a script say of how far its code can be held against its text. */
interface Evidence {
  /** Whether all arms were read: what is answered elsewhere may be told in other ways. */
  readonly isWhole: boolean;
  /** Whether an option that no arm answers is refused, and not passed on. */
  readonly refuses: boolean;
  /** What is declared and not answered: that is told as such, and no text should have it. */
  readonly unanswered: ReadonlySet<string>;
  /** What is taken and passed over: it is there for old callers, and not told on purpose. */
  readonly ignored: ReadonlySet<string>;
  /** The names that stand anywhere in the usage text, as in a sentence. */
  readonly mentioned: ReadonlySet<string>;
  /** The names that the code asks for anywhere, as in a `case` within an arm. */
  readonly asked: ReadonlySet<string>;
}

/** A name in a pattern of `case`, or behind the sign of a test. */
const ASKED = /(?:^|\bin|;;|\||==?)[ \t]*\(?["']?(--?\w[\w-]*)(?=["']?\s*(?:[)|\]]|;|$))/gm;

/** The text of a script without its usage text. */
function codeBeside(usage: Source | undefined): string {
  if (usage?.within === undefined) return '';
  const { source, offsets } = usage.within;
  const told = new Uint8Array(source.text.length);
  for (let i = 0; i < usage.text.length; i++) if (usage.text[i] !== '\n') told[offsets[i] ?? 0] = 1;
  return source.text
    .split('')
    .map((unit, i) => (told[i] === 1 ? ' ' : unit))
    .join('');
}

function evidenceOf(loops: readonly OptionLoop[], usage: Source | undefined): Evidence {
  return {
    mentioned: new Set(usage?.text.match(/(?<![\w-])--?\w[\w-]*/g)),
    asked: new Set(Array.from(codeBeside(usage).matchAll(ASKED), ([, name = '']) => name)),
    isWhole: loops.every(({ armsComplete }) => armsComplete),
    refuses: loops.every(({ kind, unknown }) => kind !== 'words' || unknown?.end === 'exits'),
    unanswered: new Set(loops.flatMap(unansweredIn)),
    ignored: new Set(
      loops.flatMap(({ arms }) =>
        arms.flatMap(({ isEmpty, names }) => (isEmpty ? names.map(({ name }) => name) : [])),
      ),
    ),
  };
}

function unansweredIn({ declared = [], arms, unknown }: OptionLoop): string[] {
  if (unknown?.keeps === true) return [];
  const answered = new Set(arms.flatMap(({ names }) => names.map(({ name }) => name)));
  return declared.map(({ name }) => name).filter((name) => !answered.has(name));
}

interface Fault {
  readonly kind: Difference;
  readonly options: readonly Option[];
  readonly other?: Place;
}

/** What the help of every program has; a usage text need not say that it is one. */
const HELP = /^(?:-h|-\?|--help|-help|-H)$/;

function faultsBetween(
  code: Command,
  text: Command,
  { isWhole, refuses, unanswered, ignored, mentioned, asked }: Evidence,
): Fault[] {
  const read = code.options.items;
  const shown = text.options.items;
  const inCode = optionsByName(read);
  const inText = optionsByName(shown);
  // A text may tell the options of subcommands too.
  const anywhere = optionsByName([...read, ...code.commands.items.flatMap(({ options }) => options.items)]);
  const shownElsewhere = new Set([
    ...text.forms.flatMap(({ options }) => options.map(({ name }) => name)),
    ...shown.flatMap(digitsBetween),
  ]);
  const faults: Fault[] = [];
  const has = (option: Option, others: ReadonlyMap<string, Option>) =>
    option.names.some(({ text: name }) => others.has(name));
  const unlisted = read.filter(
    (option) =>
      !has(option, inText) &&
      !option.names.some(
        ({ text: name }) =>
          mentioned.has(name) ||
          HELP.test(name) ||
          shownElsewhere.has(name) ||
          ignored.has(name) ||
          unanswered.has(name),
      ),
  );
  // A text that lists fewer of the options than it lacks is not their list.
  const listed = read.filter((option) => has(option, inText)).length;
  if (isWhole && unlisted.length > 0 && listed >= unlisted.length && !saysMore(text))
    faults.push({ kind: 'unlisted', options: unlisted, other: shown[0]?.place ?? null });
  const unknown =
    code.options.complete?.value === true && refuses
      ? shown.filter(
          (option) =>
            !has(option, anywhere) &&
            isSurelyNamed(option) &&
            !option.names.some(({ text: name }) => asked.has(name)),
        )
      : [];
  if (unknown.length > 0 && shown.some((option) => has(option, inCode)))
    faults.push({ kind: 'unknown', options: unknown });
  for (const kind of ['argument-hidden', 'argument-invented'] as const) {
    const options = shown.filter(
      (option) => argumentFault(option, inCode) === kind && !isToldBySynopsis(option, kind, text),
    );
    if (options.length > 0) faults.push({ kind, options });
  }
  return faults;
}

/** Whether a synopsis shows what the list does not: the argument, or dots in its place; or that there is none. */
function isToldBySynopsis({ names }: Option, kind: Difference, { forms }: Command): boolean {
  const ends = forms.flatMap((form) =>
    form.options
      .filter((one) => names.some(({ text }) => text === one.name))
      .flatMap(({ name, repeated }) => ({ repeated, behind: textBehind(form.text, name) })),
  );
  const isTaken = ends.some(
    ({ repeated, behind }) => repeated || /^(?:=|\[=| *(?:[\w<{.]|\[[\w<]))/.test(behind),
  );
  return kind === 'argument-hidden' ? isTaken : ends.length > 0 && !isTaken;
}

/** What stands behind a name in a synopsis. */
function textBehind(synopsis: string, name: string): string {
  for (let at = synopsis.indexOf(name); at >= 0; at = synopsis.indexOf(name, at + 1)) {
    const isWhole =
      !/[\w-]/.test(synopsis[at - 1] ?? ' ') && !/[\w-]/.test(synopsis[at + name.length] ?? ' ');
    if (isWhole) return synopsis.slice(at + name.length, at + name.length + LOOKED_BEHIND);
  }
  return '';
}

/** So much is looked at behind a name. */
const LOOKED_BEHIND = 20;

/** The digits between two that share an entry: `-1 .. -9`. */
function digitsBetween({ names }: Option): string[] {
  const digits = names.flatMap(({ text }) => (/^-\d$/.test(text) ? [Number(text[1])] : []));
  if (digits.length !== 2) return [];
  const [least = 0, most = 0] = digits.toSorted((a, b) => a - b);
  return Array.from({ length: most - least + 1 }, (_, i) => `-${least + i}`);
}

/** Whether a usage text says that there are other options than it lists. */
function saysMore(text: Command): boolean {
  return text.options.complete?.value === false;
}

/** Whether an option stands in a list, or in the synopsis with a hyphen of its own. */
function isSurelyNamed(option: Option): boolean {
  return option.names.every(({ text }) => /^--?[A-Za-z0-9]/.test(text));
}

function argumentFault(shown: Option, code: ReadonlyMap<string, Option>): Difference | undefined {
  for (const name of shown.names) {
    const read = code.get(name.text);
    const own = read?.names.find(({ text }) => text === name.text);
    const inCode =
      read === undefined || own === undefined ? undefined : argumentOf(read, own)?.value.presence;
    const inText = argumentOf(shown, name)?.value.presence;
    if (inCode === undefined || inText === undefined) continue;
    if (inCode === 'mandatory' && inText === 'none') return 'argument-hidden';
    if (inCode === 'none' && inText !== 'none') return 'argument-invented';
  }
  return undefined;
}

/** A script with an option string and a usage text that lists options. */
function script(string: string, list: string): string {
  const arms = [...string].map((letter) => `${letter}) flag_${letter}=1`);
  return getoptsExample(string, [...arms, '*) usage; exit 2']).replace(
    '#!/bin/sh\n',
    `#!/bin/sh\nusage() {\n  cat >&2 <<END\nUsage: tiffin [OPTION]...\n\n${list.replace(/^/gm, '  ')}\nEND\n}\n`,
  );
}
