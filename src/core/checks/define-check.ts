import type { AuditView } from '../audit-view.ts';
import type { Finding, Json, NotJudged, Outcome, RelatedPlace } from '../findings/finding.ts';
import { fingerprint } from '../findings/fingerprint.ts';
import type { Level } from '../findings/level.ts';
import { printable } from '../source/printable.ts';
import type { Place } from '../source/source.ts';

/** What a check declares of itself; its name is `area/what-is-wrong`, and its file bears it. */
export interface CheckInfo {
  readonly name: `${string}/${string}`;
  readonly level: Level;
  /** What it finds, in a few words. */
  readonly title: string;
  /** Whom it hurts and how. */
  readonly why: string;
  /** The standard and section that it rests on, or `practice`. */
  readonly standard: string;
  /** The facts that it needs, in words. */
  readonly needs: readonly string[];
  /** The version of the catalogue that it came in. */
  readonly since: number;
  /** Where its level was raised in a later version of the catalogue: in which, and from what. */
  readonly raised?: { readonly since: number; readonly from: Level };
  /**
   * Help outputs or interface documents: one with exactly one finding of this check, two with none. Where the check is about
   * extensions, all three are audited with the one given.
   */
  readonly examples: {
    readonly wrong: string;
    readonly right: string;
    readonly nearMiss: string;
    readonly extension?: string;
    /** Where the check is about completion: the scripts that each of the three is held against. */
    readonly completions?: Readonly<Record<'wrong' | 'right' | 'nearMiss', readonly string[]>>;
  };
}

/** A check whose data are hidden, as the catalogue lists it. */
export interface Check extends CheckInfo {
  /** Runs the check over one interface. */
  readonly run: (view: AuditView) => CheckResult;
}

export interface CheckResult {
  readonly check: string;
  readonly outcome: Outcome;
  readonly findings: readonly Finding[];
  readonly notJudged: readonly NotJudged[];
  /** How many options, operands or commands were judged. */
  readonly judged: number;
}

/** What a check says of one departure. */
export interface Departure<D extends Json> {
  readonly command: readonly string[];
  readonly subject: string;
  readonly data: D;
  readonly place: Place;
  readonly related?: readonly RelatedPlace[];
  /** Where it is not the check's own. */
  readonly level?: Level;
}

/** What a check reports to as it runs. */
export interface Reporter<D extends Json> {
  finding(departure: Departure<D>): void;
  /** Counts things that could be judged, found at fault or not. */
  judged(count?: number): void;
  notJudged(lacking: Omit<NotJudged, 'check' | 'source'> & { readonly place: Place }): void;
}

interface CheckDefinition<D extends Json> extends CheckInfo {
  readonly judge: (view: AuditView, report: Reporter<D>) => void;
  readonly message: (data: D) => string;
  readonly fix: (data: D) => string;
}

const EVIDENCE_LIMIT = 160;

/** Makes a check of its declaration. */
export function defineCheck<D extends Json>(definition: CheckDefinition<D>): Check {
  const { judge, message, fix, ...info } = definition;
  const run = (view: AuditView): CheckResult => {
    const findings: Finding[] = [];
    const notJudged: NotJudged[] = [];
    let judged = 0;
    judge(view, {
      finding: ({ command, subject, data, place, related = [], level = info.level }) => {
        findings.push({
          check: info.name,
          level,
          message: message(data),
          command,
          subject,
          data,
          place,
          related,
          evidence: quote(place),
          fix: fix(data),
          unsure: null,
          fingerprint: fingerprint([info.name, command.join(' '), subject]),
        });
      },
      judged: (count = 1) => {
        judged += count;
      },
      notJudged: ({ place, ...lacking }) => {
        const source = place?.source.name ?? view.interface.sources[0]?.source.name ?? '';
        notJudged.push({ check: info.name, source, ...lacking });
      },
    });
    return {
      check: info.name,
      outcome: outcomeOf(findings.length, notJudged.length, judged),
      findings,
      notJudged,
      judged,
    };
  };
  return { ...info, run };
}

function outcomeOf(findings: number, notJudged: number, judged: number): Outcome {
  if (findings > 0) return 'findings';
  if (notJudged > 0) return 'not-judged';
  return judged > 0 ? 'clean' : 'not-applicable';
}

function quote(place: Place): string {
  if (place === null) return '';
  const text = place.source.text.slice(place.start, Math.min(place.end, place.start + EVIDENCE_LIMIT));
  return printable(text.replace(/\s+/g, ' ').trim());
}
