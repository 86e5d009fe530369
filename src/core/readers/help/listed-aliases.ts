import { addTo } from '../../collections/grouped.ts';
import type { Command, CommandName } from '../../model/command.ts';
import { matches } from '../../source/matches.ts';
import type { CleanedText } from './cleaned-text.ts';
import type { Section } from './headings.ts';
import { ALIASES_HEADING } from './own-aliases.ts';

/** `ls  list`, `rm, del  remove`: other names, and the command that they stand for. */
const PAIR = /^\s*((?:\w[\w.:@+-]{0,40}, ?){0,8}\w[\w.:@+-]{0,40})\s+(\w[\w.:@+-]*)(?:\s|$)/;

/** Gives commands the other names that stand in a list of their own, each beside the command that it is for. */
export function withListedAliases(
  commands: readonly Command[],
  sections: readonly Section[],
  cleaned: CleanedText,
): Command[] {
  const found = new Map<string, CommandName[]>();
  for (const { heading, lines } of sections) {
    if (!ALIASES_HEADING.test(heading)) continue;
    for (const line of lines) {
      const [, aliases = '', name] = PAIR.exec(line.text) ?? [];
      if (name === undefined) continue;
      for (const { 0: alias, index } of matches(aliases, /[^\s,]+/g)) {
        const start = line.start + line.first + index;
        if (alias !== name)
          addTo(found, name, { text: alias, place: cleaned.span(start, start + alias.length) });
      }
    }
  }
  if (found.size === 0) return [...commands];
  return commands.map((command) => {
    const more = command.names.flatMap(({ text }) => found.get(text) ?? []);
    return more.length === 0 ? command : { ...command, names: [...command.names, ...more] };
  });
}
