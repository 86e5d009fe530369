import type { AuditView } from '../../audit-view.ts';
import { groupedBy } from '../../collections/grouped.ts';
import type { ExitStatus } from '../../model/interface.ts';
import { wordsOf } from '../../words/text-likeness.ts';
import { defineCheck, type Reporter } from '../define-check.ts';
import { toldTexts } from '../told-texts.ts';

type Unclear = {
  readonly status: string;
  readonly kind: 'twice' | 'zero' | 'over' | 'alone' | 'unlisted' | 'copied';
};

/** One finding for each exit status that is told with two meanings or has the text of another, and one where success is told as an error. */
export const exitStatusUnclear = defineCheck({
  name: 'help/exit-status-unclear',
  level: 'warning',
  title: 'An exit status is told with two meanings, or 0 is told as an error',
  why: 'Scripts branch on the status. With two meanings they cannot, and an error that ends with 0 passes as success.',
  standard: 'POSIX XCU 1.4, Exit Status',
  needs: ['the exit statuses in the help or the document'],
  since: 7,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]... BOX\n\n  -q  say nothing\n\nExit status:\n  0  all boxes arrived\n  1  some came late\n  1  the quay is unknown\n',
    right:
      'Usage: tiffin [OPTION]... BOX\n\n  -q  say nothing\n\nExit status:\n  0  all boxes arrived\n  1  some came late\n  2  the quay is unknown\n',
    nearMiss:
      'Usage: tiffin [OPTION]... BOX\n\n  -q  say nothing\n\nExit status:\n  0  no error occurred\n  1  some boxes came late\n  >0  an error occurred\n',
  },
  judge(view, report) {
    const statuses = view.interface.exitStatuses;
    const seen = new Map<number, ExitStatus>();
    for (const one of statuses) {
      report.judged();
      const found = faultOf(one, seen);
      if (one.from === one.to && !seen.has(one.from)) seen.set(one.from, one);
      if (found === undefined) continue;
      report.finding({
        command: [view.interface.program.value],
        subject: String(one.from),
        data: { status: String(one.from), kind: found.kind },
        place: one.place,
        related: found.other === undefined ? [] : [{ place: found.other.place, note: 'told first here' }],
      });
    }
    reportCopied(view, statuses, report);
    const [only, ...more] = statuses;
    if (only?.from === 0 && only.to === 0 && more.length === 0)
      report.finding({
        command: [view.interface.program.value],
        subject: '0',
        data: { status: '0', kind: 'alone' },
        place: only.place,
        level: 'note',
      });
    if (statuses.length >= LEAST_LISTED) reportUnlisted(view, statuses, report);
  },
  message: ({ status, kind }: Unclear) => MESSAGES[kind](status),
  fix: ({ kind }) => FIXES[kind],
});

const MESSAGES: { readonly [K in Unclear['kind']]: (status: string) => string } = {
  zero: () => 'the exit status 0 is told as an error',
  over: (status) => `the exit status ${status} cannot be: a shell sees the last eight bits of it`,
  twice: (status) => `the exit status ${status} is told with two meanings`,
  alone: () => 'of the exit statuses only 0 is told',
  copied: (status) => `the exit status ${status} has the text of another`,
  unlisted: (status) => `a text tells of the exit status ${status}, which the list lacks`,
};

const FIXES: { readonly [K in Unclear['kind']]: string } = {
  zero: 'end with another status, and keep 0 for success',
  over: 'use a status from 0 to 125',
  twice: 'give each meaning a status of its own',
  alone: 'say with which status the program ends where it fails',
  copied: 'say how the two differ',
  unlisted: 'add it to the list, or correct the text',
};

/** So many statuses make a list of which one may be missed. */
const LEAST_LISTED = 2;

/** `exit with status 3`, `the exit code is 3`, `exits with 3`. */
const TOLD =
  /\bexit(?:s|ing)? (?:with )?(?:(?:status|code|value) )?(\d{1,3})\b|\bexit (?:status|code|value) (?:is |of |will be )?(\d{1,3})\b/gi;

/** Statuses of which a text tells and the list does not. */
function reportUnlisted(view: AuditView, statuses: readonly ExitStatus[], report: Reporter<Unclear>): void {
  const isListed = (status: number) => statuses.some(({ from, to }) => status >= from && status <= to);
  for (const { command, path } of view.described) {
    for (const { text, place } of toldTexts(command)) {
      const told = [...text.matchAll(TOLD)].map(([, one, other]) => Number(one ?? other));
      const unlisted = told.find((status) => !isListed(status));
      if (unlisted !== undefined)
        report.finding({
          command: path,
          subject: String(unlisted),
          data: { status: String(unlisted), kind: 'unlisted' },
          place,
          level: 'note',
        });
    }
  }
}

/** Statuses whose text is word for word that of one before: whoever branches on them cannot tell what they mean. */
function reportCopied(view: AuditView, statuses: readonly ExitStatus[], report: Reporter<Unclear>): void {
  const byText = groupedBy(statuses, ({ help }) => help?.value.trim().toLowerCase());
  for (const [first, second] of byText.values()) {
    if (first === undefined || second === undefined || first.from === second.from) continue;
    report.finding({
      command: [view.interface.program.value],
      subject: String(second.from),
      data: { status: String(second.from), kind: 'copied' },
      place: second.place,
      related: [{ place: first.place, note: 'has the same text' }],
      level: 'note',
    });
  }
}

function faultOf(
  { from: status, to, help }: ExitStatus,
  seen: ReadonlyMap<number, ExitStatus>,
): { readonly kind: Unclear['kind']; readonly other: ExitStatus | undefined } | undefined {
  const text = help?.value ?? '';
  if (to > MOST) return { kind: 'over', other: undefined };
  if (status !== to) return undefined;
  if (status === 0 && ERROR.test(text) && !NO_ERROR.test(text.replace(CANNOT, '')))
    return { kind: 'zero', other: undefined };
  const other = seen.get(status);
  const [own, before] = [wordsOf(text), wordsOf(other?.help?.value ?? '')];
  const isOpposite = DENIES.test(text) !== DENIES.test(other?.help?.value ?? '');
  const isSame =
    own.size === 0 || before.size === 0 || (!isOpposite && [...own].every((word) => before.has(word)));
  return other === undefined || isSame ? undefined : { kind: 'twice', other };
}

/** No status is larger. */
const MOST = 255;

/** `no line matched` is the opposite of `a line matched`. */
const DENIES = /\b(?:no|not|none|without)\b/i;

const ERROR =
  /\b(?:errors?|fail(?:ed|s|ures?)?|invalid|cannot|can(?:not|’t|'t)|could(?: not|n’t|n't)|unable|wrong|bad|missing|refused|denied|timed out|unknown|malformed)\b/i;

/** `could not be hauled`: the word denies no error. */
const CANNOT = /\b(?:can|could) ?not\b/gi;

/** `no error`, `without errors`, `if it did not fail`, `success, else an error`. */
const NO_ERROR = /\b(?:no|not|without|never|none|success\w*|ok|otherwise|else|unless|even)\b/i;
