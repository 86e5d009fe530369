import type { CommandName } from '../../model/command.ts';
import type { UsageReading } from '../../notation/usage-reading.ts';
import type { CleanedText } from './cleaned-text.ts';
import type { Section } from './headings.ts';

/** A heading over other names of commands. */
export const ALIASES_HEADING = /^(?:command )?alias(?:es)?$/i;
const NAME = /^[\w][\w.:+@-]*$/;

/** The other names of the command that the text is about, which stand under a heading of their own: `box, boxes`. */
export function readOwnAliases(
  sections: readonly Section[],
  name: string,
  cleaned: CleanedText,
): CommandName[] {
  const section = sections.find(({ heading }) => ALIASES_HEADING.test(heading));
  const line = section?.lines.find(({ blank }) => !blank);
  if (
    line === undefined ||
    !line.text
      .trim()
      .split(/\s*,\s*/)
      .every((word) => NAME.test(word))
  )
    return [];
  return [...line.text.matchAll(/[^\s,]+/g)].flatMap((match) => {
    const start = line.start + match.index;
    const place = cleaned.span(start, start + match[0].length);
    return match[0] === name ? [] : [{ text: match[0], place }];
  });
}

/** Other names of the command that synopses show: beside its name (`add|a`), or each a word alone below a synopsis of it. */
export function aliasesInUsage(readings: readonly UsageReading[]): CommandName[] {
  const [first, ...others] = readings;
  if (first === undefined) return [];
  const beside = first.literals.at(-1)?.aliases ?? [];
  const alone = others.flatMap(({ form, programPlace, program }) => {
    const [name] = program;
    const isAlone = name !== undefined && form.text.trim() === name && name !== first.program[0];
    return isAlone ? [{ text: name, place: programPlace }] : [];
  });
  return [...beside, ...alone];
}
