import type { CallersFound } from '../callers/find-callers.ts';
import { usedAbbreviations } from '../callers/used-abbreviations.ts';
import { jsonText } from '../source/json-text.ts';
import { LineIndexes } from '../source/line-index.ts';
import { jsonPlace } from './json-place.ts';
import type { Tool } from './tool.ts';

/** Calls of a program as JSON text, ending in a newline. */
export function callersJson({ invocations, looked }: CallersFound, tool: Tool): string {
  const indexes = new LineIndexes();
  const report = {
    version: 1,
    tool,
    files: looked,
    invocations: invocations.map(
      ({ kind, isSure, place, command, words, trace, problems, abbreviations }) => ({
        place: jsonPlace(place, indexes),
        kind,
        sure: isSure,
        command,
        words: trace.words.map((word) => ({
          ...word,
          literal: words[word.index]?.isLiteral ?? false,
          place: jsonPlace(words[word.index]?.place ?? null, indexes),
        })),
        problems,
        abbreviations: abbreviations.map((one) => ({ ...one, place: jsonPlace(one.place, indexes) })),
      }),
    ),
    abbreviations: usedAbbreviations(invocations).map(({ uses, ...one }) => ({ ...one, uses: uses.length })),
  };
  return `${jsonText(report, 2)}\n`;
}
