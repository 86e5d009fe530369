import assert from 'node:assert/strict';
import { test } from 'node:test';
import { AUDIT_REPORTS, audit, type DoubtReason, readDocument, readHelp } from 'dabbawala';
import { documentYaml } from 'dabbawala/writers';

const CONTEXT = { tool: { name: 'dabbawala', version: '0' }, text: { width: 80, colour: false } };

/** Texts that can be read in more than one way, with the doubts that they leave, each at the words that it is about. */
const DOUBTED: readonly { readonly text: string; readonly doubts: readonly [DoubtReason, string][] }[] = [
  {
    text: 'Usage: tiffin [OPTION]...\n\n  -q, --quiet   be quiet\n',
    doubts: [],
  },
  {
    text: 'Usage: tiffin [q-opt] {q-opt} @quay\n\n  -q, --quiet   be quiet\n',
    doubts: [['odd-synopsis', 'tiffin [q-opt] {q-opt} @quay']],
  },
  {
    text: 'Usage: tiffin [-a] <box> [-b] <lid> [-c] <box>\n\n  -q, --quiet   be quiet\n',
    doubts: [['odd-synopsis', 'tiffin [-a] <box> [-b] <lid> [-c] <box>']],
  },
  {
    text: 'Usage: tiffin <box>[day] [LID] named boxes\n\n  -q, --quiet   be quiet\n',
    doubts: [
      ['plain-word', 'named'],
      ['plain-word', 'boxes'],
    ],
  },
  {
    text: 'Usage: tiffin [-q] left lid\n\nArguments:\n  lid    the lid\n\nOptions:\n  -q, --quiet      be quiet\n  --side left top  the side\n',
    doubts: [['named-elsewhere', 'left']],
  },
  {
    text: 'Usage: tiffin [-q] lid <file|quay>\n\nArguments:\n  lid    the lid\n  quay   the quay\n\nOptions:\n  -q, --quiet   be quiet\n',
    doubts: [['named-elsewhere', 'quay']],
  },
  {
    text: 'Usage:\n  tiffin [-q] LID...\n  carts BOX...\n\n  -q, --quiet   be quiet\n',
    doubts: [['odd-synopsis', '  tiffin [-q] LID...\n  carts BOX...']],
  },
  {
    text: 'Tiffin 1.4\n\nLists boxes.\n  tiffin [options] <day>\n\n  -q, --quiet   be quiet\n',
    doubts: [['bare-synopsis', 'tiffin [options] <day>']],
  },
  {
    text: 'Usage: tiffin\n\n  -q, --quiet     be quiet\n  --open-hook\n  --close-hook\n  --lid-hook      what is run\n  -v, --verbose   tell more\n  -d              days\n',
    doubts: [
      ['shared-text', '  --open-hook'],
      ['shared-text', '  --close-hook'],
    ],
  },
  {
    text: 'Usage: tiffin [OPTION]...\n\n  -o\n  --open-hook\n  --close-hook\n\n    What is run.\n\n  -l\n  --lid-hook\n  --late-hook\n\n    What is run when it is late.\n',
    doubts: [
      ['shared-text', '  -o'],
      ['shared-text', '  --open-hook'],
      ['shared-text', '  -l'],
      ['shared-text', '  --lid-hook'],
    ],
  },
  {
    text: 'Usage: tiffin [OPTION]...\n\n  -q, --quiet   be quiet\n  box           what is this\n  -v, --verbose   tell more\n',
    doubts: [
      [
        'beside-unread',
        '  -q, --quiet   be quiet\n  box           what is this\n  -v, --verbose   tell more',
      ],
    ],
  },
  {
    text: 'Usage: tiffin COMMAND\n\nKeeping:\n  Box   a box\n',
    doubts: [['odd-list', '  Box   a box']],
  },
];

for (const { text, doubts } of DOUBTED) {
  test(`doubts of ${JSON.stringify(text.slice(0, 60))}: ${doubts.map(([reason]) => reason).join(', ')}`, () => {
    const { interface: cli } = readHelp({ name: 'help', text });
    const found = cli?.sources[0]?.doubts.map(({ reason, place }) => [
      reason,
      text.slice(place.start, place.end),
    ]);
    assert.deepEqual(found, doubts);
  });
}

test('a document that was made from help keeps what may have been misread', () => {
  for (const { text, doubts } of DOUBTED) {
    const { interface: cli } = readHelp({ name: 'help', text });
    assert.ok(cli !== undefined);
    const written = documentYaml(cli);
    const { interface: again, problems } = readDocument({ name: 'document', text: written });
    assert.deepEqual(problems, []);
    assert.ok(again !== undefined);
    const reasons = new Set(again.sources[0]?.doubts.map(({ reason }) => reason));
    assert.deepEqual(reasons, new Set(doubts.map(([reason]) => reason)), written);
    assert.equal(documentYaml(again), written);
  }
});

test('findings about a part of a document that is unsure are notes', () => {
  const text = 'dabbawala: 1\nprogram: tiffin\noptions:\n  --quiet: say less\n  --n: as many\n';
  const levels = (unsure: string) => {
    const { interface: cli, problems } = readDocument({ name: 'document', text: `${text}${unsure}` });
    assert.deepEqual(problems, []);
    const { findings } = audit(cli === undefined ? [] : [cli], {
      selection: { only: ['names/one-letter-long'] },
    });
    return findings.map(({ level, unsure: why }) => [level, why]);
  };
  assert.deepEqual(levels(''), [['warning', null]]);
  assert.deepEqual(levels('unsure: [{part: option, name: --n, reason: odd-entry}]\n'), [
    ['note', 'odd-entry'],
  ]);
  assert.deepEqual(levels('unsure: [{part: option, name: --quiet, reason: odd-entry}]\n'), [
    ['warning', null],
  ]);
});

test('what may have been misread gives notes only, and says why', () => {
  const options =
    '  -q, --quiet   be quiet\n  --o\n  --close-hook\n  --lid-hook      what is run\n  -v   more\n  -d   days\n';
  const { interface: cli } = readHelp({ name: 'help', text: `Usage: tiffin\n\n${options}` });
  assert.ok(cli !== undefined);
  const result = audit([cli]);
  const [finding] = result.findings.filter(({ check }) => check === 'names/one-letter-long');
  assert.equal(finding?.level, 'note');
  assert.equal(finding?.unsure, 'shared-text');
  assert.match(
    AUDIT_REPORTS.text(result, { ...CONTEXT, inFull: true }),
    /may be misread: its text may belong to the entry/,
  );
  // With one such line, the option has no text, and is what it seems.
  const single = readHelp({
    name: 'help',
    text: `Usage: tiffin\n\n${options.replace('  --close-hook\n', '')}`,
  });
  assert.ok(single.interface !== undefined);
  const told = audit([single.interface]).findings.find(({ check }) => check === 'names/one-letter-long');
  assert.deepEqual([told?.level, told?.unsure], ['warning', null]);
});

test('a text of which little is known is told as such, and gives notes only', () => {
  const rows = ['box', 'lid', 'tray', 'crate', 'pan'].map((word) => `  ${word}    of the harbour`);
  const { interface: cli } = readHelp({ name: 'help', text: `Usage: tiffin [x]\n\n${rows.join('\n')}\n` });
  assert.ok(cli !== undefined);
  assert.deepEqual(cli.sources[0]?.lines, { read: 1, unread: 5 });
  const result = audit([cli]);
  assert.ok(result.findings.every(({ level }) => level === 'note'));
  assert.match(AUDIT_REPORTS.text(result, CONTEXT), /help: 17 % of its lines could be read/);
});
