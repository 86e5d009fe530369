/** Whether two names are a letter and the long name that begins with it, in either case and order (`-h`, `--help`). */
export function isLetterOf(a: string, b: string): boolean {
  const [short, long] = a.length <= b.length ? [a, b] : [b, a];
  return /^-[^-]$/.test(short) && long.startsWith('--') && sameLetter(short, long.slice(1));
}

/**
 * Whether two names beside a bar or a comma in a synopsis (`-h | --help`), `separator`, are spellings of one option rather than two
 * options: a letter and its long name; names in one bracket that a comma parts, unless both are letters (`[--colour, --color]`); any
 * letter and long name that are alone in their choice with no blanks about the bar (`-O|--sort`); or, beside a third, one letter in
 * both cases (`-c|-C|--columns`).
 */
export function areSpellings(a: string, b: string, separator: string, alternatives: number): boolean {
  if (isLetterOf(a, b)) return true;
  const [short, long] = a.length <= b.length ? [a, b] : [b, a];
  if (separator.startsWith(',')) return long.startsWith('--');
  if (!/^-[^-]$/.test(short) || separator !== '|') return false;
  return long.startsWith('--') ? alternatives === 2 : alternatives > 2 && sameLetter(short, long);
}

function sameLetter(a: string, b: string): boolean {
  return a.slice(1, 2).toLowerCase() === b.slice(1, 2).toLowerCase() && b.length !== 1;
}
