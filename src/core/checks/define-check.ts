import type { AuditView } from '../audit-view.ts';
import { correctedLine } from '../findings/corrected-line.ts';
import type { Finding, Json, NotJudged, Outcome, RelatedPlace } from '../findings/finding.ts';
import { fingerprint } from '../findings/fingerprint.ts';
import type { Fix } from '../findings/fix.ts';
import type { Level } from '../findings/level.ts';
import { MisuseError } from '../messages/misuse-error.ts';
import { printable } from '../source/printable.ts';
import type { Place } from '../source/source.ts';
import { MemberLists } from './member-lists.ts';

/** The name of a check: its area, and what is wrong. */
export type CheckId = `${string}/${string}`;

/** The area of a check, which is the first part of its name. */
export function areaOf(name: string): string {
  return name.slice(0, name.indexOf('/'));
}

/** What a check declares of itself; its file bears its name. */
export interface CheckInfo<Name extends CheckId = CheckId> {
  /** Its name, `area/what-is-wrong`. */
  readonly name: Name;
  /** The level of its findings. */
  readonly level: Level;
  /** What it finds, in a few words. */
  readonly title: string;
  /** Whom it hurts and how. */
  readonly why: string;
  /** The standard and section that it rests on, or `practice`. */
  readonly standard: string;
  /** The facts that it needs, in words. */
  readonly needs: readonly string[];
  /** The version of the catalogue that it came in; undefined for a check that is not of the catalogue. */
  readonly since?: number;
  /** Where its level was raised in a later version of the catalogue: in which, and from what. */
  readonly raised?: {
    /** The version of the catalogue in which it was raised. */
    readonly since: number;
    /** The level that it had before. */
    readonly from: Level;
  };
  /**
   * Help outputs or interface documents: one with exactly one finding of this check, two with none. Where the check is about
   * extensions, or about several sources, all three are audited with the one given.
   */
  readonly examples: {
    /** A text with exactly one finding. */
    readonly wrong: string;
    /** The same without the mistake. */
    readonly right: string;
    /** What looks like the mistake, and is none. */
    readonly nearMiss: string;
    /** The document of an extension that all three are audited with. */
    readonly extension?: string;
    /** A second source of the same program that all three are joined with. */
    readonly beside?: string;
    /** Where the check is about completion: the scripts that each of the three is held against. */
    readonly completions?: Readonly<Record<'wrong' | 'right' | 'nearMiss', readonly string[]>>;
  };
}

/** A check as a catalogue lists it, by its name and by what its findings are made from. */
export interface Check<Name extends CheckId = CheckId, Data extends Json = Json> extends CheckInfo<Name> {
  /** Runs the check over one interface. */
  readonly run: (view: AuditView) => CheckResult<Name, Data>;
  /** A finding of the check without some of its members, worded anew; as it is where the check cannot tell of the others alone. */
  readonly without: (finding: Finding, members: ReadonlySet<string>) => Finding;
}

/** How a check ended over one interface. */
export interface CheckResult<Name extends CheckId = CheckId, Data extends Json = Json> {
  /** The check's name. */
  readonly check: Name;
  /** How it ended. */
  readonly outcome: Outcome;
  /** What it found. */
  readonly findings: readonly Finding<Name, Data>[];
  /** What it could not judge. */
  readonly notJudged: readonly NotJudged<Name>[];
  /** How many options, operands or commands were judged. */
  readonly judged: number;
}

/** The finding of a check, by the types of its name and its data. */
export type FindingOf<AnyCheck extends Check> =
  AnyCheck extends Check<infer Name, infer Data> ? Finding<Name, Data> : never;

/** What a check says of one departure. */
export interface Departure<Data extends Json> {
  /** The path of the command, the program's name first. */
  readonly command: readonly string[];
  /** The option, operand or command, as it is typed. */
  readonly subject: string;
  /** What message and fix are made from. */
  readonly data: Data;
  /** Where it stands. */
  readonly place: Place;
  /** Other places that it speaks of. */
  readonly related?: readonly RelatedPlace[];
  /** Where it is not the check's own. */
  readonly level?: Level;
  /** What surely fixes it; nothing where not given. */
  readonly fixes?: readonly Fix[];
}

