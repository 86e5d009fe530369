import type { FishStatement, FishVariables } from './fish-words.ts';

/** Keeps what a call of `set` gives a variable; one that is given what only running the script tells is known no more. */
export function setVariable(words: FishStatement, variables: FishVariables): void {
  const { flags, name, values } = setCall(words);
  // To ask for a variable, or to list them, changes none.
  if (name === undefined || flags.has('query') || flags.has('names') || flags.has('show')) return;
  if (flags.has('erase') || values.some(({ isDynamic }) => isDynamic)) {
    variables.delete(name);
    return;
  }
  const texts = values.flatMap((value) => value.texts);
  const known = variables.get(name);
  if (flags.has('append') && known !== undefined) for (const text of texts) known.push(text);
  else variables.set(name, texts);
}

/** What a call of `set` is about. */
export interface SetCall {
  /** What its options ask for, by their long names. */
  readonly flags: ReadonlySet<string>;
  /** The variable; undefined where none is named. */
  readonly name: string | undefined;
  readonly values: FishStatement;
}

/** Takes a call of `set` apart. */
export function setCall(words: FishStatement): SetCall {
  const [, ...rest] = words;
  const at = rest.findIndex((word) => !(word.texts[0] ?? '').startsWith('-'));
  const options = (at < 0 ? rest : rest.slice(0, at)).map(({ texts }) => texts[0] ?? '');
  const flags = options.flatMap((option) =>
    option.startsWith('--')
      ? [option.slice(2)]
      : Array.from(option.slice(1), (letter) => LONG[letter] ?? letter),
  );
  return {
    flags: new Set(flags),
    name: at < 0 ? undefined : rest[at]?.texts[0],
    values: at < 0 ? [] : rest.slice(at + 1),
  };
}

/** The long names of the letters that change what `set` does. */
const LONG: Readonly<Record<string, string>> = { a: 'append', e: 'erase', q: 'query', n: 'names', S: 'show' };
