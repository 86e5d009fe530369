import type { Doubt, DoubtReason } from '../source/doubt.ts';
import type { Place, Source } from '../source/source.ts';
import type { Finding } from './finding.ts';

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
export class DoubtfulPlaces {
  readonly #doubts = new Map<Source, OrderedDoubts>();

  constructor(sources: readonly DoubtedSource[]) {
    for (const { source, doubts } of sources)
      if (doubts.length > 0) this.#doubts.set(source, ordered(doubts));
  }

  /** A finding as it may be told: one that rests on what may have been misread is a note, and says why. */
  settled<AnyFinding extends Finding>(finding: AnyFinding): AnyFinding {
    if (this.#doubts.size === 0) return finding;
    const unsure = [finding.place, ...finding.related.map(({ place }) => place)]
      .map((place) => this.#at(place))
      .find((reason) => reason !== undefined);
    return unsure === undefined ? finding : { ...finding, level: 'note', unsure };
  }

  /** Why a place may have been misread; undefined where it was surely read. */
  #at(place: Place): DoubtReason | undefined {
    const known = place === null ? undefined : this.#doubts.get(place.source);
    if (place === null || known === undefined) return undefined;
    // The last one that begins before the place ends.
    let low = 0;
    let high = known.doubts.length;
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((known.doubts[middle]?.place.start ?? 0) < place.end) low = middle + 1;
      else high = middle;
    }
    const farthest = known.farthest[low - 1];
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
