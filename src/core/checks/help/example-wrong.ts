import type { AuditView } from '../../audit-view.ts';
import { groupedBy } from '../../collections/grouped.ts';
import { quoteName } from '../../messages/wording.ts';
import type { Example } from '../../model/command.ts';
import type { Interface } from '../../model/interface.ts';
import type { CommandAt } from '../../model/walk.ts';
import { operandKey } from '../../notation/operand-key.ts';
import { OF_WHOLE_LINE, sureProblems } from '../../parsing/sure-problems.ts';
import type { Trace, TracedWord, TraceProblem } from '../../parsing/trace.ts';
import { traceWords } from '../../parsing/trace-words.ts';
import { type ShellWord, simpleCommands } from '../../shells/shell-words.ts';
import { isLetterAway, isSlipInside } from '../../words/slip-inside.ts';
import { suggest } from '../../words/suggest.ts';
import { brokenRelation } from '../broken-relation.ts';
import { defineCheck } from '../define-check.ts';
import { misspeltCommand, unlistedCommand } from '../unlisted-command.ts';
import { unlistedOption } from '../unlisted-option.ts';
import { mayBeGiven, wordForNumber } from '../word-for-number.ts';
import { wrongValue } from '../wrong-value.ts';

/** One finding for each example command line that the program would refuse. */
export const exampleWrong = defineCheck({
  name: 'help/example-wrong',
  level: 'warning',
  title: 'An example does not work',
  why: 'Examples are copied before anything else is read. This one gives an error, or does something else than it shows.',
  standard: 'practice',
  needs: ['examples in the help output or the document', 'the options and operands of the command'],
  since: 7,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]... BOX\n\n      --late   what came after noon\n      --map    draw a map\n\nExamples:\n  tiffin --laet B12\n',
    right:
      'Usage: tiffin [OPTION]... BOX\n\n      --late   what came after noon\n      --map    draw a map\n\nExamples:\n  tiffin --late B12\n',
    nearMiss:
      "Usage: tiffin [OPTION]... BOX\n\n      --late   what came after noon\n      --map    draw a map\n\nExamples:\n  quay --laet B12 | tiffin --late '--laet box'\n  tiffin [--late] BOX\n",
  },
  judge(view, report) {
    for (const at of view.described) {
      const { command, path } = at;
      const judged = command.examples.flatMap((example) => {
        const one = judgeExample(example, at, view);
        return one === undefined ? [] : [{ example, ...one }];
      });
      report.judged(judged.length);
      const wrong = judged.flatMap(({ example, fault }) => (fault === undefined ? [] : [{ example, fault }]));
      for (const { example, fault } of believable(wrong, judged.length, view))
        report.finding({
          command: path,
          subject: example.commandLine,
          data: { example: example.commandLine.replace(/\s+/g, ' '), fault: fault.text },
          place: example.place,
          ...(!fault.isSlip && view.isHelp(example.place) ? { level: 'note' } : {}),
        });
    }
  },
  message: ({ example, fault }: { example: string; fault: string }) =>
    `the example ${quoteName(example)} does not work: ${fault}`,
  fix: () => 'correct the example, and run it in a test of the program',
});

/** What is wrong with an example. */
interface Fault {
  readonly text: string;
  /** What all faults have in common that are likely to be one. */
  readonly cause: string;
  /** Whether it is a slip of the pen for a name that is listed: everything else help output may tell in a way that was not read. */
  readonly isSlip: boolean;
}

interface WrongExample {
  readonly example: Example;
  readonly fault: Fault;
}

/**
 * Those of the wrong examples that are. An author tries most examples: where help is read in such a way that most are wrong, or several in the same way, it
 * was misread; and that there are too many operands is believed where another example bears it out, since a sentence may begin with the name of the program.
 */
function believable(wrong: readonly WrongExample[], count: number, view: AuditView): readonly WrongExample[] {
  if (!wrong.some(({ example }) => view.isHelp(example.place))) return wrong;
  const times = groupedBy(wrong, ({ fault }) => fault.cause);
  const isOne = ({ fault }: WrongExample) => times.get(fault.cause)?.length === 1;
  return wrong.filter(
    (one) =>
      isOne(one) && (wrong.length * 2 <= count || (count === 1 && one.fault.cause !== 'too-many-operands')),
  );
}

