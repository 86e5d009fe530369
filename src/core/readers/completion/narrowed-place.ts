import type { Place } from '../../source/source.ts';

/** How many times a list may be gone over in search of words that do not stand in it as they are. */
const PASSES_LIMIT = 20;

/** The place of a word within a longer one, such as a specification in quotes; the whole where it does not stand there as it is. */
export function narrowedPlace(place: Place, word: string): Place {
  return new WordPlaces(place).of(word);
}

/** The places of the words of a list that stands in one place, such as a list in quotes. */
export class WordPlaces {
  readonly #place: Place;
  readonly #text: string;
  /** Where the last word that was found ends: the next one comes behind it. */
  #behind = 0;
  #left: number;

  constructor(place: Place) {
    this.#place = place;
    this.#text = place === null ? '' : place.source.text.slice(place.start, place.end);
    this.#left = PASSES_LIMIT * this.#text.length;
  }

  /** The place of the next word; the whole list where it does not stand there as it is. */
  of(word: string): Place {
    const place = this.#place;
    if (place === null || word === '' || this.#left <= 0) return place;
    const start = this.#behind;
    for (let at = this.#text.indexOf(word, start); at >= 0; at = this.#text.indexOf(word, at + 1)) {
      const end = at + word.length;
      if (/[\w-]/.test(this.#text[at - 1] ?? ' ') || /[\w-]/.test(this.#text[end] ?? ' ')) continue;
      this.#behind = end;
      return { source: place.source, start: place.start + at, end: place.start + end };
    }
    this.#left -= this.#text.length - start;
    return place;
  }
}
