import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { annotateHelp, audit, LineIndex, readScript, readSource } from 'dabbawala';
import type { Command, Option } from 'dabbawala/model';
import { parse } from 'yaml';
import { ROOT } from '../support/run-dabbawala.ts';

const FOLDER = join(ROOT, 'test/script/scripts');

function optionLine({ names, argument, key, required }: Option): string {
  const [word] = argument?.value.words ?? [];
  const shown = { none: '', optional: ' [ARG]', mandatory: ' ARG' }[argument?.value.presence ?? 'none'];
  return [
    names.map(({ text }) => text).join(', ') + shown,
    key && `key=${key.value}`,
    word?.default && `default=${word.default.value}`,
    word?.values && `values=${word.values.value.map(({ value }) => value).join(',')}`,
    required?.value === true && 'required',
  ]
    .filter(Boolean)
    .join(' ');
}

/** What is known of a command and those below it, by their paths. */
function commandLines(command: Command, path: string): [string, string[]][] {
  const lines = [
    ...command.options.items.map(optionLine),
    ...(command.options.complete?.value === true ? ['complete'] : []),
    ...command.operands.items.map(
      ({ name, count }) => `operand ${name} ${count?.value.least}..${count?.value.most ?? ''}`,
    ),
  ];
  const below = command.commands.items.flatMap((one) =>
    commandLines(one, `${path} ${one.names.map(({ text }) => text).join('|')}`),
  );
  return [[path, lines], ...below];
}

for (const name of readdirSync(FOLDER)) {
  test(`a script is read as it is written: ${name}`, () => {
    const text = readFileSync(join(FOLDER, name, 'script.sh'), 'utf8');
    const { interface: cli, problems } = readScript({ name: 'script.sh', text });
    assert.ok(cli !== undefined, problems.map(({ message }) => message).join());
    const index = new LineIndex(text);
    const told = problems.map(({ place, message }) => {
      const { line, column } = index.position(place?.start ?? 0);
      return `${line}:${column} ${message}`;
    });
    const { problems: expected = [], ...commands } = parse(
      readFileSync(join(FOLDER, name, 'expected.yaml'), 'utf8'),
    );
    assert.deepEqual(Object.fromEntries(commandLines(cli.root, 'script')), commands);
    assert.deepEqual(told, expected);
  });
}

const DRIFTED = `#!/bin/sh
usage() {
  echo "Usage: \${0##*/} [-a] [-o FILE]"
  printf '  -a       all boxes\\n  -o FILE  write to FILE\\n'
  cat <<-END
	  -d DAY   the day, as \\$DAY has it
	END
}
while getopts ao: letter; do
  case $letter in
    a) all=1 ;;
    o) out=$OPTARG ;;
    *) usage >&2; exit 2 ;;
  esac
done
`;

test('the usage text of a script is read as help, with the places of the script', () => {
  const { interface: cli } = readSource({ name: 'bin/boxes.sh', text: DRIFTED });
  assert.equal(cli?.program.value, 'boxes');
  assert.deepEqual(
    cli?.root.options.items.map(({ names, help }) => [names[0]?.text, help?.value]),
    [
      ['-a', 'all boxes'],
      ['-o', 'write to FILE'],
      ['-d', 'the day, as $DAY has it'],
    ],
  );
  const [unknown] = audit(cli === undefined ? [] : [cli], {
    selection: { only: ['script/usage-differs'] },
  }).findings;
  assert.equal(unknown?.message, "the usage text has '-d', and the script does not know it");
  const { source, start = 0 } = unknown?.place ?? {};
  const offset = source?.within?.offsets[start] ?? 0;
  assert.equal(DRIFTED.slice(offset, offset + 6), '-d DAY');
});

test('a usage text goes on in the blocks within the one that it begins in', () => {
  const text = `#!/bin/sh
usage() {
  printf 'Usage: tally [-d prefix] box\\n'
  if [ "$1" = -h ]; then
    printf '\\n-d\\tthe prefix of labels\\n'
    exit 0
  fi
  exit 1
}
while getopts d:h letter; do
  case $letter in
    d) prefix=$OPTARG ;;
    h) usage -h ;;
    *) usage ;;
  esac
done
`;
  const { usage } = readScript({ name: 'tally', text });
  assert.equal(usage?.source.text, 'Usage: tally [-d prefix] box\n\n-d\tthe prefix of labels\n');
});

test('the usage text of a script is annotated with the lines of the script', () => {
  const { interface: cli } = readSource({ name: 'boxes.sh', text: DRIFTED });
  const source = cli?.sources.find(({ kind }) => kind === 'help')?.source;
  assert.ok(source !== undefined);
  assert.deepEqual(
    annotateHelp(source).lines.map(({ line, role }) => `${line} ${role}`),
    ['3 synopsis', '4 entry', '4 entry', '6 entry'],
  );
});

test('what is no script with options is told, and nothing is thrown', () => {
  for (const text of ['', 'echo', '#!/bin/sh\n'.repeat(1000), '(('.repeat(5000), '\0\u{1F600}'.repeat(99)])
    assert.equal(readScript({ name: 'x', text }).interface, undefined);
  const [problem] = readScript({ name: 'x', text: '#!/bin/sh\ncat "$@"\n' }).problems;
  assert.match(problem?.message ?? '', /^no loop that reads options was found/);
});

test('options called like members of every object are ordinary options', () => {
  const text =
    '#!/bin/sh\nwhile [ $# -gt 0 ]; do\n  case $1 in\n    --__proto__) a=1 ;;\n    --constructor=*) b=1 ;;\n  esac\n  shift\ndone\n';
  const names = readScript({ name: 'x', text }).interface?.root.options.items.map(
    (option) => option.names[0]?.text,
  );
  assert.deepEqual(names, ['--__proto__', '--constructor']);
});
