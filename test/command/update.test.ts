import assert from 'node:assert/strict';
import { mkdtemp, readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, test } from 'node:test';
import { assertSourcesAgree } from 'dabbawala/testing';
import { dabbawala } from '../support/run-dabbawala.ts';

const DOCUMENT = `# The boxes of the round.
dabbawala: 1
program: tiffin
complete: true
options:
  # Drivers ask for this one.
  --late: late boxes only
  --sort=KEY: {help: sort by KEY, argument: {values: [day, quay], default: day}}
  --old: gone in the new help
  --secret: {help: not shown, hidden: true}
`;
const HELP = `Usage: tiffin [OPTION]...

  --late      late boxes, and early ones
  --sort=KEY  sort by KEY (one of: day, size; default: size)
  --map=FILE  draw a map
`;
const UPDATED = `# The boxes of the round.
dabbawala: 1
program: tiffin
complete: true
usage: tiffin [OPTION]...
options:
  # Drivers ask for this one.
  --late: late boxes, and early ones
  --sort=KEY: {help: "sort by KEY (one of: day, size; default: size)", argument: {values: [day, size], default: size}}
  --map=FILE: draw a map
  --old: gone in the new help
  --secret: {help: not shown, hidden: true}
`;

let folder = '';
before(async () => {
  folder = await mkdtemp(join(tmpdir(), 'dabbawala-update-'));
  await writeFile(join(folder, 'tiffin.yaml'), DOCUMENT);
  await writeFile(join(folder, 'tiffin.txt'), HELP);
});
after(() => rm(folder, { recursive: true }));

const update = (document: string, ...words: string[]) =>
  dabbawala(['convert', `--update=${join(folder, document)}`, join(folder, 'tiffin.txt'), ...words]);

test('a document is brought up to date from help, with its comments, and what help does not say', async () => {
  const { status, stdout, stderr } = await update('tiffin.yaml');
  assert.equal(stdout, UPDATED);
  assert.match(
    stderr,
    /tiffin\.yaml:9:3: the sources lack '--old', which is kept; take it out if it is gone\n$/,
  );
  assert.equal(status, 0);
});

test('a document that is brought up to date twice is what it was after the first time', async () => {
  const output = join(folder, 'updated.yaml');
  assert.equal((await update('tiffin.yaml', '-o', output)).status, 0);
  assert.equal(await readFile(output, 'utf8'), UPDATED);
  assert.equal((await update('updated.yaml')).stdout, UPDATED);
});

test('a document of another program, and one that is not there, are refused and nothing is written', async () => {
  const output = join(folder, 'nothing.yaml');
  await writeFile(join(folder, 'other.yaml'), 'dabbawala: 1\nprogram: other\noptions: {-q: a}\n');
  for (const [name, message] of [
    ['other.yaml', /other\.yaml: expected a document of 'tiffin', found one of 'other'/],
    ['missing.yaml', /missing\.yaml: no such file/],
  ] as const) {
    const { status, stdout, stderr } = await update(name, '-o', output);
    assert.equal(status, 2);
    assert.equal(stdout, '');
    assert.match(stderr, message);
    await assert.rejects(readFile(output));
  }
});

test('in tests, sources that say the same pass, and others fail with what they differ in', () => {
  assertSourcesAgree([UPDATED.replace(/ {2}--old.*\n/, ''), HELP]);
  assert.throws(() => assertSourcesAgree([DOCUMENT, HELP]), {
    name: 'AssertionError',
    message: /^the sources differ\n\n/,
    actual: [
      "sources/default-differs: the help tells 'size' as the default of '--sort', the document 'day'",
      "sources/values-differ: the document allows 'quay' for '--sort', the help does not",
      "sources/option-missing: the document lacks '--map', which the help has",
    ],
  });
  assertSourcesAgree([DOCUMENT, HELP], {
    except: ['sources/default-differs', 'sources/values-differ', 'sources/option-missing'],
  });
  assert.throws(() => assertSourcesAgree([DOCUMENT]), { name: 'MisuseError' });
  assert.throws(() => assertSourcesAgree([DOCUMENT, HELP.replace('tiffin', 'ferry')]), {
    name: 'MisuseError',
  });
});
