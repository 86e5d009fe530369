/** So many lines in a row with bars at the same columns are a table. */
const MIN_ROWS = 3;

/**
 * A text of the same length without the bars of tables whose rows end in one: `-d | --dock NAME   | the dock     |`. A bar inside the rows is
 * one of the table where all rows have it at that column, with blanks around it.
 */
export function withoutCellBars(text: string): string {
  if (!/\|[ \t]*$/m.test(text)) return text;
  const lines = text.split('\n');
  for (let from = 0; from < lines.length; ) {
    const end = barAtEnd(lines[from]);
    let to = from + 1;
    while (end !== undefined && to < lines.length && barAtEnd(lines[to]) === end) to++;
    if (end !== undefined && to - from >= MIN_ROWS) {
      const rows = lines.slice(from, to);
      const columns = commonBars(rows, end);
      for (const [i, row] of columns.length === 0 ? [] : rows.entries())
        lines[from + i] = withBlanks(row, [...columns, end]);
    }
    from = to;
  }
  return lines.join('\n');
}

/** The index of the bar that ends a line, behind a blank; undefined where none does. */
function barAtEnd(line: string | undefined): number | undefined {
  const row = line?.trimEnd() ?? '';
  return row.endsWith(' |') ? row.length - 1 : undefined;
}

/** The indexes before `end` at which all rows have a bar between blanks. */
function commonBars(rows: readonly string[], end: number): number[] {
  const [first = ''] = rows;
  const columns: number[] = [];
  for (let at = first.indexOf(' | '); at >= 0 && at + 1 < end; at = first.indexOf(' | ', at + 1)) {
    if (rows.every((row) => row.startsWith(' | ', at))) columns.push(at + 1);
  }
  return columns;
}

function withBlanks(row: string, columns: readonly number[]): string {
  const characters = row.split('');
  for (const column of columns) characters[column] = ' ';
  return characters.join('');
}
