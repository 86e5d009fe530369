/** A command path as a key: names may hold blanks. */
export function joinedPath(path: readonly string[]): string {
  return path.join('\0');
}
