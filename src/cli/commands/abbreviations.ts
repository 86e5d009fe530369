import { abbreviationsJson, abbreviationsText, optionScopes, resolutionsText, resolveWords } from 'dabbawala';
import { DONE, FOUND, UNUSABLE } from '../exit-status.ts';
import { type Io, textOptions } from '../io.ts';
import { readSources } from '../read-sources.ts';
import { helpSettings, type SourceOptions } from '../source-options.ts';
import { TOOL } from '../version.ts';

export async function runAbbreviations(
  name: string,
  words: readonly string[],
  options: SourceOptions,
  io: Io,
): Promise<number> {
  const { interfaces, unusable } = await readSources([name], helpSettings(options), io);
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
