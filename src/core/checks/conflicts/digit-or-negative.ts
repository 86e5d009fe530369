import { quoteName } from '../../messages/wording.ts';
import type { Range, ValueWord } from '../../model/argument.ts';
import { nearestRule } from '../../model/nearest-rule.ts';
import { mainName, type OptionName } from '../../model/option.ts';
import type { CommandAt } from '../../model/walk.ts';
import { rangeInProse } from '../../notation/prose-range.ts';
import { defineCheck } from '../define-check.ts';

/** One finding for each command that has a digit for an option and takes numbers that may be negative. */
export const digitOrNegative = defineCheck({
  name: 'conflicts/digit-or-negative',
  level: 'warning',
  title: 'A digit is an option where a negative number can appear',
  why: 'If the parser reads -5 as the option, no negative number can be given; if it reads it as the number, the option cannot.',
  standard: 'POSIX XBD 12.2, Guideline 3',
  needs: ['the types of operands and optional option-arguments'],
  since: 4,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  -1: one box a line\noperands:\n  DEGREES: {help: warmth, count: 0..1, type: integer}\n',
    right:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  -l: one box a line\noperands:\n  DEGREES: {help: warmth, count: 0..1, type: integer}\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  -1: one box a line\noperands:\n  BOXES: {help: how many, count: 0..1, type: integer, range: 0..40}\n',
  },
  judge(view, report) {
    for (const at of view.described) {
      const digit = digitName(at);
      const number = negativeWord(at);
      if (number !== undefined || digit !== undefined) report.judged();
      if (digit === undefined || number === undefined) continue;
      report.finding({
        command: at.path,
        subject: digit.text,
        data: { digit: digit.text, number: number.name },
        place: digit.place,
        related: [{ place: number.place, note: 'may be a negative number' }],
      });
    }
  },
  message: ({ digit, number }: { digit: string; number: string }) =>
    `${quoteName(digit)} is an option, and ${quoteName(number)} can be a negative number`,
  fix: ({ digit }) =>
    `use a letter for the option ${quoteName(digit)}, or say that the number is never negative`,
});

function digitName({ command }: CommandAt): OptionName | undefined {
  return command.options.items.flatMap(({ names }) => names).find(({ text }) => /^-\d$/.test(text));
}

/**
 * An operand, or an optional option-argument, that is known to be a number and may be below zero; and any option-argument of which the text tells one, where the
 * parser takes no word with a hyphen for it.
 */
function negativeWord({ command, line }: CommandAt) {
  const takesNoHyphen = nearestRule(line, 'hyphenValues')?.value === false;
  const operand = command.operands.items.find(({ word }) => mayBeNegative(word));
  if (operand !== undefined) return { name: operand.name, place: operand.place };
  const option = command.options.items.find(
    ({ argument, help }) =>
      (argument?.value.presence === 'optional' && argument.value.words.some(mayBeNegative)) ||
      (argument?.value.presence === 'mandatory' &&
        takesNoHyphen &&
        (NEGATIVE.test(help?.value ?? '') || isBelowZero(rangeInProse(help?.value ?? '')))),
  );
  return option === undefined ? undefined : { name: mainName(option).text, place: option.place };
}

/** `such as -3600`, `may be negative`, `a negative number`. */
const NEGATIVE =
  /\b(?:such as|like|for example|e\.g\.) -\d|\b(?:may|can) be negative\b|\bnegative (?:number|value|offset|integer)s?\b/i;

function isBelowZero(range: Range | undefined): boolean {
  return typeof range?.least === 'number' && range.least < 0;
}

function mayBeNegative({ type, range }: ValueWord): boolean {
  const isNumber = type?.value === 'integer' || type?.value === 'number';
  const least = range?.value.least;
  return isNumber && (typeof least !== 'number' || least < 0);
}
