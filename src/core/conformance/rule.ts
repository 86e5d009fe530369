import type { AuditView } from '../audit-view.ts';
import type { Standard } from '../model/interface.ts';
import type { Place } from '../source/source.ts';

/** How an interface stands to one rule of a standard. `by design`: it departs as every program with such features does. */
export type Conformity = 'meets' | 'departs' | 'by design' | 'not judged';

/** A thing that a judgement rests on. */
export interface Instance {
  /** The option, operand or command, as it is typed. */
  readonly subject: string;
  /** The path of its command, the program's name first. */
  readonly command: readonly string[];
  /** Where it stands. */
  readonly place: Place;
}

/** What holding an interface against a rule came to. */
export interface Judgement {
  /** How the interface stands to the rule. */
  readonly standing: Conformity;
  /** How many things were judged, or, where it departs, how many depart. */
  readonly count: number;
  /** What was seen, or which fact is lacking. */
  readonly evidence: string;
  /** The things that depart; empty where it does not. */
  readonly instances: readonly Instance[];
  /** For what is not judged: what to do so that it can be judged; undefined where there is nothing to judge. */
  readonly remedy?: string;
}

/** A rule of a standard and how an interface is held against it. */
export interface Rule {
  readonly standard: Standard;
  /** The rule's number or section, such as `Guideline 7`. */
  readonly section: string;
  /** What it is about, in two or three words. */
  readonly label: string;
  /** What it asks, in a few words. */
  readonly asks: string;
  readonly judge: (view: AuditView) => Judgement;
}

/** A row of a conformance table. */
export interface ConformanceRow extends Judgement {
  /** The rule's number or section, such as `Guideline 7`. */
  readonly section: string;
  /** What the rule is about, in two or three words. */
  readonly label: string;
  /** What the rule asks, in a few words. */
  readonly asks: string;
}

/** The table of one standard for one interface. */
export function judgeRules(rules: readonly Rule[], view: AuditView): ConformanceRow[] {
  return rules.map(({ section, label, asks, judge }) => ({
    section,
    label,
    asks,
    ...judge(view),
  }));
}

/** A fact is lacking: which, and what to do about it. */
export function notJudged(evidence: string, remedy: string): Judgement {
  return { standing: 'not judged', count: 0, evidence, instances: [], remedy };
}

/** There is nothing of its kind, and no fact would change that. */
export function nothingToJudge(evidence: string): Judgement {
  return { standing: 'not judged', count: 0, evidence, instances: [] };
}

/** `departs` with the instances, or `meets` with the number of things judged. */
export function departsOrMeets(
  instances: readonly Instance[],
  judged: number,
  departing: string,
  meeting: string,
): Judgement {
  return instances.length > 0
    ? {
        standing: 'departs',
        count: instances.length,
        evidence: departing,
        instances,
      }
    : { standing: 'meets', count: judged, evidence: meeting, instances: [] };
}
