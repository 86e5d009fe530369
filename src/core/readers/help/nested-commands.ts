import type { UsageReading } from '../../notation/usage-reading.ts';
import { ANY_COMMAND } from '../../notation/usage-words.ts';
import type { CleanedText } from './cleaned-text.ts';
import type { CommandChoice } from './command-choice.ts';
import { commandsOfEntries } from './command-list.ts';
import type { Section } from './headings.ts';
import { findWordEntries } from './word-entries.ts';

/**
 * Reads commands that stand below the placeholder for them, each with its text: `COMMAND`, and deeper below it `box   list the
 * boxes`. The placeholder is the word for a command, or one that the synopsis shows with anything behind it
 * (`tiffin TOPIC ...`), as the operands of a command are. Undefined where the section has none.
 */
export function readNestedCommands(
  section: Section,
  readings: readonly UsageReading[],
  cleaned: CleanedText,
): CommandChoice | undefined {
  const heads = findWordEntries(section.lines).filter(({ below }) => below.length > 0);
  const head = heads.find(({ line, start, end }) => standsForCommand(line.text.slice(start, end), readings));
  if (head === undefined) return undefined;
  const commands = commandsOfEntries(head.below, section, cleaned, { program: undefined, path: [] });
  if (commands.length === 0) return undefined;
  const lines = new Set([head.line.index]);
  for (const { line, pieces } of head.below) {
    lines.add(line.index);
    for (const piece of pieces) lines.add(piece.line.index);
  }
  return { commands, head: head.line, lines };
}

function standsForCommand(placeholder: string, readings: readonly UsageReading[]): boolean {
  if (ANY_COMMAND.test(placeholder)) return true;
  const bare = placeholder.replace(/^[<[]+|[>\]]+$/g, '');
  return readings.some(({ form }) => {
    const last = form.operands.at(-1);
    return last?.name === bare && last.count?.value.most === null;
  });
}
