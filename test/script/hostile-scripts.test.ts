import assert from 'node:assert/strict';
import { test } from 'node:test';
import { audit, readSource } from 'dabbawala';

const repeated = (count: number, line: (i: number) => string) =>
  Array.from({ length: count }, (_, i) => line(i)).join('');
const LOOP = 'while getopts a letter; do case $letter in a) all=1 ;; *) f0; exit 2 ;; esac; done\n';

/** Scripts that a reader which looks at everything from everywhere would not end with in any time, and how many options each has. */
const SCRIPTS: readonly (readonly [why: string, text: string, options: number])[] = [
  [
    'ten thousand arms',
    `#!/bin/sh\nwhile [ $# -gt 0 ]; do case $1 in\n${repeated(10_000, (i) => `--lid${i}) lid${i}=$2; shift 2 ;;\n`)}*) break ;; esac; done\n`,
    10_000,
  ],
  [
    'ten thousand names in one arm',
    `#!/bin/sh\nwhile [ $# -gt 0 ]; do case $1 in ${Array.from({ length: 10_000 }, (_, i) => `--lid${i}`).join('|')}) lid=1; shift ;; esac; done\n`,
    1,
  ],
  ['a chain of functions', `#!/bin/sh\n${repeated(5000, (i) => `f${i}() { f${i + 1} "$@"; }\n`)}${LOOP}`, 1],
  [
    'functions that call each other many times over',
    `#!/bin/sh\n${repeated(12, (f) => `f${f}() { ${repeated(200, (i) => `f${f + 1} ${i}; `)} }\n`)}${LOOP}`,
    1,
  ],
  ['functions that call themselves', `#!/bin/sh\nf0() { f0 "$@"; f0 x; }\n${LOOP}f0 "$@"\n`, 1],
  ['many loops', `#!/bin/sh\n${repeated(3000, () => LOOP)}`, 1],
  ['deep branches', `#!/bin/sh\n${'if true; then '.repeat(3000)}${LOOP}${'fi; '.repeat(3000)}\n`, 0],
  [
    'a function of fish that calls others many times over',
    `#!/usr/bin/fish\n${repeated(12, (f) => `function f${f}\n${repeated(200, () => `and f${f + 1}\n`)}exit 1\nend\n`)}argparse a/all -- $argv; or f0\n`,
    1,
  ],
  [
    'thousands of calls in fish, and blocks that nothing ends',
    `#!/usr/bin/fish\n${repeated(3000, (i) => `argparse a/all 'b${i}=' -- $argv\n`)}${'if true; begin; switch x; case y\n'.repeat(3000)}`,
    201,
  ],
  [
    'twenty thousand lines',
    `#!/bin/sh\n${LOOP}${repeated(20_000, (i) => `box${i}=$(cat "$all") && echo "$box${i}"\n`)}`,
    1,
  ],
];

for (const [why, text, options] of SCRIPTS)
  test(`a script is read and audited to its end: ${why}`, () => {
    const { interface: cli } = readSource({ name: 'boxes', text });
    assert.equal(cli?.root.options.items.length ?? 0, options);
    if (cli !== undefined) audit([cli]);
  });
