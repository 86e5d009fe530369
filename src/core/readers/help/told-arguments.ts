import { flatMapped } from '../../collections/flat-mapped.ts';
import { bareValue, makeValueWord, type OptionArgument } from '../../model/argument.ts';
import { inferred, stated } from '../../model/fact.ts';
import type { Option } from '../../model/option.ts';
import { type ListedValue, scanValueList } from '../../notation/listed-values.ts';
import { notesIn, surestNote } from '../../notation/mark-notes.ts';
import { numberedValues } from '../../notation/numbered-values.ts';
import { valuesInProse } from '../../notation/prose-values.ts';
import { slashedValues } from '../../notation/slashed-values.ts';
import { speaksOfValue } from '../../notation/speaks-of-value.ts';
import { toldDefault } from '../../notation/told-default.ts';
import type { UsageReading } from '../../notation/usage-reading.ts';
import { matches } from '../../source/matches.ts';

/** Whether the text of an option that shows no argument says that it takes one: `Takes an argument in kbps.`, or shows it with one: `such as --lid=oak`. */
function saysSo({ argument, help, names }: Option): boolean {
  const isBare = argument === undefined || argument.value.presence === 'none';
  const text = help?.value ?? '';
  if (!isBare || text === '') return false;
  return (
    /(?:^|\. )(?:takes|requires|needs) an? (?:[a-z]+ )?argument\b/i.test(text) ||
    names.some(({ text: name, form }) => form === 'long' && isShownWithValue(text, name))
  );
}

