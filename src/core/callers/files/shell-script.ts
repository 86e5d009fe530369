import { shellCalls } from '../shell-calls.ts';
import { type CallerFile, fileName } from './caller-file.ts';

/** A script for a shell, or a file that a shell reads when it begins. */
export const shellScript: CallerFile = {
  title: 'a shell script',
  recognises: (path, text) =>
    /\.(?:sh|bash|zsh|ksh|dash|envrc)$/.test(path) ||
    /^\.?(?:bash_?profile|bashrc|bash_aliases|profile|zshrc|zprofile|zshenv|kshrc|login|envrc)$/.test(
      fileName(path),
    ) ||
    /^#![ \t]*\S*\/(?:env[ \t]+(?:-\S+[ \t]+)*(?:\S*\/)?)?(?:sh|bash|dash|ash|ksh|mksh|zsh)(?:[ \t]|\r?\n|$)/.test(
      text.slice(0, 200),
    ),
  calls: shellCalls,
};
