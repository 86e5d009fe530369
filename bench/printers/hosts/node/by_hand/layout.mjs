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

export const MORE_GUTTERS = {
  ' : ': { mark: ' : ' },
  ' = ': { mark: ' = ' },
  ' => ': { mark: ' => ' },
  'column | ': { mark: '| ', isColumn: true },
  'column = ': { mark: '= ', isColumn: true },
  'column -- ': { mark: '-- ', isColumn: true },
  'two tabs': { mark: '\t\t' },
  'tab - ': { mark: '\t- ' },
  dots: { mark: ' ', isColumn: true, filling: '.' },
};

export const LATEST_GUTTERS = {
  ' — ': { mark: ' — ' },
  ' -> ': { mark: ' -> ' },
  'column # ': { mark: '# ', isColumn: true },
  ' # ': { mark: ' # ' },
};

/** All gutters by their names. */
export const EVERY_GUTTER = { ...GUTTERS, ...MORE_GUTTERS, ...LATEST_GUTTERS };

/** What stands before each entry. */
export const BULLETS = { none: '', '* ': '* ', '• ': '• ' };

/** No column of texts begins behind this one. */
const LAST_COLUMN = 36;

/** Lines of `{head, text}`, of which some are uneven. */
export function entryLines(style, slips, gutterName, entries, width) {
  const margin = style.indentation === 'tab' ? '\t' : ' '.repeat(Number(style.indentation));
  const indentation = margin + BULLETS[style.bullet ?? 'none'];
  const gutter = EVERY_GUTTER[gutterName];
  const widest = Math.max(
    0,
    ...entries.map(({ head }) => head.length).filter((length) => length < LAST_COLUMN),
  );
  const gap = style.indentation === '4' ? 4 : 2;
  const column = gutter.isColumn ? widest + gap : 0;
  return entries.flatMap((entry, i) => {
    const lines = slips.entry(
      unbulleted(oneEntry(style, gutter, indentation, column, entry, width), margin, indentation),
    );
    const isApart = style['blank lines'] === 'between entries' || gutter.isApart;
    return isApart && i > 0 ? ['', ...lines] : lines;
  });
}

/** Only the first line of an entry has the bullet. */
function unbulleted([first, ...rest], margin, indentation) {
  const blank = ' '.repeat(indentation.length - margin.length);
  return [
    first,
    ...rest.map((line) =>
      line.startsWith(indentation) ? margin + blank + line.slice(indentation.length) : line,
    ),
  ];
}

function oneEntry(style, gutter, indentation, column, { head, text }, width) {
  const heads = head.split('\n').map((line) => indentation + line);
  if (text === '') return heads;
  const own = indentation.replace('\t', ' '.repeat(8)).length;
  const wrap = (taken) =>
    style['text breaks'] === 'never'
      ? text.split('\n').filter((line) => line !== '')
      : wrapped(text, width - taken);
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
      return [indentation + filled(head, column, gutter.filling) + gutter.mark + first, ...following];
    if (style.overflow === 'below' && gutter.mark === '')
      return [indentation + head, indentation + margin + first, ...following];
    return [`${indentation}${head}${gutter.mark === '' ? '  ' : ' '}${gutter.mark}${first}`, ...following];
  }
  if (gutter.mark.startsWith('\t')) {
    const [first, ...rest] = wrap(own + 24);
    return [
      `${indentation}${head}${gutter.mark}${first}`,
      ...rest.map((line) => `${indentation}\t${gutter.mark.replace(/[^\t]+/, '')}${line}`),
    ];
  }
  const behind = head.length + gutter.mark.length;
  const [first, ...rest] = wrap(Math.min(own + behind, width / 2));
  const margin = ' '.repeat(behind > width / 2 ? 4 : behind);
  return [indentation + head + gutter.mark + first, ...rest.map((line) => indentation + margin + line)];
}

/** A head as wide as the column, with blanks or with dots. */
function filled(head, column, filling) {
  return filling === undefined || column - head.length < 6
    ? head.padEnd(column)
    : `${head} `.padEnd(column - 1, filling).padEnd(column);
}

/** A text in lines that are no wider than so much, if its words allow that. */
export function wrapped(text, width) {
  if (text.includes('\n'))
    return text.split('\n').flatMap((line) => (line === '' ? [] : wrapped(line, width)));
  const lines = [];
  for (const word of text.split(' ')) {
    const last = lines.at(-1);
    if (last !== undefined && last.length + 1 + word.length <= width)
      lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines;
}