/** What is wrong with an example; undefined where too little is known to say. */
function judgeExample(
  example: Example,
  at: CommandAt,
  view: AuditView,
): { readonly fault: Fault | undefined } | undefined {
  const { interface: cli } = view;
  if (hasOpenQuote(example.commandLine))
    return { fault: { text: 'a quotation mark is not closed', cause: 'quote', isSlip: false } };
  const commands = simpleCommands(example.commandLine);
  const calls = commands.flatMap((words) => argumentsOf(words, cli) ?? []);
  const [first] = commands[0] ?? [];
  if (calls.length === 0) {
    // A help text may show other programs beside its own; an example of a document is of the program.
    const isSaid = !view.isHelp(example.place) || isNearProgram(first?.text ?? '', example, at, cli);
    if (!isSaid || commands.length !== 1 || first?.literal !== true) return undefined;
    const text = `it calls ${quoteName(first.text)}, not ${quoteName(cli.program.value)}`;
    return { fault: { text, cause: text, isSlip: true } };
  }
  const faults = calls.map((words) => faultOf(words, cli, view));
  return { fault: faults.find((fault) => fault !== undefined) };
}

/** Whether a quotation mark in front of a word has none behind: an apostrophe in a word is no quotation mark. */
function hasOpenQuote(commandLine: string): boolean {
  const rest = commandLine.replace(/\\.|"(?:[^"\\]|\\.)*"|'[^']*'/gs, '');
  return /(?:^|[\s=])["']\w/.test(rest) && !/\\\n|<<|#/.test(commandLine);
}

/** Whether a word is the name of the program but for a slip: inside of it, or one letter where the other examples call the program. */
function isNearProgram(word: string, example: Example, { command }: CommandAt, cli: Interface): boolean {
  const program = cli.program.value;
  if (isSlipInside(word, program)) return true;
  const isBeside = ({ commandLine }: Example) => commandLine.startsWith(`${program} `);
  return (
    isLetterAway(word, program) && command.examples.some((other) => other !== example && isBeside(other))
  );
}

/** Programs that run the one behind them. */
const RUNNERS: ReadonlySet<string> = new Set([
  'sudo',
  'doas',
  'env',
  'nice',
  'time',
  'exec',
  'command',
  'nohup',
]);

/** The words behind those that call the program; undefined where a command calls another one. As a list, since a call without words is one too. */
function argumentsOf(words: readonly ShellWord[], cli: Interface): [readonly ShellWord[]] | undefined {
  let at = 0;
  while (RUNNERS.has(words[at]?.text ?? '') || /^\w+=/.test(words[at]?.text ?? '')) at++;
  const calls = [[cli.program.value], ...cli.invocations.map(({ value }) => value)];
  for (const call of calls) {
    const isCalled = call.every((word, i) => {
      const given = words[at + i]?.text ?? '';
      return given === word || (i === 0 && given.slice(given.lastIndexOf('/') + 1) === word);
    });
    if (isCalled) return [words.slice(at + call.length)];
  }
  return undefined;
}

function faultOf(words: readonly ShellWord[], cli: Interface, view: AuditView): Fault | undefined {
  const trace = traceWords(
    cli,
    words.map(({ text }) => text),
  );
  const at = view.commandAt(trace.command);
  if (at === undefined) return undefined;
  const names = at.line.flatMap((command) =>
    command.options.items.flatMap((option) => option.names.map(({ text }) => text)),
  );
  if (!at.command.described) {
    // Of a command that is not described, the words before it are still the options of those above it.
    const first = trace.words.find(({ parts }) => parts.some(({ role }) => role === 'command'));
    const before = trace.problems.filter(({ word }) => word !== null && word < (first?.index ?? 0));
    const unknown = unknownCommand(at, trace, words);
    if (unknown !== undefined) return faultOfProblem(unknown);
    const slip = misspelt(before, words, names) ?? slipOfAbove(trace.problems, words, names);
    const text = slip ?? wrongValue(at.line.slice(0, -1), words);
    return slip !== undefined
      ? { text: slip, cause: slip, isSlip: true }
      : text === undefined
        ? undefined
        : { text, cause: text, isSlip: false };
  }
  const problem = sureProblems(
    trace,
    words.map(({ text, literal }) => ({ text, isLiteral: literal })),
  ).find(({ code, word, message }) => {
    // What stands for all words behind it need not be there.
    if (code === 'operand-missing' && view.isHelp(at.command.place) && ANY_WORDS.test(message)) return false;
    // Whether words that stand in the synopsis of a help are to be typed as they are, and how many an option takes, is seldom sure.
    if (
      code === 'value-missing' &&
      view.isHelp(at.command.place) &&
      takesWords(at, words[word ?? -1]?.text ?? '')
    )
      return false;
    if (code === 'value-not-allowed' && view.isHelp(at.command.place))
      return isOperand(trace, word) ? isListedChoice(at, trace, word) : !isToldInText(at, trace, word);
    // What must be given is only inferred from a synopsis of help: an example that leaves it out shows that it need not be.
    return (code !== 'option-missing' && code !== 'option-excluded') || !view.isHelp(at.command.place);
  });
  if (problem !== undefined) return faultOfProblem(problem);
  const slip =
    shortened(trace.words, words) ??
    misspelt(trace.problems, words, names) ??
    misspeltCommand(at, trace, words);
  if (slip !== undefined) return { text: slip, cause: slip, isSlip: true };
  const text =
    unlistedOption({ at, trace, words, names, view }) ??
    unlistedCommand(at, trace, words, view) ??
    brokenRelation(at, trace) ??
    wordForNumber(at, trace) ??
    wrongValue(at.line, words);
  return text === undefined ? undefined : { text, cause: text, isSlip: false };
}

