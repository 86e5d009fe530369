import { basename } from 'node:path';

/**
 * The name that people call a program by, told from the words that call it: the module behind `-m`, the archive behind `-jar`, else the
 * last of the words before the first option, as in `python3 tools/lamp.py` or `docker compose`.
 */
export function calledName(invocation: readonly string[]): string {
  const at = invocation.findIndex((word, i) => i > 0 && (word === '-m' || word === '-jar'));
  const named = at < 0 ? undefined : invocation[at + 1];
  if (named !== undefined) return basename(named);
  const firstOption = invocation.findIndex((word, i) => i > 0 && word.startsWith('-'));
  const words = firstOption < 0 ? invocation : invocation.slice(0, firstOption);
  return basename(words.at(-1) ?? '');
}
