// Installs, builds and runs the hosts.
import { spawnSync } from 'node:child_process';
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { root } from '../../scripts/setup.mjs';
import { LANGUAGES } from './languages.mjs';
import { declarationLines, printedHelps } from './lines.mjs';

/** Where the hosts are. */
const HOSTS = { folder: join(import.meta.dirname, 'hosts'), shared: 'Declared' };

/** Where hosts are built. */
const BUILT = join(root, 'node_modules/.cache/dabbawala-printers');

/** How long a host may take, in milliseconds. */
const PATIENCE = 600_000;

/** Builds the host of a library; what went wrong, or undefined. */
export function buildHost(library) {
  mkdirSync(join(BUILT, 'java'), { recursive: true });
  for (const { words, folder, environment } of LANGUAGES[library.language].build(library, BUILT, HOSTS)) {
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
 * The helps that a library prints of declarations: for each of them, in order, a map from the words of a command to its help; an
 * empty map where the library refused. Some libraries ask once in a run how wide the terminal is, so that each width has its own.
 */
export function printedBy(library, declarations) {
  const found = declarations.map(() => new Map());
  const widths = [...new Set(declarations.map(({ width }) => width))];
  for (const width of widths) {
    const own = declarations.flatMap((one, i) => (one.width === width ? [i] : []));
    for (const [id, helps] of printedAt(library, width, own, declarations)) found[Number(id)] = helps;
  }
  return found;
}

/** What is printed at one width. Where a host ends at a declaration that its library refuses, the others are printed without it. */
function printedAt(library, width, indices, declarations) {
  const input = indices.map((i) => `${declarationLines(i, declarations[i])}\n`).join('');
  const [program, ...words] = LANGUAGES[library.language].run(library, BUILT, HOSTS);
  const { stdout, status, error } = spawnSync(program, words, {
    input,
    encoding: 'utf8',
    maxBuffer: 2 ** 31,
    timeout: PATIENCE,
    cwd: root,
    env: {
      ...process.env,
      COLUMNS: String(width),
      ARGP_HELP_FMT: `rmargin=${width - 1}`,
      NO_COLOR: '1',
      LC_ALL: 'C.UTF-8',
    },
  });
  // A host that ended before it had read all breaks the pipe: its status tells.
  if (error !== undefined && error.code !== 'EPIPE') throw error;
  if (status === 0) return printedHelps(stdout);
  if (indices.length === 1) return new Map();
  const middle = Math.ceil(indices.length / 2);
  return new Map([
    ...printedAt(library, width, indices.slice(0, middle), declarations),
    ...printedAt(library, width, indices.slice(middle), declarations),
  ]);
}
