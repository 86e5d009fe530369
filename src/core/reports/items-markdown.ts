import { LEVELS } from '../findings/level.ts';
import { inlineCode, plainText } from '../markdown/markdown-text.ts';
import { countOf } from '../messages/wording.ts';
import { LineIndexes } from '../source/line-index.ts';
import { placeName } from './finding-text.ts';
import { graveItems, type ReportItem, type ReportItems } from './items/report-items.ts';

/** So many items of a level are told; a pull request takes no more. */
const ITEMS_SHOWN = 100;

/** Items for a pull request, in Markdown: how many there are, what is grave, and the notes folded away. */
export function itemsMarkdown({ title, items, rules, problems }: ReportItems): string {
  const indexes = new LineIndexes();
  const counts = LEVELS.flatMap((level) => {
    const count = items.filter((item) => item.level === level).length;
    return count === 0 ? [] : [countOf(count, level)];
  });
  const lacking = rules.filter(({ outcome }) => outcome === 'not-judged').length;
  const parts = [
    `## ${inlineCode(title)}`,
    `${counts.length === 0 ? 'Nothing found' : counts.join(', ')}${lacking === 0 ? '' : `; ${countOf(lacking, 'check')} lacked a fact`}.`,
  ];
  const grave = graveItems(items);
  if (grave.length > 0) parts.push(list(grave, indexes));
  const notes = items.filter(({ level }) => level === 'note');
  if (notes.length > 0) parts.push(folded(countOf(notes.length, 'note'), list(notes, indexes)));
  if (problems.length > 0)
    parts.push(
      folded(
        `${countOf(problems.length, 'problem')} with the sources`,
        problems
          .slice(0, ITEMS_SHOWN)
          .map(({ source, message }) => `- ${inlineCode(source)}: ${plainText(message)}`)
          .join('\n'),
      ),
    );
  return `${parts.join('\n\n')}\n`;
}

function folded(summary: string, inner: string): string {
  return `<details>\n<summary>${summary}</summary>\n\n${inner}\n\n</details>`;
}

function list(items: readonly ReportItem[], indexes: LineIndexes): string {
  const lines = items.slice(0, ITEMS_SHOWN).map((item) => lineOf(item, indexes));
  const more = items.length - lines.length;
  return [...lines, ...(more > 0 ? [`- and ${more} more`] : [])].join('\n');
}

function lineOf({ level, message, fix, place, command, rule }: ReportItem, indexes: LineIndexes): string {
  const where = place === null ? command.join(' ') : placeName(place, indexes);
  const advice = fix === '' ? '' : `<br>${plainText(fix)}`;
  return `- **${level}** ${inlineCode(where)}: ${plainText(message)} (${inlineCode(rule)})${advice}`;
}
