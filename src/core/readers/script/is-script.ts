import { isRunByFish, isRunByShell } from '../../shells/first-line.ts';

/** Whether a text is a shell script: by its first line, or, where it has none that names a shell, by a loop over `getopts` or a call of fish's `argparse`. */
export function isScript(text: string): boolean {
  if (text.startsWith('#!')) return isRunByShell(text) || isRunByFish(text);
  if (isFishScript(text)) return true;
  return /^[ \t]*while[ \t]+getopts[ \t]+\S/m.test(text.slice(0, LOOKED_AT)) && /^[ \t]*esac\b/m.test(text);
}

/** Whether a text is a script of fish, or a file with one of its functions: by its first line, or, where it has none, by a call of `argparse` on `$argv`. */
export function isFishScript(text: string): boolean {
  if (text.startsWith('#!')) return isRunByFish(text);
  const start = text.slice(0, LOOKED_AT);
  return (
    /^[ \t]*function[ \t]+\S/m.test(start) &&
    /^[^#\n]*\bargparse\b/m.test(start) &&
    /\$argv\b/.test(start) &&
    /^[ \t]*end\b/m.test(start)
  );
}

/** So much of a text without a first line that tells is looked at, in characters. */
const LOOKED_AT = 256 * 1024;
