import type { Answer } from '../../core/coverage/inventory-from-answers.ts';
import type { Shell } from '../../core/model/inventory.ts';
import { unquoteWord } from './shell-words.ts';

const US = '\x1f';

/** What a driver printed: whether the script was loaded, and the answers that are whole. */
export function readAnswers(output: string, shell: Shell): { isLoaded: boolean; answers: Answer[] } {
  const answers: Answer[] = [];
  let isLoaded = false;
  let words: { text: string; description: string | undefined }[] | undefined;
  for (const line of output.split('\n')) {
    const [mark, ...fields] = line.split(US);
    if (mark === 'R') isLoaded = true;
    else if (mark === 'Q') words = [];
    else if (mark === 'W') words?.push(wordOf(fields, shell));
    else if (mark === 'E' && words !== undefined) {
      answers.push({
        words,
        status: fields[0],
        told: (fields[1] ?? '').split(' ').filter((one) => one !== ''),
      });
      words = undefined;
    }
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
