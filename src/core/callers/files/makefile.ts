import type { Source } from '../../source/source.ts';
import { TextBuilder } from '../../source/text-builder.ts';
import type { FoundCall } from '../call-words.ts';
import { shellCalls } from '../shell-calls.ts';
import { type CallerFile, fileName } from './caller-file.ts';
import { type FileLine, linesOfFile } from './lines.ts';

/** A makefile: its recipes, and the commands of `$(shell ...)`. */
export const makefile: CallerFile = {
  recognises: (path) => /^(?:GNU)?[Mm]akefile(?:\..+)?$|\.mk$/.test(fileName(path)),
  calls: (source) => {
    const lines = linesOfFile(source.text);
    const variables = variablesOf(lines);
    return [...recipes(lines), ...shellFunctions(lines)].flatMap((recipe): FoundCall[] =>
      shellCalls(recipeText(source, recipe, variables)),
    );
  },
};

/** A variable that is given one value. */
const VARIABLE = /^(?:export[ \t]+)?([A-Za-z_][\w.-]*)[ \t]*(?::{0,2}|\?)=[ \t]*([^#]*?)[ \t]*(?:#.*)?$/;

function variablesOf(lines: readonly FileLine[]): ReadonlyMap<string, string | undefined> {
  const values = new Map<string, string | undefined>();
  for (const { text } of lines) {
    const [, name, value] = VARIABLE.exec(text) ?? [];
    // One that is given several values holds what only make tells.
    if (name !== undefined) values.set(name, values.has(name) ? undefined : value);
  }
  return values;
}

/** The lines of recipes, those that go on in the next one together. */
function recipes(lines: readonly FileLine[]): FileLine[][] {
  const all: FileLine[][] = [];
  for (let i = 0; i < lines.length; i++) {
    const line = lines[i] as FileLine;
    const [, behind] =
      /^[^\t#=][^=#]*?:(?!=)[^;=]*;(?=\s*\S)/.exec(line.text) === null
        ? []
        : [undefined, line.text.indexOf(';') + 1];
    if (!line.text.startsWith('\t') && behind === undefined) continue;
    const recipe = [{ text: line.text.slice(behind ?? 1), start: line.start + (behind ?? 1) }];
    while (/(?:^|[^\\])(?:\\\\)*\\$/.test(lines[i]?.text ?? '') && i + 1 < lines.length) {
      const next = lines[++i] as FileLine;
      const tab = next.text.startsWith('\t') ? 1 : 0;
      recipe.push({ text: next.text.slice(tab), start: next.start + tab });
    }
    all.push(recipe);
  }
  return all;
}

function shellFunctions(lines: readonly FileLine[]): FileLine[][] {
  return lines.flatMap(({ text, start }) =>
    [...text.matchAll(/\$\(shell[ \t]+([^()]*(?:\([^()]*\)[^()]*)*)\)/g)].map((match) => [
      { text: match[1] ?? '', start: start + match.index + match[0].indexOf(match[1] ?? '') },
    ]),
  );
}

/** A recipe as the shell gets it: without the marks in front, with the variables of make that are known. */
function recipeText(
  source: Source,
  lines: readonly FileLine[],
  variables: ReadonlyMap<string, string | undefined>,
): Source {
  const builder = new TextBuilder(source);
  for (const [i, { text, start }] of lines.entries()) {
    const marks = i === 0 ? (/^[ \t]*[@+-][@+\- \t]*/.exec(text)?.[0].length ?? 0) : 0;
    for (const { 0: piece, index } of text.slice(marks).matchAll(PIECE)) {
      const at = start + marks + index;
      const [, name = ''] = /^\$[({]([\w.-]+)[)}]$/.exec(piece) ?? [];
      const known = variables.get(name);
      if (piece === '$$') builder.put('$', at);
      else if (known !== undefined && !known.includes('$')) builder.put(known, at);
      else if (piece.startsWith('$') && piece.length > 1) builder.put('$_make', at);
      else builder.copy(piece, at);
    }
    builder.put('\n', start + text.length);
  }
  return builder.build();
}

const PIECE = /\$\$|\$\([^()]*(?:\([^()]*\)[^()]*)*\)|\$\{[^{}]*\}|\$[@<^*%?+|\w]|[^$]+|\$/g;
