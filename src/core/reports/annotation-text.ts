import type { HelpAnnotation, LineRole } from '../source/help-annotation.ts';
import { printable } from '../source/printable.ts';
import { styled, type TextOptions } from './text-style.ts';

/** What stands at the left of a line: the role in so many columns. */
const ROLE_WIDTH = 10;

/** Colours of roles; others have none. */
const STYLES: Partial<Record<LineRole, Parameters<typeof styled>[1]>> = {
  synopsis: ['cyan'],
  heading: ['bold'],
  entry: ['green'],
  unread: ['red'],
};

/**
 * A help output for people, as it is: each line with its number and role in front, and below a line what was taken from it. The last line
 * counts what was read.
 */
export function annotationText(
  { source, parser, lines, counts }: HelpAnnotation,
  options: TextOptions,
): string {
  const digits = String(lines.length).length;
  const margin = ' '.repeat(digits + ROLE_WIDTH + 4);
  const rows = lines.flatMap(({ line, text, role, reads }) => {
    const style = STYLES[role] ?? [];
    const shown = role === 'blank' ? '' : role;
    const front = `${String(line).padStart(digits)}  ${styled(shown.padEnd(ROLE_WIDTH), style, options)}  `;
    const row = `${front}${printable(text.replaceAll('\t', '        '))}`.trimEnd();
    const taken = reads.filter((what) => what !== 'synopsis');
    return taken.length === 0
      ? [row]
      : [row, `${margin}${styled(`^ ${taken.map(printable).join('; ')}`, ['dim'], options)}`];
  });
  const all = counts.read + counts.unread;
  const share = all === 0 ? 100 : Math.floor((100 * counts.read) / all);
  const verdict = `${printable(source.name)}: ${counts.read} of ${all} lines are read, ${share} %`;
  const few = share < FEW ? '; little of the text was understood: describe the interface in a document' : '';
  const by = parser === undefined ? '' : `\nparser: likely ${parser.names.join(' or ')}`;
  return `${rows.join('\n')}\n\n${verdict}${few}${by}\n`;
}

/** With fewer lines read, in percent, a text is little understood. */
const FEW = 60;
