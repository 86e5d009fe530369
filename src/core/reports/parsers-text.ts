import { parserWords } from '../messages/parser-words.ts';
import type { Interface } from '../model/interface.ts';
import { printable } from '../source/printable.ts';
import { wrapText } from '../source/text-wrap.ts';
import { styled, type TextOptions, usedWidth } from './text-style.ts';

/** Which parser each of some programs uses, a line each behind an empty one, for those of which that is known; the program is named where there are several. */
export function parsersText(programs: readonly Interface[], options: TextOptions): string {
  const lines = programs.flatMap((cli) => {
    const parser = parserWords(cli);
    if (parser === undefined) return [];
    const whose = programs.length > 1 ? ` of ${cli.program.value}` : '';
    return [wrapText(printable(`parser${whose}: ${parser}`), usedWidth(options), '', '  ')];
  });
  const text = lines.map((line) => `${styled(line, ['dim'], options)}\n`).join('');
  return text === '' ? '' : `\n${text}`;
}
