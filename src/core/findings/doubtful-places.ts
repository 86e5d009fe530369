import type { Doubt, DoubtReason } from '../source/doubt.ts';
import type { Place, Source } from '../source/source.ts';
import type { Finding } from './finding.ts';

/** A source with its parts that may have been misread. */
interface DoubtedSource {
  readonly source: Source;
  readonly doubts: readonly Doubt[];
}

/** The places of sources that may have been misread. */
export class DoubtfulPlaces {
  /** By source, in the order of their beginnings. */
  readonly #doubts = new Map<Source, readonly Doubt[]>();

  constructor(sources: readonly DoubtedSource[]) {
    for (const { source, doubts } of sources)
      if (doubts.length > 0)
        this.#doubts.set(
          source,
          doubts.toSorted((a, b) => a.place.start - b.place.start),
        );
  }

  /** A finding as it may be told: one that rests on what may have been misread is a note, and says why. */
  settled(finding: Finding): Finding {
    if (this.#doubts.size === 0) return finding;
    const unsure = [finding.place, ...finding.related.map(({ place }) => place)]
      .map((place) => this.#at(place))
      .find((reason) => reason !== undefined);
    return unsure === undefined ? finding : { ...finding, level: 'note', unsure };
  }

  /** Why a place may have been misread; undefined where it was surely read. */
  #at(place: Place): DoubtReason | undefined {
    if (place === null) return undefined;
    for (const doubt of this.#doubts.get(place.source) ?? []) {
      if (doubt.place.start >= place.end) return undefined;
      if (doubt.place.end > place.start) return doubt.reason;
    }
    return undefined;
  }
}
