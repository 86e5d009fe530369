import { nameWords } from '../abbreviations/leading-words.ts';

/** Words and names that mean the same on a command line. */
const CONCEPTS: readonly (readonly string[])[] = [
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
const LOOSE_CONCEPTS: readonly (readonly string[])[] = [
  ['remove', 'delete', 'rm', 'del', 'erase', 'destroy'],
  ['list', 'ls', 'show', 'display'],
  ['create', 'add', 'new', 'make'],
  ['file', 'path', 'filename'],
  ['format', 'type'],
  ['number', 'count', 'num', 'limit'],
  ['all', 'everything'],
];

/** A concept that a name stands for. */
export interface Concept {
  /** Its first word, by which concepts are told apart. */
  readonly id: string;
  /** Whether two names for it mean the same only where their texts agree. */
  readonly isLoose: boolean;
}

const BY_NAME: ReadonlyMap<string, Concept> = new Map(
  [
    ...CONCEPTS.map((group) => ({ group, isLoose: false })),
    ...LOOSE_CONCEPTS.map((group) => ({ group, isLoose: true })),
  ].flatMap(({ group, isLoose }) => group.map((name) => [name, { id: group[0] ?? '', isLoose }] as const)),
);

/** The concept that the whole name of an option or command stands for; undefined where the list has none for it. */
export function conceptOf(name: string): Concept | undefined {
  return BY_NAME.get(nameWords(name.toLowerCase()).join('-'));
}