/** What stands for any number of words, with or without dots. */
const ANY_WORDS = /'<?(?:args?|arguments?|params?|parameters?|options?)>?'/i;

/** A word that is no command of a group of which all commands are stated. */
function unknownCommand(
  { command }: CommandAt,
  { problems }: Trace,
  words: readonly ShellWord[],
): TraceProblem | undefined {
  if (command.commands.complete?.basis !== 'stated' || command.commands.complete.value !== true)
    return undefined;
  return problems.find(({ code, word }) => code === 'unknown-command' && words[word ?? -1]?.literal === true);
}

function faultOfProblem({ code, message }: TraceProblem): Fault {
  const [text = ''] = message.slice(message.indexOf(': ') + 2).split('; did you mean');
  return { text, cause: OF_WHOLE_LINE.has(code) ? code : text, isSlip: message.includes('; did you mean') };
}

/** Whether an option is read to take several words, which may be the words of one placeholder. */
function takesWords({ command }: CommandAt, given: string): boolean {
  const option = command.options.items.find(({ names }) => names.some(({ text }) => given.startsWith(text)));
  return (option?.argument?.value.words.length ?? 0) > 1;
}

/** Whether the text of an option speaks of a value that its list lacks: the list was not read to its end. */
function isToldInText({ line }: CommandAt, { options }: Trace, index: number | null): boolean {
  const given = options.findLast(({ word }) => index !== null && word <= index);
  const option = line
    .flatMap((command) => command.options.items)
    .find(({ names }) => names.some(({ text }) => text === given?.name));
  return given?.values.some((value) => mayBeGiven(value, option?.help?.value ?? '')) ?? false;
}

/** Whether the words of an operand are listed as its values in an entry of its own. */
function isListedChoice({ command }: CommandAt, { words }: Trace, index: number | null): boolean {
  const given = words.find((word) => word.index === index);
  const names = given?.parts.flatMap(({ name }) => (name === null ? [] : [operandKey(name)])) ?? [];
  return command.operands.items.some(
    ({ name, word }) => word.values !== undefined && names.includes(operandKey(name)),
  );
}

function isOperand({ words }: Trace, index: number | null): boolean {
  return words.some((word) => word.index === index && word.parts.some(({ role }) => role === 'operand'));
}

/** A name that the example cuts short: it works until a new option begins the same way, and readers take it for the name. */
function shortened(traced: readonly TracedWord[], words: readonly ShellWord[]): string | undefined {
  for (const { index, text, parts } of traced) {
    const part = parts.find(
      ({ role, verdict, name }) => role === 'option' && verdict === 'unique' && name !== null,
    );
    if (part !== undefined && words[index]?.literal === true)
      return `${quoteName(text.slice(part.start, part.end))} is not the name of an option, only the beginning of ${quoteName(part.name ?? '')}`;
  }
  return undefined;
}

/** An option of a command that is not described, which is that of a command above it but for a slip inside. */
function slipOfAbove(
  problems: readonly TraceProblem[],
  words: readonly ShellWord[],
  names: readonly string[],
): string | undefined {
  for (const { word } of problems) {
    const given = word === null ? undefined : words[word];
    const name = given?.literal === true ? (given.text.split('=', 1)[0] ?? '') : '';
    const near = names.find((one) => /^--\w[\w-]{3}/.test(one) && isSlipInside(name, one));
    if (near !== undefined && !names.includes(name))
      return `${quoteName(name)} is no option that the help lists, ${quoteName(near)} is`;
  }
  return undefined;
}

/** An option that a list which may not be complete lacks, where it has one that is spelled almost alike. */
function misspelt(
  problems: readonly TraceProblem[],
  words: readonly ShellWord[],
  names: readonly string[],
): string | undefined {
  for (const { code, word } of problems) {
    const given = code === 'not-judged' && word !== null ? words[word] : undefined;
    if (given?.literal !== true || !/^--\w/.test(given.text)) continue;
    const name = given.text.split('=', 1)[0] ?? '';
    const [near] = suggest(
      name,
      names.filter((one) => one.startsWith('--')),
    );
    if (near !== undefined)
      return `${quoteName(name)} is no option that the help lists, ${quoteName(near)} is`;
  }
  return undefined;
}
