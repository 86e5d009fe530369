// Builds the host of a parser and asks it: one run for one command line.
import { spawn, spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { root } from '../../scripts/setup.mjs';
import { LANGUAGES } from '../printers/languages.mjs';

/** Where the hosts are. */
const HOSTS = { folder: join(import.meta.dirname, 'hosts'), shared: 'Probe' };

/** Where hosts are built. */
const BUILT = join(root, 'node_modules/.cache/dabbawala-parsers');

/** How long a run may take, in milliseconds. */
const PATIENCE = 60_000;

/** Builds the host of a parser; what went wrong, or undefined. */
export function buildHost(parser) {
  mkdirSync(join(BUILT, 'java'), { recursive: true });
  for (const { words, folder, environment } of LANGUAGES[parser.language].build(parser, BUILT, HOSTS)) {
    const { status, stderr, error } = spawnSync(words[0], words.slice(1), {
      cwd: folder,
      env: { ...process.env, ...environment },
      encoding: 'utf8',
    });
    if (error !== undefined) return error.message;
    if (status !== 0) return stderr.trim().split('\n').slice(0, 3).join('; ');
  }
  return undefined;
}

/**
 * A function that has a parser read a command line. What comes back: `read`, whether the parser read it to its end; `options`, a map from the
 * names that were given to their arguments; `operands`; `command`, the name of the subcommand; `refused`, whether it ended with a
 * status that is not 0 instead; `shown`, what it printed then; `stream`, where; `status`.
 */
export function asking(parser) {
  const known = new Map();
  return (words, shape = 'options') => {
    const key = JSON.stringify([words, shape]);
    if (!known.has(key)) known.set(key, outcome(parser, words, shape));
    return known.get(key);
  };
}

async function outcome(parser, words, shape) {
  const { status, stdout, stderr } = await run(parser, words, shape);
  const lines = stdout.split('\n').slice(0, -1);
  const read = status === 0 && lines.at(-1) === 'read';
  const told = (kind) =>
    lines.flatMap((line) => (line.startsWith(`${kind} `) ? [line.slice(kind.length + 1)] : []));
  const options = new Map();
  for (const line of read ? told('option') : []) {
    const [name, ...value] = line.split(' ');
    options.set(name, [...(options.get(name) ?? []), value.join(' ')]);
  }
  return {
    read,
    refused: !read && status !== 0,
    options,
    operands: read ? told('operand') : [],
    command: read ? told('command')[0] : undefined,
    status,
    shown: stderr.trim() === '' ? stdout : stderr,
    stream: stderr.trim() === '' ? 'standard output' : 'standard error',
  };
}

function run(parser, words, shape) {
  const folder = mkdtempSync(join(tmpdir(), 'dabbawala-parsers-'));
  const [program, ...before] = LANGUAGES[parser.language].run(parser, BUILT, HOSTS);
  return new Promise((done, failed) => {
    const child = spawn(program, [...before, ...words], {
      cwd: folder,
      env: {
        ...process.env,
        PROBE: shape,
        VARIANT: parser.variant || undefined,
        COLUMNS: '80',
        NO_COLOR: '1',
        LC_ALL: 'C.UTF-8',
      },
      stdio: ['ignore', 'pipe', 'pipe'],
      timeout: PATIENCE,
    });
    let [stdout, stderr] = ['', ''];
    child.stdout.setEncoding('utf8').on('data', (text) => {
      stdout += text;
    });
    child.stderr.setEncoding('utf8').on('data', (text) => {
      stderr += text;
    });
    child.on('error', failed);
    child.on('close', (status) => {
      rmSync(folder, { recursive: true, force: true });
      done({ status, stdout, stderr });
    });
  });
}
