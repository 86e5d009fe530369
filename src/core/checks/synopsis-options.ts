import type { Command, Form, FormOption } from '../model/command.ts';
import { mainName, type Option } from '../model/option.ts';
import type { Place, Span } from '../source/source.ts';
import { letterTimesInSource, timesInSource } from '../source/word-counts.ts';
import type { SynopsisFault } from './synopsis-fault.ts';

/** What is wrong with which options the synopses show. */
export function optionFaults(command: Command, byName: ReadonlyMap<string, Option>): SynopsisFault[] {
  return [
    ...command.forms.flatMap((form) => faultsOf(form, command, byName)),
    ...(command.options.complete?.value === true ? [] : unlistedOptions(command, byName)),
    ...unshownOptions(command),
    ...shownTwice(command),
    ...noneShown(command),
  ];
}

function faultsOf(form: Form, command: Command, byName: ReadonlyMap<string, Option>): SynopsisFault[] {
  return form.options.flatMap((shown) =>
    lettersOf(shown.name, (name) => byName.has(name)).flatMap(
      (name) => faultOf({ ...shown, name }, byName.get(name), command) ?? [],
    ),
  );
}

function faultOf(shown: FormOption, option: Option | undefined, command: Command): SynopsisFault | undefined {
  const fault = (kind: SynopsisFault['kind']): SynopsisFault => ({
    name: shown.name,
    kind,
    place: shown.place,
  });
  if (option === undefined)
    return command.options.complete?.value === true ? fault('unlisted-option') : undefined;
  // With several forms, an option may be mandatory in one of them.
  if (command.forms.length > 1) return undefined;
  if (shown.required && option.required?.value !== true && isBareAmongBracketed(shown, option, command))
    return fault('mandatory');
  const { required } = option;
  if (required?.basis !== 'stated' || required.value === shown.required) return undefined;
  return fault(required.value ? 'optional' : 'mandatory');
}

/** So many options in brackets show that what has none must be given. */
const MIN_BRACKETED = 3;

