import type { CallersFound, Invocation } from '../../callers/find-callers.ts';
import { namesInFull } from '../../callers/names-in-full.ts';
import { fingerprint } from '../../findings/fingerprint.ts';
import type { Problem } from '../../source/problem.ts';
import { editsWithin } from './edits-within.ts';
import type { ReportItem, ReportItems, ReportRule } from './report-items.ts';

const WRONG = {
  name: 'callers/wrong',
  title: 'A call that the program refuses',
  why: 'What a script, a job or a page runs fails, now or when it is run next.',
  level: 'warning',
} as const;

const ABBREVIATED = {
  name: 'callers/abbreviated',
  title: 'A call that abbreviates a name',
  why: 'A later name that begins the same way makes the abbreviation ambiguous, or gives it another meaning.',
  level: 'note',
} as const;

/** The calls of which there is something to say. */
export function callersItems({ invocations }: CallersFound, problems: readonly Problem[]): ReportItems {
  const editsAt = editsWithin(namesInFull(invocations).edits);
  const items = invocations.flatMap((one): ReportItem[] => [
    ...one.problems.map(({ message, word }) => {
      const place = (word === null ? undefined : one.words[word]?.place) ?? one.place;
      const said = message.slice(message.indexOf(': ') + 2);
      return { ...itemOf(one, said), rule: WRONG.name, level: WRONG.level, place, fix: '', edits: [] };
    }),
    ...one.abbreviations.map(({ text, name, place }) => ({
      ...itemOf(one, `'${text}' is short for '${name}'`),
      rule: ABBREVIATED.name,
      level: ABBREVIATED.level,
      place,
      fix: `write '${name}'`,
      edits: editsAt(place),
    })),
  ]);
  return {
    title: [...new Set(invocations.map(({ command }) => command[0] ?? ''))].join(', '),
    items,
    passedOver: [],
    rules: [WRONG, ABBREVIATED].map((rule): ReportRule => {
      const isMet = items.some((item) => item.rule === rule.name);
      return { ...rule, outcome: isMet ? 'items' : 'clean' };
    }),
    problems,
  };
}

/** What is the same for all that is said of a call. */
function itemOf({ command, words, place }: Invocation, message: string) {
  const id = ['call', place.source.name, ...words.map(({ text }) => text), message];
  return { message, related: [], command, fingerprint: fingerprint(id) };
}
