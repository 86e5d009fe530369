import type { CaseItem, Word, WordPart } from 'unbash';
import { textOf } from '../../shells/bash-words.ts';

/** A word that a pattern of `case` matches, and what may follow it in the word. */
export interface PatternWord {
  /** The text of the word, or of its beginning. */
  readonly text: string;
  /** Whether anything may follow. */
  readonly goesOn: boolean;
}

/** What a pattern of `case` matches; undefined where it is no list of words and their beginnings. */
export interface Pattern {
  readonly words: readonly PatternWord[] | undefined;
  readonly word: Word;
}

/** A pattern stands for so many words at most; one of more is not taken apart. */
const WORDS_LIMIT = 64;

/** The patterns of an arm of `case`. */
export function patternsOf(item: CaseItem): Pattern[] {
  return item.pattern.map((word) => ({ word, words: wordsOfPattern(word) }));
}

/** Whether a pattern matches whatever there is: `*`. */
export function matchesAll({ words }: Pattern): boolean {
  return words?.some(({ text, goesOn }) => text === '' && goesOn) ?? false;
}

/** The words that a pattern matches; `[ab]` stands for each of its characters, `*` at the end for what may follow. */
function wordsOfPattern(word: Word): PatternWord[] | undefined {
  const plain = textOf(word);
  const hasMarks = word.parts?.some(({ type }) => type === 'Glob' || type === 'ExtendedGlob') === true;
  if (plain !== undefined && !hasMarks) return [{ text: plain, goesOn: false }];
  let texts: string[] = [''];
  const parts = word.parts ?? [];
  for (const [i, part] of parts.entries()) {
    const isLast = i === parts.length - 1;
    if (part.type === 'Glob' && part.kind === 'star')
      return isLast ? texts.map((text) => ({ text, goesOn: true })) : undefined;
    const next = textsOfPart(part);
    if (next === undefined) {
      // What matches any one character, and then anything, begins as the text before it.
      const rest = parts.slice(i);
      return rest.every(isAnything) ? texts.map((text) => ({ text, goesOn: true })) : undefined;
    }
    texts = texts.flatMap((text) => next.map((more) => text + more));
    if (texts.length > WORDS_LIMIT) return undefined;
  }
  return texts.map((text) => ({ text, goesOn: false }));
}

function isAnything(part: WordPart): boolean {
  return part.type === 'Glob' && (part.kind !== 'bracket' || /^\[[!^][^-]/.test(part.text));
}

/** The texts that a part of a pattern matches; undefined where they cannot be counted. */
function textsOfPart(part: WordPart): string[] | undefined {
  if (part.type === 'Glob') return part.kind === 'bracket' ? charactersOf(part.value) : undefined;
  if (part.type === 'ExtendedGlob') {
    const inner = part.pattern.split('|');
    if (!inner.every((one) => /^[\w=.-]*$/.test(one))) return undefined;
    if (part.operator === '@') return inner;
    return part.operator === '?' ? ['', ...inner] : undefined;
  }
  const text = textOf({ type: 'Word', text: '', value: '', pos: 0, end: 0, parts: [part] });
  return text === undefined ? undefined : [text];
}

/** The characters of a bracket expression; undefined for classes, ranges and what is not among them. */
function charactersOf(bracket: string): string[] | undefined {
  const inner = bracket.slice(1, -1);
  if (/^[!^]|[[\]\\]/.test(inner) || /.-./.test(inner)) return undefined;
  return [...inner];
}
