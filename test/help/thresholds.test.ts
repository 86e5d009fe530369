import assert from 'node:assert/strict';
import { test } from 'node:test';
import { readHelp } from 'dabbawala';
import type { Interface } from 'dabbawala/model';
import { optionLine } from '../support/read-text.ts';

function read(text: string): Interface | undefined {
  return readHelp({ name: 'help', text }).interface;
}

const options = (text: string) => (read(text)?.root.options.items ?? []).map(optionLine);
const commands = (text: string) =>
  (read(text)?.root.commands.items ?? []).map(({ names }) => names[0]?.text ?? '');
const doubts = (text: string) => (read(text)?.sources[0]?.doubts ?? []).map(({ reason }) => reason);
const listed = (text: string) => (read(text)?.root.operands.items ?? []).map(({ name }) => name);
const placeholders = (text: string) =>
  read(text)?.root.options.items[0]?.argument?.value.words.map(({ placeholder }) => placeholder?.value);
const forms = (text: string) => read(text)?.root.forms.length ?? 0;

/** A list below paragraphs whose first lines reach a width by wide blanks. */
const page = (width: number, count: number) =>
  `Usage: tiffin COMMAND\n\nCommands:\n${['a', 'b', 'c', 'd', 'e']
    .slice(0, count)
    .map((letter) => `${`  note${letter}  that  boxes are carried `.padEnd(width, 'x')}\n  and more\n\n`)
    .join('')}  open   open a box\n`;

