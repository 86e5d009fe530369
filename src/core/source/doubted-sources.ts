import { firstIndex } from '../collections/first-index.ts';
import type { Doubt, DoubtReason } from './doubt.ts';
import type { Place, Source } from './source.ts';

/** A source with its parts that may have been misread. */
interface DoubtedSource {
  readonly source: Source;
  readonly doubts: readonly Doubt[];
}

/** The doubts of one source in the order of their beginnings, each with the one that reaches farthest up to there. */
interface OrderedDoubts {
  readonly doubts: readonly Doubt[];
  readonly farthest: readonly Doubt[];
}

/** The places of sources that may have been misread. */
export class DoubtedSources {
  readonly #doubts = new Map<Source, OrderedDoubts>();

  constructor(sources: readonly DoubtedSource[]) {
    for (const { source, doubts } of sources)
      if (doubts.length > 0) this.#doubts.set(source, ordered(doubts));
  }

  /** Whether everything was surely read. */
  get isSure(): boolean {
    return this.#doubts.size === 0;
  }

  /** Why one of some places may have been misread, the first that may; undefined where all were surely read. */
  reasonAt(places: readonly Place[]): DoubtReason | undefined {
    for (const place of places) {
      const reason = this.#at(place);
      if (reason !== undefined) return reason;
    }
    return undefined;
  }

  #at(place: Place): DoubtReason | undefined {
    const known = place === null ? undefined : this.#doubts.get(place.source);
    if (place === null || known === undefined) return undefined;
    // The last one that begins before the place ends.
    const behind = firstIndex(known.doubts, (doubt) => doubt.place.start < place.end);
    const farthest = known.farthest[behind - 1];
    return farthest !== undefined && farthest.place.end > place.start ? farthest.reason : undefined;
  }
}

function ordered(given: readonly Doubt[]): OrderedDoubts {
  const doubts = given.toSorted((a, b) => a.place.start - b.place.start);
  const farthest: Doubt[] = [];
  for (const doubt of doubts) {
    const before = farthest.at(-1);
    farthest.push(before === undefined || doubt.place.end > before.place.end ? doubt : before);
  }
  return { doubts, farthest };
}
