/**
 * Whether two names beside a bar in a synopsis (`-h | --help`) are spellings of one option rather than two options: a
 * letter and the long name that begins with it, in either case; or any letter and long name that are alone in their choice
 * with no blanks about the bar (`-O|--sort`). Of letters, only the same in both cases are, without blanks (`-c|-C`).
 */
export function areSpellings(a: string, b: string, isTight: boolean, alternatives: number): boolean {
  const [short, long] = a.length <= b.length ? [a, b] : [b, a];
  if (!/^-[^-]$/.test(short)) return false;
  const letter = short.slice(1).toLowerCase();
  if (long.length === 2) return isTight && alternatives > 2 && long.slice(1).toLowerCase() === letter;
  if (!long.startsWith('--')) return false;
  return long.slice(2, 3).toLowerCase() === letter || (isTight && alternatives === 2);
}
