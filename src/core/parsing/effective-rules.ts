import type { Command } from '../model/command.ts';
import { nearestRule } from '../model/nearest-rule.ts';
import type { ParsingRules, RuleValues } from '../model/parsing-rules.ts';
import type { AssumedRule } from './trace.ts';

/** What is taken for granted where no source says: POSIX XBD 12.2 with the extensions of `getopt_long`. */
const CUSTOMARY: RuleValues = {
  optionAbbreviations: true,
  commandAbbreviations: false,
  segmentAbbreviations: false,
  segmentSeparator: ':',
  valueAbbreviations: false,
  prefixTie: 'refused',
  spellingsTie: false,
  caseSensitive: true,
  letterCaseSensitive: true,
  commandCaseSensitive: true,
  grouping: true,
  generatedNegation: false,
  negationPrefix: 'no-',
  flagValues: 'refused',
  optionPrefixes: ['-', '--'],
  longHyphens: 'as-listed',
  wordJoints: [],
  singleHyphenWord: 'long-name',
  bundleWithoutHyphen: false,
  numberOption: false,
  valueForms: {
    shortJoined: true,
    shortEquals: false,
    shortSeparate: true,
    longEquals: true,
    longSeparate: true,
  },
  hyphenValues: true,
  negativeNumbers: false,
  optionalValues: 'joined',
  missingArguments: 'refused',
  repeatedOptions: 'last-wins',
  repeatedFlags: true,
  optionInheritance: 'before-subcommand',
  operandOrder: 'mixed',
  doubleHyphen: 'ends-options',
  unknownOptions: 'refused',
};

/** The parsing rules as they hold for commands, and a record of those that had to be assumed. */
export class EffectiveRules {
  readonly #assumed = new Map<keyof ParsingRules, unknown>();

  /** The value of a rule at the end of a line of commands; asking for one that is not known counts as assuming it. */
  get<K extends keyof ParsingRules>(line: readonly Command[], rule: K): RuleValues[K] {
    const known = this.known(line, rule);
    if (known !== undefined) return known;
    this.#assumed.set(rule, CUSTOMARY[rule]);
    return CUSTOMARY[rule];
  }

  /** The value of a rule where a source says it. */
  known<K extends keyof ParsingRules>(line: readonly Command[], rule: K): RuleValues[K] | undefined {
    return nearestRule(line, rule)?.value as RuleValues[K] | undefined;
  }

  /** The rules that were asked for and are not known, in the order in which they were needed. */
  get assumed(): AssumedRule[] {
    return [...this.#assumed].map(([rule, value]) => ({ rule, value }));
  }
}
