import { textWidth } from '../source/text-width.ts';
import { wrapText } from '../source/text-wrap.ts';
import { styled, type TextOptions, usedWidth } from './text-style.ts';

/** A cell of a table: its text, and how it is shown where attributes are set on it. */
export interface TextCell {
  readonly text: string;
  readonly shown?: string;
}

/** Wide columns push the last one no further than this share of the line. */
const MIN_LAST = 24;

/**
 * Lines of a table indented by two columns, its titles dim. Columns are as wide as their widest cell; the last one is wrapped
 * into what is left of the line.
 */
export function columnsText(
  titles: readonly string[],
  rows: readonly (readonly TextCell[])[],
  options: TextOptions,
): string[] {
  const widths = titles.map((title, i) =>
    rows.reduce((widest, row) => Math.max(widest, textWidth(row[i]?.text ?? '')), textWidth(title)),
  );
  const last = titles.length - 1;
  const indent = 2 + widths.slice(0, last).reduce((sum, width) => sum + width + 2, 0);
  const room = Math.max(MIN_LAST, usedWidth(options) - indent);
  const line = (cells: readonly TextCell[]) => {
    const lead = cells
      .slice(0, last)
      .map(({ text, shown = text }, i) => shown + ' '.repeat((widths[i] ?? 0) - textWidth(text) + 2))
      .join('');
    const { text = '', shown = text } = cells[last] ?? {};
    const wrapped =
      textWidth(text) <= room
        ? shown
        : wrapText(text, room, '', '')
            .split('\n')
            .join(`\n${' '.repeat(indent)}`);
    return `  ${lead}${wrapped}`.trimEnd();
  };
  return [styled(line(titles.map((text) => ({ text }))), ['dim'], options), ...rows.map(line)];
}