/** Texts right below and right at a threshold of the reader, in pairs: what is read of each. */
const PAIRS: readonly {
  readonly threshold: string;
  readonly read: (text: string) => unknown;
  readonly below: { readonly text: string; readonly gives: unknown };
  readonly at: { readonly text: string; readonly gives: unknown };
}[] = [
  {
    threshold: 'three words in small letters can be one placeholder, four are words of their own',
    read: placeholders,
    below: { text: 'Usage: tiffin [-o output file name] BOX\n', gives: ['output file name'] },
    at: {
      text: 'Usage: tiffin [-o old output file name] BOX\n',
      gives: ['old', 'output', 'file', 'name'],
    },
  },
  {
    threshold:
      'three of five letters that a list has make a word of the synopsis a group where no name has several letters behind one hyphen',
    read: (text) => options(text).filter((line) => /^-[nopqr]/.test(line)).length,
    below: { text: 'Usage: tiffin [-nopq] BOX\n\n  -n       a\n  -o       b\n  --late   c\n', gives: 3 },
    at: {
      text: 'Usage: tiffin [-nopqr] BOX\n\n  -n       a\n  -o       b\n  -p       c\n  --late   d\n',
      gives: 5,
    },
  },
  {
    threshold: 'a single line behind a label is no synopsis',
    read: forms,
    below: { text: 'Boxes.\n\n lift : tiffin [-f FILE] -s BOX\n\n -f FILE   the list\n', gives: 0 },
    at: {
      text: 'Boxes.\n\n lift : tiffin [-f FILE] -s BOX\n wash : tiffin -w BOX\n\n -f FILE   the list\n',
      gives: 2,
    },
  },
  {
    threshold: 'five lines that end at one column show a margin',
    read: commands,
    below: { text: page(60, 4), gives: ['notea', 'and', 'noteb', 'notec', 'noted', 'open'] },
    at: { text: page(60, 5), gives: ['open'] },
  },
  {
    threshold: 'a margin is no less than sixty columns',
    read: commands,
    below: { text: page(59, 5), gives: ['notea', 'and', 'noteb', 'notec', 'noted', 'notee', 'open'] },
    at: { text: page(60, 5), gives: ['open'] },
  },
  {
    threshold: 'one option in quotation marks is one of which a text speaks',
    read: options,
    below: { text: 'Usage: tiffin\n\nOPTIONS\n    "--late"\n        late boxes\n', gives: [] },
    at: {
      text: 'Usage: tiffin\n\nOPTIONS\n    "--late"\n        late boxes\n    "--map"\n        a map\n',
      gives: ['--late: late boxes', '--map: a map'],
    },
  },
  {
    threshold: 'three letters among more words are words, four are a list of their own',
    read: options,
    below: {
      text: 'Usage: tiffin [x]\n\n  -a   one\n  -b   two\n  -c   six\n  raw    r\n  warm   w\n  cold   c\n  wet    d\n',
      gives: [],
    },
    at: {
      text: 'Usage: tiffin [x]\n\n  -a   one\n  -b   two\n  -c   six\n  -d   ten\n  raw    r\n  warm   w\n  cold   c\n  wet    d\n  dry    y\n',
      gives: ['-a: one', '-b: two', '-c: six', '-d: ten'],
    },
  },
  {
    threshold: 'an operand may stand one column off, and no more',
    read: listed,
    below: { text: 'Usage: tiffin BOX LID\n\nOperands:\n  BOX  the box\n    LID  the lid\n', gives: ['BOX'] },
    at: {
      text: 'Usage: tiffin BOX LID\n\nOperands:\n  BOX  the box\n   LID  the lid\n',
      gives: ['BOX', 'LID'],
    },
  },
  {
    threshold: 'a bullet before a single line is none',
    read: commands,
    below: { text: 'Usage: tiffin COMMAND\n\nCommands:\n  - box:  a box\n', gives: [] },
    at: {
      text: 'Usage: tiffin COMMAND\n\nCommands:\n  - box:  a box\n  - lid:  a lid\n',
      gives: ['box', 'lid'],
    },
  },
  {
    threshold: 'two textless entries above one with a text may share it, one has none',
    read: doubts,
    below: { text: 'Usage: t\n\n  -q  quiet\n  --one\n  --two   text\n  -v  more\n', gives: [] },
    at: {
      text: 'Usage: t\n\n  -q  quiet\n  --one\n  --two\n  --six   text\n  -v  more\n  -d  day\n',
      gives: ['shared-text', 'shared-text'],
    },
  },
  {
    threshold: 'a text is three columns deeper than the name above it, whatever stands above that',
    read: options,
    below: {
      text: 'Usage: t\n\nUse it with\n  -a, --all\n    all of it\n  -b      bare\n',
      gives: ['-b: bare'],
    },
    at: {
      text: 'Usage: t\n\nUse it with\n  -a, --all\n     all of it\n  -b      bare\n',
      gives: ['-a --all: all of it', '-b: bare'],
    },
  },
  {
    threshold: 'three words with texts are surely commands, two are not',
    read: doubts,
    below: { text: 'Usage: tiffin COMMAND\n\nBoxes:\n  box   a box\n  lid   a lid\n', gives: ['odd-list'] },
    at: { text: 'Usage: tiffin COMMAND\n\nBoxes:\n  box   a box\n  lid   a lid\n  pan   a pan\n', gives: [] },
  },
  {
    threshold: 'two lines in notation that begin alike are synopses, one is where the title names it only',
    read: forms,
    below: { text: 'Boxes\n\nList them.\n  tiffin [-q] <day>\n\n  -q   quiet\n  -v   more\n', gives: 0 },
    at: {
      text: 'Boxes\n\nList them.\n  tiffin [-q] <day>\nRead them.\n  tiffin -f <file>\n\n  -q   quiet\n  -v   more\n',
      gives: 2,
    },
  },
  {
    threshold: 'four lines of names with a word at most have no texts',
    read: options,
    below: {
      text: 'Usage: t\n\n--one word\n--two word\n--six\n',
      gives: ['--one: word', '--two: word', '--six: '],
    },
    at: {
      text: 'Usage: t\n\n--one word\n--two word\n--six\n--ten\n',
      gives: ['--one mandatory word: ', '--two mandatory word: ', '--six: ', '--ten: '],
    },
  },
  {
    threshold: 'three long names in a column make it one of names',
    read: (text) => options(text).slice(0, 1),
    below: { text: 'Usage: t\n-e\t--edge number\n-f\t--fan\n', gives: ['-e: --edge number'] },
    at: {
      text: 'Usage: t\n-e\t--edge number\n-f\t--fan\n-g\t--gap\n',
      gives: ['-e --edge mandatory number: '],
    },
  },
  {
    threshold: 'five lines with the mark of a comment are the comment of a script',
    read: (text) => read(text) !== undefined,
    below: {
      text: '# Usage: t [-q]\n#\n# a\n# b\n',
      gives: false,
    },
    at: { text: '# Usage: t [-q]\n# a\n# b\n# c\n# -q  quiet\n', gives: true },
  },
  {
    threshold: 'nearly all lines have it: four of five',
    read: (text) => read(text) !== undefined,
    below: { text: '# Usage: t [-q]\n# a\n# b\nc\nd\n# -q  quiet\n', gives: false },
    at: { text: '# Usage: t [-q]\n# a\n# b\nc\n# -q  quiet\n', gives: true },
  },
  {
    threshold: 'two texts behind colons make the colon the mark of a list, one may be a word with a colon',
    read: (text) => options(text).at(-1),
    below: {
      text: 'Usage: t\n\n  -q: say nothing\n  -m mode: how to go\n',
      gives: '-m: mode: how to go',
    },
    at: {
      text: 'Usage: t\n\n  -q: say nothing\n  -a: all of them\n  -m mode: how to go\n',
      gives: '-m mandatory mode: how to go',
    },
  },
  {
    threshold: 'three values in a bracket at the end of a text, two are a remark',
    read: options,
    below: {
      text: 'Usage: t\n\n  -m, --mode=M   how to go (slow, fast)\n',
      gives: ['-m --mode mandatory M: how to go (slow, fast)'],
    },
    at: {
      text: 'Usage: t\n\n  -m, --mode=M   how to go (slow, fast, none)\n',
      gives: ['-m --mode mandatory M {slow,fast,none}: how to go (slow, fast, none)'],
    },
  },
  {
    threshold:
      'three of four letters of a list make a word of a synopsis a group of letters where other names have several',
    read: (text) => options(text).map((line) => line.split(':')[0]),
    below: {
      text: 'Usage: t [-abc]\n\n  -a    x\n  -b    y\n  -log  z\n',
      gives: ['-a', '-b', '-log', '-abc'],
    },
    at: {
      text: 'Usage: t [-abcd]\n\n  -a    x\n  -b    y\n  -c    z\n  -log  z\n',
      gives: ['-a', '-b', '-c', '-log', '-d'],
    },
  },
  {
    threshold: 'four unread lines, and more than a third of all, and little was read',
    read: (text) => doubts(text).includes('little-read'),
    below: { text: 'Usage: t [x]\n\n  aa   b\n  cc   d\n  ee   f\n', gives: false },
    at: { text: 'Usage: t [x]\n\n  aa   b\n  cc   d\n  ee   f\n  gg   h\n', gives: true },
  },
  {
    threshold: 'a third of all lines is not more than a third',
    read: (text) => doubts(text).includes('little-read'),
    below: {
      text: `Usage: t [x]\n\n${'ghijklm'.replace(/./g, '  -$&   text\n')}\n  aa   b\n  cc   d\n  ee   f\n  gg   h\n`,
      gives: false,
    },
    at: {
      text: `Usage: t [x]\n\n${'ghijkl'.replace(/./g, '  -$&   text\n')}\n  aa   b\n  cc   d\n  ee   f\n  gg   h\n`,
      gives: true,
    },
  },
  {
    threshold: 'a label has five words at most',
    read: (text) => read(text)?.root.options.items[0]?.heading?.value,
    below: {
      text: 'Usage: t\n\n    deeper words\nOne two three four five six:\n  -q  quiet\n  -v  more\n',
      gives: undefined,
    },
    at: {
      text: 'Usage: t\n\n    deeper words\nOne two three four five:\n  -q  quiet\n  -v  more\n',
      gives: 'One two three four five',
    },
  },
  {
    threshold: 'three entries of one name in a list of operands make it none',
    read: listed,
    below: { text: 'Usage: t [arg...]\n\nArguments:\n  LIST  : a\n  LIST  : b\n', gives: ['LIST', 'LIST'] },
    at: { text: 'Usage: t [arg...]\n\nArguments:\n  LIST  : a\n  LIST  : b\n  LIST  : c\n', gives: [] },
  },
  {
    threshold: 'three options that stand nowhere else are a list below any heading',
    read: options,
    below: { text: 'Usage: t [options]\n\nEnvironment:\n  --one    first\n  --two    second\n', gives: [] },
    at: {
      text: 'Usage: t [options]\n\nEnvironment:\n  --one    first\n  --two    second\n  --six    third\n',
      gives: ['--one: first', '--two: second', '--six: third'],
    },
  },
  {
    threshold: 'two lines that begin with the program and go on are its commands',
    read: commands,
    below: {
      text: 'Usage: t <command>\n\nBoxes of a day are taken round.\n\n    t one [day]   Take one\n',
      gives: [],
    },
    at: {
      text: 'Usage: t <command>\n\nBoxes of a day are taken round.\n\n    t one [day]   Take one\n    t two [day]   Take two\n',
      gives: ['one', 'two'],
    },
  },
  {
    threshold: 'a letter is four columns deeper than its long name at the most',
    read: options,
    below: {
      text: 'Usage: t [options]\n\n  -q   quiet\n--all-boxes\n     -a - all of them\n',
      gives: ['-q: quiet', '--all-boxes: ', '-a: all of them'],
    },
    at: {
      text: 'Usage: t [options]\n\n  -q   quiet\n--all-boxes\n    -a - all of them\n',
      gives: ['-q: quiet', '--all-boxes -a: all of them'],
    },
  },
  {
    threshold: 'four letters before a number mark are a group, three may be a name',
    read: options,
    below: { text: 'Usage: t [-abc#] [--day]\n', gives: ['-abc mandatory #: ', '--day: '] },
    at: { text: 'Usage: t [-abcd#] [--day]\n', gives: ['-a: ', '-b: ', '-c: ', '-d: ', '-#: ', '--day: '] },
  },
  {
    threshold: 'three words and nothing else are values, two may be what an option does',
    read: options,
    below: {
      text: 'Usage: t\n\n  --day DAY   early or late\n',
      gives: ['--day mandatory DAY: early or late'],
    },
    at: {
      text: 'Usage: t\n\n  --day DAY   early, midday or late\n',
      gives: ['--day mandatory DAY {early,midday,late}: early, midday or late'],
    },
  },
  {
    threshold: 'three lines that begin with a word of the title, with a capital, are synopses',
    read: forms,
    below: {
      text: 'Weigh 2.1\n  Weigh -day <boxes>\n  Weigh -late <boxes>\n\n  -day   by day\n  -late  late\n',
      gives: 0,
    },
    at: {
      text: 'Weigh 2.1\n  Weigh -day <boxes>\n  Weigh -late <boxes>\n  Weigh <boxes>\n\n  -day   by day\n  -late  late\n',
      gives: 3,
    },
  },
  {
    threshold: 'one text of five lines behind a gutter makes its column one of texts, one of six does not',
    read: (text) => options(text).at(-1),
    below: {
      text: 'Usage: t\n\n  -c file  from a file\n  -d\n  -h\n  -e NUM the box\n  -f DAY a day\n  -G boxes all of them\n',
      gives: '-G: boxes all of them',
    },
    at: {
      text: 'Usage: t\n\n  -c file  from a file\n  -d\n  -e NUM the box\n  -f DAY a day\n  -G boxes all of them\n',
      gives: '-G mandatory boxes: all of them',
    },
  },
  {
    threshold: 'two texts below their names make a column, one does not',
    read: (text) => options(text).at(-1),
    below: {
      text: 'Usage: t\n\n  --by-name-or-owner\n           the text\n  -c sort, remove the box\n',
      gives: '-c: sort, remove the box',
    },
    at: {
      text: 'Usage: t\n\n  --by-name-or-owner\n           the text\n  --by-quay-or-boat\n           the text\n  -c sort, remove the box\n',
      gives: '-c mandatory sort: remove the box',
    },
  },
  {
    threshold: 'three paragraphs that begin with names are a list, two may be running text',
    read: (text) => options(text).length,
    below: { text: 'Usage: t\n\n-q be quiet\nin all.\n\n-v say more\nof it.\n', gives: 0 },
    at: { text: 'Usage: t\n\n-q be quiet\nin all.\n\n-v say more\nof it.\n\n-d by day\nonly.\n', gives: 3 },
  },
  {
    threshold: 'two names behind which one blank stands are odd in a list with gutters, three are a list',
    read: doubts,
    below: {
      text: 'Usage: t [-q] [-v]\n\n  --one    a\n\n  -q be quiet\n\n  -v say more\n\n  --two    b\n',
      gives: ['odd-entry', 'odd-entry'],
    },
    at: {
      text: 'Usage: t [-q] [-v]\n\n  --one    a\n\n  -q be quiet\n\n  -v say more\n\n  -d by day\n\n  --two    b\n',
      gives: [],
    },
  },
  {
    threshold: 'three synopses without texts are commands, two are not',
    read: commands,
    below: { text: 'Usage: t COMMAND\n\n  list [--late] [DAY]\n  move [-f|--force] BOX...\n', gives: [] },
    at: {
      text: 'Usage: t COMMAND\n\n  list [--late] [DAY]\n  move [-f|--force] BOX...\n  open [--at QUAY]\n',
      gives: ['list', 'move', 'open'],
    },
  },
  {
    threshold: 'two names met with one hyphen more are another spelling, one is a slip',
    read: (text) => read(text)?.root.rules.longHyphens?.value,
    below: { text: 'Usage: t\n\n  -stack   stack\n  -shelf   not --stack\n', gives: undefined },
    at: { text: 'Usage: t\n\n  -stack   not --shelf\n  -shelf   not --stack\n', gives: 'one-or-two' },
  },
  {
    threshold: 'three names one behind the other are options, two are spellings of one',
    read: options,
    below: {
      text: 'Usage: t\n\n  -daily -weekly\n  -now   at once\n',
      gives: ['-daily -weekly: ', '-now: at once'],
    },
    at: {
      text: 'Usage: t\n\n  -daily -weekly -late\n  -now   at once\n',
      gives: ['-daily: ', '-weekly: ', '-late: ', '-now: at once'],
    },
  },
  {
    threshold: 'five letters without a text are an enumeration, four may be one option',
    read: options,
    below: { text: 'Usage: t\n\n  -a, -b, -c, -d, -f\n  -e   text\n', gives: ['-e: text'] },
    at: { text: 'Usage: t\n\n  -a, -b, -c, -d\n  -e   text\n', gives: ['-a -b -c -d: ', '-e: text'] },
  },
  {
    threshold: 'three bare words before a colon are placeholders, four are a text',
    read: (text) => options(text).at(-1),
    below: {
      text: 'Usage: t\n\n  --day       by day\n  --berth quay row column box : text\n',
      gives: '--berth: quay row column box : text',
    },
    at: {
      text: 'Usage: t\n\n  --day       by day\n  --berth quay row column : text\n',
      gives: '--berth mandatory quay row column: text',
    },
  },
  {
    threshold: 'three names of one width show where texts begin, two may have it by chance',
    read: commands,
    below: { text: 'Usage: t COMMAND\n\nCommands:\n  box the lid of it\n  pan the lid of it\n', gives: [] },
    at: {
      text: 'Usage: t COMMAND\n\nCommands:\n  box the lid of it\n  pan the lid of it\n  lid the box of it\n',
      gives: ['box', 'pan', 'lid'],
    },
  },
  {
    threshold:
      'a line of fifty columns may be running text that was broken, a shorter one looks like an entry',
    read: doubts,
    below: {
      text: 'Usage: t [x]\n\n  -q   quiet\n\nText.\n\nboxes  in this line are more words than fit in it\nthe line below it, which is running text as well\n',
      gives: ['beside-unread'],
    },
    at: {
      text: 'Usage: t [x]\n\n  -q   quiet\n\nText.\n\nboxes  in this line are more words than fit below,\nthe line below it, which is running text as well\n',
      gives: [],
    },
  },
];

for (const { threshold, read: reading, below, at } of PAIRS) {
  test(`threshold: ${threshold}`, () => {
    assert.deepEqual(reading(below.text), below.gives);
    assert.deepEqual(reading(at.text), at.gives);
  });
}
