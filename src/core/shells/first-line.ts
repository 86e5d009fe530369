/** So long a first line is looked at, in characters. */
const LENGTH = 256;

const SHELLS = '(?:sh|bash|dash|ash|ksh|ksh93|mksh|zsh)';

/** The first line of a text, as far as it is looked at. */
function firstLine(text: string): string {
  return text.slice(0, LENGTH).split('\n', 1)[0] ?? '';
}

/** A first line that names what is to run a script, by its path or by way of `env`. */
function runBy(program: string): RegExp {
  return new RegExp(
    String.raw`^#![ \t]*\S*\/(?:env[ \t]+(?:-\S+[ \t]+)*(?:\S*\/)?)?${program}(?:[ \t]|\r?$)`,
  );
}

const BY_SHELL = runBy(SHELLS);
const BY_FISH = runBy('fish');

/** Whether a shell that reads the language of POSIX is to run a text, by its first line. */
export function isRunByShell(text: string): boolean {
  return BY_SHELL.test(firstLine(text));
}

/** Whether fish is to run a text, by its first line. */
export function isRunByFish(text: string): boolean {
  return BY_FISH.test(firstLine(text));
}
