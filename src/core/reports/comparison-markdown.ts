import type { ComparedCallers } from '../callers/changed-calls.ts';
import { EFFECTS } from '../comparison/change.ts';
import { inlineCode, plainText } from '../markdown/markdown-text.ts';
import { LineIndexes } from '../source/line-index.ts';
import {
  type AnsweredWhatIf,
  type ComparedSides,
  callersTitle,
  EFFECT_TITLES,
  effectCounts,
  notComparedLine,
  releaseWords,
} from './comparison-words.ts';
import { placeName } from './finding-text.ts';

/** A comparison as a section of a change log, in Markdown: a heading, what it calls for, and a list for each kind of consequence. */
export function comparisonMarkdown({ title, comparison, callers }: ComparedSides): string {
  const { changes, notCompared } = comparison;
  const parts = [`## ${plainText(title)}`];
  const sentence =
    changes.length === 0
      ? `${notCompared.length === 0 ? 'Nothing' : 'Nothing that could be compared'} has changed for callers.`
      : `${releaseWords(comparison)}: ${effectCounts(changes)}.`;
  parts.push(sentence.slice(0, 1).toUpperCase() + sentence.slice(1));
  for (const effect of EFFECTS) {
    const all = changes.filter((change) => change.effect === effect);
    if (all.length === 0) continue;
    const items = all.map(({ command, message, likely }) => {
      const written =
        likely.length === 0 ? '' : ` Callers may have written ${likely.map(inlineCode).join(', ')}.`;
      return `- ${inlineCode(command.join(' '))}: ${plainText(message)}.${written}`;
    });
    parts.push(`### ${EFFECT_TITLES[effect]}`, items.join('\n'));
  }
  if (callers !== undefined) parts.push(callersMarkdown(callers));
  const [first] = notCompared;
  if (first !== undefined) {
    const items = notCompared.map((one) => `- ${plainText(notComparedLine(one))}.`);
    const reason = `${first.reason}; ${first.remedy}.`;
    parts.push(
      '### Not compared',
      items.join('\n'),
      plainText(reason.slice(0, 1).toUpperCase() + reason.slice(1)),
    );
  }
  return `${parts.join('\n\n')}\n`;
}

/** The callers that will break, a line for each change. */
function callersMarkdown({ found, changed }: ComparedCallers): string {
  const indexes = new LineIndexes();
  const items = changed.flatMap(({ changes }) =>
    changes.map(({ effect, message, place, instead }) => {
      const where = placeName(place, indexes);
      const silent = effect === 'other-meaning' ? 'nobody is told: ' : '';
      const fix = instead === undefined ? '' : ` Write ${inlineCode(instead)}.`;
      return `- ${inlineCode(where)}: ${plainText(silent + message)}.${fix}`;
    }),
  );
  const title = `### ${callersTitle({ found, changed })}`;
  return items.length === 0 ? title : `${title}\n\n${items.join('\n')}`;
}

/** What adding each of some names would do, as a section for each. */
export function whatIfMarkdown(answers: readonly AnsweredWhatIf[]): string {
  return answers
    .map(({ asked, comparison, callers }) =>
      comparisonMarkdown({ title: `Adding ${asked}`, comparison, callers }),
    )
    .join('\n');
}
