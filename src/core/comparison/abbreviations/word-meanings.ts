import { sharedLength } from '../../abbreviations/shared-length.ts';
import { addTo } from '../../collections/grouped.ts';
import type { AllowedValue } from '../../model/argument.ts';
import type { Command } from '../../model/command.ts';
import { mainName, type Option } from '../../model/option.ts';
import { compareCodeUnits } from '../../source/source.ts';
import type { WordRange } from '../change.ts';
import type { CommandPair, Pairing } from '../pairing/pairing.ts';
import { valuePairs } from '../pairing/value-pairs.ts';
import { isReplaced } from './replaced-names.ts';
import { commandWords, type Meaning, optionWords, type Thing, type WordScope } from './word-scope.ts';

/** Words of the old version that do not mean what they did, because of one thing. */
export interface Shift {
  readonly outcome: 'taken-over' | 'ambiguous';
  /** What they stood for. */
  readonly old: Thing;
  /** What they stand for now, or what makes them ambiguous. */
  readonly cause: Meaning;
  readonly ranges: WordRange[];
  readonly pair: CommandPair;
  /** Whether one of the words is a full name in the old version, or the very name of the cause in the new one. */
  wasName: boolean;
  isName: boolean;
  /** How far the old parser is known to accept the words. */
  readonly standing: Conformity;
}

/**
 * `certain`: stated, in a list that is complete; `likely`: by all that is known; `possible`: acceptance is not known; `either`: it is not known, but where the
 * words are not accepted, they are refused.
 */
export type Conformity = 'certain' | 'likely' | 'possible' | 'either';

/** What every name and abbreviation of the old version comes to in the new one, as far as that differs. */
export interface WordMeanings {
  readonly shifts: readonly Shift[];
  /** Words that stand for nothing any more, by what they stood for. */
  readonly refused: ReadonlyMap<Thing, readonly WordRange[]>;
  /** Words that a changed parsing rule refuses, by the command of the old version where they were typed. */
  readonly refusedByRule: ReadonlyMap<Command, readonly WordRange[]>;
  /** Of these words, those that stood for one name of a thing. */
  refusedOf(thing: Thing, name: string): readonly WordRange[];
  /** What a full name of a thing comes to. */
  nameOutcome(thing: Thing, name: string): Outcome | undefined;
}

/** `perhaps-same`: a name that is still an abbreviation, where it is not known whether the parser accepts those. */
export type Outcome =
  | 'same'
  | 'perhaps-same'
  | 'refused'
  | 'refused-by-rule'
  | 'taken-over'
  | 'ambiguous'
  | 'not-judged';

interface Judged {
  readonly word: string;
  readonly outcome: Outcome;
  readonly old: Meaning;
  readonly cause: Meaning | undefined;
  readonly name: string;
  readonly after: readonly string[];
  readonly wasName: boolean;
  readonly isName: boolean;
  readonly standing: Conformity;
}

/** Compares the meaning of every word: of the long options, the subcommands, and the values of each command that both versions have. */
export function compareWordMeanings(pairing: Pairing): WordMeanings {
  const meanings = new Meanings(pairing);
  for (const pair of pairing.pairs) {
    meanings.compare(pair, optionWords(pair.old), optionWords(pair.newer));
    meanings.compare(pair, commandWords(pair.old), commandWords(pair.newer));
    for (const [old, newer] of valuePairs(pair, pairing)) meanings.compare(pair, old, newer);
  }
  return meanings;
}

class Meanings implements WordMeanings {
  readonly #pairing: Pairing;
  readonly #shifts = new Map<string, Shift>();
  readonly #outcomes = new Map<Thing, Map<string, Outcome>>();
  readonly #ids = new Map<object, number>();
  readonly refused = new Map<Thing, WordRange[]>();
  readonly #refusedByName = new Map<Thing, Map<string, WordRange[]>>();
  readonly refusedByRule = new Map<Command, WordRange[]>();

  constructor(pairing: Pairing) {
    this.#pairing = pairing;
  }

