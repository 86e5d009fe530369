import { LikelyLetters } from './likely-letters.ts';

/** What may follow where another spelling is looked for. */
const NEXT = [...'abcdefghijklmnopqrstuvwxyz-'];

/** What begins as one of some names does, and goes on otherwise than all known names; the likeliest first. */
export function otherStarts(names: readonly string[], known: readonly string[]): string[] {
  const letters = new LikelyLetters(known);
  const begun = new Set(known.flatMap((name) => [...startsOf(name), name]));
  const others = [...new Set(names.flatMap(startsOf))].flatMap((start) =>
    NEXT.map((next) => ({ text: start + next, likelihood: letters.likelihood(start, next) })),
  );
  return others
    .filter(({ text }) => !begun.has(text))
    .sort((a, b) => b.likelihood - a.likelihood)
    .map(({ text }) => text);
}

/** What a name begins with, the shortest first, without the whole of it. */
function startsOf(name: string): string[] {
  return [...name].slice(1).map((_, i) => name.slice(0, i + 1));
}
