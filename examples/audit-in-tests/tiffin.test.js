import assert from 'node:assert/strict';
import { test } from 'node:test';
import { assertNoFindings } from 'dabbawala/testing';
import { program } from './tiffin-program.js';

test('the command line is sound', () => {
  assertNoFindings(program);
});

test('an option of one letter behind two hyphens would not be', () => {
  assert.throws(
    () => assertNoFindings(program.option('--n <count>', 'print so many stops')),
    /'--n' is a long option/,
  );
});
