import assert from 'node:assert/strict';
import { execFileSync, spawn } from 'node:child_process';
import {
  chmodSync,
  existsSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, beforeEach, test } from 'node:test';
import { joinInterfaces, MisuseError, readDocument } from 'dabbawala';
import { saysTheSame, walkCommands } from 'dabbawala/model';
import { type Capture, type CaptureSettings, captureProgram, observeCompletion } from 'dabbawala/node';
import { demoSources } from '../support/demo-sources.ts';
import { dabbawala, ROOT } from '../support/run-dabbawala.ts';

const HELP = 'demo/tiffin-1.4/help';
/** A limit that a program reaches only where it never ends, however busy the machine is, in milliseconds. */
const LONG = 300_000;
/** A number that no other process of this machine sleeps for. */
const NAP = '4711.0815';
let folder = '';
let scratch = '';
const userScratch = process.env.TMPDIR;

before(() => {
  folder = mkdtempSync(join(tmpdir(), 'dabbawala-programs-'));
  scratch = mkdtempSync(join(tmpdir(), 'dabbawala-scratch-'));
  // Where captures put their folders, so that what they leave behind is seen.
  process.env.TMPDIR = scratch;
});
after(() => {
  if (userScratch === undefined) delete process.env.TMPDIR;
  else process.env.TMPDIR = userScratch;
  rmSync(folder, { recursive: true });
  rmSync(scratch, { recursive: true });
});
beforeEach(() => rmSync(join(folder, 'log'), { force: true }));

/** Makes a shell program that writes its words into a log. */
function program(name: string, body: string): string {
  const path = join(folder, name);
  writeFileSync(path, `#!/bin/sh\nprintf '%s\\n' "$*" >> '${join(folder, 'log')}'\n${body}\n`);
  chmodSync(path, 0o755);
  return path;
}

function calls(): string[] {
  const log = join(folder, 'log');
  return existsSync(log) ? readFileSync(log, 'utf8').trimEnd().split('\n').sort() : [];
}

/** Captures, and holds that no file and no process is left. */
async function capture(path: string, settings: Partial<CaptureSettings> = {}): Promise<Capture> {
  const result = await captureProgram([path], { timeLimit: LONG, ...settings });
  assert.deepEqual(readdirSync(scratch), []);
  const processes = execFileSync('ps', ['-eo', 'args'], { encoding: 'utf8' });
  assert.ok(!processes.includes(NAP), 'a process is left');
  return result;
}

const paths = ({ interface: cli }: Capture) =>
  cli === undefined ? [] : [...walkCommands(cli)].map(({ path }) => path.slice(1).join(' '));

/** A program whose help is in files called by its words. */
const TIFFIN = `last=
for word in "$@"; do last=$word; done
test "$last" = --help || { echo "tiffin: what?" >&2; exit 2; }
set -- "$@" ; name=tiffin
for word in "$@"; do test "$word" = --help || name=$name-$word; done
exec cat '${join(ROOT, HELP)}/'"$name.txt"`;

test('a whole program is captured as its help outputs describe it, and each command is asked once', async () => {
  const result = await capture(program('tiffin', TIFFIN));
  assert.deepEqual(result.problems, []);
  const [read] = joinInterfaces(demoSources([HELP]));
  assert.ok(result.interface !== undefined && read !== undefined);
  assert.ok(saysTheSame({ ...result.interface, program: read.program, observations: [] }, read));
  // The version too, which the help shows an option for.
  assert.equal(calls().length, 16);
  assert.equal(new Set(calls()).size, 16);
  const [first] = result.interface.observations;
  assert.deepEqual([first?.words, first?.width, first?.exitStatus], [['--help'], 200, 0]);
});

