import { fencedBlocks } from '../../markdown/fenced-blocks.ts';
import { TextBuilder } from '../../source/text-builder.ts';
import { shellCalls } from '../shell-calls.ts';
import type { CallerFile } from './caller-file.ts';
import { linesOfFile } from './lines.ts';

/** A page in Markdown: the commands in its code blocks, behind prompts where there are any. */
export const markdownPage: CallerFile = {
  recognises: (path) => /\.(?:md|markdown|mdx)$/i.test(path),
  calls: (source) =>
    fencedBlocks(source.text).flatMap(({ start, end, language }) => {
      const lines = linesOfFile(source.text.slice(start, end));
      const hasPrompts = lines.some(({ text }) => PROMPT.test(text));
      if (!hasPrompts && !SHELL.test(language)) return [];
      const builder = new TextBuilder(source);
      let goesOn = false;
      for (const { text, start: at } of lines) {
        const prompt = PROMPT.exec(text)?.[0].length;
        if (hasPrompts && prompt === undefined && !goesOn) continue;
        const from = prompt ?? (goesOn ? (/^[ \t]*>[ \t]/.exec(text)?.[0].length ?? 0) : 0);
        builder.copy(`${text.slice(from)}\n`, start + at + from);
        goesOn = text.endsWith('\\');
      }
      return shellCalls(builder.build());
    }),
};

const PROMPT = /^[ \t]*(?:\$|%|#)[ \t]+(?=\S)/;
const SHELL = /^(?:sh|shell|bash|zsh|ksh|console|terminal|shell-session|shellsession)\b/;
