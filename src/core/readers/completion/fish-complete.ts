import { addTo } from '../../collections/grouped.ts';
import type { FishStatement, FishWord } from '../../shells/fish-words.ts';
import type { Span } from '../../source/source.ts';

/** One call of fish's `complete`, as far as it can be told. */
export interface FishComplete {
  readonly programs: readonly FishWord[];
  readonly shorts: readonly FishWord[];
  readonly longs: readonly FishWord[];
  readonly olds: readonly FishWord[];
  readonly conditions: readonly FishWord[];
  readonly argumentWords: readonly FishWord[];
  readonly description: FishWord | undefined;
  /** Whether files are offered: undefined where the call does not say. */
  readonly files: boolean | undefined;
  readonly takesArgument: boolean;
  readonly wraps: boolean;
  readonly erases: boolean;
  readonly place: Span;
}

const LETTERS: Record<string, string> = {
  c: 'command',
  p: 'path',
  s: 'short-option',
  l: 'long-option',
  o: 'old-option',
  a: 'arguments',
  d: 'description',
  n: 'condition',
  w: 'wraps',
  f: 'no-files',
  F: 'force-files',
  r: 'require-parameter',
  x: 'exclusive',
  k: 'keep-order',
  e: 'erase',
  u: 'unauthoritative',
  A: 'authoritative',
};

const WITH_ARGUMENT: ReadonlySet<string> = new Set([
  'command',
  'path',
  'short-option',
  'long-option',
  'old-option',
  'arguments',
  'description',
  'condition',
  'wraps',
]);

/** Reads a statement that calls `complete`; undefined where it calls something else, or asks instead of declaring. */
export function readFishComplete(statement: FishStatement): FishComplete | undefined {
  const [command, ...words] = statement;
  if (command?.texts[0] !== 'complete') return undefined;
  const given = new Map<string, FishWord[]>();
  const flags = new Set<string>();
  const take = (name: string, word: FishWord | undefined) => {
    if (!WITH_ARGUMENT.has(name)) flags.add(name);
    else if (word !== undefined) addTo(given, name, word);
  };
  for (let i = 0; i < words.length; i++) {
    const word = words[i] as FishWord;
    const text = word.texts[0] ?? '';
    const part = (from: number): FishWord => ({ ...word, texts: word.texts.map((one) => one.slice(from)) });
    if (text.startsWith('--')) {
      const equals = text.indexOf('=');
      const name = text.slice(2, equals < 0 ? undefined : equals);
      if (equals >= 0) take(name, part(equals + 1));
      else take(name, WITH_ARGUMENT.has(name) ? words[++i] : undefined);
    } else if (/^-[A-Za-z]/.test(text)) {
      for (let at = 1; at < text.length; at++) {
        const name = LETTERS[text[at] ?? ''];
        if (name === undefined) return undefined;
        if (!WITH_ARGUMENT.has(name)) flags.add(name);
        else {
          take(name, at + 1 < text.length ? part(at + 1) : words[++i]);
          break;
        }
      }
    } else take('command', word);
  }
  const first = (name: string) => given.get(name) ?? [];
  return {
    programs: [...first('command'), ...first('path')],
    shorts: first('short-option'),
    longs: first('long-option'),
    olds: first('old-option'),
    conditions: first('condition'),
    argumentWords: first('arguments'),
    description: given.get('description')?.at(-1),
    files: flags.has('force-files')
      ? true
      : flags.has('no-files') || flags.has('exclusive')
        ? false
        : undefined,
    takesArgument: flags.has('exclusive') || flags.has('require-parameter'),
    wraps: given.has('wraps'),
    erases: flags.has('erase'),
    place: command.place,
  };
}
