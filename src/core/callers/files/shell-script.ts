import { isRunByShell } from '../../shells/first-line.ts';
import { shellCalls } from '../shell-calls.ts';
import { type CallerFile, fileName } from './caller-file.ts';

/** A script for a shell, or a file that a shell reads when it begins. */
export const shellScript: CallerFile = {
  recognises: (path, text) =>
    /\.(?:sh|bash|zsh|ksh|dash|envrc)$/.test(path) ||
    /^\.?(?:bash_?profile|bashrc|bash_aliases|profile|zshrc|zprofile|zshenv|kshrc|login|envrc)$/.test(
      fileName(path),
    ) ||
    isRunByShell(text),
  calls: shellCalls,
};
