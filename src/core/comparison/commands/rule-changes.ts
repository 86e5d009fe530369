import type { Json } from '../../findings/finding.ts';
import { quoteName } from '../../messages/wording.ts';
import type { Knowable } from '../../model/fact.ts';
import type { Interface } from '../../model/interface.ts';
import { nearestRule } from '../../model/nearest-rule.ts';
import {
  type ParsingRules,
  UNKNOWN_RULES,
  type ValueForms,
  valueFormWords,
} from '../../model/parsing-rules.ts';
import { ruleName } from '../../model/rule-name.ts';
import { saysTheSame } from '../../model/same.ts';
import type { WordRange } from '../change.ts';
import type { Context } from '../context.ts';
import { areStated, differing } from '../facts.ts';
import type { CommandPair } from '../pairing/pairing.ts';
import { ruleEffect } from './rule-effects.ts';

const RULES = Object.keys(UNKNOWN_RULES) as (keyof ParsingRules)[];

/** Rules on which depends whether an abbreviation is accepted. */
const OF_WORDS: ReadonlySet<keyof ParsingRules> = new Set([
  'optionAbbreviations',
  'commandAbbreviations',
  'segmentAbbreviations',
  'valueAbbreviations',
  'prefixTie',
  'spellingsTie',
  'caseSensitive',
]);

/**
 * How the parsing rules differ; a rule that changes for commands below too is told once, at the topmost. Rules that only one side states, since it
 * names its parser, are told with the parser's name, unless callers may depend on them.
 */
export function ruleChanges(
  before: Interface,
  after: Interface,
  pairs: readonly CommandPair[],
  context: Context,
): void {
  const told = new Map<string, string>();
  const key = (pair: CommandPair, rule: string) => JSON.stringify([pair.old.path, rule]);
  for (const [i, pair] of pairs.entries()) {
    for (const rule of RULES) {
      const [was, is] = [nearestRule(pair.old.line, rule), nearestRule(pair.newer.line, rule)];
      if (saysTheSame(was?.value, is?.value)) continue;
      const change = JSON.stringify([was?.value, is?.value]);
      told.set(key(pair, rule), change);
      const parent = JSON.stringify([pair.old.path.slice(0, -1), rule]);
      if (pair.old.path.length > 1 && told.get(parent) === change) continue;
      const words = wordsBelow(i, rule, pairs, context);
      const followsFromName = isOfParser(was, before) || isOfParser(is, after);
      const isOneSided = was === undefined || is === undefined;
      if (isOneSided && followsFromName && words.length === 0) continue;
      add(rule, pair, words, context);
    }
  }
}

/** Whether a rule stands nowhere but in the name of the parser. Where nothing has a place, that cannot be told. */
function isOfParser(rule: Knowable<unknown>, { parser }: Interface): boolean {
  return rule !== undefined && rule.place !== null && rule.place === parser?.place;
}

function add<K extends keyof ParsingRules>(
  rule: K,
  pair: CommandPair,
  words: readonly WordRange[],
  { list }: Context,
): void {
  const [was, is] = [nearestRule(pair.old.line, rule), nearestRule(pair.newer.line, rule)];
  const changed = differing<ParsingRules[K] extends infer F ? F : never>(was as never, is as never);
  const effect = changed === undefined ? 'wording' : ruleEffect(rule, was?.value, is?.value);
  const name = quoteName(ruleName(rule));
  list.add({
    command: pair.old.path,
    kind: changed !== undefined ? 'rule-changed' : is === undefined ? 'rule-unsaid' : 'rule-said',
    effect: changed === undefined && words.length > 0 ? 'uncertain' : effect,
    certain: areStated(was, is),
    subject: ruleName(rule),
    before: json(was?.value),
    after: json(is?.value),
    message:
      is === undefined
        ? `the parsing rule ${name} is no longer stated; it was ${valueText(was?.value)}`
        : was === undefined
          ? `the parsing rule ${name} is now stated as ${valueText(is.value)}`
          : `the parsing rule ${name} changed from ${valueText(was.value)} to ${valueText(is.value)}`,
    oldPlace: was?.place ?? pair.old.command.place,
    newPlace: is?.place ?? pair.newer.command.place,
    words,
  });
}

/** The words that a rule refuses at a command and below it. Of several rules that changed, the first one takes them. */
function wordsBelow(
  at: number,
  rule: keyof ParsingRules,
  pairs: readonly CommandPair[],
  { meanings }: Context,
): WordRange[] {
  const pair = pairs[at];
  if (pair === undefined || !OF_WORDS.has(rule)) return [];
  // The commands below one stand right behind it.
  let end = at + 1;
  while ((pairs[end]?.old.path.length ?? 0) > pair.old.path.length) end++;
  return pairs
    .slice(at, end)
    .flatMap(({ old, newer }) =>
      (meanings.refusedByRule.get(old.command) ?? []).filter(
        ({ scope }) => ruleOf(scope, { old, newer }) === rule,
      ),
    );
}

/** Which changed rule refuses abbreviations at a command. */
function ruleOf(scope: WordRange['scope'], { old, newer }: CommandPair): keyof ParsingRules | undefined {
  const accepting = {
    options: ['optionAbbreviations'],
    commands: ['segmentAbbreviations', 'commandAbbreviations'],
    values: ['valueAbbreviations'],
  } as const;
  const candidates: readonly (keyof ParsingRules)[] = [
    ...accepting[scope],
    'prefixTie',
    'spellingsTie',
    'caseSensitive',
  ];
  return candidates.find(
    (rule) => !saysTheSame(nearestRule(old.line, rule)?.value, nearestRule(newer.line, rule)?.value),
  );
}

function json(value: unknown): Json {
  return value === undefined ? null : (value as Json);
}

function valueText(value: unknown): string {
  if (typeof value === 'boolean') return value ? 'true' : 'false';
  if (Array.isArray(value)) return value.map((one) => quoteName(String(one))).join(', ');
  if (typeof value === 'object' && value !== null)
    return valueFormWords(value as ValueForms)
      .map(quoteName)
      .join(', ');
  return quoteName(String(value));
}
