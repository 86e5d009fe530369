import type { Form } from '../model/command.ts';
import type { Interface } from '../model/interface.ts';
import type { CommandAt } from '../model/walk.ts';
import { COMMON_WORDS } from '../words/common-words.ts';
import { isSlipInside } from '../words/slip-inside.ts';
import { isSwapped } from '../words/swapped-letters.ts';
import type { SynopsisFault } from './synopsis-fault.ts';

/** A word that may be the name of a program, without its path and ending. */
const PROGRAM_WORD = /^(?:\S{0,200}\/)?((?=\S*[a-z])[A-Za-z][\w+-]{0,60})(?:\.[a-z]{1,3})?$/;

/** What is wrong with the program that synopses and texts call. */
export function programFaults(at: CommandAt, cli: Interface): SynopsisFault[] {
  return [
    ...formTwice(at),
    ...calledOtherwise(at, cli),
    ...oneOfAnother(at, cli),
    ...commandOfAnother(at, cli),
    ...titleOfAnother(at, cli),
    ...misspeltInText(at, cli),
    ...helpElsewhere(at, cli),
  ];
}

/** A synopsis that is word for word one before it. */
function formTwice({ command: { forms } }: CommandAt): SynopsisFault[] {
  const seen = new Set<string>();
  for (const { text, place } of forms) {
    if (seen.has(text)) return [{ name: text, kind: 'form-twice', place }];
    seen.add(text);
  }
  return [];
}

/** The program that all synopses call, where the examples call it as it was asked for, and no synopsis does. */
function calledOtherwise({ path, command }: CommandAt, { program, invocations }: Interface): SynopsisFault[] {
  const [first] = command.forms;
  if (path.length > 1 || first === undefined || command.examples.length === 0 || invocations.length > 0)
    return [];
  const heads = command.forms.map(headOf);
  const [name] = heads;
  if (name === undefined || heads.some((head) => head !== name)) return [];
  // `tiffin-3` and `tiffind` are likely to be other names of it.
  if (program.value.includes(name) || name.includes(program.value)) return [];
  const isShown = command.examples.some(({ commandLine }) => commandLine.split(' ', 1)[0] === program.value);
  return isShown ? [{ name, kind: 'program', place: first.place }] : [];
}

/** So many other synopses show that one is the odd one. */
const MIN_OTHERS = 3;

/** A synopsis that calls another program than all others, by a word that stands nowhere else, or by a slip of the pen for it. */
function oneOfAnother({ path, command }: CommandAt, { program }: Interface): SynopsisFault[] {
  if (path.length > 1) return [];
  const heads = command.forms.map((form) => ({ name: headOf(form), place: form.place }));
  const [odd, ...more] = heads.filter(({ name }) => name !== program.value);
  if (odd?.name === undefined || odd.place === null || more.length > 0 || heads.length < 2) return [];
  const isSlip = isSlipInside(odd.name, program.value);
  const isAlone = heads.length > MIN_OTHERS && odd.place.source.text.split(odd.name).length === 2;
  const isRelated = odd.name.includes(program.value) || program.value.includes(odd.name);
  return isSlip || (isAlone && !isRelated)
    ? [{ name: odd.name, kind: 'other-program', place: odd.place }]
    : [];
}

/** The synopsis of a command that calls another program, where those of other commands call this one. */
function commandOfAnother({ path, command }: CommandAt, { root, program }: Interface): SynopsisFault[] {
  const [form, ...more] = command.forms;
  if (path.length < 2 || form === undefined || more.length > 0) return [];
  const name = headOf(form);
  if (name === undefined || name === program.value || path.includes(name)) return [];
  const heads = [root, ...root.commands.items, ...root.commands.items.flatMap((one) => one.commands.items)]
    .filter((one) => one !== command)
    .flatMap(({ forms }) => forms.map(headOf));
  const isOdd = heads.length > 1 && heads.every((head) => head === program.value);
  const isRelated = name.includes(program.value) || program.value.includes(name);
  return isOdd && !isRelated ? [{ name, kind: 'other-program', place: form.place }] : [];
}

/** The program that a synopsis calls. */
function headOf({ text }: Form): string | undefined {
  return PROGRAM_WORD.exec(text.split(' ', 1)[0] ?? '')?.[1];
}

/** A title that begins with the name of the program, but for a slip of the pen. */
function titleOfAnother({ path, command }: CommandAt, { program }: Interface): SynopsisFault[] {
  const source = command.forms[0]?.place?.source;
  if (path.length > 1 || source === undefined) return [];
  const start = source.text.search(/\S/);
  const name = /^[a-z][\w-]*(?=[ ,:]|$)/.exec(
    source.text.slice(Math.max(0, start), start + TITLE_LIMIT),
  )?.[0];
  if (name === undefined || !isSlipInside(name, program.value)) return [];
  return [{ name, kind: 'misspelt', place: { source, start, end: start + name.length } }];
}

/** So much of a title is looked at. */
const TITLE_LIMIT = 80;

/** A short name has too many words beside it. */
const LEAST_LENGTH = 5;

/** A word of the running text that is the name of the program, but for a slip of the pen. */
function misspeltInText({ path, command }: CommandAt, { program }: Interface): SynopsisFault[] {
  const { value: own } = program;
  if (path.length > 1 || own.length < LEAST_LENGTH) return [];
  return command.remarks.slice(0, REMARKS_LIMIT).flatMap(({ value, place }): SynopsisFault[] => {
    const words = value.slice(0, REMARK_LIMIT).match(/[a-z][a-z\d-]{3,60}/g) ?? [];
    const slip = words.find(
      (word) => (isSlipInside(word, own) || isSwapped(word, own)) && !COMMON_WORDS.has(word),
    );
    return slip === undefined ? [] : [{ name: slip, kind: 'misspelt', place }];
  });
}

/** A command line that asks for help, in quotes or behind a verb: `run 'tiffin COMMAND --help'`. */
const HELP_CALL =
  /(?:["'`‘“]|\b(?:[Rr]un|[Uu]se|[Ss]ee|[Tt]ry|[Tt]ype|[Ii]nvoke|[Ee]xecute)\s+)([a-z][\w+-]{1,40})(?: [^\s"'`’”]{1,40}){0,4} (?:--help|-h)\b(?!.{0,40} (?:about|on) (?!an? |the |any |each |this )\S)/g;

/** Programs that show the help of others. */
const SHOWS_HELP =
  /^(?:man|info|sudo|help|npx|npm|yarn|pnpm|python\d?|perl|ruby|java|node|php|it|this|the|with|command)$/;

/** A text that tells to call another program for help. */
function helpElsewhere({ path, command }: CommandAt, { program, invocations }: Interface): SynopsisFault[] {
  const known = [program.value, ...path, ...invocations.flatMap(({ value }) => value)];
  const own = command.forms.map(({ text }) => text.split(' ', 1)[0] ?? '');
  return command.remarks.slice(0, REMARKS_LIMIT).flatMap(({ value, place }): SynopsisFault[] => {
    for (const [, name = ''] of value.slice(0, REMARK_LIMIT).matchAll(HELP_CALL)) {
      const isKnown = [...known, ...own].some((one) => one.includes(name) || name.includes(one));
      if (!isKnown && !SHOWS_HELP.test(name)) return [{ name, kind: 'help-elsewhere', place }];
    }
    return [];
  });
}

/** So many paragraphs, and so much of each, are searched. */
const REMARKS_LIMIT = 100;
const REMARK_LIMIT = 2000;
