import { COVERED_KINDS, type KindCoverage } from '../coverage/coverage.ts';
import type { Fix } from '../findings/fix.ts';
import type { OfferedWord } from '../model/inventory.ts';
import type { Place } from '../source/source.ts';
import { scriptPlace, wordPlace } from './completion-places.ts';
import { type Check, type CheckId, type CheckInfo, defineCheck } from './define-check.ts';
import { wordTakenOut } from './word-taken-out.ts';

/** A word of a completion that a check objects to. */
export interface ObjectionableWord {
  readonly name: string;
  /** The option or operand whose value it is. */
  readonly subject: string | undefined;
  readonly word: OfferedWord | undefined;
  /** Why, where there are several reasons. */
  readonly reason?: string;
}

export type WordData = {
  readonly shell: string;
  readonly name: string;
  readonly subject: string | null;
  readonly reason: string | null;
};

interface OfferedWordCheck<Name extends CheckId> extends Omit<CheckInfo<Name>, 'standard' | 'since'> {
  readonly wordsOf: (kind: KindCoverage) => readonly ObjectionableWord[];
  readonly message: (data: WordData) => string;
  readonly fix: (data: WordData) => string;
  /** Whether to take the word out is all that there is to do. */
  readonly isTakenOut?: boolean;
}

/** Makes a check of single words that completion offers: one finding for each, however many commands a script offers it at. */
export function offeredWordCheck<const Name extends CheckId>({
  wordsOf,
  message,
  fix,
  isTakenOut = false,
  ...info
}: OfferedWordCheck<Name>): Check<Name, WordData> {
  return defineCheck({
    ...info,
    standard: 'practice',
    since: 5,
    message,
    fix,
    judge(view, report) {
      for (const covered of view.coverage) {
        const told = new Set<string>();
        for (const { command, kinds } of covered.commands) {
          for (const kind of COVERED_KINDS) {
            report.judged(kinds[kind].offered.length);
            for (const { name, subject, word, reason } of wordsOf(kinds[kind])) {
              const place = wordPlace(word?.place ?? scriptPlace(name, covered), covered);
              const id = JSON.stringify([name, subject, place?.start]);
              if (told.has(id)) continue;
              told.add(id);
              report.finding({
                command,
                subject: subject === undefined ? name : `${subject}=${name}`,
                data: { shell: covered.shell, name, subject: subject ?? null, reason: reason ?? null },
                place,
                // Of a script that does not load nothing is certain.
                fixes: isTakenOut && covered.inventory.fault === undefined ? takenOutFix(place) : [],
              });
            }
          }
        }
      }
    },
  });
}

function takenOutFix(place: Place): Fix[] {
  const edits = wordTakenOut(place);
  return edits.length === 0 ? [] : [{ kind: 'edit', edits }];
}
