import { printable } from '../source/printable.ts';

/** A text as Markdown shows it unchanged: marks that mean something are escaped, line breaks become blanks. */
export function plainText(text: string): string {
  return printable(text.replace(/\s+/g, ' ').trim()).replace(/[\\`*_{}[\]<>#|~&!]/g, (mark) => `\\${mark}`);
}

/** A text as code in a line, whatever backticks it holds. */
export function inlineCode(text: string): string {
  const shown = printable(text.replace(/\s+/g, ' ').trim());
  const fence = '`'.repeat(longestRun(shown) + 1);
  const pad = shown.startsWith('`') || shown.endsWith('`') || shown === '' ? ' ' : '';
  return `${fence}${pad}${shown}${pad}${fence}`;
}

/** Code in a cell of a table, where a bar would end the cell. */
export function cellCode(text: string): string {
  return inlineCode(text).replaceAll('|', '\\|');
}

/** Lines of code, whatever backticks they hold. */
export function codeBlock(lines: readonly string[]): string {
  const longest = lines.reduce((most, line) => Math.max(most, longestRun(line)), 2);
  const fence = '`'.repeat(longest + 1);
  return [fence, ...lines.map(printable), fence].join('\n');
}

/** How many backticks stand in a row where most of them do. */
function longestRun(text: string): number {
  return [...text.matchAll(/`+/g)].reduce((most, [run]) => Math.max(most, run.length), 0);
}
