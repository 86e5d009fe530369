/** `--no-x` of `--x`, and the other way round. */
export function oppositeName(name: string): string {
  return name.startsWith('--no-') ? `--${name.slice(5)}` : `--no-${name.slice(2)}`;
}
