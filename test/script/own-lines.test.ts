import assert from 'node:assert/strict';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, test } from 'node:test';
import { readScript } from 'dabbawala';
import fc from 'fast-check';
import { output } from '../support/programs.ts';

const FOLDER = mkdtempSync(join(tmpdir(), 'dabbawala-own-lines-'));
after(() => rmSync(FOLDER, { recursive: true, force: true }));

/** A script that has its help in comments, and prints it by some commands. */
function scriptWith(commands: string): string {
  return `#!/bin/sh
## tally counts the boxes of a round.
##
## Usage: tally [-a] [-o FILE] ROUND
##
##   -a        all boxes, also those [late] that came back
##   -o FILE   write to FILE.txt (or to a+b, a*b, x|y)
##
#= Usage: tally --short\t$1 ^here
# end of the help

while getopts ao: letter; do
  case $letter in
    a) all=1 ;;
    o) out=$OPTARG ;;
    *) exit 2 ;;
  esac
done
${commands}
`;
}

/** What the reader takes the script to print, and what the script prints. */
function bothTexts(commands: string): { read: string | undefined; printed: string } {
  const text = scriptWith(commands);
  const path = join(FOLDER, 'tally');
  writeFileSync(path, text);
  return {
    read: readScript({ name: path, text }).usage?.source.text,
    printed: output('sh', [path]).stdout,
  };
}

const KNOWN = [
  `sed -n 's/^## \\{0,1\\}//p' "$0"`,
  `sed -n '/^##/s/^## \\?//p' "\${0}"`,
  `sed -e '1d' -e '/^# end/q' -e 's/^[#=]* *//' "$0"`,
  `sed -n -E '2,/^$/{/^#=/!s/^#+ ?(.*)$/\\1/p}' "$0"`,
  `sed '/^##/!d;s|^## *||;s/box\\(es\\)*/[&]/g' < "$0"`,
  `tail -n +2 "$0" | sed -e '/^$/ q' -e 's/^#//'`,
  `grep '^##' "$0" | cut -c 4-`,
  `grep -E '^(##|#=)( |$)' "$0" | sed -e 's/^..//' | head -n 5 | cat`,
  `head -8 "$0" | tail -n 6 | cut -c4-`,
  `sed -n '0,/end/p' "$0" | grep -v -e '^#!' -e '^#='`,
];

for (const commands of KNOWN)
  test(`the help in comments is what the script prints of itself: ${commands}`, () => {
    const { read, printed } = bothTexts(commands);
    assert.match(printed, /Usage: tally/);
    assert.equal(read, printed);
  });

const pattern = fc
  .array(
    fc.constantFrom(
      '^',
      '#',
      '##',
      ' ',
      '[#=]',
      '.',
      'a',
      '[^ ]',
      '[]x[]',
      '[[:upper:]]',
      '\\.',
      '*',
      '\\(o\\)',
      '$',
      '\\{1,2\\}',
      '\\?',
      '+',
      '(',
      '|',
      '\\|',
      '\\<',
      'e',
    ),
    { minLength: 1, maxLength: 5 },
  )
  .map((pieces) => pieces.join(''))
  // What a pattern that begins with an operator means, or one behind another, POSIX leaves open.
  .filter(
    (text) =>
      !/(?:^|[*?}(|^])(?:\*|\\\{|\\\?)|\\[(|]$|\$.|.\^|\\\|$|^\\\|/.test(text) &&
      count(text, '\\(') === count(text, '\\)'),
  );

function count(text: string, part: string): number {
  return text.split(part).length - 1;
}

const address = fc.oneof(
  fc.integer({ min: 1, max: 20 }).map(String),
  fc.constant('$'),
  pattern.map((text) => `/${text.replaceAll('/', '\\/')}/`),
);
const act = fc.oneof(
  fc.constantFrom('p', 'd', 'q', '{s/o/0/;p}', '!d', '!p'),
  fc
    .tuple(pattern, fc.constantFrom('', '<&>', '\\&', '-'), fc.constantFrom('', 'g', 'p', 'gp'))
    .map(([from, to, flags]) => `s,${from.replaceAll(',', '\\,')},${to},${flags}`),
);
const command = fc.oneof(
  act,
  fc.tuple(address, act).map((parts) => parts.join('')),
  fc.tuple(address, address, act).map(([first, last, one]) => `${first},${last}${one}`),
);
const sed = fc
  .tuple(fc.boolean(), fc.array(command, { minLength: 1, maxLength: 3 }))
  .map(([isQuiet, commands]) => `sed ${isQuiet ? '-n ' : ''}'${commands.join(';')}'`);
const stage = fc.oneof(
  sed,
  pattern.map((text) => `grep '${text}'`),
  fc.constantFrom(
    'head -n 12',
    'tail -n +2',
    'tail -n 15',
    'head -n -3',
    'cut -c3-',
    'cut -c-40',
    'cut -b 2-30',
  ),
);

test('what is made of the lines of a script by chance is what the programs make of them', () => {
  let compared = 0;
  fc.assert(
    fc.property(fc.tuple(sed, fc.array(stage, { maxLength: 2 })), ([first, stages]) => {
      const commands = [`${first} "$0"`, ...stages].join(' | ');
      const { read, printed } = bothTexts(commands);
      if (read === undefined || !/usage:/i.test(printed)) return;
      compared++;
      assert.equal(read, printed, commands);
    }),
    { numRuns: 400, seed: 20261129 },
  );
  assert.ok(compared > 60, `only ${compared} texts had a synopsis`);
});

test('which lines are printed is told to be unknown where only running it tells', () => {
  for (const commands of [
    `awk '/^##/' "$0"`,
    `sed -n 's/^##//p;N' "$0"`,
    `sed "$script" "$0"`,
    `sed -n '/\\(a\\)\\1/p' "$0"`,
  ]) {
    const { usage, problems } = readScript({ name: 'tally', text: scriptWith(commands) });
    assert.equal(usage, undefined, commands);
    assert.match(problems.map(({ message }) => message).join(), /^expected a usage text that is written out/);
  }
});

test('an archive that takes its own data out of itself has no help to be found', () => {
  const { usage, problems } = readScript({
    name: 'tally',
    text: scriptWith('tail -n +20 "$0" | gzip -cd | sh'),
  });
  assert.equal(usage, undefined);
  assert.deepEqual(problems, []);
});

test('a place in a text that was taken from comments is that of the comment', () => {
  const text = scriptWith(KNOWN[4] ?? '');
  const source = readScript({ name: 'tally', text }).usage?.source;
  const at = source?.text.indexOf('write to') ?? 0;
  assert.equal(source?.within?.offsets[at], text.indexOf('write to'));
});

test('lines that double with every command end the work', () => {
  const commands = `sed '${'s/.*/&&/;'.repeat(60)}' "$0"`;
  assert.ok(
    (readScript({ name: 'tally', text: scriptWith(commands) }).usage?.source.text.length ?? 0) < 50_000,
  );
});

test('a pattern that others would take forever for is matched in time', () => {
  const commands = `sed -n '/\\(\\(a*\\)*\\)*b$/p;s/^## //p' "$0"\n# ${'a'.repeat(50_000)}`;
  assert.match(
    readScript({ name: 'tally', text: scriptWith(commands) }).usage?.source.text ?? '',
    /Usage: tally/,
  );
});
