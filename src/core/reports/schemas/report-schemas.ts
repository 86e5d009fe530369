import { EFFECTS, RELEASES } from '../../comparison/change.ts';
import { CHANGE_KINDS } from '../../comparison/change-kinds.ts';
import { COVERED_KINDS } from '../../coverage/coverage.ts';
import { LEVELS } from '../../findings/level.ts';
import { SOURCE_KINDS } from '../../model/interface.ts';
import { SHELLS } from '../../model/inventory.ts';
import {
  anything,
  HEAD,
  integer,
  keys,
  list,
  oneOf,
  orNull,
  path,
  place,
  type ReportSchema,
  report,
  said,
  text,
  truth,
} from './json-schema.ts';

const level = said(oneOf(LEVELS), 'How grave it is.');
const columnUnit = said({ const: 'utf-16' }, 'What columns count.');
const outcome = oneOf(['findings', 'clean', 'not-applicable', 'not-judged']);

const finding = keys({
  check: said(text, 'The name of the check, area/what-is-wrong.'),
  level,
  message: said(text, 'One sentence without a full stop.'),
  command: path,
  subject: said(text, 'The option, operand or command, as it is typed.'),
  data: said(anything, 'What the message was made from; its form is that of the check.'),
  place: orNull(place),
  related: list(keys({ place: orNull(place), note: text })),
  evidence: said(text, 'The text at the place.'),
  fix: said(text, 'What to do, in one line.'),
  corrected: said(orNull(text), 'The line of help output as it should be, where that is certain.'),
  edits: said(
    list(keys({ place: orNull(place), text })),
    'Edits of the sources that fix it, where these are certain.',
  ),
  unsure: said(orNull(text), 'Why the place may have been misread.'),
  declaredAt: said(orNull(text), "Where the program's source declares the option, as FILE:LINE."),
  members: said(list(text), 'What it tells of, where that is several things alike.'),
  fingerprint: said(text, 'The same for the same departure when lines move.'),
});

const acceptedEntry = keys({ at: text, check: text, of: text, because: text, until: orNull(text) });

const rule = keys({
  program: text,
  section: text,
  label: text,
  asks: text,
  standing: text,
  count: integer,
  evidence: orNull(text),
  examples: list(keys({ subject: text, command: path, place: orNull(place) })),
  supply: said(orNull(text), 'What to supply so that it can be judged.'),
});

const problem = keys({
  code: text,
  message: text,
  place: orNull(place),
  source: text,
  consequence: oneOf(['unusable', 'mistake', 'partly-read']),
});

const auditReport = report(
  'Audit',
  'What `dabbawala audit --format=json` prints.',
  keys({
    ...HEAD,
    columnUnit,
    sources: list(
      keys({
        name: text,
        kind: oneOf(SOURCE_KINDS),
        program: text,
        command: path,
        width: said(orNull(integer), 'The columns that help output was printed for.'),
        lines: said(
          orNull(keys({ read: integer, unread: integer })),
          'How many lines have a role, and how many have none.',
        ),
      }),
    ),
    findings: list(finding),
    accepted: keys({
      passedOver: list(
        keys({ check: text, command: path, members: list(text), fingerprint: text, because: list(text) }),
      ),
      gone: said(list(acceptedEntry), 'Accepted, and found no more.'),
      due: said(list(acceptedEntry), 'Accepted until a day that has passed.'),
    }),
    notJudged: list(
      keys({ check: text, source: text, command: path, count: integer, reason: text, supply: text }),
    ),
    judged: list(keys({ check: text, outcome, judged: integer })),
    conformance: keys({ posix: list(rule), gnu: list(rule) }),
    problems: said(list(problem), 'What was wrong with the sources.'),
  }),
);

const wordRange = keys({
  command: path,
  scope: oneOf(['options', 'commands', 'values']),
  from: text,
  to: text,
  name: text,
  after: list(text),
});

const change = keys({
  kind: oneOf(CHANGE_KINDS),
  effect: said(oneOf(EFFECTS), 'What it comes to for callers.'),
  level,
  command: path,
  subject: text,
  before: anything,
  after: anything,
  message: text,
  places: list(keys({ version: oneOf(['old', 'new']), source: text, start: anything, end: anything })),
  words: said(list(wordRange), 'The words that no longer mean what they did.'),
  likely: said(list(text), 'Those that callers are likely to have taken for names.'),
});

