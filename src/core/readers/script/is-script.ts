/** Whether a text is a shell script: by its first line, or, where it has none that names a shell, by a loop over `getopts`. */
export function isScript(text: string): boolean {
  const first = text.slice(0, FIRST_LINE).split('\n', 1)[0] ?? '';
  if (first.startsWith('#!')) return SHELL.test(first);
  return /^[ \t]*while[ \t]+getopts[ \t]+\S/m.test(text.slice(0, LOOKED_AT)) && /^[ \t]*esac\b/m.test(text);
}

/** The first line that names the shell that is to run a script, by its path or by way of `env`. */
const SHELL =
  /^#![ \t]*\S*\/(?:env[ \t]+(?:-\S+[ \t]+)*(?:\S*\/)?)?(?:sh|bash|dash|ash|ksh|ksh93|mksh|zsh)(?:[ \t]|\r?$)/;

/** So long a first line is looked at, and so much of a text that has none, in characters. */
const FIRST_LINE = 256;
const LOOKED_AT = 256 * 1024;
