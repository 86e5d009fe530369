import type { Knowable } from '../../../model/fact.ts';
import { type ParsingRules, UNKNOWN_RULES, type ValueForms } from '../../../model/parsing-rules.ts';
import { factOf } from '../../../structured/shape/record.ts';
import type { ParsingRecord } from '../format/parsing-format.ts';

/** The parsing rules that a record says; the others are not known. */
export function rulesFromRecord(from: ParsingRecord | undefined): ParsingRules {
  if (from === undefined) return UNKNOWN_RULES;
  const { said } = from;
  const joints = factOf(from, 'word-joints', said['word-joints']);
  const prefixes = factOf(from, 'option-prefixes', said['option-prefixes']);
  return {
    optionAbbreviations: factOf(from, 'option-abbreviations', said['option-abbreviations']),
    commandAbbreviations: factOf(from, 'command-abbreviations', said['command-abbreviations']),
    segmentAbbreviations: factOf(from, 'segment-abbreviations', said['segment-abbreviations']),
    segmentSeparator: factOf(from, 'segment-separator', said['segment-separator']),
    valueAbbreviations: factOf(from, 'value-abbreviations', said['value-abbreviations']),
    prefixTie: factOf(from, 'prefix-tie', said['prefix-tie']),
    spellingsTie: factOf(from, 'spellings-tie', said['spellings-tie']),
    caseSensitive: factOf(from, 'case-sensitive', said['case-sensitive']),
    letterCaseSensitive: factOf(from, 'letter-case-sensitive', said['letter-case-sensitive']),
    commandCaseSensitive: factOf(from, 'command-case-sensitive', said['command-case-sensitive']),
    grouping: factOf(from, 'grouping', said.grouping),
    generatedNegation: factOf(from, 'generated-negation', said['generated-negation']),
    negationPrefix: factOf(from, 'negation-prefix', said['negation-prefix']),
    flagValues: factOf(from, 'flag-values', said['flag-values']),
    optionPrefixes: prefixes && { ...prefixes, value: prefixes.value.map(({ value }) => value) },
    longHyphens: factOf(from, 'long-hyphens', said['long-hyphens']),
    wordJoints: joints && { ...joints, value: joints.value.map(({ value }) => value) },
    singleHyphenWord: factOf(from, 'single-hyphen-word', said['single-hyphen-word']),
    bundleWithoutHyphen: factOf(from, 'bundle-without-hyphen', said['bundle-without-hyphen']),
    numberOption: factOf(from, 'number-option', said['number-option']),
    valueForms: valueFormsOf(from),
    hyphenValues: factOf(from, 'hyphen-values', said['hyphen-values']),
    negativeNumbers: factOf(from, 'negative-numbers', said['negative-numbers']),
    optionalValues: factOf(from, 'optional-values', said['optional-values']),
    missingArguments: factOf(from, 'missing-arguments', said['missing-arguments']),
    repeatedFlags: factOf(from, 'repeated-flags', said['repeated-flags']),
    repeatedOptions: factOf(from, 'repeated-options', said['repeated-options']),
    optionInheritance: factOf(from, 'option-inheritance', said['option-inheritance']),
    operandOrder: factOf(from, 'operand-order', said['operand-order']),
    doubleHyphen: factOf(from, 'double-hyphen', said['double-hyphen']),
    unknownOptions: factOf(from, 'unknown-options', said['unknown-options']),
  };
}

function valueFormsOf(from: ParsingRecord): Knowable<ValueForms> {
  const forms = factOf(from, 'value-forms', from.said['value-forms']);
  if (forms === undefined) return undefined;
  const accepted = new Set(forms.value.map(({ value }) => value));
  return {
    ...forms,
    value: {
      shortJoined: accepted.has('-xV'),
      shortEquals: accepted.has('-x=V'),
      shortSeparate: accepted.has('-x V'),
      longEquals: accepted.has('--x=V'),
      longSeparate: accepted.has('--x V'),
    },
  };
}
