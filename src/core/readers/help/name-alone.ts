import type { TextLine } from './text-line.ts';

/** Plain words, and behind them nothing but brackets, dots and options. */
function isPathWithNotation(text: string): boolean {
  const words = text
    .replace(/\[[^[\]]*\]|<[^<>]*>/g, ' ')
    // `<box>|<lid>`, `[day:]<box>|all`
    .replace(/(?<=\s)\|\S*/g, ' ')
    .replace(/(?:^|\s)(?:\.{3}[\]>)]*|--?[a-z]\S*)(?=\s|$)/g, ' ');
  return words.trim() !== text && /^[a-z][\w:.@+-]*(?: [a-z][\w-]*){0,4}\s*$/.test(words);
}

/** A name alone, with placeholders at most; its text stands below, or nowhere. */
export function isNameAlone(line: TextLine): boolean {
  // `box list [<flags>] <day>`: a path with operands.
  const head = line.text.slice(line.first).trim();
  // `with --late.`: the end of a sentence.
  if (/[^.\s]\.$/.test(head)) return false;
  if (/^\{[^\s{}]{1,800}\}$/.test(head) || isPathWithNotation(head.slice(0, 500))) return true;
  // `<late boxes>`
  if (/^<[A-Za-z][^<>]{0,60}>(?:\.{3})?$/.test(head)) return true;
  // `box (b, bx)`: with other names.
  if (/^[\w.:@+-]{1,60} \([\w.:@+-]{1,60}(?:, [\w.:@+-]{1,60}){1,8}\)$/.test(head)) return true;
  return /^[^\s,.;:!?]+(?:\.{3}|…)?(?:,? [a-z][\w-]*)?(?:,? (?:[<[{(]\S*|\.{3}[\]>)]*|[A-Z][A-Z0-9_.-]*|--?[a-z]\S*)){0,8}$/.test(
    head.slice(0, 200),
  );
}
