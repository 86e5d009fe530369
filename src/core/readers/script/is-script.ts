/** Whether a text is a shell script: by its first line, or, where it has none that names a shell, by a loop over `getopts` or a call of fish's `argparse`. */
export function isScript(text: string): boolean {
  const first = firstLine(text);
  if (first.startsWith('#!')) return SHELL.test(first) || FISH.test(first);
  if (isFishScript(text)) return true;
  return /^[ \t]*while[ \t]+getopts[ \t]+\S/m.test(text.slice(0, LOOKED_AT)) && /^[ \t]*esac\b/m.test(text);
}

/** Whether a text is a script of fish, or a file with one of its functions: by its first line, or, where it has none, by a call of `argparse` on `$argv`. */
export function isFishScript(text: string): boolean {
  const first = firstLine(text);
  if (first.startsWith('#!')) return FISH.test(first);
  const start = text.slice(0, LOOKED_AT);
  return (
    /^[ \t]*function[ \t]+\S/m.test(start) &&
    /^[^#\n]*\bargparse\b/m.test(start) &&
    /\$argv\b/.test(start) &&
    /^[ \t]*end\b/m.test(start)
  );
}

function firstLine(text: string): string {
  return text.slice(0, FIRST_LINE).split('\n', 1)[0] ?? '';
}

/** The first line of a script of fish. */
const FISH = /^#![ \t]*\S*\/(?:env[ \t]+(?:-\S+[ \t]+)*(?:\S*\/)?)?fish(?:[ \t]|\r?$)/;

/** The first line that names the shell that is to run a script, by its path or by way of `env`. */
const SHELL =
  /^#![ \t]*\S*\/(?:env[ \t]+(?:-\S+[ \t]+)*(?:\S*\/)?)?(?:sh|bash|dash|ash|ksh|ksh93|mksh|zsh)(?:[ \t]|\r?$)/;

/** So long a first line is looked at, and so much of a text that has none, in characters. */
const FIRST_LINE = 256;
const LOOKED_AT = 256 * 1024;
