import type { CommandScope } from '../abbreviations/command-scope.ts';
import { fragileAbbreviations } from '../abbreviations/fragility.ts';
import { freeLetters, unusedLetters } from '../abbreviations/free-letters.ts';
import { LikelyNames } from '../abbreviations/likely-names.ts';
import type { NameScope } from '../abbreviations/name-scope.ts';
import type { WordResolution } from '../abbreviations/resolve-words.ts';
import type { Interface } from '../model/interface.ts';
import { jsonText } from '../source/json-text.ts';
import { parserJson } from './parser-json.ts';
import type { Tool } from './tool.ts';

/** Two hyphens and a letter, for options; a letter for others. */
const MIN_LENGTH = { options: 3, commands: 1, values: 1 } as const;

/**
 * The scopes of an interface as JSON text, ending in a newline: each with its names and what every abbreviation comes
 * to, and what the words asked for come to. `accepted` and `complete` are null where the sources do not say.
 */
export function abbreviationsJson(
  scopes: readonly NameScope[],
  words: readonly WordResolution[],
  programs: readonly Interface[],
  tool: Tool,
): string {
  const likely = new LikelyNames(
    scopes.flatMap((scope) => (scope.kind === 'options' ? scope.index.names : [])),
  );
  const report = {
    version: 1,
    tool,
    scopes: scopes.map((scope) => scopeJson(scope, likely)),
    words,
    parsers: programs.map((cli) => ({ program: cli.program.value, parser: parserJson(cli) })),
  };
  return `${jsonText(report, 2, withNull)}\n`;
}

function scopeJson(scope: NameScope, likely: LikelyNames) {
  return {
    kind: scope.kind,
    command: scope.at.path,
    ...(scope.kind === 'values' ? { subject: scope.subject } : {}),
    accepted: scope.accepted?.value ?? null,
    complete: scope.complete?.value ?? null,
    names: scope.index.names,
    // Own properties defined one by one: a prefix may be called like a member of every object.
    prefixes: Object.fromEntries(
      [...scope.index.prefixes(MIN_LENGTH[scope.kind])].map((prefix) => {
        const { verdict, names, count } = scope.index.resolve(prefix);
        return [prefix, count > names.length ? { verdict, names, count } : { verdict, names }];
      }),
    ),
    ...(scope.kind === 'options'
      ? {
          fragile: fragileAbbreviations(scope, likely),
          letters: {
            unused: unusedLetters(scope.at).join(''),
            options: freeLetters(scope.at).map(({ name, customary, free }) => ({ name, customary, free })),
          },
        }
      : {}),
    ...(scope.kind === 'commands' && scope.segments !== undefined ? { forms: minimalForms(scope) } : {}),
  };
}

function minimalForms({ segments, index }: CommandScope) {
  return Object.fromEntries(index.names.map((name) => [name, segments?.minimalForms(name) ?? []]));
}

/** What is not known is null, so that the key stands there. */
function withNull(_: string, value: unknown): unknown {
  return value === undefined ? null : value;
}
