import { type Fact, stated } from '../../model/fact.ts';
import type { ExitStatus } from '../../model/interface.ts';

/** The greatest status that a parent process is told of (POSIX `wait`). */
const GREATEST = 255;

/** Longer paragraphs are stories. */
const LONGEST = 600;

/** Fewer statuses in a sentence may be numbers of anything. */
const LEAST_TOLD = 2;

/** What speaks of statuses: `exits 0 when`, `exit status is 0 if`, or a paragraph that begins with the first of them. */
const SPEAKS = /\b(?:exits?|exit (?:status|code|value)|returns?|return (?:status|code|value))\b|^>?\s?\d/i;

/** A status with what it means: `0 if all is well`, `>1 on error`. */
const STATUS =
  /(?<![\w.-])(>\s?)?(\d{1,3})(?= (?:if|when|whenever|on|for|in case|means|is|upon|after|otherwise)\b)/g;

/** The exit statuses of which the running text of a help tells in a sentence: `0 if all arrived, 1 if a box is late, and 2 on errors`. */
export function toldStatuses(remarks: readonly Fact<string>[]): ExitStatus[] {
  return remarks.flatMap(({ value, place }) => {
    if (value.length > LONGEST || !SPEAKS.test(value)) return [];
    const found = [...value.matchAll(STATUS)];
    // A list of them begins with success; what returns 2 in each of two modes has two meanings.
    if (found.length < LEAST_TOLD || found[0]?.[2] !== '0') return [];
    return found.flatMap((match, i): ExitStatus[] => {
      const [whole, above, number] = match;
      const from = Number(number) + (above === undefined ? 0 : 1);
      if (from > GREATEST) return [];
      const told = value.slice(match.index + whole.length, found[i + 1]?.index ?? value.length);
      const meaning = told.replace(/^ (?:means|is)\b|[\s,;.]+(?:(?:and|or)\s*)?$/g, '').trim();
      const to = above === undefined ? from : GREATEST;
      return [{ from, to, help: stated(meaning, place), place }];
    });
  });
}