/** Behind these a name with a value is what the option means without one, or is left out for: `--colour  same as --colour=always`. */
const IS_ALIKE = /\b(?:as|to|like|for|is|means|equals|of|than)[ "'`(]{1,3}$/i;

/** Whether a text has a name with a value behind it, and does not say that it means the same without. */
function isShownWithValue(text: string, name: string): boolean {
  const at = text.indexOf(`${name}=`);
  return at >= 0 && /[\w./"'<]/.test(text[at + name.length + 1] ?? '') && !IS_ALIKE.test(text.slice(0, at));
}

/** A default that no switch has. */
const VALUE = /^(?:-?\d+(?:\.\d+)?\w{0,3}|["'`].*["'`]|[.~]?\/.*)$/;

/**
 * In a list that shows no argument at all, the ones that synopses show, and those that the texts speak of: inferred, at the place
 * of the text. A list that shows arguments shows them for each option that takes one, but for those that a synopsis holds together with one
 * (`[-o <list>]`).
 */
export function withToldArguments(
  options: readonly Option[],
  synopses: readonly UsageReading[],
): readonly Option[] {
  const isShown = options.some(
    ({ argument }) => argument?.basis === 'stated' && argument.value.presence !== 'none',
  );
  const shown = argumentsInBrackets(options, synopses);
  if (isShown)
    return options.map((option) =>
      withSeparateArgument(saysSo(option) ? withAnyValue(option) : option, shown),
    );
  const switches = options.filter(isMarkedSwitch);
  const marksSwitches = switches.length > 0 && switches.every(tellsState);
  const inSynopses = flatMapped(synopses, ({ form }) => form.options);
  const needed = new Set(inSynopses.filter(({ required }) => required).map(({ name }) => name));
  return options.map((option) => {
    // Where switches are shown as `--[no]quiet`, the others have values.
    if (option.argument?.value.presence === 'mandatory') return withSeparateArgument(option, shown);
    if (marksSwitches && isUnmarked(option)) return withAnyValue(option);
    const argument = option.names.map(({ text }) => shown.get(text)).find((one) => one !== undefined);
    // What synopses that show options do not have, or in brackets, can be left out, whatever its text says of something that must be given.
    const mayBeNeeded = inSynopses.length === 0 || option.names.some(({ text }) => needed.has(text));
    const isNeeded = mayBeNeeded && endsInNeed(option);
    const taking =
      argument === undefined
        ? withToldArgument(option, isNeeded)
        : { ...option, argument: stated(withDefaultTold(argument, option), argument.place) };
    return isNeeded && taking.required === undefined
      ? { ...taking, required: stated(true, option.help?.place ?? null) }
      : taking;
  });
}

/**
 * An option that its list shows without an argument, with one that a synopsis puts behind it in the same bracket. What its text told of the value
 * stays.
 */
function withSeparateArgument(option: Option, shown: ReadonlyMap<string, OptionArgument>): Option {
  const own = option.argument;
  const told = own?.value.words[0];
  if (own?.basis !== 'inferred' || told?.placeholder !== undefined) return option;
  const argument = option.names.map(({ text }) => shown.get(text)).find((one) => one !== undefined);
  // What is joined to a letter may be more letters.
  const isSeparate =
    argument?.presence === 'mandatory' &&
    argument.words.every(
      ({ placeholder, values }) => values !== undefined || isPlaceholder(placeholder?.value),
    );
  if (!isSeparate || argument === undefined) return option;
  const [word, ...others] = argument.words;
  const words =
    word === undefined || told === undefined
      ? argument.words
      : [{ ...told, placeholder: word.placeholder, values: told.values ?? word.values }, ...others];
  return {
    ...option,
    argument: inferred(withDefaultTold({ ...argument, words }, option), argument.place),
    help: textBehind(words.map(({ placeholder }) => placeholder?.value ?? '').join(' '), option.help),
  };
}

/** The text of an option whose entry has its argument, `-q quay name`, in words that could as well be the text, which stands in the lines below. */
function textBehind(placeholder: string, help: Option['help']): Option['help'] {
  const place = help?.place ?? null;
  if (help === undefined || place === null || !help.value.startsWith(`${placeholder} `)) return help;
  const from = place.start + placeholder.length;
  const source = place.source.text.slice(place.start, place.end);
  const rest = /^\s*\n\s*/.exec(source.slice(placeholder.length))?.[0];
  if (rest === undefined || !source.startsWith(placeholder)) return help;
  return {
    ...help,
    value: help.value.slice(placeholder.length + 1),
    place: { ...place, start: from + rest.length },
  };
}

function isPlaceholder(text: string | undefined): boolean {
  return text !== undefined && text.length > 1 && /[A-Za-z]/.test(text);
}

/** `--[no]quiet` */
function isMarkedSwitch({ names, negatedNames }: Option): boolean {
  const marked = new Set(names.map(({ text }) => `--no${text.slice(2)}`));
  return negatedNames.some(({ text }) => marked.has(text));
}

/** Whether the text of a switch tells whether it is on by default, as a parser does that marks every switch. */
function tellsState({ help }: Option): boolean {
  return help !== undefined && /^(?:true|false)$/i.test(toldDefault(help.value)?.value ?? '');
}

/** Whether an option could have been shown so, and was not: help and version are often the parser's own. */
function isUnmarked({ names, negatedNames }: Option): boolean {
  return negatedNames.length === 0 && names.some(({ text }) => /^--(?!help|version)/.test(text));
}

function withAnyValue(option: Option): Option {
  const any: OptionArgument = {
    presence: 'mandatory',
    words: [makeValueWord()],
    count: undefined,
    place: null,
  };
  return { ...option, argument: inferred(withDefaultTold(any, option), option.place) };
}

/** `[a|b]` at the end of a text, with other marks behind it at most; joined to a word, `early,[a|b]`, it is a part of that. */
const VALUES_AT_END = /(?<![\w,])\[([\w.+-]{1,40}(?:\|[\w.+-]{1,40}){1,40})\](?:\s*\[[^[\]]{0,100}\])*$/;

/** An argument of one word with the default, and the values, that the text of its option tells. */
function withDefaultTold(given: OptionArgument, option: Option): OptionArgument {
  const { help } = option;
  const argument = withValuesTold(given, option);
  const [word, ...others] = argument.words;
  const told = help && toldDefault(help.value)?.value;
  if (word === undefined || others.length > 0 || told === undefined || word.default !== undefined)
    return argument;
  return { ...argument, words: [{ ...word, default: stated(told, help?.place ?? null) }] };
}

function withValuesTold(argument: OptionArgument, { help }: Option): OptionArgument {
  const [word, ...others] = argument.words;
  const listed = help && VALUES_AT_END.exec(help.value)?.[1];
  if (word === undefined || others.length > 0 || listed === undefined || word.values !== undefined)
    return argument;
  const place = help?.place ?? null;
  const values = listed.split('|').map((value) => bareValue(value, place));
  return { ...argument, words: [{ ...word, values: stated(values, place) }] };
}

/** So many options outside of brackets, each with a placeholder behind it, are no flags among operands. */
const MIN_PAIRS = 2;

/** Whether a synopsis is a row of options and placeholders, by turns: `-r <lid> -t <box> -o <quay>`. */
function isRowOfPairs({ options }: UsageReading): boolean {
  const loose = options.filter(({ isGrouped }) => !isGrouped);
  return (
    loose.length >= MIN_PAIRS &&
    loose.every(({ argument }) => argument?.presence === 'mandatory' && argument.words.length === 1)
  );
}

/** The arguments that synopses show in one bracket with an option, or in a row of such pairs: else an operand may follow a flag. */
function argumentsInBrackets(
  options: readonly Option[],
  synopses: readonly UsageReading[],
): ReadonlyMap<string, OptionArgument> {
  const known = new Set(flatMapped(options, ({ names }) => names.map(({ text }) => text)));
  // `-b[cmd]`: letters that may be grouped with it.
  const isGroup = ({ presence, words }: OptionArgument) =>
    presence === 'optional' &&
    [...(words[0]?.placeholder?.value ?? '-')].every((letter) => known.has(`-${letter}`));
  const shown = new Map<string, OptionArgument>();
  for (const synopsis of synopses) {
    const areArguments = isRowOfPairs(synopsis);
    for (const { declared, argument, isGrouped } of synopsis.options)
      if (argument !== undefined && (isGrouped || areArguments) && !isGroup(argument))
        shown.set(declared.text, argument);
  }
  return shown;
}

/** Whether a mark tells a default that no switch has: `(default: often)`. */
function isValueInMark(text: string): boolean {
  const note = surestNote(notesIn(text), 'default');
  return (
    note?.mark.isTrailing === true &&
    !/^(?:["'`]?(?:true|false|yes|no|on|off|none|null|nil|enabled|disabled|do not|don['’]t)\b|[01](?![\w.,]))/i.test(
      note.value,
    )
  );
}

/** Values in quotes that a bracket at the end of a text lists: `how much to tell ("little", "some" or "all")`. */
function quotedValues(text: string): readonly ListedValue[] | undefined {
  const list = /\((["'`][^()]{1,200}["'`])\)(?:\s*[[(][^[\]()]{0,100}[\])])*\.?$/.exec(text)?.[1];
  return list === undefined ? undefined : (slashedValues(`(${list})`)?.values ?? quotedList(list));
}

function quotedList(list: string): readonly ListedValue[] | undefined {
  const found = scanValueList(list, 0);
  return found?.isQuoted && found.end === list.length ? found.values : undefined;
}

/** A value in quotation marks behind a bullet, in the joined lines of a text. */
const BULLETED = / [-*•] (["'`])([\w.+-]{1,40})\1(?=[ :])/g;

/** `The kinds are: - "tide"  what it reaches - "gate"  what is near it`: values, each with its meaning. */
function bulletedValues(text: string): readonly ListedValue[] | undefined {
  const found = matches(text, BULLETED);
  const [first] = found;
  if (first === undefined || found.length < 2 || text[first.index - 1] !== ':') return undefined;
  return found.map(({ 0: matched, 2: value = '', index }) => {
    const end = index + matched.length - 1;
    return { value, start: end - value.length, end };
  });
}

/** Whether a text ends in a mark or a sentence that the option must be given: a switch cannot be required, so that it takes an argument. */
function endsInNeed({ help }: Option): boolean {
  const required = help && surestNote(notesIn(help.value), 'required');
  return required?.value === '' && required.mark.end === help?.value.length;
}

/** An option with the argument that its text tells, or that it must have where the option must be given. */
function withToldArgument(option: Option, isNeeded: boolean): Option {
  const { help } = option;
  const isKnown = option.argument?.basis === 'stated';
  if (help === undefined || isKnown || option.negatedNames.length > 0) return option;
  if (saysSo(option)) return withAnyValue(option);
  const byDefault = toldDefault(help.value)?.value;
  const isTold =
    isNeeded ||
    speaksOfValue(help.value) ||
    (byDefault !== undefined && (VALUE.test(byDefault) || isValueInMark(help.value)));
  const told = quotedValues(help.value) ?? numberedValues(help.value)?.values ?? bulletedValues(help.value);
  if (!isTold && told === undefined) return option;
  const inProse = valuesInProse(help.value);
  const listed = told ?? (inProse?.isByPlace === true ? undefined : inProse?.values);
  const word = makeValueWord({
    default: byDefault === undefined ? undefined : stated(byDefault, help.place),
    values:
      listed &&
      stated(
        listed.map(({ value }) => bareValue(value, help.place)),
        help.place,
      ),
  });
  return {
    ...option,
    argument: inferred({ presence: 'mandatory', words: [word], count: undefined, place: null }, help.place),
  };
}
