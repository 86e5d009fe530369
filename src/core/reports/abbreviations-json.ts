import type { OptionScope } from '../abbreviations/option-scope.ts';
import type { WordResolution } from '../abbreviations/resolve-words.ts';
import type { Tool } from './tool.ts';

/**
 * The scopes of an interface as JSON text, ending in a newline: each with its names and what every proper prefix comes
 * to, and what the words asked for come to. `accepted` and `complete` are null where the sources do not say.
 */
export function abbreviationsJson(
  scopes: readonly OptionScope[],
  words: readonly WordResolution[],
  tool: Tool,
): string {
  const report = {
    version: 1,
    tool,
    scopes: scopes.map((scope) => ({
      kind: 'options',
      command: scope.at.path,
      accepted: scope.accepted?.value ?? null,
      complete: scope.complete?.value ?? null,
      names: scope.index.names,
      // Own properties defined one by one: a prefix may be called like a member of every object.
      prefixes: Object.fromEntries(
        [...scope.index.prefixes(3)].map((prefix) => {
          const { verdict, names, count } = scope.index.resolve(prefix);
          return [prefix, count > names.length ? { verdict, names, count } : { verdict, names }];
        }),
      ),
    })),
    words: words.map(({ word, command, verdict, names, count, shortest }) => ({
      word,
      command,
      verdict,
      names,
      count,
      shortest: shortest ?? null,
    })),
  };
  return `${JSON.stringify(report, null, 2)}\n`;
}
