import { groupedBy } from '../collections/grouped.ts';
import { cellCode, inlineCode, plainText } from '../markdown/markdown-text.ts';
import { type RuleValues, UNKNOWN_RULES, type ValueForms, valueFormWords } from '../model/parsing-rules.ts';
import { ruleName } from '../model/rule-name.ts';
import type { CommandLineMistake, ParserProfile } from '../parsers/parser-profile.ts';

/** A parsing rule as a question, with the words for each answer; a rule without them is told by its value. */
interface Question {
  readonly rule: keyof RuleValues;
  readonly title: string;
  readonly answers?: Readonly<Record<string, string>>;
}

const ACCEPTED = { true: 'accepted', false: 'not accepted' };

/** What a user of a program can type, in the order in which one would ask. */
const QUESTIONS: readonly Question[] = [
  {
    rule: 'optionAbbreviations',
    title: 'A prefix of a long option, `--outl` for `--outline`',
    answers: ACCEPTED,
  },
  {
    rule: 'prefixTie',
    title: 'A prefix of two options',
    answers: { refused: 'refused', 'first-declared': 'the option that was declared first' },
  },
  {
    rule: 'spellingsTie',
    title: 'A prefix of two names of one option',
    answers: { true: 'refused', false: 'the option' },
  },
  { rule: 'commandAbbreviations', title: 'A prefix of a command, `star` for `start`', answers: ACCEPTED },
  {
    rule: 'segmentAbbreviations',
    title: 'A prefix of each segment of a command, `r:p` for `route:plan`',
    answers: ACCEPTED,
  },
  { rule: 'valueAbbreviations', title: 'A prefix of an allowed value', answers: ACCEPTED },
  {
    rule: 'caseSensitive',
    title: 'Upper and lower case in long names',
    answers: { true: 'told apart', false: 'not told apart' },
  },
  {
    rule: 'letterCaseSensitive',
    title: 'Upper and lower case in letters',
    answers: { true: 'told apart', false: 'not told apart' },
  },
  {
    rule: 'commandCaseSensitive',
    title: 'Upper and lower case in commands',
    answers: { true: 'told apart', false: 'not told apart' },
  },
  { rule: 'grouping', title: 'Letters in a group, `-ab`', answers: ACCEPTED },
  { rule: 'valueForms', title: 'Ways to give an argument' },
  {
    rule: 'optionalValues',
    title: 'An argument that may be left out',
    answers: { joined: 'is joined to its option', 'joined-or-separate': 'is joined, or is the next word' },
  },
  {
    rule: 'hyphenValues',
    title: 'A word with a hyphen as argument, `--output --all`',
    answers: { true: 'taken as the argument', false: 'taken as an option' },
  },
  { rule: 'negativeNumbers', title: 'A negative number as operand', answers: ACCEPTED },
  {
    rule: 'repeatedOptions',
    title: 'An option with an argument given twice',
    answers: { refused: 'refused', 'last-wins': 'the last one counts', 'first-wins': 'the first one counts' },
  },
  { rule: 'repeatedFlags', title: 'A flag given twice', answers: { true: 'accepted', false: 'refused' } },
  {
    rule: 'missingArguments',
    title: 'An option whose argument is missing',
    answers: { refused: 'refused', empty: 'taken without one' },
  },
  { rule: 'generatedNegation', title: 'A negated name of every flag', answers: ACCEPTED },
  { rule: 'negationPrefix', title: 'What stands before a negated name' },
  {
    rule: 'flagValues',
    title: 'A value of a flag, `--all=false`',
    answers: {
      refused: 'refused',
      'true-or-false': 'true and false are accepted',
      ignored: 'ignored',
      'passed-on': 'taken as an operand',
    },
  },
  {
    rule: 'longHyphens',
    title: 'The hyphens of long names',
    answers: {
      'as-listed': 'as they are declared',
      'one-or-two': 'one or two',
      'one-where-no-letter': 'one too, where their first letter is no option',
    },
  },
  { rule: 'optionPrefixes', title: 'What options begin with' },
  { rule: 'wordJoints', title: 'Other joints between the words of a name' },
  {
    rule: 'operandOrder',
    title: 'Options behind an operand',
    answers: {
      mixed: 'still options',
      'first-operand-ends-options': 'operands',
      'options-before-subcommand': 'still options, but not behind a subcommand',
    },
  },
  {
    rule: 'optionInheritance',
    title: "The program's options behind a subcommand",
    answers: { 'anywhere-below': 'accepted', 'before-subcommand': 'not accepted' },
  },
  {
    rule: 'doubleHyphen',
    title: 'The word `--`',
    answers: {
      'ends-options': 'ends the options',
      'ends-options-and-stays': 'ends the options, and is an operand too',
      'begins-command-line': 'begins words that are no operands of the program',
      ordinary: 'is an operand',
      refused: 'is refused',
    },
  },
  {
    rule: 'unknownOptions',
    title: 'An option that does not exist',
    answers: { refused: 'refused', 'passed-on': 'taken as an operand', ignored: 'ignored' },
  },
];

