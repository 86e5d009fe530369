import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { detectKind, readMarkdown, readSource } from 'dabbawala';
import { mainName } from 'dabbawala/model';
import { ROOT } from '../support/run-dabbawala.ts';

const FENCE = '```';
const HELP = `Usage: tiffin [OPTION]... BOX

  -a, --all        all boxes
  -o, --out=FILE   write to FILE
`;
const PACK = `usage: tiffin pack [--lid=LID] [BOX]

options:
  --lid=LID  which lid
`;
const PAGE = `# tiffin

Carries boxes.

${FENCE}console
$ tiffin --help
${HELP}$ tiffin --all upper
3 boxes
${FENCE}

1. Pack them:

   ~~~~
${PACK.replace(/^(?=.)/gm, '   ')}   ~~~~

${FENCE}sh
tiffin --no-such-option upper
${FENCE}
`;

test('the helps in the fenced blocks of a page are read, those of subcommands too, and what else is printed is not', () => {
  const { interface: cli, problems } = readMarkdown({ name: 'README.md', text: PAGE });
  assert.deepEqual(problems, []);
  assert.deepEqual(
    cli?.root.options.items.map((option) => [mainName(option).text, option.help?.value]),
    [
      ['--all', 'all boxes'],
      ['--out', 'write to FILE'],
    ],
  );
  const [pack] = cli?.root.commands.items ?? [];
  assert.equal(pack?.names[0]?.text, 'pack');
  assert.deepEqual(
    cli?.sources.map(({ kind, command }) => [kind, command.join(' ')]),
    [
      ['markdown', 'tiffin'],
      ['markdown', 'tiffin pack'],
    ],
  );
});

test('what is read of a page stands where the page has it', () => {
  const { interface: cli } = readMarkdown({ name: 'README.md', text: PAGE });
  const [pack] = cli?.root.commands.items ?? [];
  for (const name of [cli?.root.options.items[1]?.names[1], pack?.options.items[0]?.names[0]]) {
    const { source, start = 0 } = name?.place ?? {};
    const at = source?.within?.offsets[start] ?? 0;
    assert.ok(PAGE.slice(at).startsWith(name?.text ?? '?'), name?.text);
  }
});

test('a page in Markdown is told from help by its headings and blocks', () => {
  assert.equal(detectKind(PAGE), 'markdown');
  assert.equal(detectKind(readFileSync(join(ROOT, 'demo/pages/tidebook.md'), 'utf8')), 'markdown');
  assert.equal(detectKind(HELP), 'help');
  assert.equal(detectKind(`${HELP}\n# Examples\n${FENCE}\n$ tiffin --help\n${PACK}${FENCE}\n`), 'help');
  assert.equal(detectKind(`# tiffin\n\n${FENCE}sh\nmake install\n${FENCE}\n`), 'help');
});

test('a page without help, and one with the helps of two programs, are told', () => {
  const none = readMarkdown({ name: 'README.md', text: `# tiffin\n\n${FENCE}\nmake\n${FENCE}\n` });
  assert.equal(none.interface, undefined);
  assert.match(none.problems[0]?.message ?? '', /^expected a fenced block with the help of a program/);
  const two = `# a\n${FENCE}\n${HELP}${FENCE}\n${FENCE}\n${HELP.replaceAll('tiffin', 'crew')}${FENCE}\n`;
  const { interface: cli, problems } = readSource({ name: 'README.md', text: two });
  assert.equal(cli?.program.value, 'tiffin');
  assert.deepEqual(
    problems.map(({ message }) => message),
    ["expected the help of one program; 'tiffin' is read, and 'crew' is not"],
  );
});

test('blocks that nothing closes, and many of them, are read to the end', () => {
  for (const text of [
    `# a\n${FENCE}\n${HELP}`,
    `# a\n${`${FENCE}\n${HELP}${FENCE}\n`.repeat(3000)}`,
    `# a\n${`${FENCE}`.repeat(100_000)}\n${HELP}`,
    `# a\n${`~~~\n$ tiffin --help\n`.repeat(20_000)}`,
  ])
    readSource({ name: 'README.md', text });
});
