// Entries of a list as lines: heads, what stands between head and text, and where texts break.

/** What stands between head and text: a column, a tab, a mark with a text that follows at once or in a column, or a new line. */
export const GUTTERS = {
  column: { mark: '', isColumn: true },
  tab: { mark: '\t' },
  ' - ': { mark: ' - ' },
  ' -- ': { mark: ' -- ' },
  ': ': { mark: ': ' },
  'column - ': { mark: '- ', isColumn: true },
  'column : ': { mark: ': ', isColumn: true },
  'the next line': { isBelow: true },
  'below a blank line': { isBelow: true, isApart: true },
};

/** No column of texts begins behind this one. */
const LAST_COLUMN = 36;

/** Lines of `{head, text}`, of which some are uneven. */
export function entryLines(style, slips, gutterName, entries, width) {
  const indentation = style.indentation === 'tab' ? '\t' : ' '.repeat(Number(style.indentation));
  const gutter = GUTTERS[gutterName];
  const widest = Math.max(
    0,
    ...entries.map(({ head }) => head.length).filter((length) => length < LAST_COLUMN),
  );
  const gap = style.indentation === '4' ? 4 : 2;
  const column = gutter.isColumn ? widest + gap : 0;
  return entries.flatMap((entry, i) => {
    const lines = slips.entry(oneEntry(style, gutter, indentation, column, entry, width));
    const isApart = style['blank lines'] === 'between entries' || gutter.isApart;
    return isApart && i > 0 ? ['', ...lines] : lines;
  });
}

function oneEntry(style, gutter, indentation, column, { head, text }, width) {
  const heads = head.split('\n').map((line) => indentation + line);
  if (text === '') return heads;
  const own = indentation.replace('\t', ' '.repeat(8)).length;
  const wrap = (taken) => (style['text breaks'] === 'never' ? [text] : wrapped(text, width - taken));
  if (gutter.isBelow) {
    // Texts begin behind the names, also where long ones stand behind the place of a letter.
    const deeper = style['letter column'] === 'aligned' ? ' '.repeat(8) : '    ';
    const more = `${indentation}${indentation === '\t' ? '\t' : deeper}`;
    const texts = wrap(own + deeper.length).map((line) => more + line);
    return [...heads, ...(gutter.isApart ? [''] : []), ...texts];
  }
  if (gutter.isColumn) {
    const margin = ' '.repeat(column + gutter.mark.length);
    const [first, ...rest] = wrap(own + margin.length);
    const following = rest.map((line) => indentation + margin + line);
    if (head.length + 2 <= column)
      return [indentation + head.padEnd(column) + gutter.mark + first, ...following];
    if (style.overflow === 'below' && gutter.mark === '')
      return [indentation + head, indentation + margin + first, ...following];
    return [`${indentation}${head}${gutter.mark === '' ? '  ' : ' '}${gutter.mark}${first}`, ...following];
  }
  if (gutter.mark === '\t') {
    const [first, ...rest] = wrap(own + 24);
    return [`${indentation}${head}\t${first}`, ...rest.map((line) => `${indentation}\t\t${line}`)];
  }
  const behind = head.length + gutter.mark.length;
  const [first, ...rest] = wrap(Math.min(own + behind, width / 2));
  const margin = ' '.repeat(behind > width / 2 ? 4 : behind);
  return [indentation + head + gutter.mark + first, ...rest.map((line) => indentation + margin + line)];
}

/** A text in lines that are no wider than so much, if its words allow that. */
export function wrapped(text, width) {
  const lines = [];
  for (const word of text.split(' ')) {
    const last = lines.at(-1);
    if (last !== undefined && last.length + 1 + word.length <= width)
      lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines;
}