/** What a check reports to as it runs. */
export interface Reporter<Data extends Json> {
  /** Tells one departure. */
  finding(departure: Departure<Data>): void;
  /** Counts things that could be judged, found at fault or not. */
  judged(count?: number): void;
  /** Tells that a fact is lacking. */
  notJudged(lacking: Omit<NotJudged, 'check' | 'source'> & { readonly place: Place }): void;
}

/** A check as it is declared: what it is, how it judges, and how its findings are worded from their data. */
export interface CheckDefinition<Name extends CheckId, Data extends Json> extends CheckInfo<Name> {
  /** Looks at one interface and tells the reporter what is wrong, what was judged, and what could not be. */
  readonly judge: (view: AuditView, report: Reporter<Data>) => void;
  /** The list in the data that has what a finding tells of: `names` or `subjects` where not given, if there is one. */
  readonly members?: MemberList<Data>;
  /** Whether the members of a finding have nothing to do with each other, so that it can be told of some of them alone. */
  readonly apart?: boolean;
  /** One sentence in lower case without a full stop. */
  readonly message: (data: Data) => string;
  /** What to do, in one line. */
  readonly fix: (data: Data) => string;
}

/** A list, and what each of its items is called. */
export interface MembersIn<Key, Item> {
  /** The key of the list in the data. */
  readonly list: Key;
  /** What an item is called: the option, operand or command that it is about. */
  readonly nameOf: (item: Item) => string;
}

/** A list in the data of a finding, and what each of its items is called. */
export type MemberList<Data> = {
  [Key in keyof Data]: Data[Key] extends readonly (infer Item)[] ? MembersIn<Key, Item> : never;
}[keyof Data];

const EVIDENCE_LIMIT = 160;

const CHECK_NAME = /^[a-z][a-z0-9]*(?:-[a-z0-9]+)*\/[a-z][a-z0-9]*(?:-[a-z0-9]+)*$/;

/**
 * Makes a check of its declaration. The type of its data is that of the parameter of `message`, which therefore is written out there: findings
 * bear it, so that who compares `finding.check` with the name has `finding.data` typed.
 */
export function defineCheck<const Name extends CheckId, Data extends Json>(
  definition: CheckDefinition<Name, Data>,
): Check<Name, Data> {
  const { judge, message, fix, members, apart = false, ...info } = definition;
  const lists = new MemberLists(members);
  if (!CHECK_NAME.test(info.name))
    throw new MisuseError({
      argument: 'defineCheck: name',
      expected: "'area/what-is-wrong' in small letters",
      found: info.name,
    });
  const run = (view: AuditView): CheckResult<Name, Data> => {
    const findings: Finding<Name, Data>[] = [];
    const notJudged: NotJudged<Name>[] = [];
    let judged = 0;
    judge(view, {
      finding: ({ command, subject, data, place, related = [], level = info.level, fixes = [] }) => {
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
          declaredAt: view.declaredAt(command, subject),
          members: lists.membersOf(data, subject),
          fixes,
          corrected: view.isHelp(place) ? correctedLine(place, fixes) : null,
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
  const without = (finding: Finding, left: ReadonlySet<string>): Finding => {
    const data = apart ? lists.without(finding.data, finding.subject, left) : undefined;
    if (data === undefined) return finding;
    // It is this check's own finding, and its data keep their type with fewer items.
    const own = data as Data;
    return {
      ...finding,
      data,
      message: message(own),
      fix: fix(own),
      members: finding.members.filter((member) => !left.has(member)),
      fixes: finding.fixes.filter((fix) => !('name' in fix) || !left.has(fix.name)),
    };
  };
  return { ...info, run, without };
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
