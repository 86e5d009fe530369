import type { ParsingRules, ValueForms } from '../../model/parsing-rules.ts';
import type { Effect } from '../change.ts';

/** A rule as documents call it: `option-abbreviations`. */
export function ruleName(rule: keyof ParsingRules): string {
  return rule.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);
}

/** What a parsing rule that has another value comes to for callers. */
export function ruleEffect(rule: keyof ParsingRules, before: unknown, after: unknown): Effect {
  switch (rule) {
    case 'optionAbbreviations':
    case 'commandAbbreviations':
    case 'segmentAbbreviations':
    case 'valueAbbreviations':
    case 'grouping':
    case 'generatedNegation':
    case 'numberOption':
    case 'repeatedFlags':
    case 'hyphenValues':
    case 'negativeNumbers':
      return after === true ? 'compatible' : 'refused';
    case 'caseSensitive':
    case 'letterCaseSensitive':
    case 'commandCaseSensitive':
    case 'spellingsTie':
      return after === true ? 'refused' : 'compatible';
    case 'prefixTie':
      return after === 'refused' ? 'refused' : 'compatible';
    case 'flagValues':
    case 'missingArguments':
    case 'unknownOptions':
      return after === 'refused' ? 'refused' : before === 'refused' ? 'compatible' : 'other-meaning';
    case 'valueForms':
      return losesForm(before as ValueForms, after as ValueForms) ? 'refused' : 'compatible';
    case 'wordJoints':
      return (before as readonly string[]).some((joint) => !(after as readonly string[]).includes(joint))
        ? 'refused'
        : 'compatible';
    case 'repeatedOptions':
      return after === 'refused' ? 'refused' : before === 'refused' ? 'compatible' : 'other-meaning';
    case 'optionInheritance':
      return after === 'anywhere-below' ? 'compatible' : 'refused';
    case 'optionalValues':
    case 'optionPrefixes':
    case 'singleHyphenWord':
    case 'bundleWithoutHyphen':
    case 'operandOrder':
      return 'other-meaning';
    case 'doubleHyphen':
      return after === 'refused' ? 'refused' : before === 'refused' ? 'compatible' : 'other-meaning';
    case 'longHyphens':
      return after === 'as-listed' ? 'refused' : before === 'as-listed' ? 'compatible' : 'other-meaning';
    case 'segmentSeparator':
    case 'negationPrefix':
      return 'refused';
  }
}

function losesForm(before: ValueForms, after: ValueForms): boolean {
  return (Object.keys(before) as (keyof ValueForms)[]).some((form) => before[form] && !after[form]);
}
