// How many faults of each kind were found.

const CHECKS_SHOWN = 3;

/** How many faults there are, and how many were told by an error or warning, by a note, and not at all. */
export function wholeRow(rows) {
  const number = (verdict) => rows.filter((row) => row.verdict === verdict).length;
  return { all: rows.length, warned: number('warned'), noted: number('noted'), missed: number('missed') };
}

/** A line for each kind of fault, and one for all. */
export function table(rows) {
  const kinds = [...new Set(rows.map(({ kind }) => kind))];
  return [
    `${'fault'.padEnd(48)}   all warned  noted missed      %  checks\n`,
    ...kinds.map((kind) =>
      line(
        kind,
        rows.filter((row) => row.kind === kind),
      ),
    ),
    line('all', rows),
  ].join('');
}

function line(name, rows) {
  const { all, warned, noted, missed } = wholeRow(rows);
  const share = all === 0 ? 0 : (100 * (all - missed)) / all;
  const checks = [...new Set(rows.flatMap((row) => row.checks))].slice(0, CHECKS_SHOWN).join(' ');
  const figures = [all, warned, noted, missed].map((figure) => String(figure).padStart(6)).join(' ');
  return `${name.padEnd(48)}${figures}${share.toFixed(1).padStart(7)}  ${checks}\n`;
}
