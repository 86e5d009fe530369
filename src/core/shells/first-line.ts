/** So long a first line is looked at, in characters. */
const LENGTH = 256;

const SHELLS = '(?:sh|bash|dash|ash|ksh|ksh93|mksh|zsh)';

/** The first line of a text, as far as it is looked at. */
function firstLine(text: string): string {
  return text.slice(0, LENGTH).split('\n', 1)[0] ?? '';
}

/** Whether the first line of a text names what is to run it, by its path or by way of `env`; the program is given as a regular expression. */
export function runBy(program: string): (text: string) => boolean {
  const pattern = new RegExp(
    String.raw`^#![ \t]*\S*\/(?:env[ \t]+(?:-\S+[ \t]+)*(?:\S*\/)?)?${program}(?:[ \t]|\r?$)`,
  );
  return (text) => pattern.test(firstLine(text));
}

/** Whether a shell that reads the language of POSIX is to run a text, by its first line. */
export const isRunByShell = runBy(SHELLS);

/** Whether fish is to run a text, by its first line. */
export const isRunByFish = runBy('fish');
