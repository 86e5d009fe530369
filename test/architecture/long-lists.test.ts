import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { ROOT } from '../support/run-dabbawala.ts';

/** Calls that take any number of arguments, which people give whole lists. */
const TAKES_ANY = /\b(?:push|unshift|splice|min|max|fromCharCode|fromCodePoint)\(/g;

/** Files where such a list is short whatever a stranger writes, and why. */
const SHORT: Record<string, string> = {
  'src/core/readers/help/cleaned-text.ts': 'a chunk of fixed length',
  'src/core/checks/catalogue.ts': 'the checks of the catalogue',
  'src/core/writers/markdown/reference.ts': 'a table, as one text',
  'src/core/reports/finding-text.ts': 'why a finding is unsure',
  'src/cli/help-layout.ts': 'the options of the command itself',
};

/** Whether an argument of the call whose bracket opens before `start` is a list with dots before it. */
function spreadsList(text: string, start: number): boolean {
  let depth = 0;
  for (let i = start; i < text.length && depth >= 0; i++) {
    const isFirst = /[(,]\s*$/.test(text.slice(Math.max(0, i - 40), i));
    if (depth === 0 && isFirst && text.startsWith('...', i)) return true;
    if ('([{'.includes(text[i] ?? ' ')) depth++;
    if (')]}'.includes(text[i] ?? ' ')) depth--;
  }
  return false;
}

test('no list of any length is given as the arguments of one call, which would overflow the stack', () => {
  const files = readdirSync(join(ROOT, 'src'), { recursive: true, encoding: 'utf8' })
    .filter((name) => name.endsWith('.ts'))
    .map((name) => join('src', name));
  const found = files.filter((file) => {
    const text = readFileSync(join(ROOT, file), 'utf8');
    return [...text.matchAll(TAKES_ANY)].some((call) => spreadsList(text, call.index + call[0].length));
  });
  assert.deepEqual(found.sort(), Object.keys(SHORT).sort());
});