  get shifts(): readonly Shift[] {
    return [...this.#shifts.values()];
  }

  refusedOf(thing: Thing, name: string): readonly WordRange[] {
    return this.#refusedByName.get(thing)?.get(name) ?? [];
  }

  nameOutcome(thing: Thing, name: string): Outcome | undefined {
    return this.#outcomes.get(thing)?.get(name);
  }

  compare(pair: CommandPair, old: WordScope, newer: WordScope): void {
    if (old.names.length === 0) return;
    const names = new Set(old.names);
    const words = [...new Set([...old.abbreviations(), ...names])].sort(compareCodeUnits);
    let open: { key: string; range: { from: string; to: string }; add: () => void } | undefined;
    const close = () => {
      open?.add();
      open = undefined;
    };
    for (const word of words) {
      const judged = this.#judge(word, old, newer, names.has(word));
      if (judged === undefined) continue;
      if (judged.wasName) this.#note(judged.old.thing, word, judged.outcome);
      if (['same', 'perhaps-same', 'not-judged'].includes(judged.outcome)) {
        close();
        continue;
      }
      const key = this.#keyOf(judged);
      if (open?.key === key && isNext(open.range.to, word)) {
        open.range.to = word;
        this.#extend(judged, old, pair);
        continue;
      }
      close();
      const range = { from: word, to: word };
      open = { key, range, add: () => this.#add(judged, range, old, pair) };
      this.#extend(judged, old, pair);
    }
    close();
  }

  #judge(word: string, old: WordScope, newer: WordScope, wasName: boolean): Judged | undefined {
    const meant = old.meaningOf(word);
    if (meant === undefined) return undefined;
    const { names } = old.resolve(word);
    const found = newer.resolve(word);
    const is = newer.meaningOf(word);
    const counterpart = this.#counterpart(meant.thing, old.kind, newer);
    const name = names[0] ?? word;
    const replaced = isReplaced(name, old, newer);
    const judged = (outcome: Outcome, cause?: Meaning): Judged => ({
      standing: standingOf(outcome, wasName, replaced, old, newer),
      word,
      outcome,
      old: meant,
      cause,
      name,
      after: found.names,
      wasName,
      isName: found.verdict === 'exact',
    });
    const isExact = found.verdict === 'exact';
    if (is !== undefined && is.thing === counterpart && is.negated === meant.negated)
      return judged(wasName && !isExact && newer.accepted === undefined ? 'perhaps-same' : 'same');
    // A thing that a partial list does not show may still be there.
    if (counterpart === undefined && newer.complete?.value !== true && !isExact && !replaced)
      return judged('not-judged');
    if (is !== undefined) {
      // Whether an abbreviation of another thing is accepted in the place of a name must be known.
      const isTaken = isExact || newer.accepted?.value === true || !wasName || replaced;
      return isTaken ? judged('taken-over', is) : judged('refused');
    }
    if (found.verdict === 'ambiguous') {
      const cause = this.#principal(word, name, counterpart, newer, old);
      return cause === undefined ? judged('refused-by-rule') : judged('ambiguous', cause);
    }
    const isRule = !wasName && newer.accepted?.value === false && old.accepted?.value !== false;
    return judged(isRule ? 'refused-by-rule' : 'refused');
  }

  /** What a thing is in the new version: the same option or command, or the value of the same text. */
  #counterpart(thing: Thing, kind: WordScope['kind'], newer: WordScope): Thing | undefined {
    if (kind === 'options') {
      // An option that is the same as another one stands for that.
      const same = this.#pairing.options.get(thing as Option);
      return same?.sameAs === undefined ? same : (newer.meaningOf(mainName(same).text)?.thing ?? same);
    }
    if (kind === 'commands') return this.#pairing.commands.get(thing as Command);
    const text = (thing as AllowedValue).value;
    const exact = newer.resolve(text);
    return exact.verdict === 'exact' ? newer.meaningOf(text)?.thing : undefined;
  }

