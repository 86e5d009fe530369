import {
  abbreviationsJson,
  abbreviationsText,
  nameScopes,
  resolutionsText,
  resolveWords,
  type Verdict,
} from 'dabbawala';
import type { Declare } from '../declare.ts';
import { DONE, FOUND, UNUSABLE } from '../exit-status.ts';
import { type Io, textOptions } from '../io.ts';
import { readGiven } from '../read-sources.ts';
import { addSourceOptions, type FormatOption, formatOption, type SourceOptions } from '../source-options.ts';
import { TOOL } from '../version.ts';

const RESOLVED: ReadonlySet<Verdict> = new Set(['exact', 'unique', 'same-option']);

interface AbbreviationsOptions extends SourceOptions, FormatOption {}

export const declare: Declare = (command, io, done) => {
  command
    .description(
      'Lists long options, and commands and values that can be shortened, each with the shortest form that means the same; ' +
        'with WORDs, tells what each stands for, and what would change that. A WORD may begin with hyphens.',
    )
    .usage('[OPTION]... SOURCE [WORD]...')
    .argument('<SOURCE>', 'a file with help output or an interface document; - is standard input')
    .argument('[WORD...]', 'long options, with or without hyphens, commands or values, shortened or in full')
    .passThroughOptions();
  addSourceOptions(command)
    .addOption(formatOption())
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
  if (options.format === 'json') io.write(abbreviationsJson(scopes, resolved, TOOL));
  else if (words.length > 0 && scopes.length > 0) io.write(resolutionsText(resolved, textOptions(io)));
  else io.write(abbreviationsText(scopes, textOptions(io)));
  const isResolved = (word: string) => resolved.some((one) => one.word === word && RESOLVED.has(one.verdict));
  const asked = new Set(resolved.map(({ word }) => word));
  const hasAnswers = words.length === 0 || (asked.size > 0 && [...asked].every(isResolved));
  return hasAnswers ? DONE : FOUND;
}
