import type { CommandName } from '../../model/command.ts';
import type { UsageReading } from '../../notation/usage-reading.ts';
import { matches } from '../../source/matches.ts';
import type { CleanedText } from './cleaned-text.ts';
import type { Section } from './headings.ts';
import type { TextLine } from './text-line.ts';

/** A heading over other names of commands. */
export const ALIASES_HEADING = /^(?:command )?alias(?:es)?$/i;
const NAME = /^[\w][\w.:+@-]*$/;

/**
 * The other names of the command that the text is about, which stand under a heading of their own: `box, boxes`, or each in a line behind the
 * path that leads to it (`tiffin list boxes`). `path` is that of the command, with the program in front.
 */
export function readOwnAliases(
  sections: readonly Section[],
  path: readonly string[],
  cleaned: CleanedText,
): CommandName[] {
  const section = sections.find(({ heading }) => ALIASES_HEADING.test(heading));
  const lines = (section?.lines ?? []).filter(({ blank }) => !blank).slice(0, LINES_LIMIT);
  const [first] = lines;
  if (first === undefined) return [];
  const isList = first.text
    .trim()
    .split(/\s*,\s*/)
    .every((word) => NAME.test(word));
  const found = isList
    ? matches(first.text, /[^\s,]+/g).map(({ 0: text, index }) => ({ text, start: first.start + index }))
    : lines.flatMap((line) => behindPath(line, path));
  return found.flatMap(({ text, start }) =>
    text === path.at(-1) ? [] : [{ text, place: cleaned.span(start, start + text.length) }],
  );
}

/** No command has so many names. */
const LINES_LIMIT = 50;

/** The name in a line such as `tiffin list boxes`, where the command is below `tiffin list`. */
function behindPath(line: TextLine, path: readonly string[]): { text: string; start: number }[] {
  const words = line.text.trim().replace(/^\$ /, '').split(' ');
  const name = words.at(-1) ?? '';
  const isBeside = words.length === path.length && path.slice(0, -1).every((word, i) => words[i] === word);
  return isBeside && path.length > 1 && NAME.test(name)
    ? [{ text: name, start: line.start + line.text.lastIndexOf(name) }]
    : [];
}

/**
 * Other names of the command that synopses show: beside its name (`add|a`), or each a word alone below a synopsis of it. Words behind `path`,
 * which leads to it from the program, are no names of it.
 */
export function aliasesInUsage(readings: readonly UsageReading[], path: readonly string[]): CommandName[] {
  const [first, ...others] = readings;
  if (first === undefined) return [];
  const beside = first.literals[path.length - 1]?.aliases ?? [];
  const alone = others.flatMap(({ form, programPlace, program }) => {
    const [name] = program;
    const isAlone = name !== undefined && form.text.trim() === name && name !== first.program[0];
    return isAlone && NAME.test(name) ? [{ text: name, place: programPlace }] : [];
  });
  return [...beside, ...alone];
}
