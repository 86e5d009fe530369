import { parserWords } from '../messages/parser-words.ts';
import type { AssumedRule, Trace, TracedWord, WordPart } from '../parsing/trace.ts';
import { printable } from '../source/printable.ts';
import { textWidth } from '../source/text-width.ts';
import { wrapText } from '../source/text-wrap.ts';
import { columnsText, type TextCell } from './text-columns.ts';
import { styled, type TextOptions, usedWidth } from './text-style.ts';

/**
 * A trace for people: a line for each part of each word, each part under its place in the word; then the first operand, what is
 * wrong, and the rules that were taken for granted.
 */
export function traceText(trace: Trace, options: TextOptions): string {
  const { command, words, firstOperand, problems, assumed } = trace;
  const parser = parserWords(trace);
  const width = usedWidth(options);
  const faulty = new Set(problems.map(({ word }) => word));
  const rows = words.flatMap((word) => wordRows(word, faulty.has(word.index), options));
  const first = firstOperand === null ? undefined : words[firstOperand];
  const operandLine =
    first === undefined ? 'no operand' : `first operand: word ${first.index + 1}, ${quoted(first.text)}`;
  const paragraphs = [
    styled(command.map(printable).join(' '), ['bold', 'underline'], options),
    '',
    ...(rows.length > 0 ? columnsText(['', 'word', 'read as', ''], rows, options) : ['  no words']),
    '',
    wrapText(operandLine, width, '  ', '  '),
    ...problems.map(({ message, word }) => {
      const where = word === null ? '' : ` (word ${word + 1})`;
      return styled(wrapText(`${printable(message)}${where}`, width, '  ', '    '), ['red'], options);
    }),
    ...(parser === undefined
      ? []
      : [styled(wrapText(`parser: ${printable(parser)}`, width, '  ', '    '), ['dim'], options)]),
    ...(assumed.length === 0
      ? []
      : [
          styled(
            wrapText(`not stated, so assumed: ${assumed.map(assumedText).join('; ')}`, width, '  ', '    '),
            ['dim'],
            options,
          ),
        ]),
  ];
  return `${paragraphs.join('\n')}\n`;
}

function wordRows({ index, text, parts }: TracedWord, isFaulty: boolean, options: TextOptions): TextCell[][] {
  const shownWord = printable(text);
  const number: TextCell = { text: `${index + 1}` };
  const mark = (cell: TextCell): TextCell =>
    isFaulty ? { text: cell.text, shown: styled(cell.text, ['red'], options) } : cell;
  const [only, ...others] = parts;
  if (only !== undefined && others.length === 0)
    return [[number, mark({ text: shownWord === '' ? "''" : shownWord }), ...meaning(only, text)]];
  const nothing: TextCell = { text: '' };
  return [
    [number, mark({ text: shownWord }), nothing, nothing],
    ...parts.map((part) => [
      nothing,
      {
        text:
          ' '.repeat(textWidth(printable(text.slice(0, part.start)))) +
          printable(text.slice(part.start, part.end)),
      },
      ...meaning(part, text),
    ]),
  ];
}

/** What a part is, and how it came to be that. */
function meaning(part: WordPart, text: string): [TextCell, TextCell] {
  const { role, name, option, verdict, start, end } = part;
  const isCalled = option === null || option === name ? '' : ` (${printable(option)})`;
  const shown = name === null ? '' : `${printable(name)}${isCalled}`;
  const isShort = name !== null && verdict !== 'exact' && name !== text.slice(start, end);
  switch (role) {
    case 'command':
      return [{ text: 'command' }, { text: resolved(shown, verdict, isShort) }];
    case 'option':
      return [{ text: 'option' }, { text: resolved(shown, verdict, isShort) }];
    case 'option-argument':
      return [{ text: 'option-argument' }, { text: option === null ? '' : `of ${printable(option)}` }];
    case 'end-of-options':
      return [{ text: 'end of the options' }, { text: '' }];
    case 'operand':
      return [{ text: 'operand' }, { text: shown }];
  }
}

function resolved(name: string, verdict: WordPart['verdict'], isShort: boolean): string {
  if (verdict === 'ambiguous') return 'ambiguous';
  if (verdict === 'unknown') return 'unknown';
  if (verdict === 'not-judged') return 'unknown';
  return isShort ? `${name}, abbreviated` : name;
}

/** Each rule as a clause. */
const RULES: { readonly [K in AssumedRule['rule']]: string } = {
  optionAbbreviations: 'long options may be abbreviated',
  commandAbbreviations: 'commands cannot be abbreviated',
  segmentAbbreviations: 'command segments cannot be shortened',
  segmentSeparator: 'segments are separated by colons',
  valueAbbreviations: 'values cannot be abbreviated',
  prefixTie: 'ambiguous names are refused',
  spellingsTie: 'spellings of one option are not ambiguous',
  caseSensitive: 'case counts',
  letterCaseSensitive: 'case counts in letters',
  commandCaseSensitive: 'case counts in commands',
  grouping: 'short options may be grouped',
  generatedNegation: 'the parser generates no negated names',
  negationPrefix: "negated names begin with '--no-'",
  flagValues: 'a flag takes no value',
  optionPrefixes: 'options begin with one or two hyphens',
  longHyphens: 'long names have the hyphens shown in the list',
  wordJoints: 'long names are written as the list has them',
  singleHyphenWord: 'a long name with one hyphen wins over a group of letters',
  bundleWithoutHyphen: 'the first word is not a group of letters',
  numberOption: 'a hyphen and a number are not an option',
  valueForms: 'values may be joined to their option or follow it',
  hyphenValues: 'an argument may begin with a hyphen',
  negativeNumbers: 'negative numbers are read as options',
  optionalValues: 'an optional argument must be joined to its option',
  missingArguments: 'an option whose argument is missing is refused',
  repeatedFlags: 'a flag may be given twice',
  repeatedOptions: 'the last of two counts',
  optionInheritance: 'options of the program stand before the subcommand',
  operandOrder: 'options may follow operands',
  doubleHyphen: "'--' ends the options",
  unknownOptions: 'unknown options are refused',
};

function assumedText({ rule }: AssumedRule): string {
  return RULES[rule];
}

function quoted(text: string): string {
  return `'${printable(text)}'`;
}
