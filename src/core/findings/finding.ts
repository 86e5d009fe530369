import type { DoubtReason } from '../source/doubt.ts';
import type { Place } from '../source/source.ts';
import type { Fix } from './fix.ts';
import type { Level } from './level.ts';

/** Data that is plain JSON. */
export type Json = string | number | boolean | null | readonly Json[] | { readonly [key: string]: Json };

/** Another place that a finding speaks of. */
export interface RelatedPlace {
  /** Where that is. */
  readonly place: Place;
  /** What stands there. */
  readonly note: string;
}

/** One departure that a check found, by the name and the data of that check. */
export interface Finding<Name extends string = string, Data extends Json = Json> {
  /** The check's name, `area/what-is-wrong`. */
  readonly check: Name;
  /** How grave it is: the check's level, unless settings or a doubt say otherwise. */
  readonly level: Level;
  /** One sentence without a full stop. */
  readonly message: string;
  /** The path of the command that it concerns, the program's name first. */
  readonly command: readonly string[];
  /** The option, operand or command it is about, as it is typed. */
  readonly subject: string;
  /** What the message was made from. */
  readonly data: Data;
  /** Where it stands; null where it stands nowhere in a text. */
  readonly place: Place;
  /** Other places that it speaks of. */
  readonly related: readonly RelatedPlace[];
  /** The text at the place, quoted; empty where there is no place. */
  readonly evidence: string;
  /** What to do, in one line. */
  readonly fix: string;
  /** Why the place may have been misread: the finding is a note then, whatever its check would make of it. Null where it was surely read. */
  readonly unsure: DoubtReason | null;
  /** Where the program's source declares the option that it is about, as `FILE:LINE`; null where that is not known. */
  readonly declaredAt: string | null;
  /** What it tells of, where that is several things alike, each accepted by itself; else its subject alone. */
  readonly members: readonly string[];
  /** What surely fixes it, as far as there is anything: several where it tells of several things. */
  readonly fixes: readonly Fix[];
  /** The line of help output as it should be; null for other sources, and where that is not certain. */
  readonly corrected: string | null;
  /** The same for the same departure when lines move. */
  readonly fingerprint: string;
}

/** Something that a check could not judge, because a fact is lacking. */
export interface NotJudged<Name extends string = string> {
  /** The check's name. */
  readonly check: Name;
  /** The name of the source. */
  readonly source: string;
  /** The path of the command, the program's name first. */
  readonly command: readonly string[];
  /** How many options, operands or commands it concerns. */
  readonly count: number;
  /** What is not known. */
  readonly reason: string;
  /** What to do so that it can be judged. */
  readonly remedy: string;
}

/** How a check ended: the four outcomes of every check. */
export type Outcome = 'findings' | 'clean' | 'not-applicable' | 'not-judged';