const release = said(oneOf(RELEASES), 'The kind of release that the changes call for.');

const changedCallers = keys({
  files: integer,
  calls: integer,
  changed: list(
    keys({
      place,
      command: path,
      changes: list(
        keys({ effect: oneOf(['other-meaning', 'refused']), message: text, place, instead: text }, [
          'instead',
        ]),
      ),
    }),
  ),
});

const comparisonReport = report(
  'Comparison',
  'What `dabbawala compare OLD NEW --format=json` prints.',
  keys(
    {
      ...HEAD,
      title: text,
      columnUnit,
      release,
      releaseIsLeast: said(truth, 'Whether something could not be compared, so that more may be called for.'),
      changes: list(change),
      notCompared: list(keys({ command: path, what: text, names: list(text), reason: text, supply: text })),
      clashes: list(keys({ extensions: list(text), changes: list(change) })),
      callers: changedCallers,
    },
    ['callers'],
  ),
);

const addedNamesReport = report(
  'Added names',
  'What `dabbawala compare OLD --add=NAME --format=json` prints.',
  keys({
    ...HEAD,
    columnUnit,
    added: list(
      keys(
        {
          name: text,
          release,
          changes: list(change),
          harmless: said(list(text), 'Names that would break nobody instead.'),
          callers: changedCallers,
        },
        ['callers'],
      ),
    ),
  }),
);

const offeredThing = keys({
  name: text,
  subject: orNull(text),
  description: orNull(text),
  place: orNull(place),
});
const lackingThing = keys({ name: text, subject: orNull(text) });

/** A mapping from each kind of what completion offers. */
function byKind(schema: ReportSchema): ReportSchema {
  return keys(Object.fromEntries(COVERED_KINDS.map((kind) => [kind, schema])));
}

const coverageReport = report(
  'Coverage',
  'What `dabbawala coverage --format=json` prints.',
  keys({
    ...HEAD,
    columnUnit,
    shells: list(
      keys({
        shell: oneOf(SHELLS),
        observed: said(truth, 'Whether a real shell was asked, or only the script read.'),
        source: orNull(text),
        fault: orNull(text),
        commands: list(
          keys({
            command: path,
            kinds: byKind(
              keys({
                offered: list(offeredThing),
                missing: list(lackingThing),
                undecided: list(lackingThing),
                stale: list(offeredThing),
                wrong: list(keys({ name: text, reason: text, place: orNull(place) })),
                notInterface: list(offeredThing),
                withdrawn: list(offeredThing),
              }),
            ),
          }),
        ),
        totals: byKind(anything),
        unread: list(keys({ what: text, place: orNull(place) })),
      }),
    ),
  }),
);

const abbreviation = { role: oneOf(['command', 'option']), text, name: text, command: path };

const callersReport = report(
  'Callers',
  'What `dabbawala callers --format=json` prints.',
  keys({
    ...HEAD,
    files: integer,
    invocations: list(
      keys({
        place,
        kind: text,
        sure: said(truth, 'Whether the file surely runs it.'),
        command: path,
        words: list(
          keys({
            index: integer,
            text,
            parts: said(list(anything), 'What each part of the word is.'),
            literal: said(truth, 'Whether nothing in it is expanded.'),
            place: orNull(place),
          }),
        ),
        problems: list(keys({ code: text, message: text, word: orNull(integer) })),
        abbreviations: list(keys({ ...abbreviation, place })),
      }),
    ),
    abbreviations: list(keys({ ...abbreviation, uses: integer })),
  }),
);

/** The JSON Schemas (draft 2020-12) of the reports in JSON, by the name of their file. */
export const REPORT_SCHEMAS: Readonly<Record<string, ReportSchema>> = {
  'audit-report': auditReport,
  'comparison-report': comparisonReport,
  'added-names-report': addedNamesReport,
  'coverage-report': coverageReport,
  'callers-report': callersReport,
};
