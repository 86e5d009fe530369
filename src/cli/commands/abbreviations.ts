import { ABBREVIATION_REPORTS, nameScopes, resolveWords, type Verdict } from 'dabbawala/analysis';
import type { Declare } from '../declare.ts';
import { DONE, FOUND, UNUSABLE } from '../exit-status.ts';
import { type Io, reportContext } from '../io.ts';
import { readGiven } from '../read-sources.ts';
import { type FormatOption, formatOption } from '../report-options.ts';
import { addSourceOptions, type SourceOptions } from '../source-options.ts';

const RESOLVED: ReadonlySet<Verdict> = new Set(['exact', 'unique', 'same-option']);

interface AbbreviationsOptions extends SourceOptions, FormatOption {}

export const declare: Declare = (command, io, done) => {
  command
    .description(
      'Lists long options, and commands and values that can be shortened, each with its shortest form; ' +
        "with WORDs, tells what each stands for and what would change that. WORDs that begin with a hyphen stand behind '--'.",
    )
    .usage('[OPTION]... SOURCE [--] [WORD]...')
    .argument(
      '<SOURCE>',
      'a file with help output, an interface document, a shell script, a manual page or Markdown with help in it; - is standard input',
    )
    .argument('[WORD...]', 'long options, with or without hyphens, commands or values, shortened or in full');
  addSourceOptions(command)
    .addOption(formatOption(ABBREVIATION_REPORTS))
    .action(async (source: string, words: string[], options: AbbreviationsOptions) =>
      done(await runAbbreviations(source, words, options, io)),
    );
};

async function runAbbreviations(
  name: string,
  words: readonly string[],
  options: AbbreviationsOptions,
  io: Io,
): Promise<number> {
  const { interfaces, unusable } = await readGiven([name], options, io);
  if (unusable) return UNUSABLE;
  const scopes = interfaces.flatMap(nameScopes);
  const resolved = resolveWords(scopes, words);
  const isAsked = words.length > 0 && scopes.length > 0;
  io.write(
    ABBREVIATION_REPORTS[options.format](
      { scopes, resolved, isAsked, programs: interfaces },
      reportContext(io),
    ),
  );
  const isResolved = (word: string) => resolved.some((one) => one.word === word && RESOLVED.has(one.verdict));
  const asked = new Set(resolved.map(({ word }) => word));
  const hasAnswers = words.length === 0 || (asked.size > 0 && [...asked].every(isResolved));
  return hasAnswers ? DONE : FOUND;
}
