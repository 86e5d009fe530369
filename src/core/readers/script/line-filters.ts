import { posixPattern } from './posix-pattern.ts';
import { type FilterCall, partOf, type ScriptLine } from './script-lines.ts';
import { sedFilter } from './sed-filter.ts';

/** The programs that print lines of a file: what they do to them, by their words; undefined where that cannot be told. */
const FILTERS: Readonly<Record<string, (words: readonly string[]) => FilterCall | undefined>> = {
  cat: passOn,
  less: passOn,
  more: passOn,
  sed: sedFilter,
  grep: (words) => grep(words, false),
  egrep: (words) => grep(words, true),
  head,
  tail,
  cut,
};

/** Programs of which it is known that they print lines, but not which. */
const UNFOLLOWED = /^(?:[gmn]?awk|perl|tr|fold|fmt|expand)$/;

/** Whether a program is one that prints lines of the text that it is given. */
export function isLineFilter(name: string): boolean {
  return Object.hasOwn(FILTERS, name) || UNFOLLOWED.test(name);
}

/** What a call of such a program does; undefined where that cannot be told. */
export function filterCall(name: string, words: readonly string[]): FilterCall | undefined {
  return Object.hasOwn(FILTERS, name) ? FILTERS[name]?.(words) : undefined;
}

function passOn(words: readonly string[]): FilterCall {
  return { filter: (lines) => lines, files: words.filter((word) => !/^-./.test(word)) };
}

function grep(words: readonly string[], isAlwaysExtended: boolean): FilterCall | undefined {
  let flags = '';
  const operands: string[] = [];
  const patterns: string[] = [];
  for (const [i, word] of words.entries()) {
    if (words[i - 1] === '-e') patterns.push(word);
    else if (word === '--') continue;
    else if (/^-[EFGvhi]+$/.test(word)) flags += word;
    else if (word !== '-e' && /^-./.test(word)) return undefined;
    else if (word !== '-e') operands.push(word);
  }
  const [first, ...others] = operands;
  const written = patterns.length > 0 ? patterns : first === undefined ? [] : [first];
  const isFixed = flags.includes('F');
  const compiled = written.map((pattern) =>
    posixPattern(isFixed ? pattern.replace(/[\\^$.*+?()[\]{}|]/g, '\\$&') : pattern, {
      isExtended: isAlwaysExtended || isFixed || flags.includes('E'),
      ignoresCase: flags.includes('i'),
    }),
  );
  if (compiled.length === 0 || compiled.includes(undefined)) return undefined;
  const isWanted = !flags.includes('v');
  return {
    filter: (lines) =>
      lines.filter(({ text }) => compiled.some((one) => one?.match(text, 0) !== undefined) === isWanted),
    files: patterns.length > 0 ? operands : others,
  };
}

/** A count of lines: `-n 5`, `-n5`, `-5`, `--lines=5`; with its sign. */
function countOf(words: readonly string[]): { count: string; files: string[] } | undefined {
  const [first, second] = words;
  const [, joined] = /^(?:-n|--lines=|-(?=\d)|(?=\+\d))([-+]?\d+)$/.exec(first ?? '') ?? [];
  if (joined !== undefined) return { count: joined, files: words.slice(1) };
  const isApart = first === '-n' || first === '--lines';
  if (isApart && /^[-+]?\d+$/.test(second ?? '')) return { count: second ?? '', files: words.slice(2) };
  return first?.startsWith('-') === true ? undefined : { count: '10', files: [...words] };
}

function head(words: readonly string[]): FilterCall | undefined {
  const said = countOf(words);
  if (said === undefined) return undefined;
  const count = Number(said.count);
  const isWithoutLast = said.count.startsWith('-');
  return {
    filter: (lines) => lines.slice(0, isWithoutLast && count === 0 ? undefined : count),
    files: said.files,
  };
}

function tail(words: readonly string[]): FilterCall | undefined {
  const said = countOf(words);
  if (said === undefined) return undefined;
  const count = Math.abs(Number(said.count));
  const from = (lines: readonly ScriptLine[]) =>
    said.count.startsWith('+') ? Math.max(count - 1, 0) : Math.max(lines.length - count, 0);
  return { filter: (lines) => lines.slice(from(lines)), files: said.files };
}

/** `cut` by characters, in one range that goes to the end of the line or not. */
function cut(words: readonly string[]): FilterCall | undefined {
  const [first = '', second = ''] = words;
  const range = /^-[bc]$/.test(first) ? second : /^-[bc](?=\d|-)/.test(first) ? first.slice(2) : '';
  const [, start, dash, end] = /^(\d*)(-?)(\d*)$/.exec(range) ?? [];
  if (range === '' || range === '-' || start === undefined) return undefined;
  const from = Math.max(Number(start || 1) - 1, 0);
  const to = dash === '' ? from + 1 : end === '' ? undefined : Number(end);
  return {
    filter: (lines) => lines.map((line) => partOf(line, from, Math.max(to ?? line.text.length, from))),
    files: words.slice(/^-[bc]$/.test(first) ? 2 : 1),
  };
}
