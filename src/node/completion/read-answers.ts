import type { Answer } from '../../core/coverage/inventory-from-answers.ts';
import type { Shell } from '../../core/model/inventory.ts';
import { unquoteWord } from './unquoted-word.ts';

const US = '\x1f';

/**
 * What a driver answered: whether the script was loaded, and the answers that are whole. A line counts only where it begins with the secret of
 * the loading, or of the question that is to be answered next.
 */
export function readAnswers(
  output: string,
  shell: Shell,
  loading: string,
  secrets: readonly string[],
): { isLoaded: boolean; answers: Answer[] } {
  const answers: Answer[] = [];
  let isLoaded = false;
  let words: Answer['words'][number][] = [];
  for (const line of output.split('\n')) {
    const [secret, mark, ...fields] = line.split(US);
    if (mark === 'R' && secret === loading) isLoaded = true;
    if (secret !== secrets[answers.length]) continue;
    if (mark === 'W') words.push(wordOf(fields, shell));
    if (mark !== 'E') continue;
    const told = (fields[1] ?? '').split(' ').filter((one) => one !== '');
    answers.push({ words, status: fields[0], told });
    words = [];
  }
  return { isLoaded, answers };
}

/** A word with its description: in a field of its own, or behind a tab. */
function wordOf(
  [first = '', second]: readonly string[],
  shell: Shell,
): { text: string; description: string | undefined } {
  // What a function for bash gives back stands on the command line as it is, quotes and all.
  if (shell === 'bash') return { text: unquoteWord(first.trimEnd()), description: undefined };
  const tab = first.indexOf('\t');
  const text = tab < 0 ? first : first.slice(0, tab);
  const description = second ?? (tab < 0 ? '' : first.slice(tab + 1));
  return { text, description: description.trim() === '' ? undefined : description.trim() };
}
