import type { Word } from 'unbash';
import type { DeclaredName } from '../../model/option-loop.ts';
import { type Lookup, textOf } from '../../shells/bash-words.ts';
import type { ShellScript } from './shell-scopes.ts';

/** What an option string declares. */
export interface OptionString {
  readonly names: readonly DeclaredName[];
  /** Whether it begins with a colon: the script tells of errors itself. */
  readonly silent: boolean;
  /** Whether the first operand ends the options (`+`), as the getopt of util-linux has it. */
  readonly endsEarly: boolean;
}

/**
 * Reads an option string as POSIX has it for `getopts`: letters, each with a colon behind it where an argument follows. `getopt` of util-linux
 * knows two colons for an argument that may be left out, and `+` and `-` at the beginning. Undefined where only running the script tells the string.
 */
export function readOptionString(
  word: Word,
  script: ShellScript,
  lookup: Lookup,
  hasOptional: boolean,
): OptionString | undefined {
  const text = textOf(word, lookup);
  if (text === undefined) return undefined;
  const placeOf = placesWithin(word, text, script);
  const endsEarly = hasOptional && text.startsWith('+');
  let i = hasOptional && /^[+-]/.test(text) ? 1 : 0;
  const silent = text[i] === ':';
  const names: DeclaredName[] = [];
  if (silent) i++;
  while (i < text.length) {
    const letter = String.fromCodePoint(text.codePointAt(i) ?? 0);
    const from = i;
    i += letter.length;
    let colons = 0;
    while (text[i] === ':') {
      colons++;
      i++;
    }
    // A question mark is what a letter that does not exist comes to: declared or not makes no difference.
    if (letter === ':' || letter === '?' || /\s/.test(letter)) continue;
    const presence = colons === 0 ? 'none' : hasOptional && colons > 1 ? 'optional' : 'mandatory';
    names.push({ name: `-${letter}`, presence, place: placeOf(from, i) });
  }
  return { names, silent, endsEarly };
}

/** Reads the long names of `getopt -l`: `all,output:,colour::`; colons but the last ones are part of a name. Undefined where only running the script tells them. */
export function readLongNames(word: Word, script: ShellScript, lookup: Lookup): DeclaredName[] | undefined {
  const text = textOf(word, lookup);
  if (text === undefined) return undefined;
  const placeOf = placesWithin(word, text, script);
  return [...text.matchAll(/([^\s,]+?)(:{0,2})(?=[\s,]|$)/g)].map(
    ({ 0: whole, 1: name = '', 2: colons = '', index }) => ({
      name: `--${name}`,
      presence: colons === '' ? 'none' : colons === ':' ? 'mandatory' : 'optional',
      place: placeOf(index, index + whole.length),
    }),
  );
}

/** Where a part of a word's text stands; the whole word where the text does not stand there as it is. */
function placesWithin(word: Word, text: string, script: ShellScript) {
  const at = script.source.text.indexOf(text, word.pos);
  const isThere = text !== '' && at >= 0 && at + text.length <= word.end;
  return (start: number, end: number) =>
    isThere ? { source: script.source, start: at + start, end: at + end } : script.place(word);
}