test('the version is asked where the help shows an option for it, and read from the first line', async () => {
  const versionOf = async (option: string, printed: string) => {
    const help = `Usage: tiffin [OPTION]...\n\n  ${option}   print the version\n  --late      only late ones\n`;
    const path = program(
      'tiffin',
      `test "$1" = --version && { printf '${printed}'; exit; }\nprintf '${help}'`,
    );
    return (await capture(path)).interface?.version?.value;
  };
  assert.equal(await versionOf('--version', 'tiffin (harbour tools) 1.10\n2.0 is next\n'), '1.10');
  assert.equal(await versionOf('--version', '\nv2.0.1-rc.1\n'), '2.0.1-rc.1');
  assert.equal(await versionOf('--version', 'tiffin 590 (of 12 quays)\n'), '590');
  assert.equal(await versionOf('--version', 'all boxes of 2024\n'), undefined);
  assert.equal(await versionOf('--release', '1.4\n'), undefined);
});

test('help SUB and -h are asked only where help that was read shows them', async () => {
  const only = (extra: string) => `case "$*" in
--help) printf 'Usage: tiffin [OPTION] COMMAND\\n\\nCommands:\\n  box   list boxes\\n${extra}\\nOptions:\\n  -q  quiet\\n' ;;
"help box"|"box -h") printf 'Usage: tiffin box [-a]\\n\\n  -a  all\\n' ;;
*) exit 2 ;;
esac`;
  const plain = await capture(program('tiffin', only('')));
  assert.deepEqual(calls(), ['--help', 'box --help']);
  assert.deepEqual(paths(plain), ['', 'box']);
  assert.match(plain.problems[0]?.message ?? '', /tiffin box' gave no help of its own/);
  rmSync(join(folder, 'log'));
  await capture(program('tiffin', only('  help  tell more\\n')));
  assert.deepEqual(calls(), ['--help', 'box --help', 'help box']);
  rmSync(join(folder, 'log'));
  const short = await capture(program('tiffin', only('')), { shortHelp: true });
  assert.deepEqual(calls(), ['--help', 'box --help', 'box -h']);
  assert.deepEqual(short.problems, []);
});

test('help that is the same for every word, or lists its commands in each of them, is no trap', async () => {
  const same = await capture(
    program('tiffin', `printf 'Usage: tiffin\\n\\nCommands:\\n  box    a\\n  round  b\\n'`),
  );
  assert.equal(calls().length, 3);
  assert.deepEqual(paths(same), ['', 'box', 'round']);
  rmSync(join(folder, 'log'));
  await capture(
    program('tiffin', `printf 'Usage: tiffin %s\\n\\nCommands:\\n  box    a\\n  round  b\\n' "$*"`),
  );
  assert.equal(calls().length, 3);
  rmSync(join(folder, 'log'));
  const deeper = `printf 'Usage: tiffin %s\\n\\nCommands:\\n  a%s    a\\n  b%s    b\\n' "$*" $$ $$`;
  const endless = await capture(program('tiffin', deeper), { commandLimit: 20 });
  assert.ok(calls().length <= 20);
  assert.ok(endless.problems.some(({ code }) => code === 'too-many-commands'));
});

test('programs that fork, ignore signals, print without end, wait or write files are ended, and leave nothing', async () => {
  const help = `printf 'Usage: tiffin [-q]\\n\\n  -q  quiet\\n'`;
  const cases: [string, string, boolean][] = [
    ['forks', `sleep ${NAP} & ${help}`, true],
    ['leaves its group', `setsid sleep ${NAP} >/dev/null 2>&1 & ${help}`, true],
    ['ignores SIGTERM', `trap '' TERM HUP INT\nsleep ${NAP}\nsleep ${NAP}`, false],
    ['prints without end', `while :; do echo tiffin tiffin tiffin tiffin; done`, false],
    ['waits for input', `read word; ${help}`, true],
    ['waits for a terminal', `read word < /dev/tty || true; ${help}`, true],
    ['writes files', `echo x > left; mkdir -p "$HOME/.tiffin"; echo y > "$HOME/.tiffin/left"; ${help}`, true],
    ['does not exist', '', false],
  ];
  for (const [name, body, isRead] of cases) {
    const path = body === '' ? join(folder, 'absent') : program('tiffin', body);
    const timeLimit = isRead ? LONG : 2000;
    const result = await capture(path, { outputLimit: 100_000, timeLimit });
    assert.equal(result.interface !== undefined, isRead, name);
    assert.equal(result.problems.length, isRead ? 0 : 1, name);
  }
});

test('a probe observes the version, an option that does not exist, and an abbreviation', async () => {
  const result = await capture(
    program(
      'tiffin',
      `case $1 in --help) printf 'Usage: tiffin [-q]\\n\\n  -q  quiet\\n';; --version) echo tiffin 1.4;; *) echo what >&2; exit 2;; esac`,
    ),
    { probe: true },
  );
  assert.deepEqual(
    result.interface?.observations.map(({ words, exitStatus, standardError }) => [
      words[0],
      exitStatus,
      standardError.text,
    ]),
    [
      ['--dabbawala-no-such-option', 2, 'what\n'],
      ['--hel', 2, 'what\n'],
      ['--help', 0, ''],
      ['--version', 0, ''],
    ],
  );
});

test('the command writes a document that says what was captured, and shows its plan without running anything', async () => {
  const path = program('tiffin', TIFFIN);
  const plan = await dabbawala(['capture', '--plan', '--probe', path]);
  assert.equal(plan.status, 0);
  assert.equal(plan.stdout.split('\n')[0], `${path} --help`);
  assert.match(plan.stdout, /--dabbawala-no-such-option\n/);
  assert.deepEqual(calls(), []);
  const asked = await dabbawala(['capture', '--probe', path]);
  assert.deepEqual([asked.status, asked.stdout], [2, '']);
  assert.match(asked.stderr, /expected '--yes', since there is no terminal to ask; nothing was run\n$/);
  assert.deepEqual(calls(), []);
  const file = join(folder, 'tiffin.yaml');
  const written = await dabbawala(['capture', '-o', file, path]);
  assert.deepEqual([written.status, written.stdout, written.stderr], [0, '', '']);
  const text = readFileSync(file, 'utf8');
  const { interface: cli, problems } = readDocument({ name: file, text });
  assert.deepEqual(problems, []);
  assert.equal(cli?.observations.length, 16);
  assert.equal(cli?.sources[0]?.kind, 'help');
  const json = await dabbawala(['capture', '--to=json', path]);
  assert.ok(saysTheSame(readDocument({ name: 'x', text: json.stdout }).interface, cli));
});

test('what cannot be captured ends with status 2 and a message', async () => {
  for (const [words, message] of [
    [
      ['capture', join(folder, 'absent')],
      /absent' cannot be run: there is no such file or folder; check the path \(ENOENT\)\n$/,
    ],
    [
      ['capture', program('mute', 'echo no >&2; exit 1')],
      /gave no help of its own and ended with status 1: it said 'no'/,
    ],
    [['capture', '--seconds=0', 'x'], /'0' is not a value of '--seconds': expected a number from 1 to 600\n/],
    [
      ['capture', '-o', join(folder, 'no/such/file'), program('tiffin', TIFFIN)],
      /no\/such\/file: cannot be written: there is no such file or folder; check the path \(ENOENT\)\n$/,
    ],
  ] as const) {
    const ended = await dabbawala(words);
    assert.equal(ended.status, 2, ended.stderr);
    assert.match(ended.stderr, message);
    assert.doesNotMatch(ended.stderr, /\n\s+at /);
  }
});

test('a capture that is stopped keeps what it had', async () => {
  const slow = `case "$*" in --help) printf 'Usage: tiffin\\n\\nCommands:\\n  box    a\\n';; *) sleep ${NAP};; esac`;
  const path = program('tiffin', slow);
  const child = spawn(process.execPath, ['dist/cli/bin.js', 'capture', path], { cwd: ROOT });
  let stdout = '';
  let stderr = '';
  child.stdout.on('data', (chunk) => (stdout += chunk));
  child.stderr.on('data', (chunk) => (stderr += chunk));
  const ended = new Promise<number | null>((resolve) => child.on('close', resolve));
  while (!calls().includes('box --help')) await new Promise((resolve) => setTimeout(resolve, 20));
  child.kill('SIGINT');
  assert.equal(await ended, 2);
  assert.match(stderr, /stopped; what was read so far is kept/);
  const { interface: cli } = readDocument({ name: 'x', text: stdout });
  assert.deepEqual(
    cli?.root.commands.items.map(({ names }) => names[0]?.text),
    ['box'],
  );
  assert.deepEqual(readdirSync(scratch), []);
});

test('real programs with subcommands are captured whole', {
  skip: existsSync('/usr/bin/git') ? false : 'git is not on this machine',
}, async () => {
  const { interface: cli } = await captureProgram(['git'], { depthLimit: 1, timeLimit: LONG });
  const names = cli?.root.commands.items.map(({ names: own }) => own[0]?.text) ?? [];
  for (const name of ['clone', 'commit', 'log']) assert.ok(names.includes(name), name);
});

test('times and process numbers of a run do not stand in what a capture keeps; other times and numbers do', async () => {
  const printed = [
    'Usage: ticks [-s TIME]',
    '',
    'Options:',
    '  -s, --since=TIME  from TIME on (default: 2019-11-27 08:15:00), not after 1574842500',
    '  -p, --port=PORT   listen on PORT (default: 8080)',
    '  -i, --iso=A       now $(date -u +%Y-%m-%dT%H:%M:%S.%NZ) or $(TZ=Asia/Kathmandu date "+%Y-%m-%d %H:%M")',
    '  -c, --ctime=B     now $(LC_ALL=C date)',
    '  -r, --mail=C      now $(LC_ALL=C date -R)',
    '  -e, --epoch=D     now $(date +%s), $(date +%s%N) or $(date +%s.%N)',
    '  -n, --number=E    ticks[$$]: pid $$, in /tmp/ticks.$$/log; not port$$',
  ];
  const path = program('ticks', `cat <<END\n${printed.join('\n')}\nEND`);
  const { interface: cli } = await capture(path);
  const texts = cli?.root.options.items.map((option) => option.help?.value);
  assert.deepEqual(texts?.slice(0, 6), [
    'from TIME on (default: 2019-11-27 08:15:00), not after 1574842500',
    'listen on PORT (default: 8080)',
    'now (time) or (time)',
    'now (time)',
    'now (time)',
    'now (time), (time) or (time)',
  ]);
  assert.match(
    texts?.[6] ?? '',
    /^ticks\[\(process\)\]: pid \(process\), in \/tmp\/ticks\.\(process\)\/log; not port\d+$/,
  );
});

test('the folders of a capture stand in what it keeps by names that are the same each time', async () => {
  const path = program(
    'settled',
    'printf "Usage: settled [-c FILE]\\n\\n  -c, --config=FILE  read FILE (default: %s/.settled.conf)\\n" "$HOME"',
  );
  const options = ({ interface: cli }: Capture) => cli?.root.options.items ?? [];
  const first = await capture(path);
  const second = await capture(path);
  assert.equal(options(first)[0]?.argument?.value.words[0]?.default?.value, '~/.settled.conf');
  assert.ok(saysTheSame(options(first), options(second)));
});

test('a misspelt setting is an error of the caller, and runs nothing', async () => {
  const wrong = { timelimit: 10 } as Partial<CaptureSettings>;
  const isMisuse = (error: unknown) =>
    error instanceof MisuseError && /found 'timelimit'; did you mean 'timeLimit'/.test(error.message);
  await assert.rejects(captureProgram(['true'], wrong), isMisuse);
  const { interface: cli } = readDocument({ name: 'tiffin.yaml', text: 'dabbawala: 1\nprogram: tiffin\n' });
  assert.ok(cli !== undefined);
  await assert.rejects(observeCompletion('bash', undefined, cli, wrong), isMisuse);
});
