import { flatMapped } from '../../collections/flat-mapped.ts';
import { listKey } from '../../collections/list-key.ts';
import { longNames, type Option } from '../../model/option.ts';

/**
 * Two entries of one list with the same names, of which one shows an argument and one does not (`--colour` and `--colour=WHEN`), are forms
 * of one option whose argument may be left out; an entry with the names of another, or of several, and no text is no option of its own. Gives the
 * options with such entries joined.
 */
export function joinForms(options: readonly Option[]): Option[] {
  const byNames = new Map<string, Option[]>();
  for (const option of options) {
    const key = namesKey(option);
    const group = byNames.get(key);
    if (group === undefined) byNames.set(key, [option]);
    else group.push(option);
  }
  const dropped = new Set<Option>();
  const replaced = new Map<Option, Option>();
  for (const group of byNames.values()) {
    if (group.length === 1) continue;
    // What is only named once more, without a text, says nothing new.
    if (group.some(({ help }) => help !== undefined)) {
      for (const option of group) if (option.help === undefined) dropped.add(option);
    }
    const [bare, ...otherBare] = group.filter(({ argument }) => argument?.value.presence === 'none');
    const [taking, ...otherTaking] = group.filter(({ argument }) => argument?.value.presence === 'mandatory');
    if (bare === undefined || taking?.argument === undefined || otherBare.length + otherTaking.length > 0)
      continue;
    // What stands among the options of all commands and what is the command's own are two that share a name.
    if (isOfAll(bare) !== isOfAll(taking)) continue;
    const presence = isSummary(bare, taking) ? ('mandatory' as const) : ('optional' as const);
    const argument = { ...taking.argument, value: { ...taking.argument.value, presence } };
    const [first, second] = group.indexOf(bare) < group.indexOf(taking) ? [bare, taking] : [taking, bare];
    replaced.set(first, { ...first, argument, environment: [...first.environment, ...second.environment] });
    dropped.add(second);
  }
  const described = new Set(
    flatMapped(options, ({ help, names }) => (help === undefined ? [] : names.map(({ text }) => text))),
  );
  for (const option of options) {
    // `--min=a, --max=b` below a text of their letters, where a list has each with its own text.
    const isNamedAgain = option.names.length > 1 && option.names.every(({ text }) => described.has(text));
    if (option.help === undefined && isNamedAgain) dropped.add(option);
  }
  return options.filter((option) => !dropped.has(option)).map((option) => replaced.get(option) ?? option);
}

/** `Global Flags`, `Options inherited from parent commands`: above options of all commands. */
const OF_ALL = /\b(?:global|inherited|parent|persistent)\b/i;

function isOfAll({ heading }: Option): boolean {
  return OF_ALL.test(heading?.value ?? '');
}

/** Whether an entry says of an option what another below a further heading says too, in as many words or more: then it is its summary. */
function isSummary(bare: Option, entire: Option): boolean {
  // A note in brackets at the end may stand in one of the lists only: `(default: 3)`.
  const told = (option: Option) =>
    option.help?.value.replace(/(?:\s*\([^()]*\))?\.?$/, '').toLowerCase() ?? '';
  return bare.heading?.value !== entire.heading?.value && told(entire).startsWith(told(bare));
}

function namesKey({ names }: Option): string {
  return listKey(names.map(({ text }) => text).sort());
}

/** Whether a word is one letter several times (`-vvv`). */
export function isLetterRepeated(text: string): boolean {
  return /^-(\w)\1+$/.test(text);
}

/**
 * A letter that is repeated (`-vv`, `-DDD`) is no name where the letter alone is an option of the list too: it is the option given
 * several times. It may be a name of its own in a list with other single-hyphen long names, and beside a long name that the
 * letter does not have (`-v, --version` and `-vv, --verbose`).
 */
export function withoutRepeatedLetters(options: readonly Option[]): Option[] {
  if (!options.some(({ names }) => names.some(({ text }) => isLetterRepeated(text)))) return [...options];
  const byLetter = new Map(
    flatMapped(options, (option) =>
      option.names.filter(({ text }) => text.length === 2).map(({ text }) => [text, option] as const),
    ),
  );
  const letterOf = (text: string) => (isLetterRepeated(text) ? byLetter.get(text.slice(0, 2)) : undefined);
  const isRepeated = (option: Option, text: string) => {
    const letter = letterOf(text);
    if (letter === undefined) return false;
    const longs = longNames(option);
    const shared = new Set(longNames(letter).map((name) => name.text));
    return longs.length === 0 || longs.some((name) => shared.has(name.text));
  };
  const hasWords = options.some(({ names }) =>
    names.some(({ form, text }) => form === 'single-hyphen-long' && letterOf(text) === undefined),
  );
  if (hasWords) return [...options];
  return flatMapped(options, (option) => {
    const names = option.names.filter(({ text }) => !isRepeated(option, text));
    if (names.length === option.names.length) return [option];
    return names.length === 0 ? [] : [{ ...option, names }];
  });
}
