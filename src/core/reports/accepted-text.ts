import type { AcceptedFinding, AcceptedOutcome } from '../accepted/accepted-finding.ts';
import { countOf } from '../messages/wording.ts';
import { printable } from '../source/printable.ts';
import { wrapText } from '../source/text-wrap.ts';
import { styled, type TextOptions, usedWidth } from './text-style.ts';

/** So many entries are told one by one. */
const SHOWN = 10;

/** What became of accepted findings: how many were passed over, which no longer occur, and which are due; empty where there are none. */
export function acceptedOutcomeText(
  { passedOver, gone, due }: AcceptedOutcome,
  options: TextOptions,
): string {
  const parts = [
    ...(passedOver.length === 0 ? [] : [`${countOf(passedOver.length, 'accepted finding')} passed over\n`]),
    ...listed('Accepted until a day that has passed, and told again', due, options),
    ...listed('Accepted, and found no more; take it out of the file', gone, options),
  ];
  return parts.join('');
}

function listed(title: string, entries: readonly AcceptedFinding[], options: TextOptions): string[] {
  if (entries.length === 0) return [];
  const more = entries.length - SHOWN;
  return [
    `${styled(title, ['bold'], options)}\n`,
    ...entries.slice(0, SHOWN).map(({ at, check, of, because, until }) => {
      const day = until === undefined ? '' : `, until ${until}`;
      const line = `${printable(check)} of ${printable(of)} [${printable(at)}]: ${printable(because)}${day}`;
      return `${wrapText(line, usedWidth(options), '  ', '    ')}\n`;
    }),
    ...(more > 0 ? [`  and ${more} more\n`] : []),
  ];
}
