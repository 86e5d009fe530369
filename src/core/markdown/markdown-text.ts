import { printable } from '../source/printable.ts';

/** A text as Markdown shows it unchanged: marks that mean something are escaped, line breaks become blanks. */
export function plainText(text: string): string {
  return printable(text.replace(/\s+/g, ' ').trim()).replace(/[\\`*_{}[\]<>#|~&!]/g, (mark) => `\\${mark}`);
}

/** A text as code in a line, whatever backticks it holds. */
export function inlineCode(text: string): string {
  const shown = printable(text.replace(/\s+/g, ' ').trim());
  const runs = [...shown.matchAll(/`+/g)].map(([run]) => run.length);
  const fence = '`'.repeat(Math.max(0, ...runs) + 1);
  const pad = shown.startsWith('`') || shown.endsWith('`') || shown === '' ? ' ' : '';
  return `${fence}${pad}${shown}${pad}${fence}`;
}

/** Code in a cell of a table, where a bar would end the cell. */
export function cellCode(text: string): string {
  return inlineCode(text).replaceAll('|', '\\|');
}

/** Lines of code, whatever backticks they hold. */
export function codeBlock(lines: readonly string[]): string {
  const runs = lines.flatMap((line) => [...line.matchAll(/`+/g)].map(([run]) => run.length));
  const fence = '`'.repeat(Math.max(2, ...runs) + 1);
  return [fence, ...lines.map(printable), fence].join('\n');
}
