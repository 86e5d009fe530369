import type { CallChange } from '../../callers/changed-calls.ts';
import { EFFECTS, type Effect } from '../../comparison/change.ts';
import { fingerprint } from '../../findings/fingerprint.ts';
import type { Level } from '../../findings/level.ts';
import type { Problem } from '../../source/problem.ts';
import { type AnsweredWhatIf, type ComparedSides, EFFECT_TITLES } from '../comparison-words.ts';
import { editsWithin } from './edits-within.ts';
import type { ReportItem, ReportItems, ReportRule } from './report-items.ts';

const WHY: Readonly<Record<Effect, string>> = {
  'other-meaning': 'Callers that nobody touched do something else, and nobody is told.',
  refused: 'Callers that nobody touched fail.',
  uncertain: 'Whether callers fail depends on what is not known of the parser.',
  compatible: 'Callers go on as before.',
  wording: 'Only people who read the texts notice it.',
};

const LEVELS: Readonly<Record<Effect, Level>> = {
  'other-meaning': 'error',
  refused: 'error',
  uncertain: 'warning',
  compatible: 'note',
  wording: 'note',
};

const CALLER_RULES = {
  'other-meaning': {
    name: 'callers/other-meaning',
    title: 'A call means something else',
    why: WHY['other-meaning'],
    level: 'error',
  },
  refused: { name: 'callers/refused', title: 'A call is refused', why: WHY.refused, level: 'warning' },
} as const satisfies Record<CallChange['effect'], Omit<ReportRule, 'outcome'>>;

/** What changed between two versions, by what it comes to for callers, and the calls that were looked for. */
export function comparisonItems(
  { title, comparison, callers }: ComparedSides,
  problems: readonly Problem[],
): ReportItems {
  const changes = comparison.changes.map(
    (change): ReportItem => ({
      rule: `changes/${change.effect}`,
      level: change.level,
      message: change.message,
      place: change.newPlace ?? change.oldPlace,
      related:
        change.newPlace !== null && change.oldPlace !== null
          ? [{ place: change.oldPlace, note: 'before' }]
          : [],
      command: change.command,
      fix: '',
      fingerprint: fingerprint(['change', change.kind, ...change.command, change.subject]),
      edits: [],
    }),
  );
  const editsAt = editsWithin(callers?.edits.edits ?? []);
  const calls = (callers?.changed ?? []).flatMap(({ invocation, changes: all }) =>
    all.map(
      ({ effect, message, place, instead }): ReportItem => ({
        rule: CALLER_RULES[effect].name,
        level: CALLER_RULES[effect].level,
        message,
        place,
        related: [],
        command: invocation.command,
        fix: instead === undefined ? '' : `write '${instead}'`,
        fingerprint: fingerprint([
          'call',
          effect,
          place.source.name,
          ...invocation.words.map(({ text }) => text),
          message,
        ]),
        edits: editsAt(place),
      }),
    ),
  );
  const items = [...changes, ...calls];
  const rules = [
    ...EFFECTS.map((effect) => ({
      name: `changes/${effect}`,
      title: EFFECT_TITLES[effect],
      why: WHY[effect],
      level: LEVELS[effect],
    })),
    ...(callers === undefined ? [] : Object.values(CALLER_RULES)),
  ].map((rule): ReportRule => {
    const isMet = items.some((item) => item.rule === rule.name);
    return { ...rule, outcome: isMet ? 'items' : 'clean' };
  });
  return { title, items, passedOver: [], rules, problems };
}

/** What added names would change. */
export function whatIfItems(answers: readonly AnsweredWhatIf[], problems: readonly Problem[]): ReportItems {
  const all = answers.map(({ asked, comparison, callers }) =>
    comparisonItems({ title: `with ${asked}`, comparison, callers }, []),
  );
  const rules = new Map<string, ReportRule>();
  for (const rule of all.flatMap((one) => one.rules))
    if (rules.get(rule.name)?.outcome !== 'items') rules.set(rule.name, rule);
  return {
    title: all.map(({ title }) => title).join(', '),
    items: all.flatMap(({ title, items }) =>
      items.map((item) => ({ ...item, message: `${title}: ${item.message}` })),
    ),
    passedOver: [],
    rules: [...rules.values()],
    problems,
  };
}
