import { quoteName } from '../messages/wording.ts';
import type { Interface } from '../model/interface.ts';
import { nearestRule } from '../model/nearest-rule.ts';
import { mainName } from '../model/option.ts';
import type { CommandAt } from '../model/walk.ts';
import { assignOperands } from './assign-operands.ts';
import { type CommandLineReading, PRINTS_AND_EXITS } from './command-line-reader.ts';
import { findRelationFaults } from './given-relations.ts';
import { findWordFault } from './given-word.ts';
import { bringsOperand } from './operand-by-option.ts';
import type { GivenReading } from './reading-state.ts';
import type { TracedWord, TraceProblem } from './trace.ts';

/** A command line with its operands named, and what is wrong with it as a whole. */
export interface JudgedCommandLine {
  readonly words: readonly TracedWord[];
  readonly problems: readonly TraceProblem[];
}

/** Judges values, repetition, relations, and what is lacking or too much. */
export function judgeCommandLine(cli: Interface, reading: CommandLineReading): JudgedCommandLine {
  const program = cli.program.value;
  const report = (code: TraceProblem['code'], message: string, word: number | null) =>
    problems.push({ code, message: `${program}: ${message}`, word });
  const problems: TraceProblem[] = [];
  const at = reading.line.at(-1);
  if (at === undefined) return { words: [], problems };
  judgeValues(reading, at, report);
  judgeRepetition(reading, report);
  const isAsked = reading.given.some(({ name }) => PRINTS_AND_EXITS.has(name));
  if (!isAsked && !reading.lost) judgeRequired(reading, report);
  for (const { message, word } of reading.line.flatMap((one) => findRelationFaults(one, reading))) {
    if (!isAsked || word !== null) report('option-excluded', message, word);
  }
  const names = judgeOperands(reading, at, isAsked || reading.lost, report);
  const words = reading.words.map((text, index) => ({
    index,
    text,
    parts: (reading.parts[index] ?? []).map((part) =>
      part.role === 'operand' && part.name === null ? { ...part, name: names.get(index) ?? null } : part,
    ),
  }));
  return { words, problems };
}

type Report = (code: TraceProblem['code'], message: string, word: number | null) => void;

function judgeValues({ given }: CommandLineReading, at: CommandAt, report: Report): void {
  for (const { name, argument, values, word } of given) {
    for (const [i, value] of values.entries()) {
      const kind = argument?.words[Math.min(i, argument.words.length - 1)];
      const fault = kind === undefined ? undefined : findWordFault(kind, value, name, at);
      if (fault === undefined) continue;
      report(
        fault.code,
        `${quoteName(value)} is not a valid argument of ${quoteName(name)}: expected ${fault.expected}`,
        word,
      );
    }
  }
}

function judgeRepetition({ given, line }: CommandLineReading, report: Report): void {
  const seen = new Set<GivenReading['option']>();
  const { line: commands = [] } = line.at(-1) ?? {};
  const [options, flags] = [nearestRule(commands, 'repeatedOptions'), nearestRule(commands, 'repeatedFlags')];
  const ofFlags = flags?.value === false ? { ...flags, value: 'refused' as const } : undefined;
  for (const { option, name, word, argument } of given) {
    const isFlag = argument?.presence === 'none' || argument === undefined;
    const repetition = option.repetition ?? (isFlag ? ofFlags : options);
    if (seen.has(option) && repetition?.value === 'refused' && repetition.basis !== 'inferred')
      report('option-repeated', `option ${quoteName(name)} can be given only once`, word);
    seen.add(option);
  }
}

function judgeRequired({ given, line }: CommandLineReading, report: Report): void {
  const options = new Set(given.map(({ option }) => option));
  for (const { command } of line) {
    for (const option of command.options.items) {
      const { required } = option;
      if (required?.value !== true || required.basis === 'inferred' || options.has(option)) continue;
      report('option-missing', `option ${quoteName(mainName(option).text)} is missing`, null);
    }
  }
}

/** Names the operands by the form that fits best, and reports what is lacking, too much or not allowed. */
function judgeOperands(
  { operands, words, given, otherProgram }: CommandLineReading,
  at: CommandAt,
  mayLack: boolean,
  report: Report,
): ReadonlyMap<number, string> {
  const names = new Map<number, string>();
  const texts = operands.map(({ word, start }) => (words[word] ?? '').slice(start));
  const called = new Set(
    given.flatMap(({ option, name }) => [name, ...option.names.map(({ text }) => text)]),
  );
  const assignment = assignOperands(at.command, texts, called);
  if (assignment === undefined) return names;
  for (const [i, operand] of assignment.assigned.entries()) {
    const word = operands[i]?.word;
    if (word === undefined) continue;
    const text = texts[i] ?? '';
    if (operand === undefined) {
      if (!mayLack) report('too-many-operands', `unexpected operand ${quoteName(text)}`, word);
      continue;
    }
    names.set(word, operand.name);
    const value = operand.kind === 'keyword' ? text.slice(operand.name.length + 1) : text;
    const fault = findWordFault(operand.word, value, operand.name, at);
    if (fault !== undefined)
      report(fault.code, `${quoteName(value)} is no ${operand.name}: expected ${fault.expected}`, word);
  }
  if (mayLack) return names;
  for (const { name, kind } of assignment.missing) {
    if (kind === 'command-line' && otherProgram.length > 0) continue;
    if (given.some(({ option }) => bringsOperand(option, name))) continue;
    report('operand-missing', `operand ${quoteName(name)} is missing`, null);
  }
  return names;
}
