import type { TextBuilder } from '../../source/text-builder.ts';
import type { UsageText } from '../reading.ts';

/** A text that a script prints, while it is put together. */
export interface UsageDraft {
  readonly text: TextBuilder;
  /** Whether only running the script tells the rest of it. */
  isPart: boolean;
}

/** The text among those that a script prints that looks most like its help; undefined where none does. */
export function bestUsage(drafts: readonly UsageDraft[]): UsageText | undefined {
  const [best] = drafts
    .map((draft) => ({ draft, score: scoreOf(draft.text.text) }))
    .sort((a, b) => b.score - a.score);
  if (best === undefined || best.score === 0) return undefined;
  return { source: best.draft.text.build(), isPart: best.draft.isPart };
}

/** How much a text looks like the help of a script: 0 where it does not; a synopsis counts as several lines of options. */
function scoreOf(text: string): number {
  const options = text.match(/^[ \t]*[-+]{1,2}[A-Za-z0-9?]/gm)?.length ?? 0;
  const hasUsage = /(?:^|\n)[ \t]*(?:usage|syntax|synopsis)\b[ \t]*:?/i.test(text) || /\busage:/i.test(text);
  if (!hasUsage && options < LEAST_OPTIONS) return 0;
  return options + (hasUsage ? USAGE_WORTH : 0);
}

/** Fewer lines of options are no help where no synopsis stands with them. */
const LEAST_OPTIONS = 3;

/** How many lines of options a synopsis is worth. */
const USAGE_WORTH = 2;
