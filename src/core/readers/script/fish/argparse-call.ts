import type { FishStatement, FishWord } from '../../../shells/fish-words.ts';
import type { Span } from '../../../source/source.ts';
import { type FishCommand, writtenWord } from './fish-tree.ts';

/** An option as a word of `argparse` declares it. */
export interface ArgparseOption {
  /** Its names as they are typed, hyphens included. */
  readonly names: readonly string[];
  /** What `argparse` calls it in its variables: `_flag_`, and the longest of its names. */
  readonly variable: string;
  readonly presence: 'none' | 'optional' | 'mandatory';
  /** Whether each argument counts. */
  readonly collects: boolean;
  /** Whether `-5` means it with 5 as its argument. */
  readonly isNumber: boolean;
  /** The command that looks at its argument. */
  readonly validation: string | undefined;
  readonly place: Span;
}

/** A call of fish's `argparse`. */
export interface ArgparseCall {
  readonly options: readonly ArgparseOption[];
  /** Letters or names of options, each list of which may have one at a time. */
  readonly exclusive: readonly { readonly names: readonly string[]; readonly place: Span }[];
  readonly least: { readonly count: number; readonly place: Span } | undefined;
  readonly most: { readonly count: number; readonly place: Span } | undefined;
  /** Whether options that do not exist stay among the operands. */
  readonly ignoresUnknown: boolean;
  /** Whether the first operand ends the options. */
  readonly stopsAtOperand: boolean;
  /** A word that only running the script tells. */
  readonly computed: FishWord | undefined;
  readonly command: FishCommand;
  readonly place: Span;
}

/** The options of `argparse` itself that take a word, by their letters, and those that take none. */
const OWN_OPTIONS: ReadonlyMap<string, string> = new Map([
  ['n', 'name'],
  ['x', 'exclusive'],
  ['N', 'min-args'],
  ['X', 'max-args'],
  ['i', 'ignore-unknown'],
  ['s', 'stop-nonopt'],
]);
const TAKING_WORD = /^(?:name|exclusive|min-args|max-args)$/;

/** What a command declares that calls `argparse` on the words that its script, or function, was given; undefined for others. */
export function readArgparseCall(command: FishCommand): ArgparseCall | undefined {
  const { words } = command;
  const [name, ...given] = words;
  const last = words.at(-1);
  if (name?.texts[0] !== 'argparse' || last === undefined) return undefined;
  const end = given.findIndex((word) => word.texts[0] === '--' && !word.isDynamic);
  const isOwn = end >= 0 && given.slice(end + 1).some((word) => /^"?\$argv\b/.test(writtenWord(word)));
  if (!isOwn) return undefined;
  const reading = new CallReading(given.slice(0, end));
  const place = { ...name.place, end: last.place.end };
  return { ...reading.result(), command, place };
}

/** A word for what `argparse` is given: the text, and where it stands. */
interface GivenText {
  readonly text: string;
  readonly place: Span;
}

class CallReading {
  readonly #options: ArgparseOption[] = [];
  readonly #flags = new Set<string>();
  readonly #values = new Map<string, GivenText[]>();
  readonly #computed: FishWord | undefined;

  constructor(words: FishStatement) {
    this.#computed = words.find(({ isDynamic }) => isDynamic);
    const texts = words
      .filter(({ isDynamic }) => !isDynamic)
      .flatMap(({ texts, place }) => texts.map((text) => ({ text, place })));
    let at = 0;
    while (at < texts.length) at += this.#take(texts[at], texts[at + 1]);
  }

  result(): Omit<ArgparseCall, 'command' | 'place'> {
    return {
      options: this.#options,
      exclusive: (this.#values.get('exclusive') ?? []).map(({ text, place }) => ({
        names: text.split(','),
        place,
      })),
      least: this.#count('min-args'),
      most: this.#count('max-args'),
      ignoresUnknown: this.#flags.has('ignore-unknown'),
      stopsAtOperand: this.#flags.has('stop-nonopt'),
      computed: this.#computed,
    };
  }

  /** Takes a word, and the one behind it where that is its argument; gives how many were taken. */
  #take(word: GivenText | undefined, next: GivenText | undefined): number {
    if (word === undefined) return 1;
    const { text, place } = word;
    const [, long, joined] = /^--([a-z-]+)(?:=(.*))?$/s.exec(text) ?? [];
    if (long !== undefined)
      return this.#own(long, joined === undefined ? undefined : { text: joined, place }, next);
    if (!/^-[A-Za-z]/.test(text)) {
      const option = optionOf(word);
      if (option !== undefined) this.#options.push(option);
      return 1;
    }
    for (let i = 1; i < text.length; i++) {
      const name = OWN_OPTIONS.get(text[i] ?? '') ?? '';
      const rest = text.slice(i + 1);
      if (TAKING_WORD.test(name))
        return this.#own(name, rest === '' ? undefined : { text: rest, place }, next);
      this.#flags.add(name);
    }
    return 1;
  }

  #own(name: string, joined: GivenText | undefined, next: GivenText | undefined): number {
    if (!TAKING_WORD.test(name)) this.#flags.add(name);
    else {
      const value = joined ?? next;
      if (value !== undefined) this.#values.set(name, [...(this.#values.get(name) ?? []), value]);
    }
    return TAKING_WORD.test(name) && joined === undefined ? 2 : 1;
  }

  #count(name: string): { count: number; place: Span } | undefined {
    const value = this.#values.get(name)?.at(-1);
    return value !== undefined && /^\d{1,6}$/.test(value.text)
      ? { count: Number(value.text), place: value.place }
      : undefined;
  }
}

/** `h`, `help`, `h/help`, `h-help`, `n/name=`, `n/name=?`, `n/name=+`, `m#max`, `#max`, `n/name=!command`. */
const SPECIFICATION = /^(?:(\w?)([/#-]))?([\w-]*)(=[?+*]?)?(?:!(.*))?$/s;

function optionOf({ text, place }: GivenText): ArgparseOption | undefined {
  const [, letter = '', between = '', name = '', sign = '', validation] = SPECIFICATION.exec(text) ?? [];
  const isLetterAlone = between === '' && name.length === 1;
  const isLetterUsed = letter !== '' && between !== '-';
  const names = [
    ...(isLetterUsed || isLetterAlone ? [`-${isLetterAlone ? name : letter}`] : []),
    ...(name !== '' && !isLetterAlone ? [`--${name}`] : []),
  ];
  if (names.length === 0) return undefined;
  const isNumber = between === '#';
  return {
    names,
    variable: `_flag_${(name === '' ? letter : name).replace(/\W/g, '_')}`,
    presence: isNumber || /^=[+]?$/.test(sign) ? 'mandatory' : sign === '' ? 'none' : 'optional',
    collects: /[+*]/.test(sign),
    isNumber,
    validation,
    place,
  };
}
