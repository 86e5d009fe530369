import { type Command, InvalidArgumentError, Option } from 'commander';
import { printable } from 'dabbawala';
import {
  CAPTURE_DEFAULTS,
  type Capture,
  type CaptureSettings,
  capturePlan,
  captureProgram,
} from 'dabbawala/node';
import { DOCUMENT_WRITERS } from 'dabbawala/writers';
import type { Declare } from '../declare.ts';
import { DONE, UNUSABLE } from '../exit-status.ts';
import type { Io } from '../io.ts';
import { reportError, reportProblem } from '../report-problem.ts';
import { writeResult } from '../write-result.ts';

interface CaptureOptions {
  readonly to: keyof typeof DOCUMENT_WRITERS;
  readonly output?: string;
  readonly plan?: true;
  readonly declared?: true;
  readonly probe?: true;
  readonly yes?: true;
  readonly program?: string;
  readonly keepHome?: true;
  readonly keepFolder?: true;
  readonly shortHelp?: true;
  readonly width: number;
  readonly seconds: number;
  readonly depth: number;
  readonly most: number;
  readonly questions: number;
  readonly parallel: number;
}

export const declare: Declare = (command, io, done) => {
  command
    .description(
      'Runs a program to get its help, command by command, and the version where the help shows it, and writes its interface as a ' +
        'document. Each run has no shell, an empty folder, and limits. A program may still do more than print help: --plan shows what would be run.',
    )
    .usage('[OPTION]... [--] PROGRAM [ARGUMENT]...')
    .argument('<PROGRAM>', 'the program, found by its name or path')
    .argument(
      '[ARGUMENT...]',
      'further words that call it, such as -m and a module for python3; after --, any words',
    )
    .passThroughOptions()
    .addOption(
      new Option('--to <FORM>', 'the form to write').choices(Object.keys(DOCUMENT_WRITERS)).default('yaml'),
    )
    .option('-o, --output <FILE>', 'write the document to FILE, not to standard output')
    .option('--plan', 'print the command lines that would be run, and do not run them')
    .option(
      '--declared',
      "also read what the program's parser declares, hidden options too, by ending it where it is about to parse; for C, Python, Node.js, Perl and Ruby",
    )
    .option(
      '--probe',
      'also run --version, an abbreviation of --help and an option that does not exist, and ask the parser for all its options, hidden ones too, by command lines that it refuses',
    )
    .option('-y, --yes', 'do not ask before --declared and --probe')
    .option('--program <NAME>', 'the name of the program, if the words do not give it')
    .option('--keep-home', "let the program see the user's home folder")
    .option('--keep-folder', 'run the program in this folder instead of an empty one')
    .option('--short-help', 'also try -h if --help gives no help');
  number(
    command,
    '--width <COLUMNS>',
    'the terminal width that the program is told',
    CAPTURE_DEFAULTS.width,
    1000,
  );
  number(
    command,
    '--seconds <SECONDS>',
    'the seconds that one run may take',
    CAPTURE_DEFAULTS.timeLimit / 1000,
    600,
  );
  number(
    command,
    '--depth <COUNT>',
    'how many levels of commands are followed',
    CAPTURE_DEFAULTS.depthLimit,
    20,
  );
  number(
    command,
    '--most <COUNT>',
    'the most commands that are asked',
    CAPTURE_DEFAULTS.commandLimit,
    20_000,
  );
  number(
    command,
    '--questions <COUNT>',
    'the most questions that --probe asks the parser, each a run',
    CAPTURE_DEFAULTS.probeLimit,
    100_000,
  );
  number(command, '--parallel <COUNT>', 'how many runs are done at once', CAPTURE_DEFAULTS.parallel, 64);
  command.action(async (program: string, words: string[], options: CaptureOptions) => {
    const own = ownWords(program, words, command);
    if (own === undefined)
      done(await runCapture([program, ...words.filter((word, i) => i > 0 || word !== '--')], options, io));
    else command.error(own);
  });
};

/** The words of the command line as they were given, which the parser keeps and does not declare. */
function rawWords(command: Command): readonly string[] {
  const { parent } = command;
  const words = parent !== null && 'rawArgs' in parent ? parent.rawArgs : [];
  return Array.isArray(words) ? words : [];
}

/**
 * Why the words behind PROGRAM are refused: one of them is an option of this command, and nothing says that the program is meant.
 * Undefined where all is well.
 */
function ownWords(program: string, words: readonly string[], command: Command): string | undefined {
  const given = rawWords(command);
  const isMarked = words[0] === '--' || given[given.length - words.length - 2] === '--';
  if (isMarked) return undefined;
  const own = words.find((word) => {
    const name = word.startsWith('--') ? word.replace(/=.*$/s, '') : word.slice(0, 2);
    return (
      command.options.some(({ short, long }) => name === short || name === long) ||
      /^(?:-h|--help)$/.test(word)
    );
  });
  return own === undefined
    ? undefined
    : `'${own}' after PROGRAM is not read as an option of capture; put it before '${program}', or put '--' before the program's own words`;
}

function number(command: Command, flags: string, description: string, value: number, most: number): void {
  const parse = (text: string) => {
    if (!/^\d{1,6}$/.test(text) || Number(text) < 1 || Number(text) > most) {
      throw new InvalidArgumentError(`expected a number from 1 to ${most}`);
    }
    return Number(text);
  };
  command.addOption(new Option(flags, description).argParser(parse).default(value));
}

async function runCapture(invocation: readonly string[], options: CaptureOptions, io: Io): Promise<number> {
  const settings = settingsOf(options);
  const plan = capturePlan(invocation, settings).map((line) => `${printable(line)}\n`);
  if (options.plan) {
    io.write(plan.join(''));
    return DONE;
  }
  if ((options.probe || options.declared) && !options.yes) {
    io.writeError(
      `Running a program is never certain to be harmless. These command lines would be run:\n${plan.join('')}`,
    );
    const isAgreed = await io.ask?.('Run them?');
    if (isAgreed !== true) {
      reportError(
        isAgreed === false
          ? 'nothing was run'
          : "expected '--yes', since there is no terminal to ask; nothing was run",
        io,
      );
      return UNUSABLE;
    }
  }
  const capture = await captureProgram(
    invocation,
    settings,
    ({ done, waiting, current }) =>
      io.showProgress?.(`${done} asked, ${waiting} waiting: ${printable(current)}`),
    io.stopSignal(),
  );
  io.showProgress?.(undefined);
  return writeCapture(capture, options, io);
}

function settingsOf(options: CaptureOptions): CaptureSettings {
  return {
    ...CAPTURE_DEFAULTS,
    width: options.width,
    timeLimit: options.seconds * 1000,
    depthLimit: options.depth,
    commandLimit: options.most,
    parallel: options.parallel,
    program: options.program,
    keepHome: options.keepHome === true,
    keepFolder: options.keepFolder === true,
    shortHelp: options.shortHelp === true,
    declared: options.declared === true,
    probe: options.probe === true,
    probeLimit: options.questions,
  };
}

async function writeCapture(capture: Capture, options: CaptureOptions, io: Io): Promise<number> {
  for (const problem of capture.problems) reportProblem(problem, io);
  if (capture.isStopped) reportError('stopped; what was read so far is kept', io);
  if (capture.interface === undefined) return UNUSABLE;
  const text = DOCUMENT_WRITERS[options.to](capture.interface);
  if (!(await writeResult(text, options.output, io))) return UNUSABLE;
  return capture.isStopped ? UNUSABLE : DONE;
}
