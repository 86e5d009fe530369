import { printable } from '../source/printable.ts';

const ENTITIES: Readonly<Record<string, string>> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
  "'": '&#39;',
};

/** A text that stands in XML or HTML as it is, in an element or a quoted attribute: marks are escaped, and what no document may hold, or what reorders text, is written out. */
export function xmlText(text: string): string {
  return printable(text)
    .replace(/[\ufffe\uffff]/g, '\ufffd')
    .replace(/[&<>"']/g, (mark) => ENTITIES[mark] ?? mark);
}
