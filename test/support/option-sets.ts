import {
  type Interface,
  inferred,
  makeCommand,
  makeInterface,
  makeOption,
  makeValueWord,
  type OptionName,
  type ParsingRules,
  stated,
  UNKNOWN_RULES,
} from 'dabbawala/model';
import fc from 'fast-check';

/** An option that real parsers can be told of: a letter, or a long name, each with its argument. */
export interface GeneratedOption {
  readonly letter: string | undefined;
  readonly name: string | undefined;
  readonly argument: 'none' | 'mandatory' | 'optional';
}

/** Rules as plain values: those given are stated, all others unknown. */
export type StatedRules = { readonly [K in keyof ParsingRules]?: NonNullable<ParsingRules[K]>['value'] };

/** A program with these options, all of them, and any number of operands. */
export function programOf(options: readonly GeneratedOption[], rules: StatedRules = {}): Interface {
  const items = options.map(({ letter, name, argument }) =>
    makeOption({
      names: namesOf(letter, name),
      argument: stated(
        {
          presence: argument,
          words: argument === 'none' ? [] : [makeValueWord()],
          count: undefined,
          place: null,
        },
        null,
      ),
      place: null,
    }),
  );
  const known = Object.fromEntries(Object.entries(rules).map(([rule, value]) => [rule, stated(value, null)]));
  return makeInterface({
    program: inferred('tiffin', null),
    root: makeCommand({
      names: [{ text: 'tiffin', place: null }],
      options: { items, complete: stated(true, null) },
      rules: { ...UNKNOWN_RULES, ...known },
      place: null,
    }),
    sources: [],
  });
}

function namesOf(letter: string | undefined, name: string | undefined): OptionName[] {
  const short: OptionName[] =
    letter === undefined ? [] : [{ text: `-${letter}`, form: 'short', argument: undefined, place: null }];
  const long: OptionName[] =
    name === undefined ? [] : [{ text: `--${name}`, form: 'long', argument: undefined, place: null }];
  return [...short, ...long];
}

const argumentKinds = fc.constantFrom('none' as const, 'mandatory' as const, 'optional' as const);

/** Option sets with command lines that use them, well and badly: groups, joined and separate arguments, prefixes, `--`. */
export function optionSets({ long }: { long: boolean }) {
  const letters = fc.uniqueArray(fc.constantFrom(...'abcxyz'), { minLength: 1, maxLength: 5 });
  const names = fc.uniqueArray(fc.stringMatching(/^[abc]{2,4}(-[ab]{1,2})?$/), { maxLength: long ? 5 : 0 });
  return fc.tuple(letters, names).chain(([ownLetters, ownNames]) => {
    const kinds = fc.array(long ? argumentKinds : fc.constantFrom('none' as const, 'mandatory' as const), {
      minLength: ownLetters.length + ownNames.length,
      maxLength: ownLetters.length + ownNames.length,
    });
    return kinds.chain((own) => {
      const options: GeneratedOption[] = [
        ...ownLetters.map((letter, i) => ({ letter, name: undefined, argument: own[i] ?? 'none' })),
        ...ownNames.map((name, i) => ({
          letter: undefined,
          name,
          argument: own[ownLetters.length + i] ?? 'none',
        })),
      ];
      const letter = fc.oneof(
        { weight: 15, arbitrary: fc.constantFrom(...ownLetters) },
        { weight: 1, arbitrary: fc.constantFrom('q', '=', '-', '7') },
      );
      const group = fc.array(letter, { minLength: 1, maxLength: 4 }).map((parts) => `-${parts.join('')}`);
      const name =
        ownNames.length === 0 ? fc.constant('--zz') : fc.constantFrom(...ownNames).map((one) => `--${one}`);
      const prefix = fc
        .tuple(name, fc.constantFrom(0, 0, 0, 1, 2, 4), fc.constantFrom('', '', '', '', '=', '=v', '=a=b'))
        .map(([one, cut, value]) => `${one.slice(0, Math.max(3, one.length - cut))}${value}`);
      const word = fc.oneof(
        group,
        ...(long ? [prefix, prefix] : []),
        ...(long ? [prefix.map((one) => one.slice(1))] : []),
        fc.constantFrom('north', '', '-', '--', "it's", 'a b', 'k=v', 'south'),
      );
      return fc.array(word, { maxLength: 6 }).map((words) => ({ options, words }));
    });
  });
}
