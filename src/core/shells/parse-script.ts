import { type ParsedScript, parse } from 'unbash';

/** More here-documents are not begun in one line: the grammar looks through all of them for each. */
const HERE_DOCUMENTS_LIMIT = 500;

/** Takes a script apart by the grammar of bash; one that begins more here-documents in a line than anybody writes is read up to that line. */
export function parseScript(text: string): ParsedScript {
  let end = 0;
  for (const line of text.split('\n')) {
    if ((line.match(/<</g)?.length ?? 0) > HERE_DOCUMENTS_LIMIT) return parse(text.slice(0, end));
    end += line.length + 1;
  }
  return parse(text);
}
