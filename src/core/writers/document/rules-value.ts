import { type ParsingRules, type ValueForms, valueFormWords } from '../../model/parsing-rules.ts';
import type { DocumentValue } from './document-value.ts';
import { RecordValue } from './record-value.ts';

/** The parsing rules that are known; undefined where none is. */
export function rulesValue(rules: ParsingRules): DocumentValue | undefined {
  const record = new RecordValue();
  const plain = (value: boolean | string) => value;
  record.fact('option-abbreviations', rules.optionAbbreviations, plain);
  record.fact('command-abbreviations', rules.commandAbbreviations, plain);
  record.fact('segment-abbreviations', rules.segmentAbbreviations, plain);
  record.fact('segment-separator', rules.segmentSeparator, plain);
  record.fact('value-abbreviations', rules.valueAbbreviations, plain);
  record.fact('prefix-tie', rules.prefixTie, plain);
  record.fact('spellings-tie', rules.spellingsTie, plain);
  record.fact('case-sensitive', rules.caseSensitive, plain);
  record.fact('letter-case-sensitive', rules.letterCaseSensitive, plain);
  record.fact('command-case-sensitive', rules.commandCaseSensitive, plain);
  record.fact('grouping', rules.grouping, plain);
  record.fact('generated-negation', rules.generatedNegation, plain);
  record.fact('negation-prefix', rules.negationPrefix, plain);
  record.fact('flag-values', rules.flagValues, plain);
  record.fact('option-prefixes', rules.optionPrefixes, (prefixes) => [...prefixes]);
  record.fact('long-hyphens', rules.longHyphens, plain);
  record.fact('word-joints', rules.wordJoints, (joints) => [...joints]);
  record.fact('single-hyphen-word', rules.singleHyphenWord, plain);
  record.fact('bundle-without-hyphen', rules.bundleWithoutHyphen, plain);
  record.fact('number-option', rules.numberOption, plain);
  record.fact('value-forms', rules.valueForms, valueFormsValue);
  record.fact('hyphen-values', rules.hyphenValues, plain);
  record.fact('negative-numbers', rules.negativeNumbers, plain);
  record.fact('optional-values', rules.optionalValues, plain);
  record.fact('missing-arguments', rules.missingArguments, plain);
  record.fact('repeated-flags', rules.repeatedFlags, plain);
  record.fact('repeated-options', rules.repeatedOptions, plain);
  record.fact('option-inheritance', rules.optionInheritance, plain);
  record.fact('operand-order', rules.operandOrder, plain);
  record.fact('double-hyphen', rules.doubleHyphen, plain);
  record.fact('unknown-options', rules.unknownOptions, plain);
  return record.map.size === 0 ? undefined : record.map;
}

function valueFormsValue(forms: ValueForms): DocumentValue {
  return valueFormWords(forms);
}
