import { headingKind } from './heading-kind.ts';
import { wordsInAngles } from './headings-in-angles.ts';

/** A heading between marks: `**** Output ****`, `=== Output ===`. */
export const DECORATED = /^\s*([*=#~+-]{2,20})\s{0,3}([^\s*=#~+-].{0,80}?)\s{0,3}\1\s*$/;

/** A heading as Markdown has it: `## Options`, `*Options*`, `**Options:**`. */
const IN_MARKDOWN = /^\s*(?:#{1,4} ([^\s#].{0,80})|(\*{1,2})([^\s*][^*]{0,80}):?\2:?)\s*$/;

/** A heading with a mark on one side: `>> Options`, `Options -`. */
const MARKED = /^\s*(?:>{1,3} ([^\s>].{0,60}?)|(\p{L}[\p{L} ]{0,60}?) -{1,2}):?\s*$/u;

/** `[Commands]`, alone on its line. */
export const BRACKETED = /^\s*\[([\p{L}][^[\]|<>]{2,60})\]$/u;

/** The words of a heading, without the marks around them and the colon behind. */
export function headingWords(text: string): string {
  const marked =
    DECORATED.exec(text)?.[2] ?? BRACKETED.exec(text)?.[1] ?? markdownWords(text) ?? markedWords(text);
  return (marked ?? wordsInAngles(text) ?? text).trim().replace(/\s*:$/, '');
}

/** The words of a heading with a mark on one side, which must be known: a bullet and a dash look alike. */
export function markedWords(text: string): string | undefined {
  const heading = MARKED.exec(text);
  const words = heading?.[1] ?? heading?.[2];
  return words !== undefined && headingKind(words.trim()) !== 'other' ? words : undefined;
}

function markdownWords(text: string): string | undefined {
  const heading = IN_MARKDOWN.exec(text);
  return heading?.[1] ?? heading?.[3];
}

/** Whether a line is a heading with a mark of Markdown. A comment of an example has the same, so that the words must be known. */
export function isKnownInMarkdown(text: string): boolean {
  const words = markdownWords(text);
  return words !== undefined && headingKind(words.trim().replace(/:$/, '')) !== 'other';
}
