import type { Audit } from '../audit.ts';
import { addTo, groupedBy } from '../collections/grouped.ts';
import { listKey } from '../collections/list-key.ts';
import type { Effect } from '../comparison/change.ts';
import { compareInterfaces } from '../comparison/compare-interfaces.ts';
import { editsByFile, type TextEdit } from '../edits/text-edits.ts';
import { type AuditFixes, NO_FIXES } from '../findings/audit-fixes.ts';
import type { Finding } from '../findings/finding.ts';
import type { InterfaceFix, OfferFix } from '../findings/fix.ts';
import { isAtLeast } from '../findings/level.ts';
import { inFile, type Source } from '../source/source.ts';
import { completionEdits } from './completion-fixes.ts';
import { DocumentFixer, type WantedFix } from './document-fixes.ts';
import { orderEdit, rangeOf, type SortedEntries } from './sorted-entries.ts';

/** The same audit of texts in which edits were made; undefined where they can no longer be read. */
export type AuditAgain = (edits: readonly TextEdit[]) => Audit | undefined;

/** So many audits are made to find the fixes that bring something else. */
const MOST_AUDITS = 60;

/** So much those audits may cost in all: one costs a unit for each finding, and for each hundred characters that it reads. */
const MOST_COST = 20_000;

/** Changes that a caller may notice. */
const HURTING: ReadonlySet<Effect> = new Set(['other-meaning', 'refused', 'uncertain']);

/**
 * What surely fixes the findings of an audit in their own texts: made all together, the edits leave no finding that they fix, bring no new one,
 * and break no caller. `again` makes the same audit of edited texts.
 */
export function fixAudit(audit: Audit, again: AuditAgain): AuditFixes {
  const candidates = candidatesOf(audit);
  if (candidates.length === 0) return NO_FIXES;
  const trial = new Trial(audit, again);
  trial.addAll(candidates);
  const byFinding = new Map<Finding, TextEdit[]>();
  for (const one of trial.kept) for (const edit of resolved([one]) ?? []) addTo(byFinding, one.finding, edit);
  const left = trial.left.map(({ one: { finding }, because }) => ({ finding, because }));
  return { edits: resolved(trial.kept) ?? [], byFinding, left };
}

/** A fix of a finding, as it would be made. */
type Candidate = { readonly finding: Finding } & (
  | { readonly wanted: WantedFix; readonly fixer: DocumentFixer }
  /** Edits of the very text. */
  | { readonly wanted: undefined; readonly edits: readonly TextEdit[]; readonly reveals?: string }
);

function candidatesOf({ interfaces, findings }: Audit): Candidate[] {
  const fixersOf = (program: string) =>
    documentsOf(program, interfaces).flatMap((source) => DocumentFixer.of(source) ?? []);
  const wanted = findings.flatMap((finding) =>
    finding.fixes.map((fix) => ({
      finding,
      fix,
      one:
        fix.kind === 'edit' || fix.kind === 'offer'
          ? undefined
          : { command: 'command' in fix ? fix.command : finding.command, fix },
    })),
  );
  const byProgram = groupedBy(wanted, ({ finding }) => finding.command[0] ?? '');
  const placed = new Map<WantedFix, DocumentFixer[]>();
  for (const [program, all] of byProgram)
    for (const fixer of fixersOf(program))
      for (const one of fixer.fix(all.flatMap((each) => each.one ?? [])).keys()) addTo(placed, one, fixer);
  return wanted.flatMap(({ finding, fix, one }): Candidate[] => {
    if (one !== undefined) return (placed.get(one) ?? []).map((fixer) => ({ finding, wanted: one, fixer }));
    if (fix.kind === 'edit') return [{ finding, wanted: undefined, ...fix }];
    const edits = fix.kind === 'offer' ? offerEdits(finding, fix, interfaces) : [];
    return edits.length === 0 ? [] : [{ finding, wanted: undefined, edits }];
  });
}

/** The edits of the completion script that a finding names. */
function offerEdits(
  { related }: Finding,
  fix: OfferFix,
  interfaces: Audit['interfaces'],
): readonly TextEdit[] {
  const script = related[0]?.place?.source;
  const cli = interfaces.find(({ program }) => program.value === fix.command[0]);
  return script === undefined || cli === undefined ? [] : completionEdits(cli, script, fix);
}

function documentsOf(program: string, interfaces: Audit['interfaces']): Source[] {
  return interfaces
    .filter((cli) => cli.program.value === program)
    .flatMap(({ sources }) => sources.flatMap(({ source, kind }) => (kind === 'document' ? [source] : [])));
}

/** The edits of some fixes, those within a sorted list in its new order; undefined where they have no sure place together. */
function resolved(candidates: readonly Candidate[]): TextEdit[] | undefined {
  const edits: TextEdit[] = [];
  const sorted: SortedEntries[] = [];
  const wanted = new Map<DocumentFixer, WantedFix[]>();
  for (const one of candidates) {
    if (one.wanted !== undefined) addTo(wanted, one.fixer, one.wanted);
    else for (const edit of one.edits) edits.push(edit);
  }
  for (const [fixer, all] of wanted) {
    const made = fixer.fix(all);
    if (made.size < all.length) return undefined;
    for (const one of made.values()) {
      for (const edit of one.edits) edits.push(edit);
      for (const list of one.sorted) sorted.push(list);
    }
  }
  return inOrder(edits, sorted);
}

