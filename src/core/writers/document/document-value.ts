/** The contents of a document before they are written. Mappings are Maps, since their keys may be names of any kind. */
export type DocumentValue = string | number | boolean | null | readonly DocumentValue[] | DocumentMap;

export type DocumentMap = ReadonlyMap<string, DocumentValue>;

/** A word of a command line: as a number or a truth where it reads back the same, so that it needs no quotes. */
export function wordValue(text: string): DocumentValue {
  if (text === 'true' || text === 'false') return text === 'true';
  return /^-?\d{1,15}(?:\.\d{1,15})?$/.test(text) && String(Number(text)) === text ? Number(text) : text;
}
