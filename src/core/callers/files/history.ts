import { partOfSource } from '../../source/text-builder.ts';
import { shellCalls } from '../shell-calls.ts';
import { type CallerFile, fileName } from './caller-file.ts';
import { linesOfFile } from './lines.ts';

/** What a shell keeps of what was typed: plain lines, with times as bash (`#1732...`) and zsh (`: 1732...:0;`) have them, or as a list (fish). */
export const history: CallerFile = {
  recognises: (path) => /^\.?(?:bash|zsh|ksh|sh|fish)_history$|^\.histfile$/.test(fileName(path)),
  calls: (source) =>
    linesOfFile(source.text).flatMap(({ text, start }) => {
      if (/^#\d+$|^[ \t]+(?:when|paths):|^[ \t]+- /.test(text)) return [];
      const from = /^: \d+:\d+;|^- cmd: /.exec(text)?.[0].length ?? 0;
      return shellCalls(partOfSource(source, start + from, start + text.length));
    }),
};
