// Holds the words that manual pages come to here against those that groff prints: `node bench/manuals/against-formatters.mjs [--list] FILE...`, or, without
// files, all pages of sections 1 and 8 on this machine. Boxes around tables, marks of lists and the brackets that are put around names do not count.
import { spawnSync } from 'node:child_process';
import { readManual } from 'dabbawala';
import { buildIfNeeded } from '../../scripts/setup.mjs';
import { allPages, pageIn } from './pages.mjs';

buildIfNeeded();
const isListed = process.argv.includes('--list');
const given = process.argv.slice(2).filter((word) => !word.startsWith('--'));
const counts = { pages: 0, alike: 0, words: 0, differ: 0, 'not read': 0, milliseconds: 0 };

for (const file of given.length > 0 ? given : allPages()) {
  const { text } = pageIn(file);
  const start = performance.now();
  const source = readManual({ name: file, text }).interface?.sources[0]?.source;
  counts.milliseconds += performance.now() - start;
  if (source === undefined) {
    counts['not read']++;
    continue;
  }
  const [own, printed] = [wordsOf(source.text), wordsOf(formatted(text))];
  const [more, less] = [without(own, printed), without(printed, own)];
  counts.pages++;
  counts.words += printed.length;
  counts.differ += more.length + less.length;
  if (more.length + less.length === 0) counts.alike++;
  else if (isListed)
    process.stdout.write(
      `${file}\n  more: ${more.slice(0, 12).join(' ')}\n  less: ${less.slice(0, 12).join(' ')}\n`,
    );
}
counts.milliseconds = Math.round(counts.milliseconds);
for (const [name, count] of Object.entries(counts)) process.stdout.write(`${name}: ${count}\n`);

/** What groff prints on a terminal so wide that no line ends early, without the lines at the head and the foot of the page. */
function formatted(text) {
  const words = ['-K', 'utf8', '-t', '-mandoc', '-Tutf8', '-rLL=900n', '-rHY=0', '-P-c'];
  const { stdout } = spawnSync('groff', words, { input: text, encoding: 'utf8', maxBuffer: 1e8 });
  return stdout.trim().split('\n').slice(1, -1).join('\n');
}

function wordsOf(text) {
  return text
    .replace(/.\x08|\x1b\[[\d;]*m|[<>⟨⟩─│┌┐└┘├┤┬┴┼]/g, '')
    .replace(/[‐−‑–—]/g, '-')
    .replace(/[“”]/g, '"')
    .replace(/[‘’´`]/g, "'")
    .split(/[\s\u00a0]+/)
    .filter((word) => word !== '' && !/^[•·*o]$/.test(word));
}

/** The words of one list that the other has not, each as often as it has more of it. */
function without(words, others) {
  const left = new Map();
  for (const word of others) left.set(word, (left.get(word) ?? 0) + 1);
  return words.filter((word) => {
    const count = left.get(word) ?? 0;
    left.set(word, count - 1);
    return count <= 0;
  });
}
