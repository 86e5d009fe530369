import { TOKENS } from './tokens.mjs';

/** How long an input may become, in characters; one in twenty may be ten times as long. */
const SIZE = 6_000;

/** How long a list may become that is the whole of a change, in characters; one text in so many has such a list. */
const LIST_SIZE = 200_000;
const LIST_EACH = 1_500;

/** A text made of seeds of its kind by a few changes: cut, spliced, repeated, nested, with tokens put in. */
export function mutated(random, seeds, kind) {
  const tokens = TOKENS[kind];
  let text = random.once(30) ? '' : random.pick(seeds);
  const limit = random.once(20) ? SIZE * 10 : SIZE;
  const changes = 1 + random.below(6);
  for (let i = 0; i < changes; i++)
    text = random.pick(CHANGES)(text, random, tokens, seeds, limit).slice(0, limit);
  return random.once(LIST_EACH) ? withLongList(text, random) : text;
}

/** A text in which some lines, or a part of a line, are repeated until they are a long list, each time with another number in one of the words. */
function withLongList(text, random) {
  const { lines, from, to } = lineRange(text, random);
  const isPart = random.once(2);
  const line = lines[from];
  const [start, end] = [place(line, random), place(line, random)].sort((a, b) => a - b);
  const part = isPart ? line.slice(start, end) : `${lines.slice(from, to).join('\n')}\n`;
  const words = [...part.matchAll(/\w+/g)];
  const word = words.length === 0 ? undefined : random.pick(words);
  const at = word === undefined ? part.length : word.index + word[0].length;
  const size = random.below(LIST_SIZE);
  const list = [];
  for (let length = 0; length < size; length += list.at(-1).length)
    list.push(`${part.slice(0, at)}${list.length}${part.slice(at)}`);
  const before = isPart ? [...lines.slice(0, from), line.slice(0, start)] : [...lines.slice(0, from), ''];
  const behind = isPart ? [line.slice(end), ...lines.slice(from + 1)] : lines.slice(to);
  return before.join('\n') + list.join('') + behind.join('\n');
}

function place(text, random) {
  return random.below(text.length + 1);
}

function lineRange(text, random) {
  const lines = text.split('\n');
  const from = random.below(lines.length);
  return { lines, from, to: from + 1 + random.below(Math.min(8, lines.length - from)) };
}

const CHANGES = [
  // A token somewhere, or many times in one place.
  (text, random, tokens) => inserted(text, place(text, random), random.pick(tokens)),
  (text, random, tokens) => inserted(text, place(text, random), random.pick(tokens)),
  (text, random, tokens, _, limit) =>
    inserted(
      text,
      place(text, random),
      random.pick(tokens).repeat(random.below(random.once(8) ? limit : 40)),
    ),
  // Two tokens in turn, such as an opening one and what it opens.
  (text, random, tokens, _, limit) =>
    inserted(
      text,
      place(text, random),
      (random.pick(tokens) + random.pick(tokens)).repeat(random.below(limit / 40)),
    ),
  // Cut.
  (text, random) => {
    const from = place(text, random);
    return text.slice(0, from) + text.slice(from + random.below(60));
  },
  (text, random) => text.slice(0, place(text, random)),
  (text, random) => {
    const { lines, from, to } = lineRange(text, random);
    return [...lines.slice(0, from), ...lines.slice(to)].join('\n');
  },
  // Lines twice, many times, elsewhere, or of another seed.
  (text, random, _, __, limit) => {
    const { lines, from, to } = lineRange(text, random);
    const part = lines.slice(from, to);
    const most = Math.max(2, Math.floor(limit / (part.join('\n').length + 1)));
    const times = 1 + random.below(random.once(6) ? most : 4);
    return [
      ...lines.slice(0, to),
      ...Array.from({ length: times }, () => part).flat(),
      ...lines.slice(to),
    ].join('\n');
  },
  (text, random, _, seeds) => {
    const other = lineRange(random.pick(seeds), random);
    const { lines, from } = lineRange(text, random);
    return [...lines.slice(0, from), ...other.lines.slice(other.from, other.to), ...lines.slice(from)].join(
      '\n',
    );
  },
  (text, random, _, seeds) => {
    const other = random.pick(seeds);
    return text.slice(0, place(text, random)) + other.slice(place(other, random));
  },
  // Lines joined, set in, or wrapped.
  (text, random) => {
    const at = text.indexOf('\n', place(text, random));
    return at < 0 ? text : text.slice(0, at) + random.pick(['', ' ', '  ', '\t']) + text.slice(at + 1);
  },
  (text, random) => {
    const { lines, from, to } = lineRange(text, random);
    const lead = random.pick([' ', '  ', '\t', '        ']);
    return lines.map((line, i) => (i >= from && i < to ? lead + line : line)).join('\n');
  },
  (text, random) => {
    const at = text.indexOf(' ', place(text, random));
    return at < 0 ? text : `${text.slice(0, at)}\n${' '.repeat(random.below(30))}${text.slice(at + 1)}`;
  },
  // Words in each other's place.
  (text, random) => {
    const words = text.split(/(\s+)/);
    const [a, b] = [random.below(words.length), random.below(words.length)];
    [words[a], words[b]] = [words[b], words[a]];
    return words.join('');
  },
];

function inserted(text, at, token) {
  return text.slice(0, at) + token + text.slice(at);
}