/** Whether an option with a default stands with its argument outside of brackets, where all others stand in them. */
function isBareAmongBracketed(
  { name, place }: FormOption,
  { argument }: Option,
  { forms }: Command,
): boolean {
  const shown = forms.flatMap(({ options }) => options);
  if (place === null || shown.filter(({ required }) => required).length > 1 || shown.length <= MIN_BRACKETED)
    return false;
  const byDefault = argument?.value.words[0]?.default;
  if (byDefault === undefined || /^(?:none|null|nil|undefined)$/i.test(byDefault.value)) return false;
  const behind = place.source.text.slice(place.start + name.length, place.start + name.length + 2);
  return /^[ =][\w<{]/.test(behind);
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
function unlistedOptions({ forms, options }: Command, byName: ReadonlyMap<string, Option>): SynopsisFault[] {
  const isListed = (name: string) => byName.get(name)?.listed === true;
  const shown = forms.flatMap((form) =>
    // What must be given is the mode that the synopsis is of, and how to get help need not be listed.
    form.options
      .filter(
        ({ name, required, place }) =>
          (!required || standsInUsageOnly(name, forms, place)) && !ASKS.has(name),
      )
      .flatMap(({ name, place }) => lettersOf(name, isListed).map((one) => ({ name: one, place }))),
  );
  // `-Dsymbol` may be the letter with what is joined to it.
  const isJoined = (name: string) => /^-[^-]{2}/.test(name) && isListed(name.slice(0, 2));
  const told = namesInTexts(options.items);
  const missing = shown.filter(({ name }) => !isListed(name) && !isJoined(name) && !told.has(name));
  const [first, ...more] = missing;
  const listed = options.items.filter((option) => option.listed).length;
  if (first === undefined || more.some(({ name }) => name !== first.name) || listed < 3 || shown.length < 4)
    return [];
  return [{ name: first.name, kind: 'unlisted-option', place: first.place }];
}

/** Whether a mode, which need not be an option of the list, stands nowhere but in the synopses. */
function standsInUsageOnly(name: string, forms: readonly Form[], place: Place): boolean {
  if (place === null || forms.length < 2) return false;
  const times = forms.filter(({ options }) => options.some((option) => option.name === name)).length;
  const letter = /^-(\w)$/.exec(name)?.[1];
  const inSource =
    letter === undefined ? timesInSource(name, place.source) : letterTimesInSource(letter, place.source);
  return inSource <= times;
}

/** The names of which the texts of options speak: `simple colours (alias -C)`. */
function namesInTexts(options: readonly Option[]): Set<string> {
  return new Set(
    options.flatMap(({ help }) => (help?.value ?? '').match(/(?<![\w-])-{1,2}[\w?][\w-]*/g) ?? []),
  );
}

/** The letters of a group, most of which are options of their own; a name that is none stays whole. */
function lettersOf(name: string, isListed: (name: string) => boolean): string[] {
  if (isListed(name) || !/^-[^-]{2,}$/.test(name)) return [name];
  const letters = [...name.slice(1)].map((letter) => `-${letter}`);
  return letters.filter(isListed).length * 3 >= letters.length * 2 ? letters : [name];
}

/** Options that a list has and a synopsis that shows all others lacks; how to get help need not be shown. */
function unshownOptions(command: Command): SynopsisFault[] {
  if (!showsAll(command)) return [];
  const asks = ({ names }: Option) => names.some(({ text }) => ASKS.has(text));
  const all = command.options.items.filter((option) => option.listed);
  // `[--]` shows the option for the end of the options, whatever it is called besides.
  const isEnd = ({ names }: Option) => names.some(({ text }) => /^--ignore[_-]rest$/.test(text));
  const own = all.filter((option) => !asks(option) && !isEnd(option));
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
  // A synopsis that shows how to get help too leaves nothing out on purpose.
  const showsAsks = all.some((option) => asks(option) && option.names.some(({ text }) => shown.has(text)));
  if (first === undefined || more.length > 0 || (showsAsks ? all : own).length < MIN_SHOWN) return [];
  return [{ name: mainName(first).text, kind: 'unshown-option', place: first.place }];
}

/** Of fewer options one may be left out on purpose. */
const MIN_SHOWN = 3;

const ASKS: ReadonlySet<string> = new Set(['-h', '--help', '-?', '-V', '--version', '-help', '-version']);

/** The only synopsis shows operands and no option, nor a place for any, above a list of some. */
function noneShown({ forms: [form, ...others], options, commands }: Command): SynopsisFault[] {
  if (form === undefined || others.length > 0 || form.options.length > 0 || commands.items.length > 0)
    return [];
  const own = options.items.filter(
    (option) => option.listed && !option.names.some(({ text }) => ASKS.has(text)),
  );
  const isOpen =
    /[-+/][\w?]|(?:^|\s)(?:\.{3}|…)\s*$|(?<![a-z])(?:options?|opts?|flags?|switch(?:es)?|args?|arguments?|params?|parameters?)\b/i;
  const [first] = own;
  if (first === undefined || own.length < MIN_UNSHOWN || form.operands.length === 0 || isOpen.test(form.text))
    return [];
  return [{ name: mainName(first).text, kind: 'none-shown', place: form.place }];
}

/** So many listed options show that the synopsis lacks them all. */
const MIN_UNSHOWN = 2;

/** Options that one synopsis shows twice outside of alternatives: in the same words, or in others. */
function shownTwice({ forms }: Command): SynopsisFault[] {
  return forms.flatMap(({ text, options }) => {
    // Braces without a bar hold the values of an argument.
    if (/[|{]/.test(text.replace(/\{[^{}|]*\}/g, ''))) return [];
    const first = new Map<string, FormOption>();
    for (const option of options) {
      const { name, place } = option;
      if (/^-*options?$/i.test(name)) continue;
      const before = first.get(name);
      if (before === undefined) first.set(name, option);
      else if (areOfTwoModes(before.place, place)) continue;
      else
        return [
          { name, kind: bracketAt(place) === bracketAt(before.place) ? 'repeated' : 'shown-twice', place },
        ];
    }
    return [];
  });
}

/** Whether two places stand in different outer brackets with options of their own: `[--map --day=DAY] [--list [--day=DAY]]`. */
function areOfTwoModes(one: Place, other: Place): boolean {
  if (one === null || other === null) return false;
  const [first, second] = [groupAround(one), groupAround(other)];
  return (
    first !== second &&
    [first, second].every((group) => (group?.match(/(?:^|[\s[])--?[A-Za-z]/g) ?? []).length > 1)
  );
}

/** The outermost bracket that a place stands in, so far as it is no longer than a synopsis; undefined where it stands in none. */
function groupAround({ source: { text }, start: at }: Span): string | undefined {
  let [depth, start] = [0, -1];
  for (
    let i = at - 1;
    i >= Math.max(0, at - GROUP_SEEN) && !(text[i] === '\n' && text[i + 1] === '\n');
    i--
  ) {
    if (text[i] === ']') depth--;
    else if (text[i] === '[' && ++depth > 0) {
      depth = 0;
      start = i;
    }
  }
  if (start < 0) return undefined;
  for (let i = start; i < start + 2 * GROUP_SEEN && i < text.length; i++) {
    if (text[i] === '[') depth++;
    else if (text[i] === ']' && --depth === 0) return text.slice(start, i + 1);
  }
  return undefined;
}

/** How far a bracket is looked for before a place. */
const GROUP_SEEN = 1000;

/** What stands from a place to the end of its bracket; empty where it stands in none. */
function bracketAt(place: Place): string {
  if (place === null || place.source.text[place.start - 1] !== '[') return '';
  return /^[^\][\n]{0,80}\]/.exec(place.source.text.slice(place.start, place.start + 90))?.[0] ?? '';
}
