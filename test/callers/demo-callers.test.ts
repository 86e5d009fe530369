import assert from 'node:assert/strict';
import { cpSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { inFile, readSource } from 'dabbawala';
import {
  type CallEdits,
  type ChangedCall,
  callsForVersion,
  changedCalls,
  editedText,
  editsByFile,
  findCallers,
  type Invocation,
  namesInFull,
  traceWords,
} from 'dabbawala/analysis';
import type { Interface } from 'dabbawala/model';
import { parse } from 'yaml';
import { absent } from '../support/programs.ts';
import { ROOT } from '../support/run-dabbawala.ts';
import { callsMade, FOLDER, KEEPS_WORDS, putProgram } from './stand-in.ts';

const DEMO = join(FOLDER, 'callers');
cpSync(join(ROOT, 'demo/callers'), DEMO, { recursive: true });

// The stand-in gives one round, for the loop of a script; the others do nothing, or run what stands behind them.
putProgram('tiffin', `${KEEPS_WORDS}echo 4\n`);
putProgram('sudo', 'shift 2\nexec "$@"\n');
for (const name of ['npm', 'apt-get', 'mail']) putProgram(name, 'exit 0\n');

function tiffin(version: string): Interface {
  const name = join(ROOT, `demo/tiffin-${version}/tiffin.yaml`);
  const { interface: cli } = readSource({ name, text: readFileSync(name, 'utf8') });
  assert.ok(cli !== undefined);
  return cli;
}

const [OLD, NEW] = [tiffin('1.4'), tiffin('2.0')];

const linesOf = (text: string) => text.replace(/\\\n(?:\s*#.*\n)?/g, ' ').split('\n');
const behind = (text: string, head: RegExp) =>
  linesOf(text).flatMap((one) => (head.test(one) ? [one.replace(head, '')] : []));

/** How each kind of file of the demo is run. */
const RUN: Readonly<Record<string, (text: string, path: string) => readonly [string, ...string[]]>> = {
  'bin/close-day': (_, path) => ['sh', path],
  Makefile: (_, path) => ['make', '-s', '-f', path, 'lists', 'maps'],
  'harbour.crontab': (text) => inShell(behind(text, /^(?:@daily|(?:\S+ ){4}\S+)\s+/)),
  'package.json': (text) => inShell(Object.values(JSON.parse(text).scripts)),
  '.github/workflows/menus.yml': (text) =>
    inShell(parse(text).jobs.menus.steps.flatMap(({ run }: { run?: string }) => run ?? [])),
  'README.md': (text) => inShell(behind(text, /^\$ |^(?=tiffin)/)),
  Containerfile: (text) => [
    'sh',
    '-c',
    `${behind(text, /^(?:RUN|HEALTHCHECK \S+ CMD) /).join('\n')}\n${behind(text, /^ENTRYPOINT /)
      .map((one) => JSON.parse(one).join(' '))
      .join('\n')}`,
  ],
  'units/tiffin-lists.service': (text) =>
    inShell(behind(text, /^Exec\w+=-?\/usr\/bin\//).map((one) => one.replace('%i', 'lower'))),
};

function inShell(lines: readonly string[]): [string, ...string[]] {
  return ['sh', '-c', lines.join('\n').replaceAll('/srv/office', FOLDER)];
}

/** Options of version 1.4 that have another name in 2.0, and are the same. */
const RENAMED: Readonly<Record<string, string>> = {
  '--remark': '--note',
  '--next': '--n',
  '--portion-size': '--portion_size',
};

interface Meaning {
  /** The command, the options by their names in 1.4 and the operands. */
  readonly means: string;
  readonly problems: readonly string[];
}

/** What every call of a file comes to when it is run, for a version of the program. */
function comesTo(file: string, cli: Interface): Meaning[] {
  const path = join(DEMO, file);
  const [program, ...words] = (RUN[file] ?? assert.fail(file))(readFileSync(path, 'utf8'), path);
  return callsMade(program, words).map((call) => {
    const given = [...call.matchAll(/<([^>]*)>/g)].map(([, word = '']) => word);
    const { command, options, operands, problems } = traceWords(cli, given);
    const named = options.map(({ name, values }) => [RENAMED[name] ?? name, ...values].join(' ')).sort();
    return {
      means: JSON.stringify([command, named, operands]),
      problems: problems.map(({ code }) => code),
    };
  });
}

/** The calls that mean something else, or have something wrong with them that they had not. */
function differing(before: readonly Meaning[], after: readonly Meaning[]): number {
  assert.equal(before.length, after.length);
  const found = before.filter(({ means, problems }, at) => {
    const now = after[at];
    return now?.means !== means || now.problems.some((code) => !problems.includes(code));
  });
  return new Set(found.map(({ means }) => means)).size;
}

const FILES = readdirSync(DEMO, { recursive: true, encoding: 'utf8' }).filter((path) =>
  statSync(join(DEMO, path)).isFile(),
);

function calls(): readonly Invocation[] {
  const texts = FILES.map((file) => ({
    name: join(DEMO, file),
    text: readFileSync(join(DEMO, file), 'utf8'),
  }));
  return findCallers(texts, OLD).invocations;
}

function write({ edits, left }: CallEdits): void {
  assert.deepEqual(left, []);
  for (const file of editsByFile(edits)) writeFileSync(file.source.name, editedText(file));
}

test("the demo's callers mean the same when they are run before and after a rewriting", {
  skip: absent('make'),
}, () => {
  assert.deepEqual(FILES.toSorted(), Object.keys(RUN).toSorted());
  const found = calls();
  const changed = changedCalls(found, OLD, NEW);
  const before = new Map(FILES.map((file) => [file, comesTo(file, OLD)]));
  for (const [file, calls] of before) {
    const made = new Set(calls.map(({ means }) => means)).size;
    assert.ok(made >= 2, `${file} runs its calls`);
    // With the new version that changes which was told, and nothing else.
    assert.equal(differing(calls, comesTo(file, NEW)), countIn(file, changed), file);
  }

  write(namesInFull(found));
  for (const [file, calls] of before) assert.deepEqual(comesTo(file, OLD), calls, file);

  const unmended = changed.filter(({ changes }) => changes.some(({ instead }) => instead === undefined));
  assert.ok(unmended.length < changed.length);
  write(callsForVersion(calls(), OLD, NEW));
  for (const [file, calls] of before)
    assert.equal(differing(calls, comesTo(file, NEW)), countIn(file, unmended), file);
});

/** How many calls of a file are among those that change; those through a function of the file are one with it. */
function countIn(file: string, changed: readonly ChangedCall[]): number {
  const own = changed.filter(({ invocation: { place } }) => inFile(place).source.name === join(DEMO, file));
  return new Set(own.map(({ invocation: { words } }) => words.map(({ text }) => text).join(' '))).size;
}
