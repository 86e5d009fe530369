/** Words and names that mean the same on a command line. */
export const CONCEPTS: readonly (readonly string[])[] = [
  ['quiet', 'silent'],
  ['colour', 'color', 'colours', 'colors'],
  ['config', 'configuration', 'config-file', 'configuration-file'],
  ['directory', 'dir', 'folder'],
  ['dry-run', 'simulate', 'just-print', 'no-act', 'pretend', 'what-if'],
  ['recursive', 'recurse'],
  ['output', 'output-file', 'out', 'outfile'],
  ['input', 'input-file', 'infile'],
  ['user', 'username', 'user-name'],
  ['host', 'hostname', 'host-name'],
  ['timeout', 'time-limit'],
  ['ignore-case', 'case-insensitive', 'nocase'],
  ['licence', 'license'],
  ['gray', 'grey'],
  ['centre', 'center'],
  ['catalogue', 'catalog'],
  ['yes', 'assume-yes', 'no-confirm'],
  ['exclude', 'skip'],
];

/** Those that mean the same only where their texts agree too. */
export const LOOSE_CONCEPTS: readonly (readonly string[])[] = [
  ['remove', 'delete', 'rm', 'del', 'erase', 'destroy'],
  ['list', 'ls', 'show', 'display'],
  ['create', 'add', 'new', 'make'],
  ['file', 'path', 'filename'],
  ['format', 'type'],
  ['number', 'count', 'num', 'limit'],
  ['all', 'everything'],
];

/** Whether two names of one word each mean the same on any command line: `--quiet` and `--silent`. */
export function areOneConcept(a: string, b: string): boolean {
  const [left, right] = [a, b].map((name) => name.replace(/^-+/, '').toLowerCase());
  return CONCEPTS.some((concept) => [left, right].every((word) => concept.includes(word ?? '')));
}
