import { optionsInReach } from '../../abbreviations/option-scope.ts';
import { quoteName } from '../../messages/wording.ts';
import type { OptionName } from '../../model/option.ts';
import { longNames, type Option } from '../../model/option.ts';
import { defineCheck } from '../define-check.ts';

/** Letters, each with the names that it stands for by custom; the first ones are what people expect. */
const CUSTOM: ReadonlyMap<string, readonly string[]> = new Map(
  Object.entries({
    h: ['help', 'host', 'hostname', 'human-readable', 'no-dereference', 'dereference', 'height', 'header'],
    V: ['version', 'verify', 'volume'],
    v: ['verbose', 'version', 'invert-match', 'volume', 'verify', 'variable', 'value'],
    q: ['quiet', 'silent', 'query'],
    o: ['output', 'out', 'option', 'output-file', 'options', 'only', 'owner', 'offset', 'or'],
    f: [
      'force',
      'file',
      'format',
      'follow',
      'fields',
      'from',
      'filter',
      'foreground',
      'full',
      'fast',
      'field',
    ],
    n: [
      'dry-run',
      'number',
      'name',
      'lines',
      'line-number',
      'numeric',
      'numeric-sort',
      'no-act',
      'namespace',
      'count',
    ],
    r: [
      'recursive',
      'reverse',
      'read-only',
      'reference',
      'raw',
      'remove',
      'release',
      'repository',
      'regexp',
      'root',
      'ref',
    ],
    y: ['yes', 'assume-yes', 'year'],
  }),
);

/** Names of which none has the letter of another: whoever types that letter means the other one. */
const UNMISTAKABLE: readonly string[] = ['help', 'version', 'verbose', 'quiet'];

type Against = {
  readonly letter: string;
  readonly name: string;
  /** The name that has the letter by custom. */
  readonly custom: string;
  /** The letter that the customary option has instead; null where it has none, or is not there. */
  readonly instead: string | null;
  /** Whether the program has the customary option. */
  readonly isThere: boolean;
};

/** One finding for each letter that means something else while the option that has it by custom is there without it. */
export const letterAgainstCustom = defineCheck({
  name: 'names/letter-against-custom',
  level: 'note',
  title: 'A letter does not have its customary meaning',
  why: 'People know these letters from other programs. Here the letter does something else, while the option they mean has none.',
  standard: 'GNU Coding Standards 4.10',
  needs: ['the options of the command'],
  since: 4,
  examples: {
    wrong: 'Usage: tiffin [OPTION]...\n\n  -q, --quay=NAME  the quay\n      --quiet      say nothing\n',
    right: 'Usage: tiffin [OPTION]...\n\n  -k, --quay=NAME  the quay\n  -q, --quiet      say nothing\n',
    nearMiss: 'Usage: tiffin [OPTION]...\n\n  -q, --quay=NAME  the quay\n  -s, --quiet      say nothing\n',
  },
  judge(view, report) {
    for (const at of view.described) {
      const options = optionsInReach(at);
      for (const found of helpBehindAnother(options, at.command.options.items))
        report.finding({ command: at.path, subject: found.data.letter, ...found });
      for (const option of at.command.options.items) {
        for (const letter of option.names.filter(({ form }) => form === 'short')) {
          if (!CUSTOM.has(letter.text.slice(1))) continue;
          report.judged();
          const found = againstCustom(option, letter, options);
          if (found === undefined) continue;
          const { data, custom } = found;
          report.finding({
            command: at.path,
            subject: letter.text,
            data,
            place: letter.place,
            related:
              custom === undefined
                ? []
                : [
                    {
                      place: custom.place,
                      note: `is ${quoteName(letter.text)} by custom, and has ${data.instead === null ? 'no letter' : 'another letter'}`,
                    },
                  ],
          });
        }
      }
    }
  },
  message: ({ letter, name, custom, instead, isThere }: Against) =>
    name === custom
      ? `${quoteName(name)} is ${quoteName(letter)}, and '-h' in other programs`
      : `${quoteName(letter)} is ${quoteName(name)}, ${
          isThere
            ? `while ${quoteName(custom)} ${instead === null ? 'has no letter' : `is ${quoteName(instead)}`}`
            : `and ${quoteName(custom)} in other programs`
        }`,
  fix: ({ letter, custom, name, isThere }) =>
    name === custom
      ? "give it '-h' as well"
      : isThere
        ? `give ${quoteName(letter)} to ${quoteName(custom)}, and another letter or none to ${quoteName(name)}`
        : `give another letter to ${quoteName(name)}`,
});

