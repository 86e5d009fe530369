import { randomBytes } from 'node:crypto';
import { access, mkdir, readdir, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { type Answer, inventoryFromAnswers } from '../../core/coverage/inventory-from-answers.ts';
import { completionQuestions, type Question } from '../../core/coverage/questions.ts';
import { expectKeys } from '../../core/messages/misuse-error.ts';
import type { Interface } from '../../core/model/interface.ts';
import type { Inventory, Shell } from '../../core/model/inventory.ts';
import { fishWord, quotedWord } from '../../core/shells/quoted-word.ts';
import type { Source } from '../../core/source/source.ts';
import { findProgram } from '../running/find-program.ts';
import { openRunFolders } from '../running/run-folders.ts';
import { type ProgramRun, runProgram } from '../running/run-program.ts';
import { partWords } from './parted-words.ts';
import { readAnswers } from './read-answers.ts';

/** How a shell is asked for its completion. */
export interface ObserveSettings {
  /** The most milliseconds for one shell, beside those for each question. */
  readonly timeLimit: number;
  /** The most milliseconds that one question may take on average. */
  readonly questionTime: number;
  /** Stops the shells when it is aborted. */
  readonly signal?: AbortSignal | undefined;
}

/** What holds where a setting is not given. */
export const OBSERVE_DEFAULTS: ObserveSettings = { timeLimit: 20_000, questionTime: 400 };

/** Files in the folder in which shells are asked: where these are offered, files are. */
const MARKER_FILE = 'dabbawala-marker-file';
const MARKER_FOLDER = 'dabbawala-marker-folder';

const LIBRARY = '/usr/share/bash-completion/bash_completion';
const OUTPUT_LIMIT = 64 * 1024 * 1024;
const US = '\x1f';

/** Where a shell or what a script needs is not on this machine. */
export interface NotAsked {
  /** The shell. */
  readonly shell: Shell;
  /** What is missing. */
  readonly reason: string;
}

/** What a shell answered, in the order of the questions; fewer where it did not come to the end. */
export interface ShellAnswers {
  /** The answers, in the order of the questions; fewer where the shell did not answer all. */
  readonly answers: readonly Answer[];
  /** Why the script does not load, or what it does that it must not; undefined where all is well. */
  readonly fault: string | undefined;
}

/**
 * Asks a real shell what it offers for the commands and options of an interface: by a completion script, or by what the shell finds
 * itself where none is given.
 */
export async function observeCompletion(
  shell: Shell,
  script: Source | undefined,
  cli: Interface,
  settings: Partial<ObserveSettings> = {},
): Promise<Inventory | NotAsked> {
  const questions = completionQuestions(cli);
  const asked = await askShell(shell, script, questions, settings);
  if ('reason' in asked) return asked;
  return inventoryFromAnswers({
    shell,
    program: cli.program.value,
    source: script,
    asked: questions,
    answers: asked.answers,
    markers: [MARKER_FILE, MARKER_FOLDER],
    fault: asked.fault,
  });
}

/**
 * Asks a real shell what it offers, all questions in one process. The script is a stranger's program: it runs in an empty folder, with an
 * empty home, a clean environment and limits on time and output, and everything that it started is ended with the shell. Throws a MisuseError where a
 * setting is given that there is not.
 */
export async function askShell(
  shell: Shell,
  script: Source | undefined,
  questions: readonly Question[],
  settings: Partial<ObserveSettings> = {},
): Promise<ShellAnswers | NotAsked> {
  expectKeys('observeCompletion', settings, { timeLimit: true, questionTime: true, signal: true });
  const all = { ...OBSERVE_DEFAULTS, ...settings };
  if ('reason' in (await findProgram(shell))) return { shell, reason: `${shell} is not on this machine` };
  const folders = await openRunFolders({ width: 1000, keepHome: false, keepFolder: false });
  if ('reason' in folders) return { shell, reason: folders.reason };
  try {
    const home = folders.environment.HOME ?? folders.folder;
    const desk = join(home, 'desk');
    await mkdir(desk);
    await writeFile(join(folders.folder, MARKER_FILE), '');
    await mkdir(join(folders.folder, MARKER_FOLDER));
    const scriptPath =
      script === undefined ? '' : join(desk, shell === 'zsh' ? '_script' : `script.${shell}`);
    if (script !== undefined) await writeFile(scriptPath, script.text);
    const [loading = '', ...secrets] = Array.from({ length: questions.length + 1 }, newSecret);
    const asked = questions.map((question, i) => `${lineFor(shell, question)}\n${secrets[i]}\n`);
    const run = await runProgram([shell, ...(await wordsFor(shell, scriptPath, script))], {
      folder: folders.folder,
      environment: { ...folders.environment, LC_ALL: 'C.UTF-8', LANG: 'C.UTF-8', COLUMNS: '1000' },
      timeLimit: all.timeLimit + all.questionTime * questions.length,
      outputLimit: OUTPUT_LIMIT,
      signal: all.signal,
      told: { descriptor: shell === 'fish' ? 0 : 3, text: `${loading}\n${asked.join('')}` },
    });
    if (run.end === 'not-started') return { shell, reason: `${shell} cannot be run: ${run.failure ?? ''}` };
    const { isLoaded, answers } = readAnswers(run.answers, shell, loading, secrets);
    const lacks = answers.length < questions.length;
    return { answers, fault: await faultOf(run, isLoaded, lacks, [folders.folder, home]) };
  } finally {
    await folders.close();
  }
}

/** What a driver must know to give an answer, and a script cannot. */
function newSecret(): string {
  return randomBytes(12).toString('hex');
}

/** A question as the driver of a shell reads it, in one line. */
function lineFor(shell: Shell, { words, typed }: Question): string {
  const quote = shell === 'fish' ? fishWord : commandLineWord;
  const line = [...words.map(quote), typed].join(' ');
  if (shell !== 'bash') return oneLine(line);
  const parted = partWords(words, typed);
  return [line, parted.current, parted.previous, ...parted.words].map(oneLine).join(US);
}

/** A word as it is typed, which names with `=` and `:` are without quotes. */
function commandLineWord(word: string): string {
  return /^[\w@%+=:,./-]+$/.test(word) ? word : quotedWord(word);
}

/** A text without what would end a line or a field. */
function oneLine(text: string): string {
  return text.replace(/[\0-\x1f\x7f]/g, '?');
}

async function wordsFor(shell: Shell, scriptPath: string, script: Source | undefined): Promise<string[]> {
  const driver = fileURLToPath(new URL(`./drivers/ask.${shell}`, import.meta.url));
  switch (shell) {
    case 'bash': {
      const needsLibrary = script === undefined || LIBRARY_NAMES.test(script.text);
      const library = needsLibrary && (await exists(LIBRARY)) ? LIBRARY : '';
      return ['--norc', '--noprofile', driver, scriptPath, library];
    }
    case 'fish':
      return scriptPath === '' ? [driver] : ['--no-config', driver, scriptPath];
    case 'zsh':
      return ['-f', driver, ...(scriptPath === '' ? [] : [scriptPath])];
  }
}

/** Functions of the library that scripts for bash call. */
const LIBRARY_NAMES =
  /\b(?:_init_completion|_get_comp_words_by_ref|_filedir|_parse_help|_parse_usage|_longopt|_upvars?|__ltrim_colon_completions|_known_hosts|_comp_[a-z_]+|_have|_split_longopt|_command_offset)\b/;

async function exists(path: string): Promise<boolean> {
  return access(path).then(
    () => true,
    () => false,
  );
}

/** What a script did that it must not: fail, hang, or write files. */
async function faultOf(
  run: ProgramRun,
  isLoaded: boolean,
  lacksAnswers: boolean,
  folders: readonly string[],
): Promise<string | undefined> {
  if (run.end === 'time') return isLoaded ? 'it did not answer in time' : 'it did not load in time';
  if (run.end === 'output') return 'it printed too much';
  const [complaint = ''] = run.standardError.split('\n').filter((line) => line.trim() !== '');
  if (!isLoaded) return complaint === '' ? 'it does not load' : `it does not load: ${complaint}`;
  if (lacksAnswers) return 'it ended the shell before everything was asked';
  const written = (await Promise.all(folders.map((folder) => readdir(folder)))).flat();
  const strange = written.filter((name) => !OWN_FILES.has(name));
  return strange.length === 0
    ? undefined
    : `it wrote ${strange
        .sort()
        .map((name) => `'${name}'`)
        .join(', ')}`;
}

/** What the questions, the drivers and the shells themselves leave. */
const OWN_FILES: ReadonlySet<string> = new Set([
  'desk',
  MARKER_FILE,
  MARKER_FOLDER,
  '.inner',
  '.errors',
  '.config',
  '.local',
  '.cache',
]);
