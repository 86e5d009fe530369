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
    case 'hyphenValues':
    case 'negativeNumbers':
      return after === true ? 'compatible' : 'refused';
    case 'caseSensitive':
    case 'spellingsTie':
      return after === true ? 'refused' : 'compatible';
    case 'prefixTie':
      return after === 'refused' ? 'refused' : 'compatible';
    case 'unknownOptions':
      return after === 'refused' ? 'refused' : before === 'refused' ? 'compatible' : 'other-meaning';
    case 'valueForms':
      return losesForm(before as ValueForms, after as ValueForms) ? 'refused' : 'compatible';
    case 'optionalValues':
    case 'optionPrefixes':
    case 'singleHyphenWord':
    case 'bundleWithoutHyphen':
    case 'operandOrder':
    case 'doubleHyphen':
      return 'other-meaning';
    case 'longHyphens':
      return after === 'one-or-two' ? 'compatible' : 'refused';
    case 'segmentSeparator':
      return 'refused';
  }
}

function losesForm(before: ValueForms, after: ValueForms): boolean {
  return (Object.keys(before) as (keyof ValueForms)[]).some((form) => before[form] && !after[form]);
}
