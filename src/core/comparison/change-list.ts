import { listKey } from '../collections/list-key.ts';
import type { Json } from '../findings/finding.ts';
import { LEVELS, type Level } from '../findings/level.ts';
import { compareCodeUnits, comparePlaces, type Place } from '../source/source.ts';
import { likelyAmong } from './abbreviations/likely-words.ts';
import { type Change, EFFECTS, type Effect, type NotCompared, type WordRange } from './change.ts';
import type { ChangeKind } from './change-kinds.ts';

/** A change as those who find it say it; what is left out is none. */
export interface NewChange {
  readonly kind: ChangeKind;
  readonly effect: Effect;
  /** Whether all that it rests on is stated; a change that rests on less is a warning at the most. */
  readonly certain?: boolean;
  /** The level where it is not that of the effect. */
  readonly level?: Level;
  readonly command: readonly string[];
  readonly subject: string;
  readonly before?: Json;
  readonly after?: Json;
  readonly message: string;
  readonly oldPlace?: Place | undefined;
  readonly newPlace?: Place | undefined;
  readonly words?: readonly WordRange[];
}

/** Takes the changes as they are found. */
export class ChangeList {
  readonly #changes: Change[] = [];
  readonly #notCompared: NotCompared[] = [];
  readonly #told = new Set<WordRange>();

  add(change: NewChange): void {
    const { certain = true, effect } = change;
    const words = this.untold(change.words ?? []);
    for (const range of words) this.#told.add(range);
    this.#changes.push({
      kind: change.kind,
      effect,
      level: change.level ?? levelOf(effect, certain),
      command: change.command,
      subject: change.subject,
      before: change.before ?? null,
      after: change.after ?? null,
      message: change.message,
      oldPlace: change.oldPlace ?? null,
      newPlace: change.newPlace ?? null,
      words,
      likely: likelyAmong(words),
    });
  }

  /** The ranges that no change has yet: each word is told once. */
  untold(ranges: readonly WordRange[]): WordRange[] {
    return ranges.filter((range) => !this.#told.has(range));
  }

  /** Takes names that the old version has and the new one, whose list may be a part, does not show. */
  leaveOut(command: readonly string[], what: NotCompared['what'], names: readonly string[]): void {
    if (names.length === 0) return;
    this.#notCompared.push({
      command,
      what,
      names,
      reason: `it is not known whether the new version lists all its ${what}`,
      remedy: "say 'complete: true' in a document, or give --complete if the sources show everything",
    });
  }

  /** The changes, the worst first; among equals those with likely words first, then in the order of their places. */
  changes(): Change[] {
    const rank = ({ effect }: Change) => EFFECTS.indexOf(effect);
    const byWords = ({ kind, likely }: Change) =>
      kind.startsWith('abbreviation-') || kind.startsWith('name-') ? (likely.length > 0 ? 0 : 1) : 2;
    return this.#changes.toSorted(
      (a, b) =>
        rank(a) - rank(b) ||
        LEVELS.indexOf(a.level) - LEVELS.indexOf(b.level) ||
        byWords(a) - byWords(b) ||
        comparePlaces(a.newPlace ?? a.oldPlace, b.newPlace ?? b.oldPlace) ||
        compareCodeUnits(listKey(a.command), listKey(b.command)) ||
        compareCodeUnits(a.kind, b.kind) ||
        compareCodeUnits(a.subject, b.subject),
    );
  }

  notCompared(): readonly NotCompared[] {
    return this.#notCompared;
  }
}

function levelOf(effect: Effect, certain: boolean): Level {
  if (effect === 'compatible' || effect === 'wording') return 'note';
  return certain && effect !== 'uncertain' ? 'error' : 'warning';
}
