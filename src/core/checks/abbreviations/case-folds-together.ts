import { optionsInReach } from '../../abbreviations/option-scope.ts';
import { countOf, listSome, quoteName } from '../../messages/wording.ts';
import { nearestRule } from '../../model/nearest-rule.ts';
import type { OptionName } from '../../model/option.ts';
import type { CommandAt } from '../../model/walk.ts';
import { defineCheck } from '../define-check.ts';

/** How many pairs a message names before it only counts. */
const PAIRS_SHOWN = 3;

type Pair = { readonly first: string; readonly second: string };

/** One finding for each command: the names of different options that are one where case does not count. */
export const caseFoldsTogether = defineCheck({
  name: 'abbreviations/case-folds-together',
  level: 'error',
  title: 'Names differ only in case, and the parser ignores case',
  why: 'The parser finds the same option under either name, so the other one can never be given. Which one it is depends on the order in which they were declared.',
  standard: 'practice',
  needs: ['the options of the command', 'whether the parser tells upper from lower case'],
  since: 4,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\nparsing: {case-sensitive: false}\noptions:\n  -b, --boxes: list boxes\n  -B, --bags: list bags\n',
    right:
      'dabbawala: 1\nprogram: tiffin\nparsing: {case-sensitive: true}\noptions:\n  -b, --boxes: list boxes\n  -B, --bags: list bags\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\nparsing: {case-sensitive: false}\noptions:\n  -b, -B, --boxes: list boxes\n  --bags: list bags\n',
  },
  judge(view, report) {
    for (const at of view.commands) {
      if (at.command.options.items.length === 0) continue;
      const pairs = foldedPairs(at);
      const [first] = pairs;
      const rule = nearestRule(at.line, 'caseSensitive');
      if (first === undefined || rule?.value === true) {
        report.judged();
      } else if (rule === undefined || rule.basis === 'inferred') {
        report.notJudged({
          command: at.path,
          count: pairs.length,
          reason: 'whether the parser tells upper from lower case',
          remedy: 'state it by --rule=case-sensitive=true, or =false',
          place: first.second.place,
        });
      } else {
        report.judged();
        report.finding({
          command: at.path,
          subject: first.second.text,
          data: { pairs: pairs.map((pair) => ({ first: pair.first.text, second: pair.second.text })) },
          place: first.second.place,
          related: [{ place: first.first.place, note: `is the same as ${quoteName(first.second.text)}` }],
        });
      }
    }
  },
  message: ({ pairs }: { pairs: readonly Pair[] }) =>
    `${countOf(pairs.length, 'name')} cannot be told from ${pairs.length === 1 ? 'another' : 'others'}, because the parser ignores case: ${listSome(
      pairs.map(({ first, second }) => `${quoteName(second)} from ${quoteName(first)}`),
      PAIRS_SHOWN,
    )}`,
  fix: ({ pairs }) =>
    pairs.length === 1
      ? `rename ${quoteName(pairs[0]?.second ?? '')}, or make the parser case-sensitive`
      : 'rename them, or make the parser case-sensitive',
});

interface NamePair {
  readonly first: OptionName;
  readonly second: OptionName;
}

/** Names of different options that differ by case alone, in the order of the source. */
function foldedPairs(at: CommandAt): NamePair[] {
  const seen = new Map<string, { name: OptionName; option: unknown }>();
  const pairs: NamePair[] = [];
  for (const option of optionsInReach(at)) {
    for (const name of [...option.names, ...option.negatedNames]) {
      const key = name.text.toLowerCase();
      const known = seen.get(key);
      if (known === undefined) seen.set(key, { name, option });
      else if (known.option !== option && known.name.text !== name.text)
        pairs.push({ first: known.name, second: name });
    }
  }
  return pairs;
}
