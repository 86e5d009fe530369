import { EFFECTS } from '../comparison/change.ts';
import type { WhatIf } from '../comparison/what-if.ts';
import { inlineCode, plainText } from '../markdown/markdown-text.ts';
import {
  type ComparedSides,
  EFFECT_TITLES,
  effectCounts,
  notComparedLine,
  releaseWords,
} from './comparison-words.ts';

/** A comparison as a section of a change log, in Markdown: a heading, what it calls for, and a list for each kind of consequence. */
export function comparisonMarkdown({ title, comparison }: ComparedSides): string {
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

/** What adding each of some names would do, as a section for each. */
export function whatIfMarkdown(answers: readonly WhatIf[]): string {
  return answers
    .map(({ asked, comparison }) => comparisonMarkdown({ title: `Adding ${asked}`, comparison }))
    .join('\n');
}
