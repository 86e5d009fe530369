import { abbreviationsJson, abbreviationsText, optionScopes, resolutionsText, resolveWords } from 'dabbawala';
import type { Declare } from '../declare.ts';
import { DONE, FOUND, UNUSABLE } from '../exit-status.ts';
import { type Io, textOptions } from '../io.ts';
import { readSources } from '../read-sources.ts';
import {
  addSourceOptions,
  type FormatOption,
  formatOption,
  type SourceOptions,
  sourceSettings,
} from '../source-options.ts';
import { TOOL } from '../version.ts';

type AbbreviationsOptions = SourceOptions & FormatOption;

export const declare: Declare = (command, io, done) => {
  command
    .description(
      'Lists every long option with the shortest prefix that means the same; with WORDs, tells what each stands for. ' +
        'A WORD may begin with hyphens.',
    )
    .usage('[OPTION]... SOURCE [WORD]...')
    .argument('<SOURCE>', 'a file with help output or an interface document; - is standard input')
    .argument('[WORD...]', 'abbreviations of long options, with or without hyphens')
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
  const { interfaces, unusable } = await readSources([name], sourceSettings(options), io);
  if (unusable) return UNUSABLE;
  const scopes = interfaces.flatMap(optionScopes);
  const resolved = scopes.flatMap((scope) => resolveWords(scope, words));
  if (options.format === 'json') io.write(abbreviationsJson(scopes, resolved, TOOL));
  else if (words.length > 0 && scopes.length > 0) io.write(resolutionsText(resolved, textOptions(io)));
  else io.write(abbreviationsText(scopes, textOptions(io)));
  const isResolved = (word: string) =>
    resolved.some((one) => one.word === word && one.verdict !== 'ambiguous' && one.verdict !== 'unknown');
  const asked = new Set(resolved.map(({ word }) => word));
  const hasAnswers = words.length === 0 || (asked.size > 0 && [...asked].every(isResolved));
  return hasAnswers ? DONE : FOUND;
}
