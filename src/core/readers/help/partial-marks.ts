import { type Fact, stated } from '../../model/fact.ts';
import type { CleanedText } from './cleaned-text.ts';
import type { TextLine } from './text-line.ts';

const MARKS: Record<'options' | 'commands', readonly RegExp[]> = {
  options: [
    /\b(?:not|isn't) the (?:full|complete|whole) (?:help|list|set)\b/i,
    /\b(?:common|basic|most used|frequently used|main|most important|most useful|essential) (?:options|flags)\b/i,
    /\b(?:more|other|further|additional) (?:options |flags )?(?:are|can be) (?:listed|described|documented|explained|found) (?:in|at|on|by)\b/i,
    /\b(?:see|list|show|display|for|print)s? (?:all|more|the full list of|the complete list of|further|advanced|additional) (?:the )?(?:available |possible )?(?:options|flags)\b/i,
  ],
  commands: [
    /\b(?:common|basic|most used|frequently used|some|popular) (?:[a-z]+ )?(?:sub)?commands\b/i,
    /\b(?:see|list|show|display|for|print)s? (?:all|more|the full list of|the complete list of|further|additional) (?:the )?(?:available |installed )?(?:sub)?commands\b/i,
  ],
};

/** Where a text says that it shows only a part of its options or commands: a stated `false`; undefined where it does not. */
export function findPartialMark(
  lines: readonly TextLine[],
  cleaned: CleanedText,
  list: 'options' | 'commands',
): Fact<boolean> | undefined {
  for (const line of lines) {
    if (line.blank || !/options|flags|commands|help/i.test(line.text)) continue;
    for (const mark of MARKS[list]) {
      const match = mark.exec(line.text.slice(0, 400));
      if (match === null) continue;
      const start = line.start + match.index;
      return stated(false, cleaned.span(start, start + match[0].length));
    }
  }
  return undefined;
}
