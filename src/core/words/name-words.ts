/** The words of a long name, without its hyphens: `--late-boxes` has `late` and `boxes`. */
export function nameWords(name: string): string[] {
  return name
    .replace(/^--?/, '')
    .split(/[-_.:]/)
    .filter((word) => word !== '');
}
