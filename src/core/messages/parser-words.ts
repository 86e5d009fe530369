import type { Interface } from '../model/interface.ts';
import { listSome, quoteName } from './wording.ts';

/** How many marks a message quotes. */
const MARKS_SHOWN = 3;

/** More of a mark than this is cut off. */
const MARK_LENGTH = 60;

/** Which parser a program uses, and what shows it: `likely argparse, by 'usage: tiffin' and 'options:'`; undefined where that is not known. */
export function parserWords({
  parser,
  parserMarks,
}: Pick<Interface, 'parser' | 'parserMarks'>): string | undefined {
  if (parser === undefined) return undefined;
  const names = listSome([...parser.value], parser.value.length, 'or');
  if (parser.basis !== 'inferred') return names;
  const marks = parserMarks.map(({ text }) => quoteName(shortened(text.trim().replaceAll(/\s+/g, ' '))));
  return `likely ${names}${marks.length === 0 ? '' : `, by ${listSome(marks, MARKS_SHOWN)}`}`;
}

function shortened(text: string): string {
  return text.length > MARK_LENGTH ? `${text.slice(0, MARK_LENGTH)}...` : text;
}
