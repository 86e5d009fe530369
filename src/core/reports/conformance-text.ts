import type { Conformance } from '../audit.ts';
import type { ConformanceRow, Conformity } from '../conformance/rule.ts';
import { printable } from '../source/printable.ts';
import { wrapText } from '../source/text-wrap.ts';
import { type Attribute, styled, type TextOptions, usedWidth } from './text-style.ts';

const STANDING_COLOUR: Record<Conformity, Attribute> = {
  meets: 'green',
  departs: 'yellow',
  'by design': 'cyan',
  'not judged': 'dim',
};

/** How many examples a row names. */
const EXAMPLES_SHOWN = 3;

/** The tables of one interface against POSIX and GNU, of those that have rows; of rows that were not judged only the names. */
export function conformanceText({ program, posix, gnu }: Conformance, options: TextOptions): string {
  return [
    { title: `${printable(program)} against POSIX XBD 12.2`, rows: posix },
    { title: `${printable(program)} against the GNU Coding Standards`, rows: gnu },
  ]
    .filter(({ rows }) => rows.length > 0)
    .map(({ title, rows }) => tableText(title, rows, options))
    .join('\n');
}

function tableText(title: string, rows: readonly ConformanceRow[], options: TextOptions): string {
  const judged = rows.filter((row) => row.standing !== 'not judged');
  const open = rows.filter((row) => row.standing === 'not judged');
  const width = rows.reduce((most, row) => Math.max(most, rowName(row).length), 0);
  const lines = judged.map((row) => {
    const lead = `  ${row.standing.padEnd('by design'.length)}  ${rowName(row).padEnd(width)}  `;
    const text = wrapText(rowText(row), usedWidth(options), lead, ' '.repeat(lead.length));
    return text.replace(row.standing, () => styled(row.standing, [STANDING_COLOUR[row.standing]], options));
  });
  const openRows = {
    'not judged': open.filter(({ remedy }) => remedy !== undefined),
    'not applicable': open.filter(({ remedy }) => remedy === undefined),
  };
  for (const [title, some] of Object.entries(openRows)) {
    if (some.length === 0) continue;
    lines.push(wrapText(`${title}: ${some.map(rowName).join(', ')}`, usedWidth(options), '  ', '    '));
  }
  return `${styled(title, ['bold'], options)}\n${lines.join('\n')}\n`;
}

/** `7 mandatory option-arguments`, `4.8.2 bug address`. */
export function rowName(row: ConformanceRow): string {
  return `${row.section.replace('Guideline ', '')} ${row.label}`;
}

function rowText(row: ConformanceRow): string {
  if (row.standing !== 'departs') return printable(row.evidence);
  const subjects = [...new Set(row.instances.map((instance) => instance.subject))];
  // What a parser does by custom departs nowhere in particular.
  if (subjects.length === 0) return printable(row.evidence);
  const examples = subjects.slice(0, EXAMPLES_SHOWN).map(printable).join(', ');
  const more = subjects.length > EXAMPLES_SHOWN ? ` and ${subjects.length - EXAMPLES_SHOWN} more` : '';
  return `${printable(row.evidence)} (${examples}${more})`;
}