  /** Of the things that an ambiguous word begins, the other one that shares most with the name that it stood for; new ones first. */
  #principal(
    word: string,
    name: string,
    counterpart: Thing | undefined,
    newer: WordScope,
    old: WordScope,
  ): Meaning | undefined {
    const rank = (other: string) => Number(old.resolve(other).verdict !== 'exact');
    const [best] = newer
      .resolve(word)
      .names.flatMap((other) => {
        const meaning = newer.meaningOf(other);
        return meaning === undefined || meaning.thing === counterpart ? [] : [{ other, meaning }];
      })
      .sort(
        (a, b) =>
          rank(b.other) - rank(a.other) ||
          sharedLength(b.other, name) - sharedLength(a.other, name) ||
          compareCodeUnits(a.other, b.other),
      );
    return best?.meaning;
  }

  #keyOf({ outcome, old, cause, name }: Judged): string {
    // Ranges of one thing are told by the name of it that they begin.
    return JSON.stringify([
      outcome,
      this.#id(old.thing),
      old.negated,
      name,
      cause === undefined ? 0 : this.#id(cause.thing),
    ]);
  }

  #id(thing: object): number {
    const known = this.#ids.get(thing);
    if (known !== undefined) return known;
    this.#ids.set(thing, this.#ids.size + 1);
    return this.#ids.size;
  }

  #note(thing: Thing, name: string, outcome: Outcome): void {
    const outcomes = this.#outcomes.get(thing) ?? new Map<string, Outcome>();
    // At commands below, an inherited option may fare otherwise than where it is declared; the first one counts.
    if (!outcomes.has(name)) outcomes.set(name, outcome);
    this.#outcomes.set(thing, outcomes);
  }

  /** The shift that a word belongs to, made where it is the first. */
  #shiftOf(judged: Judged, old: WordScope, pair: CommandPair): Shift | undefined {
    const { outcome, cause, standing } = judged;
    if (cause === undefined || (outcome !== 'taken-over' && outcome !== 'ambiguous')) return undefined;
    // One new name may break words of several things at several commands: that is one shift. So is one thing that an old name takes over.
    const isNew = !this.#isKnown(cause.thing, old);
    const id = JSON.stringify([
      outcome,
      this.#id(cause.thing),
      isNew ? 0 : this.#id(judged.old.thing),
      standing,
    ]);
    const known = this.#shifts.get(id);
    if (known !== undefined) return known;
    const shift: Shift = {
      outcome,
      old: judged.old.thing,
      cause,
      ranges: [],
      pair,
      wasName: false,
      isName: false,
      standing,
    };
    this.#shifts.set(id, shift);
    return shift;
  }

  /** Whether the old version has a thing of the new one. */
  #isKnown(thing: Thing, old: WordScope): boolean {
    return 'value' in thing ? old.resolve(thing.value).verdict === 'exact' : this.#pairing.known.has(thing);
  }

  #extend(judged: Judged, old: WordScope, pair: CommandPair): void {
    const shift = this.#shiftOf(judged, old, pair);
    if (shift === undefined) return;
    shift.wasName ||= judged.wasName;
    shift.isName ||= judged.isName;
  }

  #add(judged: Judged, range: { from: string; to: string }, old: WordScope, pair: CommandPair): void {
    const ranged: WordRange = {
      command: old.at.path,
      scope: old.kind,
      ...range,
      name: judged.name,
      after: judged.after,
    };
    const shift = this.#shiftOf(judged, old, pair);
    if (shift !== undefined) shift.ranges.push(ranged);
    else if (judged.outcome === 'refused-by-rule') addTo(this.refusedByRule, old.at.command, ranged);
    else {
      const { thing } = judged.old;
      addTo(this.refused, thing, ranged);
      const byName = this.#refusedByName.get(thing) ?? new Map<string, WordRange[]>();
      this.#refusedByName.set(thing, byName);
      addTo(byName, ranged.name, ranged);
    }
  }
}

function standingOf(
  outcome: Outcome,
  wasName: boolean,
  replaced: boolean,
  old: WordScope,
  newer: WordScope,
): Conformity {
  if (replaced && outcome === 'taken-over' && newer.accepted === undefined) return 'either';
  if (wasName || replaced) return 'certain';
  if (old.accepted === undefined) return 'possible';
  return old.accepted.basis !== 'inferred' && old.complete?.value === true ? 'certain' : 'likely';
}

function isNext(before: string, word: string): boolean {
  return word.length === before.length + 1 && word.startsWith(before);
}
