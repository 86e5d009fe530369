import assert from 'node:assert/strict';
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import {
  chmodSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  utimesSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, test } from 'node:test';
import { captureProgram } from 'dabbawala/node';
import { absent } from '../support/programs.ts';
import { ROOT } from '../support/run-dabbawala.ts';

const BIN = join(ROOT, 'dist/cli/bin.js');
const NO_PROC = existsSync('/proc/self/stat') ? false : 'this system does not show processes as files';
/** A number that no other process of this machine sleeps for. */
const NAP = '4712.0815';
/** The moments of the interrupts, in milliseconds after the start: before, while and after folders are made and programs run. */
const MOMENTS = [150, 300, 450, 700];
let folder = '';
let scratch = '';
let path = '';

before(() => {
  folder = mkdtempSync(join(tmpdir(), 'dabbawala-programs-'));
  scratch = mkdtempSync(join(tmpdir(), 'dabbawala-scratch-'));
  path = join(folder, 'tiffin');
  writeFileSync(
    path,
    `#!/bin/sh\nsetsid sleep ${NAP} >/dev/null 2>&1 &\ncase "$*" in --help) printf 'Usage: tiffin\\n\\nCommands:\\n  box    a\\n' ;; *) sleep ${NAP} ;; esac\n`,
  );
  chmodSync(path, 0o755);
  writeFileSync(
    join(folder, 'tiffin.yaml'),
    'dabbawala: 1\nprogram: tiffin\noptions: {--late: only late ones}\n',
  );
  writeFileSync(join(folder, 'tiffin.bash'), `setsid sleep ${NAP} >/dev/null 2>&1 &\nsleep ${NAP}\n`);
});
after(() => {
  rmSync(folder, { recursive: true });
  rmSync(scratch, { recursive: true });
});

/** How many processes are left that were started for a capture. */
function napping(): number {
  const { stdout } = spawnSync('ps', ['-eo', 'args'], { encoding: 'utf8' });
  return stdout.split('\n').filter((line) => line.startsWith(`sleep ${NAP}`)).length;
}

/** Starts the command, gives it a signal after some time, and waits for its end. */
function interrupted(words: readonly string[], signal: NodeJS.Signals, milliseconds: number): Promise<void> {
  const child = spawn(process.execPath, [BIN, ...words], {
    cwd: folder,
    stdio: 'ignore',
    env: { ...process.env, TMPDIR: scratch },
  });
  const timer = setTimeout(() => child.kill(signal), milliseconds);
  return new Promise((done) =>
    child.on('close', () => {
      clearTimeout(timer);
      done();
    }),
  );
}

/** The next run, which cleans up what a killed one left. */
async function runAgain(): Promise<void> {
  const user = process.env.TMPDIR;
  process.env.TMPDIR = scratch;
  try {
    await captureProgram(['true']);
  } finally {
    if (user === undefined) delete process.env.TMPDIR;
    else process.env.TMPDIR = user;
  }
}

const LINES = [
  { what: 'a capture', words: () => ['capture', path], skip: NO_PROC },
  {
    what: 'an observation',
    words: () => ['coverage', '--observe', 'tiffin.yaml', 'tiffin.bash'],
    skip: absent('bash') || NO_PROC,
  },
];

for (const { what, words, skip } of LINES) {
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP', 'SIGQUIT'] as const) {
    test(`${what} that ${signal} interrupts leaves no process and no folder`, { skip }, async () => {
      await Promise.all(MOMENTS.map((moment) => interrupted(words(), signal, moment)));
      assert.deepEqual([napping(), readdirSync(scratch)], [0, []]);
    });
  }

  test(`what ${what} leaves that is killed, the next run cleans up`, { skip }, async () => {
    await Promise.all(MOMENTS.map((moment) => interrupted(words(), 'SIGKILL', moment + 200)));
    await runAgain();
    assert.deepEqual([napping(), readdirSync(scratch)], [0, []]);
  });
}

test('a folder of a process that lives, or of nobody who can be told, is left alone', {
  skip: NO_PROC,
}, async () => {
  const stat = readFileSync('/proc/self/stat', 'utf8');
  const started = stat.slice(stat.lastIndexOf(')') + 2).split(' ')[19];
  const boot = readFileSync('/proc/sys/kernel/random/boot_id', 'utf8').trim();
  const space = spawnSync('readlink', ['/proc/self/ns/pid'], { encoding: 'utf8' }).stdout.trim();
  const world = createHash('sha256').update(`${boot} ${space}`).digest('hex').slice(0, 12);
  // The name says whose a folder is from the moment at which it is there.
  const kept = [
    `dabbawala-capture-${process.pid}.${started}.${world}-lives`,
    'dabbawala-capture-1.1.0123456789ab-elsewhere',
    'dabbawala-capture-unknown',
  ];
  const left = [`dabbawala-capture-${process.pid}.1.${world}-gone`, 'dabbawala-capture-forgotten'];
  for (const name of [...kept, ...left]) mkdirSync(join(scratch, name, 'home'), { recursive: true });
  utimesSync(join(scratch, 'dabbawala-capture-forgotten'), 1, 1);
  mkdirSync(join(scratch, 'another-program'));
  await runAgain();
  assert.deepEqual(readdirSync(scratch).sort(), ['another-program', ...kept].sort());
  for (const name of readdirSync(scratch)) rmSync(join(scratch, name), { recursive: true });
});
