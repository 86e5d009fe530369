import type { TextEdit } from '../edits/text-edits.ts';
import type { ScalarNode } from '../structured/document-node.ts';

/** Edits that name a thing by its new name wherever a text has the old one as a word of its own. */
export function mentionEdits({ text, placed }: ScalarNode, from: string, to: string): TextEdit[] {
  const edits: TextEdit[] = [];
  for (let at = text.indexOf(from); at >= 0; at = text.indexOf(from, at + from.length)) {
    const end = at + from.length;
    const isWord = !/[\w-]/.test(text[at - 1] ?? '') && !/[\w-]/.test(text[end] ?? '');
    const place = placed.span(at, end);
    // Within quotes that escape something the word has no place of its own.
    if (isWord && place.end - place.start === from.length) edits.push({ place, text: to });
  }
  return edits;
}
