import { addTo } from '../../collections/grouped.ts';
import type { Command, CommandName } from '../../model/command.ts';
import type { CleanedText } from './cleaned-text.ts';
import type { Section } from './headings.ts';
import { ALIASES_HEADING } from './own-aliases.ts';

/** `ls  list`: another name, and the command that it stands for. */
const PAIR = /^\s*([\w][\w.:@+-]*)\s+([\w][\w.:@+-]*)(?:\s|$)/;

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
      const [, alias, name] = PAIR.exec(line.text) ?? [];
      if (alias === undefined || name === undefined || alias === name) continue;
      const start = line.start + line.first;
      const place = cleaned.span(start, start + alias.length);
      addTo(found, name, { text: alias, place });
    }
  }
  if (found.size === 0) return [...commands];
  return commands.map((command) => {
    const more = command.names.flatMap(({ text }) => found.get(text) ?? []);
    return more.length === 0 ? command : { ...command, names: [...command.names, ...more] };
  });
}
