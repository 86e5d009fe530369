import { callsOfWords } from '../shell-calls.ts';
import type { CallerFile } from './caller-file.ts';
import { linesOfFile } from './lines.ts';
import { splitWords } from './split-words.ts';

const SPLITTING = { dynamic: /%[a-zA-Z]/, doubled: /%%/g };

/** An entry of a desktop's menu: its `Exec=`, with field codes. */
export const desktopEntry: CallerFile = {
  recognises: (path) => path.endsWith('.desktop'),
  calls: (source) =>
    linesOfFile(source.text).flatMap(({ text, start }) => {
      const [head] = /^Exec[ \t]*=[ \t]*/.exec(text) ?? [];
      if (head === undefined) return [];
      return callsOfWords(
        splitWords({ text: text.slice(head.length), start: start + head.length }, source, SPLITTING),
      );
    }),
};