/** Edits with those within a sorted list made in its new order. */
function inOrder(edits: readonly TextEdit[], sorted: readonly SortedEntries[]): TextEdit[] {
  const plain = editsByFile(edits).flatMap((file) => file.edits);
  if (sorted.length === 0) return plain;
  const ranges = sorted.map((one) => ({ one, ...rangeOf(one.parts) }));
  const isWithin = (edit: TextEdit, { one, start, end }: (typeof ranges)[number]) => {
    const place = inFile(edit.place);
    return place.source === one.source && place.start >= start && place.end <= end;
  };
  const outside = plain.filter((edit) => !ranges.some((range) => isWithin(edit, range)));
  const orders = ranges.map((range) =>
    orderEdit(
      range.one,
      plain.filter((edit) => isWithin(edit, range)),
    ),
  );
  return editsByFile([...outside, ...orders]).flatMap((file) => file.edits);
}

function costOf({ interfaces, findings }: Audit): number {
  const sources = new Set(interfaces.flatMap((cli) => cli.sources.map(({ source }) => source)));
  const read = [...sources].reduce((length, { text }) => length + text.length, 0);
  return 1 + findings.length + read / 100;
}

/** Finds the fixes that can be made together. */
class Trial {
  readonly kept: Candidate[] = [];
  left: { readonly one: Candidate; readonly because: string }[] = [];
  readonly #audit: Audit;
  readonly #again: AuditAgain;
  #auditsLeft: number;

  constructor(audit: Audit, again: AuditAgain) {
    this.#audit = audit;
    this.#again = again;
    this.#auditsLeft = Math.min(MOST_AUDITS, Math.ceil(MOST_COST / costOf(audit)));
  }

  /** Keeps those of some fixes that bring nothing else: what would by itself may not beside those that were kept behind it. */
  addAll(candidates: readonly Candidate[]): void {
    for (let next = candidates, count = -1; next.length > 0 && this.kept.length > count; ) {
      count = this.kept.length;
      this.left = [];
      this.#add(next);
      next = this.left.map(({ one }) => one);
    }
  }

  #add(candidates: readonly Candidate[]): void {
    const [first] = candidates;
    if (first === undefined) return;
    const fault = this.#auditsLeft-- > 0 ? this.#faultOf([...this.kept, ...candidates]) : 'it was not tried';
    if (fault === undefined) {
      for (const one of candidates) this.kept.push(one);
      return;
    }
    if (candidates.length === 1) {
      this.left.push({ one: first, because: fault });
      return;
    }
    const middle = Math.ceil(candidates.length / 2);
    this.#add(candidates.slice(0, middle));
    this.#add(candidates.slice(middle));
  }

  /** What some fixes would bring beside fixing; undefined where they bring nothing. */
  #faultOf(candidates: readonly Candidate[]): string | undefined {
    const edits = resolved(candidates);
    const after = edits === undefined ? undefined : this.#again(edits);
    if (after === undefined) return 'no edit of the text is certain';
    const hurting = this.#audit.interfaces.flatMap((cli) => {
      const same = after.interfaces.find(({ program }) => program.value === cli.program.value);
      return same === undefined
        ? []
        : compareInterfaces(cli, same).changes.filter(({ effect }) => HURTING.has(effect));
    });
    const [worst] = hurting;
    if (worst !== undefined) return `it would break callers: ${worst.message}`;
    const known = knownFindings(this.#audit.findings, candidates);
    const revealed = new Set(candidates.map((one) => (one.wanted === undefined ? one.reveals : undefined)));
    const come = after.findings.find((finding) => !known.has(keyOf(finding)) && !revealed.has(finding.check));
    if (come !== undefined) return `it would bring another finding: ${come.message}`;
    const found = new Map(after.findings.map((finding) => [keyOf(finding), finding]));
    const stays = candidates.find(({ finding, wanted }) =>
      isStill(found.get(keyOf(finding)), finding, wanted?.fix),
    );
    return stays === undefined ? undefined : 'the finding would stay';
  }
}

/** Whether a finding still tells of what was to be fixed. */
function isStill(after: Finding | undefined, before: Finding, fix: InterfaceFix | undefined): boolean {
  // What callers wrote may be a word that only somebody could write.
  if (after === undefined || !isAtLeast(after.level, before.level)) return false;
  const name = fix === undefined || fix.kind === 'sort-options' ? undefined : fix.name;
  const isOneOfSeveral = name !== undefined && before.members.length > 1 && before.members.includes(name);
  return !isOneOfSeveral || after.members.includes(name);
}

/** The findings that there were, also by the names that things have afterwards. */
function knownFindings(findings: readonly Finding[], candidates: readonly Candidate[]): ReadonlySet<string> {
  const renamed = new Map<string, string>();
  for (const { fix } of candidates.flatMap(({ wanted }) => wanted ?? []))
    if (fix.kind === 'rename-option' || fix.kind === 'rename-command') renamed.set(fix.name, fix.to);
  const now = (word: string) => renamed.get(word) ?? word;
  return new Set(
    findings.flatMap((finding) => [
      keyOf(finding),
      // A finding about several things is told under the first that is left.
      ...finding.members.flatMap((subject) => [
        keyOf({ ...finding, subject }),
        keyOf({ ...finding, subject: now(subject), command: finding.command.map(now) }),
      ]),
    ]),
  );
}

function keyOf({ check, command, subject }: Pick<Finding, 'check' | 'command' | 'subject'>): string {
  return listKey([check, ...command, subject]);
}