const MISTAKES: readonly (readonly [CommandLineMistake, string])[] = [
  ['unknownLong', 'an unknown long name'],
  ['unknownLetter', 'an unknown letter'],
  ['unknownCommand', 'an unknown command'],
  ['ambiguous', 'an ambiguous prefix'],
  ['argumentMissing', 'a missing argument'],
  ['argumentUnexpected', 'an argument of a flag'],
  ['valueNotAllowed', 'a value that is not allowed'],
];

/** All parsers as a page in Markdown: for each rule which of them do what, then each with what it adds and what it prints. */
export function parsersMarkdown(parsers: readonly ParserProfile[]): string {
  return `${[
    '# Parsers and what their users can type',
    [
      `${parsers.length} parsers, each by the name that ${inlineCode('--parser')}, the key ${inlineCode('parser')} of a document, and the settings call it.`,
      `Every fact was run: a small program declares ${inlineCode('--all')} (${inlineCode('-a')}), ${inlineCode('--output FILE')} and others through the parser, and command lines are given to it whose outcome tells`,
      `(${inlineCode('npm run parsers')} runs them again and names what differs). A program may set its parser up otherwise; a parser that does not stand under a question cannot be asked it, or leaves it to the program.`,
      'Made by `npm run docs` from the profiles.',
    ].join('\n'),
    ...QUESTIONS.map((question) => questionPart(question, parsers)),
    '## Each parser',
    ...parsers.map(parserPart),
  ].join('\n\n')}\n`;
}

function questionPart({ rule, title, answers }: Question, parsers: readonly ParserProfile[]): string {
  const byAnswer = groupedBy(parsers, ({ rules }) => answerOf(rule, rules, answers));
  const rows = [...byAnswer].map(
    ([answer, own]) => `| ${answer} | ${own.map(({ name }) => `[${name}](#${name})`).join(', ')} |`,
  );
  return [
    `## ${title}`,
    `The rule ${inlineCode(ruleName(rule))}.`,
    ['| | parsers |', '| --- | --- |', ...rows].join('\n'),
  ].join('\n\n');
}

function answerOf(
  rule: keyof RuleValues,
  rules: Partial<RuleValues>,
  answers: Question['answers'],
): string | undefined {
  const value = rules[rule];
  if (value === undefined) return undefined;
  if (answers !== undefined) return answers[String(value)];
  const words =
    rule === 'valueForms'
      ? valueFormWords(value as ValueForms)
      : Array.isArray(value)
        ? (value as readonly string[])
        : [String(value)];
  return words.map(cellCode).join(', ');
}

function parserPart({
  name,
  title,
  language,
  ran,
  rules,
  older,
  addedOptions,
  addedCommands,
  messages,
}: ParserProfile): string {
  const codes = (words: readonly string[]) => words.map(inlineCode).join(', ') || 'none';
  const open = (Object.keys(UNKNOWN_RULES) as (keyof RuleValues)[]).filter(
    (rule) => rules[rule] === undefined,
  );
  const rows = MISTAKES.flatMap(([mistake, what]) => {
    const message = messages[mistake];
    if (message === undefined) return [];
    const { text, status, stream } = message;
    return [
      `| ${what} | ${cellCode(text)}${stream === undefined ? '' : ' on standard output'} | ${status} |`,
    ];
  });
  return [
    `### ${name}`,
    `${plainText(title)} (${plainText(language)}); run with ${plainText(ran.join(', '))}. Options that it adds: ${codes(addedOptions)}. Commands: ${codes(addedCommands)}. Not known: ${codes(open.map(ruleName))}.`,
    ...(older ?? []).map(
      ({ before, rules: were }) =>
        `Before ${plainText(before)}: ${Object.keys(were)
          .map((rule) => {
            const was = answerOf(
              rule as keyof RuleValues,
              were,
              QUESTIONS.find((one) => one.rule === rule)?.answers,
            );
            return `${inlineCode(ruleName(rule as keyof RuleValues))}: ${was ?? ''}`;
          })
          .join('; ')}.`,
    ),
    ...(rows.length === 0
      ? []
      : [['| for | it prints | status |', '| --- | --- | --- |', ...rows].join('\n')]),
  ].join('\n\n');
}
