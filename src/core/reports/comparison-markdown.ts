import { EFFECTS } from '../comparison/change.ts';
import type { WhatIf } from '../comparison/what-if.ts';
import { inlineCode, plainText } from '../markdown/markdown-text.ts';
import { type ComparedSides, EFFECT_TITLES, effectCounts, releaseWords } from './comparison-words.ts';

/** A comparison as a section of a change log, in Markdown: a heading, what it calls for, and a list for each kind of consequence. */
export function comparisonMarkdown({ title, comparison }: ComparedSides): string {
  const { changes, release } = comparison;
  const parts = [`## ${plainText(title)}`];
  if (changes.length === 0) return `${parts[0]}\n\nNothing has changed for callers.\n`;
  const sentence = `${releaseWords(release)}: ${effectCounts(changes)}.`;
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
  return `${parts.join('\n\n')}\n`;
}

/** What adding each of some names would do, as a section for each. */
export function whatIfMarkdown(answers: readonly WhatIf[]): string {
  return answers
    .map(({ asked, comparison }) => comparisonMarkdown({ title: `Adding ${asked}`, comparison }))
    .join('\n');
}
