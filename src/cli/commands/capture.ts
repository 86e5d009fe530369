import { type Command, InvalidArgumentError, Option } from 'commander';
import { documentJson, documentYaml, printable } from 'dabbawala';
import {
  CAPTURE_DEFAULTS,
  type Capture,
  type CaptureSettings,
  capturePlan,
  captureProgram,
  systemReason,
  writeTextFile,
} from 'dabbawala/node';
import type { Declare } from '../declare.ts';
import { DONE, UNUSABLE } from '../exit-status.ts';
import type { Io } from '../io.ts';
import { reportError, reportProblem } from '../report-problem.ts';

const WRITERS = { yaml: documentYaml, json: documentJson } as const;

interface CaptureOptions {
  readonly to: keyof typeof WRITERS;
  readonly output?: string;
  readonly plan?: true;
  readonly probe?: true;
  readonly yes?: true;
  readonly keepHome?: true;
  readonly shortHelp?: true;
  readonly width: number;
  readonly seconds: number;
  readonly depth: number;
  readonly most: number;
  readonly parallel: number;
}

export const declare: Declare = (command, io, done) => {
  command
    .description(
      'Runs a program for its help, command by command, and writes its interface as a document. Every run is without a shell, ' +
        'in an empty folder, with limits. No program is certain to do no more than print help: --plan shows what would be run.',
    )
    .usage('[OPTION]... PROGRAM [ARGUMENT]...')
    .argument('<PROGRAM>', 'the program, found by its name or path')
    .argument('[ARGUMENT...]', 'further words that call it, such as -m and a module for python3')
    .passThroughOptions()
    .addOption(new Option('--to <FORM>', 'the form to write').choices(Object.keys(WRITERS)).default('yaml'))
    .option('-o, --output <FILE>', 'write the document to FILE, not to standard output')
    .option('--plan', 'print the command lines that would be run, and run none')
    .option('--probe', 'also run --version, an abbreviation of --help, and an option that does not exist')
    .option('-y, --yes', 'do not ask before --probe')
    .option('--keep-home', "let the program see the user's home")
    .option('--short-help', 'ask for -h too where --help gives no help');
  number(
    command,
    '--width <COLUMNS>',
    'columns of the terminal that it is told of',
    CAPTURE_DEFAULTS.width,
    1000,
  );
  number(
    command,
    '--seconds <SECONDS>',
    'seconds that one run may take',
    CAPTURE_DEFAULTS.timeLimit / 1000,
    600,
  );
  number(
    command,
    '--depth <COUNT>',
    'how many commands may lead to another',
    CAPTURE_DEFAULTS.depthLimit,
    20,
  );
  number(
    command,
    '--most <COUNT>',
    'how many commands are asked at the most',
    CAPTURE_DEFAULTS.commandLimit,
    20_000,
  );
  number(command, '--parallel <COUNT>', 'how many runs go on side by side', CAPTURE_DEFAULTS.parallel, 64);
  command.action(async (program: string, words: string[], options: CaptureOptions) =>
    done(await runCapture([program, ...words], options, io)),
  );
};

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
  if (options.probe && !options.yes) {
    io.writeError(`No run of a program is certain to be harmless. These would be run:\n${plan.join('')}`);
    const isAgreed = await io.ask?.('Run them?');
    if (isAgreed !== true) {
      reportError(
        isAgreed === false
          ? 'nothing was run'
          : "expected '--yes' where nobody can be asked; nothing was run",
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
    keepHome: options.keepHome === true,
    shortHelp: options.shortHelp === true,
    probe: options.probe === true,
  };
}

async function writeCapture(capture: Capture, options: CaptureOptions, io: Io): Promise<number> {
  for (const problem of capture.problems) reportProblem(problem, io);
  if (capture.isStopped) reportError('stopped; what was read until then is kept', io);
  if (capture.interface === undefined) return UNUSABLE;
  const text = WRITERS[options.to](capture.interface);
  if (options.output === undefined) {
    io.write(text);
  } else {
    try {
      await writeTextFile(options.output, text);
    } catch (error) {
      reportError(`${options.output}: cannot be written: ${systemReason(error)}`, io);
      return UNUSABLE;
    }
  }
  return capture.isStopped ? UNUSABLE : DONE;
}