/** Help behind another letter than `-h`, which no option has. */
function helpBehindAnother(
  options: readonly Option[],
  own: readonly Option[],
): { readonly data: Against; readonly place: OptionName['place'] }[] {
  const help = own.find(({ names }) => names.some(({ text }) => text === '--help'));
  const letters = help?.names.filter(({ form }) => form === 'short') ?? [];
  const [letter] = letters;
  const isCustomary = letters.some(({ text }) => text === '-h' || text === '-?');
  const isTaken = options.some(({ names }) => names.some(({ text }) => text === '-h'));
  if (letter === undefined || isCustomary || isTaken) return [];
  const data = { letter: letter.text, name: '--help', custom: '--help', instead: letter.text, isThere: true };
  return [{ data, place: letter.place }];
}

interface Found {
  readonly data: Against;
  /** The name of the option that should have the letter. */
  readonly custom: OptionName | undefined;
}

function againstCustom(option: Option, letter: OptionName, options: readonly Option[]): Found | undefined {
  const names = CUSTOM.get(letter.text.slice(1)) ?? [];
  const [first = ''] = names;
  const own = longNames(option).map(({ text }) => text.slice(2));
  const name = `--${own[0]}`;
  if (own.length === 0 || own.includes(first)) return undefined;
  const custom = customary(first, options);
  if (custom === undefined) {
    const isMistaken =
      // Without an option for the version, `-V` is a custom of its own.
      first !== 'version' &&
      UNMISTAKABLE.includes(first) &&
      own.some((one) => UNMISTAKABLE.includes(one) && !names.includes(one));
    return isMistaken
      ? {
          data: { letter: letter.text, name, custom: `--${first}`, instead: null, isThere: false },
          custom: undefined,
        }
      : undefined;
  }
  // `-?` is what is left for help where `-h` is taken.
  const instead =
    custom.option.names.find(({ form, text }) => form === 'short' && text !== '-?')?.text ?? null;
  const isCustomary = own.some((one) => names.some((known) => one === known || one.startsWith(`${known}-`)));
  // `-v` for `--version` is one custom of two, but not beside `-V` for `--verbose`.
  const isExchanged = instead !== null && own.includes(CUSTOM.get(instead.slice(1))?.[0] ?? '');
  // Two that have each other's letters are told once.
  if (instead === letter.text || (isExchanged && letter.text < instead)) return undefined;
  if (isCustomary ? !isExchanged : instead !== null && !isOfOther(own, letter.text.slice(1)))
    return undefined;
  return {
    data: { letter: letter.text, name, custom: custom.name.text, instead, isThere: true },
    custom: custom.name,
  };
}

/** Whether an option is the first that people expect behind another letter: `-v` for `--quiet`. */
function isOfOther(names: readonly string[], letter: string): boolean {
  return [...CUSTOM].some(([other, [first = '']]) => other !== letter && names.includes(first));
}

/** The option that has a letter by custom, and its long name. */
function customary(
  name: string,
  options: readonly Option[],
): { readonly option: Option; readonly name: OptionName } | undefined {
  const option = options.find((one) => longNames(one).some(({ text }) => text === `--${name}`));
  const long = option?.names.find(({ form }) => form === 'long');
  return option === undefined || long === undefined ? undefined : { option, name: long };
}
