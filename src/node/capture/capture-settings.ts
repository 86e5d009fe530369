import { expectKeys } from '../../core/messages/misuse-error.ts';

/** How a program is asked for its help, and how far. */
export interface CaptureSettings {
  /** Columns that programs are told of. */
  readonly width: number;
  /** The most milliseconds for one run. */
  readonly timeLimit: number;
  /** The most bytes that one run may print. */
  readonly outputLimit: number;
  /** How many commands may lead to another. */
  readonly depthLimit: number;
  /** How many commands are asked at the most. */
  readonly commandLimit: number;
  /** How many runs go on side by side. */
  readonly parallel: number;
  /** Whether programs see the user's home. */
  readonly keepHome: boolean;
  /** Whether programs run in the working directory: a module or a relative path among their words is found there. */
  readonly keepFolder: boolean;
  /** The word that people call the program by; told from the words that call it where not given. */
  readonly program?: string | undefined;
  /** Whether `-h` is asked where `--help` gives no help, even if no help that was read shows it. */
  readonly shortHelp: boolean;
  /** Whether what the program's parser declares is read too, while it runs. */
  readonly declared: boolean;
  /** Whether the program is also run with `--version`, with an option that does not exist, and with `--hel`, and its parser is asked. */
  readonly probe: boolean;
  /** How often the parser is asked at the most, where it is asked. */
  readonly probeLimit: number;
}

/** What holds where a setting is not given. */
export const CAPTURE_DEFAULTS: CaptureSettings = {
  width: 200,
  timeLimit: 10_000,
  outputLimit: 4 * 1024 * 1024,
  depthLimit: 8,
  commandLimit: 1000,
  parallel: 4,
  keepHome: false,
  keepFolder: false,
  shortHelp: false,
  declared: false,
  probe: false,
  probeLimit: 1000,
};

/** The settings that were given, and the defaults of the others. Throws a MisuseError where one is given that there is not. */
export function withDefaults(settings: Partial<CaptureSettings>): CaptureSettings {
  expectKeys('captureProgram', settings, {
    width: true,
    timeLimit: true,
    outputLimit: true,
    depthLimit: true,
    commandLimit: true,
    parallel: true,
    keepHome: true,
    keepFolder: true,
    program: true,
    shortHelp: true,
    declared: true,
    probe: true,
    probeLimit: true,
  });
  return { ...CAPTURE_DEFAULTS, ...settings };
}
