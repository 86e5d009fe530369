// Makes the corpus of shapes from a folder of truths about real programs: `node bench/shapes/make.mjs FOLDER`. The texts are masked, and what is
// expected of each comes from the masked truth, never from the reader.
import { mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { truthEntries } from '../truth-files.mjs';
import { masker } from './mask.mjs';

const CORPUS = join(import.meta.dirname, 'corpus');

/** Longer texts say little more about shapes. */
const MAX_CHARACTERS = 6000;

/** So many texts of one program are enough. */
const MAX_OF_A_PROGRAM = 6;

/** Letters that have no cases, in which nothing can be masked alike. */
const WITHOUT_CASE =
  /[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Arabic}\p{Script=Hebrew}]/u;

const [folder] = process.argv.slice(2);
if (folder === undefined) {
  process.stderr.write('a folder of truths is missing: node bench/shapes/make.mjs FOLDER\n');
  process.exit(2);
}

const perProgram = new Map();
const shapes = truthEntries(folder)
  .filter(({ help, program, options, subcommands }) => {
    const before = perProgram.get(program) ?? 0;
    const isTold = options.length > 0 || (subcommands ?? []).length > 0;
    if (!isTold || help.length > MAX_CHARACTERS || before >= MAX_OF_A_PROGRAM || WITHOUT_CASE.test(help))
      return false;
    perProgram.set(program, before + 1);
    return true;
  })
  .map(masked);

rmSync(CORPUS, { recursive: true, force: true });
mkdirSync(CORPUS);
for (const [i, { help }] of shapes.entries()) writeFileSync(join(CORPUS, `${numbered(i)}.txt`), help);
const truths = shapes.map(({ help, ...truth }, i) => ({ text: numbered(i), ...truth }));
writeFileSync(join(CORPUS, 'truths.json'), `[\n${truths.map((one) => JSON.stringify(one)).join(',\n')}\n]\n`);
process.stdout.write(`${shapes.length} shapes\n`);

/** What is scored of an entry, with its words masked as those of its text are. */
function masked(entry) {
  const mask = masker(lettersOf(entry));
  const help = mask(entry.help);
  const all = (words) => words?.map(mask);
  return {
    help,
    program: mask(entry.program),
    dialect: entry.dialect,
    truth_source: Boolean(entry.truth_source),
    truth_complete: entry.truth_complete,
    truth_covers: entry.truth_covers,
    inherited_names: all(entry.inherited_names),
    subcommands: all(entry.subcommands) ?? null,
    subcommands_in_help: all(entry.subcommands_in_help),
    options: entry.options.map((option) => {
      const names = { short: option.short, long: all(option.long), other: all(option.other) };
      // Of what the text does not show, only that it exists is asked.
      if (!option.in_help && (option.names_in_help ?? []).length === 0) return names;
      return {
        ...names,
        value: option.value,
        choices: all(option.choices) ?? undefined,
        choices_in_help: option.choices_in_help || undefined,
        linked: option.linked,
        in_help: option.in_help,
        names_in_help: all(option.names_in_help),
        names_in_decl: all(option.names_in_decl),
      };
    }),
  };
}

/** The options of one letter, unless a word may be a longer name with one hyphen. */
function lettersOf({ options }) {
  const shown = options.flatMap(({ other, names_in_help }) => [...(other ?? []), ...(names_in_help ?? [])]);
  const hasLonger = shown.some((name) => /^-[^-]{2}/.test(name));
  return new Set(hasLonger ? [] : options.flatMap(({ short }) => short ?? []));
}

function numbered(i) {
  return String(i + 1).padStart(3, '0');
}
