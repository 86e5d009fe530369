import type { AllowedValue, ValueWord } from '../model/argument.ts';
import type { Fact, Knowable } from '../model/fact.ts';
import { nearestRule } from '../model/nearest-rule.ts';
import { mainName } from '../model/option.ts';
import type { CommandAt } from '../model/walk.ts';
import { indexRules } from './index-rules.ts';
import { NameIndex } from './name-index.ts';

/** The allowed values of one word, where their abbreviations compete. */
export interface ValueScope {
  /** What the names are of. */
  readonly kind: 'values';
  /** The command that has the option or operand. */
  readonly at: CommandAt;
  /** The option or operand whose values they are. */
  readonly subject: string;
  /** Whether the parser accepts abbreviated values; undefined where the sources do not say. */
  readonly accepted: Knowable<boolean>;
  /** A list of allowed values is all of them. */
  readonly complete: Knowable<boolean>;
  /** The allowed values. */
  readonly names: readonly AllowedValue[];
  /** The values, to look words up in. */
  readonly index: NameIndex<string>;
}

/** The scope of each list of allowed values of a command's own options and operands. */
export function valueScopes(at: CommandAt): ValueScope[] {
  const { options, operands } = at.command;
  return [
    ...options.items.flatMap((option) =>
      (option.argument?.value.words ?? []).flatMap((word) => scopesOf(word, mainName(option).text, at)),
    ),
    ...operands.items.flatMap(({ word, name }) => scopesOf(word, name, at)),
  ];
}

function scopesOf(word: ValueWord, subject: string, at: CommandAt): ValueScope[] {
  return word.values === undefined ? [] : [valueScope(word.values, subject, at)];
}

/** The allowed values of one word of an option or operand. */
export function valueScope(
  values: Fact<readonly AllowedValue[]>,
  subject: string,
  at: CommandAt,
): ValueScope {
  const accepted = nearestRule(at.line, 'valueAbbreviations');
  return {
    kind: 'values',
    at,
    subject,
    accepted,
    complete: { ...values, value: true },
    names: values.value,
    index: new NameIndex(
      values.value.map(({ value }) => ({ name: value, target: value })),
      indexRules(at.line, accepted, 1),
    ),
  };
}
