import type { Range } from '../model/argument.ts';

const NUMBER = '-?\\d+(?:\\.\\d+)?';
const BETWEEN = new RegExp(`(${NUMBER})\\s*<=?\\s*\\w+\\s*<=?\\s*(${NUMBER})`);
const FROM_TO = new RegExp(`(${NUMBER})\\s*(?:\\.{2,3}=?|-|–|to|,)\\s*(${NUMBER})`);
const AT_LEAST = new RegExp(`\\w+\\s*>=?\\s*(${NUMBER})|(${NUMBER})\\s*<=?\\s*\\w+$`);
const AT_MOST = new RegExp(`\\w+\\s*<=?\\s*(${NUMBER})`);

/** The bounds that a note tells: `1<=x<=9`, `x>=1`, `1-9`, `1..9`, `[1, 9]`; undefined where it tells none. */
export function rangeOf(text: string): Range | undefined {
  const both = BETWEEN.exec(text) ?? FROM_TO.exec(text);
  if (both !== null) return { least: Number(both[1]), most: Number(both[2]) };
  const least = AT_LEAST.exec(text);
  if (least !== null) return { least: Number(least[1] ?? least[2]), most: undefined };
  const most = AT_MOST.exec(text);
  return most === null ? undefined : { least: undefined, most: Number(most[1]) };
}
