import { partOfSource } from '../../source/text-builder.ts';
import { shellCalls } from '../shell-calls.ts';
import { type CallerFile, fileName } from './caller-file.ts';
import { linesOfFile } from './lines.ts';

/** A procfile: a name and a command in each line. */
export const procfile: CallerFile = {
  recognises: (path) => /^Procfile(?:\..+)?$/.test(fileName(path)),
  calls: (source) =>
    linesOfFile(source.text).flatMap(({ text, start }) => {
      const [head] = /^[\w-]+:[ \t]*/.exec(text) ?? [];
      if (head === undefined) return [];
      return shellCalls(partOfSource(source, start + head.length, start + text.length));
    }),
};
