import assert from 'node:assert/strict';
import { test } from 'node:test';
import { readDocument } from 'dabbawala';
import { type Interface, saysTheSame } from 'dabbawala/model';
import { documentYaml, updateDocument } from 'dabbawala/writers';
import fc from 'fast-check';
import { arbitraryInterface } from '../support/arbitrary-interface.ts';

const WRITTEN = `# the office program
dabbawala: 1
program: tiffin # our own
version: '1.4'

options:
  # asked for by the carriers
  -q, --quiet: "print nothing but errors"
  -c FILE, --config FILE:
    help: read settings # from a file
    argument: { default: tiffin.conf }
  --late-boxes: late ones only

commands:
  # the boxes
  list, ls:
    summary: list boxes
    options:
      -a, --all: all of them # returned ones too
  add: { summary: add a box }
`;

function read(text: string): Interface {
  const { interface: cli, problems } = readDocument({ name: 'tiffin.yaml', text });
  assert.deepEqual(problems, [], text);
  assert.ok(cli !== undefined);
  return cli;
}

/** The document with some of its text replaced, as an author would edit it, and as the library updates it. */
function assertUpdates(...replacements: readonly (readonly [string, string])[]): void {
  let edited = WRITTEN;
  for (const [from, to] of replacements) {
    assert.ok(edited.includes(from), from);
    edited = edited.replace(from, to);
  }
  const updated = updateDocument({ name: 'tiffin.yaml', text: WRITTEN }, read(edited));
  assert.deepEqual(updated.problems, []);
  assert.equal(updated.text, edited);
  assert.ok(updated.kept);
}

test('what does not differ is left as it is, comments, order and quotes included', () => {
  assertUpdates();
  assertUpdates(['"print nothing but errors"', '"say less"']);
  assertUpdates(["version: '1.4'", "version: '2.0'"]);
  assertUpdates(['tiffin.conf', 'tiffin.toml'], ['list boxes', 'list all boxes']);
  assertUpdates(['all of them', 'all boxes'], ['add a box', 'add boxes']);
});

test('options and commands come and go without touching their neighbours', () => {
  assertUpdates([
    '  --late-boxes: late ones only\n',
    '  --late-boxes: late ones only\n  --late-fee: add the fee\n',
  ]);
  assertUpdates([
    '    options:\n      -a, --all:',
    '    options:\n      --brief: a line a box\n      -a, --all:',
  ]);
  assertUpdates(['  --late-boxes: late ones only\n', '']);
  assertUpdates(['  add: { summary: add a box }\n', '  add: { summary: add a box }\n  find: find a box\n']);
  assertUpdates(["program: tiffin # our own\nversion: '1.4'\n", 'program: tiffin # our own\nversion: 1.5\n']);
});

test('a text in short becomes a mapping where more is to be said', () => {
  const wanted = WRITTEN.replace('late ones only', '{help: late ones only, hidden: true}');
  const { text, kept } = updateDocument({ name: 'tiffin.yaml', text: WRITTEN }, read(wanted));
  assert.ok(kept);
  assert.match(
    text ?? '',
    /--late-boxes:\n {4}help: late ones only\n {4}hidden: true\n\ncommands:\n {2}# the boxes/,
  );
});

test('a document with mistakes is not touched', () => {
  const { text, problems } = updateDocument({ name: 'x', text: `${WRITTEN}optoins: 1\n` }, read(WRITTEN));
  assert.equal(text, undefined);
  assert.equal(problems[0]?.code, 'unknown-key');
});

test('any document can be updated to say what any interface says', () => {
  fc.assert(
    fc.property(arbitraryInterface, arbitraryInterface, (cli, to) => {
      const { text } = updateDocument({ name: 'tiffin.yaml', text: documentYaml(cli) }, to);
      assert.ok(saysTheSame(read(text ?? ''), to), text);
    }),
    { numRuns: 100 },
  );
});
