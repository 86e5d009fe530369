import { cellCode, plainText } from '../../markdown/markdown-text.ts';
import type { ValueWord } from '../../model/argument.ts';
import { saysValues } from '../says-values.ts';

/** What is known of a word beyond what its help says, each in a few words. */
export function wordNotes(word: ValueWord, help = ''): string[] {
  const notes: string[] = [];
  const values = word.values?.value.filter((value) => value.hidden?.value !== true) ?? [];
  const names = values.map(({ value }) => value);
  if (!saysValues(help, names)) {
    const listed = values.map(({ value, help }) =>
      help === undefined ? cellCode(value) : `${cellCode(value)} (${plainText(help.value)})`,
    );
    notes.push(`one of ${listed.join(', ')}`);
  }
  if (word.type !== undefined && word.type.value !== 'text') notes.push(`type: ${word.type.value}`);
  if (word.range !== undefined) {
    const { least, most } = word.range.value;
    if (typeof least === 'number') notes.push(`at least ${least}`);
    if (typeof most === 'number') notes.push(`at most ${most}`);
  }
  const keys = word.keys?.value ?? [];
  if (keys.length > 0) {
    const listed = keys.map(({ key, help }) =>
      help === undefined ? cellCode(key) : `${cellCode(key)} (${plainText(help.value)})`,
    );
    notes.push(`keys: ${listed.join(', ')}`);
  }
  if (word.separator !== undefined)
    notes.push(`several values separated by ${cellCode(word.separator.value)}`);
  if (word.default !== undefined && !saysDefault(help, word.default.value))
    notes.push(`default: ${cellCode(word.default.value)}`);
  return notes;
}

function saysDefault(help: string, value: string): boolean {
  const at = help.search(/\bdefaults?\b/i);
  return at >= 0 && help.slice(at).includes(value);
}
