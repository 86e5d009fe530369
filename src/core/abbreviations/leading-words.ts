/** The words of a long name, without its hyphens: `--late-boxes` has `late` and `boxes`. */
export function nameWords(name: string): string[] {
  return name
    .replace(/^--?/, '')
    .split(/[-_.:]/)
    .filter((word) => word !== '');
}

/** The proper prefixes of a long name that end with one of its words: `--dry-run-all` has `--dry` and `--dry-run`. */
export function leadingWords(name: string): string[] {
  const prefixes: string[] = [];
  for (let i = 3; i < name.length; i++) {
    if ('-_.:'.includes(name[i] ?? '') && i + 1 < name.length) prefixes.push(name.slice(0, i));
  }
  return prefixes;
}

/** Words that only qualify what follows, so that nobody takes them for the name. */
export const QUALIFIERS: ReadonlySet<string> = new Set([
  'no',
  'not',
  'non',
  'with',
  'without',
  'ignore',
  'show',
  'hide',
  'only',
  'disable',
  'enable',
  'use',
  'set',
  'get',
  'add',
  'skip',
  'allow',
  'deny',
  'force',
  'keep',
  'print',
  'same',
  'one',
  'as',
  'by',
  'in',
  'on',
  'to',
  'from',
  'for',
  'is',
  'if',
  'at',
  'of',
  'max',
  'min',
  'all',
  'any',
  'auto',
  'default',
  'dont',
  'do',
  'new',
  'old',
  'pre',
  'post',
  'sub',
  'un',
  're',
  'after',
  'before',
  'first',
  'last',
  'extra',
  'more',
  'other',
  'custom',
  'include',
  'exclude',
]);
