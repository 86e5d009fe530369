import type { WordScope } from './word-scope.ts';

/**
 * Whether a name that the new version does not show begins another name there, so that it stands for something else now, or is refused: whatever the list of
 * the new version leaves out, nobody who typed it gets what it was. Where the list may be a part and the parser is not known to accept abbreviations, only a
 * name that came with the new version shows that.
 */
export function isReplaced(name: string, old: WordScope, newer: WordScope): boolean {
  if (newer.accepted?.value !== true && (newer.kind !== 'options' || newer.accepted !== undefined))
    return false;
  const { verdict, names } = newer.resolve(name);
  if (verdict === 'exact') return false;
  const isKnownGone = newer.accepted !== undefined || newer.complete?.value === true;
  return names.some((other) => isKnownGone || old.resolve(other).verdict !== 'exact');
}
