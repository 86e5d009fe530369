import type { Place } from '../../source/source.ts';

/** The place of a word within a longer one, such as a list in quotes; the whole where it does not stand there as it is. */
export function narrowedPlace(place: Place, word: string): Place {
  if (place === null || word === '') return place;
  const text = place.source.text.slice(place.start, place.end);
  for (let at = text.indexOf(word); at >= 0; at = text.indexOf(word, at + 1)) {
    const end = at + word.length;
    if (/[\w-]/.test(text[at - 1] ?? ' ') || /[\w-]/.test(text[end] ?? ' ')) continue;
    return { source: place.source, start: place.start + at, end: place.start + end };
  }
  return place;
}
