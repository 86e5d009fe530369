import type { Finding } from '../findings/finding.ts';
import type { Level } from '../findings/level.ts';
import { UNSURE } from '../messages/unsure.ts';
import type { LineIndexes } from '../source/line-index.ts';
import { printable } from '../source/printable.ts';
import { quoteLine } from '../source/quoted-line.ts';
import type { Place, Span } from '../source/source.ts';
import { wrapText } from '../source/text-wrap.ts';
import { type Attribute, styled, type TextOptions, usedWidth } from './text-style.ts';

export const LEVEL_COLOUR: Record<Level, Attribute> = {
  error: 'red',
  warning: 'yellow',
  note: 'cyan',
};

/** How many related places are named under a finding. */
const RELATED_SHOWN = 3;

/** A finding as lines of text: place, level and message, the quoted line with its mark, the fix, the check and the command. */
export function findingText(finding: Finding, indexes: LineIndexes, options: TextOptions): string {
  const width = usedWidth(options);
  const lines = [headText(finding, placeText(finding.place, indexes), '', options)];
  if (finding.place !== null) lines.push(quoteText(finding.place, finding.level, indexes, options));
  for (const { place: other, note } of finding.related.slice(0, RELATED_SHOWN)) {
    if (other !== null)
      lines.push(wrapText(`${placeText(other, indexes)}${printable(note)}`, width, '    ', '        '));
  }
  lines.push(...declaredText(finding, options));
  lines.push(wrapText(`fix: ${printable(finding.fix)}`, width, '    ', '          '));
  lines.push(...correctedText(finding, options));
  lines.push(...unsureText(finding, options));
  lines.push(styled(`    [${finding.check}] ${commandOf(finding)}`, ['dim'], options));
  return `${lines.join('\n')}\n`;
}

/** A finding in few lines: place, level, message and command, and where it is wanted the fix. */
export function shortFindingText(
  finding: Finding,
  indexes: LineIndexes,
  options: TextOptions,
  withFix: boolean,
): string {
  const width = usedWidth(options);
  const lines = [headText(finding, placeText(finding.place, indexes), ` [${commandOf(finding)}]`, options)];
  lines.push(...declaredText(finding, options));
  if (withFix) lines.push(wrapText(`fix: ${printable(finding.fix)}`, width, '    ', '          '));
  lines.push(...unsureText(finding, options));
  return `${lines.join('\n')}\n`;
}

/** The line of help output as it should be: it cannot be edited there, so that it is shown. */
function correctedText({ corrected }: Finding, options: TextOptions): string[] {
  return corrected === null ? [] : [styled('    + ', ['dim'], options) + printable(corrected)];
}

function declaredText({ declaredAt }: Finding, options: TextOptions): string[] {
  return declaredAt === null
    ? []
    : [wrapText(`declared at: ${printable(declaredAt)}`, usedWidth(options), '    ', '        ')];
}

/** Why a finding is a note only: its place may have been misread. */
function unsureText({ unsure }: Finding, options: TextOptions): string[] {
  return unsure === null
    ? []
    : [wrapText(`may be misread: ${UNSURE[unsure]}`, usedWidth(options), '    ', '        ')];
}

/** `PLACE: LEVEL: MESSAGE`, and what stands behind it. */
function headText({ level, message }: Finding, place: string, behind: string, options: TextOptions): string {
  return wrapText(`${place}${level}: ${printable(message)}${behind}`, usedWidth(options), '', '    ')
    .replace(place, () => styled(place, ['bold'], options))
    .replace(`${level}:`, () => styled(`${level}:`, ['bold', LEVEL_COLOUR[level]], options));
}

function commandOf({ command }: Finding): string {
  return printable(command.join(' '));
}

/** `FILE:LINE:COLUMN: ` as GNU messages have it; empty where there is no place. */
export function placeText(place: Place, indexes: LineIndexes): string {
  return place === null ? '' : `${placeName(place, indexes)}: `;
}

/** `FILE:LINE:COLUMN`: the column from 1 in display columns, tabs every 8. */
export function placeName(place: Span, indexes: LineIndexes): string {
  const { line } = indexes.start(place);
  return `${printable(place.source.name)}:${line}:${indexes.displayColumn(place)}`;
}

/** The line of a place, with a mark under it. */
export function quoteText(place: Span, level: Level, indexes: LineIndexes, options: TextOptions): string {
  const margin = '    | ';
  const quoted = quoteLine(place, indexes, usedWidth(options) - margin.length);
  const mark = ' '.repeat(quoted.markStart) + '~'.repeat(Math.max(1, quoted.markEnd - quoted.markStart));
  const bar = styled(margin, ['dim'], options);
  return `${bar}${quoted.text}\n${bar}${styled(mark, ['bold', LEVEL_COLOUR[level]], options)}`;
}
