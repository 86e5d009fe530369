import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import type { Interface } from '../../core/model/interface.ts';
import { readDocument } from '../../core/readers/document/read-document.ts';
import { type ProgramRun, type RunSettings, runProgram } from '../running/run-program.ts';
import { UNLIKELY_OPTION } from '../running/unlikely-option.ts';

import { makeCExporter } from './c-exporter.ts';

/** Where the exporters of each language stand: beside this module, in the library and in the bundle. */
const DRIVERS = join(import.meta.dirname, 'drivers');

/** The descriptor on which an exporter answers. */
const ANSWERS = '4';

/** What the parser of a running program declares, with what of it could not be read; or why it is not known. */
export type DeclarationsReading =
  | { readonly interface: Interface; readonly mistakes: readonly string[] }
  | { readonly reason: string };

/**
 * Starts a program as its users do, with an exporter of its language in it: at the moment when it is about to parse its command line, the exporter writes
 * what the parser declares, and the program ends. `words` are those that call it; it is asked for its help, so that a program without such a
 * parser prints that and does nothing more. `workshop` is a folder for what is made for it.
 */
export async function readDeclarations(
  words: readonly string[],
  program: string,
  settings: RunSettings,
  workshop: string,
): Promise<DeclarationsReading> {
  const source = join(DRIVERS, 'c/declarations.c');
  const exporter = await makeCExporter(words[0] ?? '', source, workshop, settings);
  const environment = {
    ...settings.environment,
    PYTHONPATH: join(DRIVERS, 'python'),
    PERL5LIB: join(DRIVERS, 'perl'),
    PERL5OPT: '-MDabbawalaDeclarations',
    RUBYLIB: join(DRIVERS, 'ruby'),
    RUBYOPT: '-rdabbawala_declarations',
    NODE_OPTIONS: `--import=${pathToFileURL(join(DRIVERS, 'node/declare.mjs')).href}`,
    DABBAWALA_DECLARATIONS: ANSWERS,
    ...('environment' in exporter ? exporter.environment : {}),
  };
  const ask = async (word: string, more: Readonly<Record<string, string>> = {}) =>
    runProgram([...words, word], {
      ...settings,
      environment: { ...environment, ...more },
      told: { descriptor: 3, text: '' },
    });
  const run = await ask('--help');
  const first = readAnswers(run, program, 'reason' in exporter && exporter.reason === 'no-compiler');
  if (!('environment' in exporter) || !('interface' in first) || !hasOnlyHelp(first.interface)) return first;
  // Help and version may be read first, by a parser of their own, and all other options behind them.
  const behind = readAnswers(await ask(UNLIKELY_OPTION, { DABBAWALA_BEHIND: '1' }), program, false);
  return 'interface' in behind ? behind : first;
}

function hasOnlyHelp({ root }: Interface): boolean {
  return root.options.items.every((option) =>
    option.names.every(({ text }) => text === '--help' || text === '--version'),
  );
}

/** What an exporter wrote; `lacksCompiler` says that there was none for programs in C. */
function readAnswers(run: ProgramRun, program: string, lacksCompiler: boolean): DeclarationsReading {
  const { answers } = run;
  if (answers === '') return { reason: whyNone(run, lacksCompiler) };
  const declared = declaredIn(answers);
  if (declared === undefined) return { reason: 'what its parser declares did not come through' };
  if (typeof declared.mistake === 'string')
    return { reason: `its parser cannot be read: ${declared.mistake}` };
  // People may call the program by another word than its parser does.
  const text = JSON.stringify({ ...declared, program }, (key, value: unknown) =>
    key === 'declared-at' && typeof value === 'string' ? fromHere(value) : value,
  );
  const { interface: cli, problems } = readDocument({ name: `${program} (its parser)`, text });
  // What cannot be said in a document is left out of it.
  const mistakes = problems.map(({ message }) => message);
  if (cli !== undefined) return { interface: cli, mistakes };
  return { reason: `what its parser declares cannot be used: ${mistakes[0] ?? 'it is no document'}` };
}

/** A line of the source by the path from the folder where this runs, where it lies below that. */
function fromHere(place: string): string {
  const here = `${process.cwd()}/`;
  return place.startsWith(here) ? place.slice(here.length) : place;
}

function whyNone({ end }: ProgramRun, lacksCompiler: boolean): string {
  if (lacksCompiler && end === 'exit')
    return "it reached no parser that can be read; for one of C, a C compiler is needed ('cc')";
  const known = 'those of C, Python, Node.js, Perl and Ruby that docs/declarations.md lists';
  if (end === 'time') return `it reached no parser that can be read before its time was up (${known})`;
  return `it reached no parser that can be read (${known})`;
}

/** The mapping that an exporter wrote; undefined where the text is none, such as one that was cut off. */
function declaredIn(text: string): Readonly<Record<string, unknown>> | undefined {
  try {
    const value: unknown = JSON.parse(text);
    return typeof value === 'object' && value !== null && !Array.isArray(value) ? { ...value } : undefined;
  } catch {
    return undefined;
  }
}
