import type { TextEdit } from '../../edits/text-edits.ts';
import type { RelatedPlace } from '../../findings/finding.ts';
import { LEVELS, type Level } from '../../findings/level.ts';
import type { Problem } from '../../source/problem.ts';
import type { Place } from '../../source/source.ts';

/** One thing that a report tells, whatever it is a report about. */
export interface ReportItem {
  /** The name of its rule. */
  readonly rule: string;
  readonly level: Level;
  /** One sentence without a full stop. */
  readonly message: string;
  /** Where it stands; null where it stands nowhere in a text. */
  readonly place: Place;
  /** Other places that it speaks of. */
  readonly related: readonly RelatedPlace[];
  /** The path of the command that it concerns, the program's name first. */
  readonly command: readonly string[];
  /** What to do, in one line; empty where there is nothing more to say. */
  readonly fix: string;
  /** The same for the same thing when lines move. */
  readonly fingerprint: string;
  /** Edits that surely fix it. */
  readonly edits: readonly TextEdit[];
}

/** What items have in common. */
export interface ReportRule {
  /** Its name, such as `help/option-undescribed`. */
  readonly name: string;
  /** What is wrong, in a few words. */
  readonly title: string;
  /** Whom it hurts and how. */
  readonly why: string;
  /** The level that its items have by themselves. */
  readonly level: Level;
  /** How it ended: some rules find nothing, and some cannot be judged. */
  readonly outcome: 'items' | 'clean' | 'not-judged' | 'not-applicable';
}

/** The items that are graver than notes, the gravest first. */
export function graveItems(items: readonly ReportItem[]): ReportItem[] {
  return LEVELS.filter((level) => level !== 'note').flatMap((level) =>
    items.filter((item) => item.level === level),
  );
}

/** What a report tells, for formats that list one thing after another. */
export interface ReportItems {
  /** What the report is about, such as `tiffin`. */
  readonly title: string;
  /** In the order of the report. */
  readonly items: readonly ReportItem[];
  /** What is accepted and not told, each with why. */
  readonly passedOver: readonly { readonly item: ReportItem; readonly because: string }[];
  /** The rules that were looked at, each once; those of all items among them. */
  readonly rules: readonly ReportRule[];
  /** What was wrong with the sources. */
  readonly problems: readonly Problem[];
}
