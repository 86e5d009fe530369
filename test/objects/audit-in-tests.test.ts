import assert from 'node:assert/strict';
import { test } from 'node:test';
import { Command } from 'commander';
import { acceptedNow, acceptedText } from 'dabbawala';
import { assertNoFindings, assertNothingBreaks, auditProgram } from 'dabbawala/testing';
import { ROOT, runProgram } from '../support/run-dabbawala.ts';

const flawed = () =>
  new Command('tiffin')
    .option('--n <count>', 'print the next stops only')
    .option('-q, --quiet', 'say nothing but errors')
    .option('-l, --late', 'print late stops only')
    .option('-k', 'keep boxes on the list');

test('a program with findings fails the assertion, with the report as its message', () => {
  assert.throws(
    () => assertNoFindings(flawed()),
    (error: Error) =>
      error.name === 'AssertionError' && /warning: '--n' is a long option of one letter/.test(error.message),
  );
  assert.throws(
    () => assertNoFindings(flawed(), { failOn: 'note', except: ['names/one-letter-long'] }),
    /no long name: '-k'/,
  );
});

test('levels and checks can be left out, and what cannot be read is an error of the test', () => {
  assertNoFindings(flawed(), { failOn: 'error' });
  assertNoFindings(flawed(), { except: ['names/one-letter-long'] });
  assertNoFindings('Usage: tiffin [-q]\n\n  -q  say nothing\n');
  assert.throws(() => assertNoFindings({}), TypeError);
  assert.throws(() => assertNoFindings('dabbawala: 1\n'), TypeError);
});

test('what is accepted does not count, what is new does, and the message has the findings alone', () => {
  const accepted = acceptedText(acceptedNow(auditProgram(flawed()).findings, 'so it is', '2027-01-31'));
  assertNoFindings(flawed(), { accepted, failOn: 'note' });
  assert.throws(
    () => assertNoFindings(flawed().option('--j <box>', 'begin with a box'), { accepted }),
    ({ message }: Error) =>
      /'--j' is a long option of one letter/.test(message) && !/'--n'|against|By area/.test(message),
  );
  assert.throws(() => assertNoFindings(flawed(), { accepted, today: '2027-02-01' }), /'--n'/);
  assert.throws(() => assertNoFindings(flawed(), { accepted: 'findings: 3\n' }), TypeError);
});

test('what breaks since a release fails, and what was added does not', () => {
  const released = flawed().helpInformation();
  assertNothingBreaks(released, flawed());
  assertNothingBreaks(released, flawed().option('--map', 'print a map'));
  const without = new Command('tiffin').option('-q, --quiet', 'say nothing but errors');
  assert.throws(
    () => assertNothingBreaks(released, without),
    (error: Error) => error.name === 'AssertionError' && /callers break\n[\s\S]*'--late'/.test(error.message),
  );
  assertNothingBreaks(released, without.helpInformation(), { complete: false });
  assert.throws(() => assertNothingBreaks(released, {}), TypeError);
  assert.throws(() => assertNothingBreaks(released, released, { failOn: 'grave' as 'error' }), /failOn/);
});

test('an object and a help text are joined as views of one program', () => {
  const program = new Command('tiffin').option('-q, --quiet', 'say nothing');
  const { interfaces } = auditProgram([program, program.helpInformation()]);
  assert.equal(interfaces.length, 1);
  assert.equal(interfaces[0]?.sources.length, 2);
  assert.equal(interfaces[0]?.root.options.items.length, 2);
});

test('the example runs as it stands', async () => {
  // A test runner within a test runner must not take itself for a part of the other.
  const words = [
    '-u',
    'NODE_TEST_CONTEXT',
    process.execPath,
    '--test',
    'examples/audit-in-tests/tiffin.test.js',
  ];
  const ended = await runProgram('env', words);
  assert.equal(ended.status, 0, ended.stdout + ended.stderr);
  assert.match(ended.stdout, /# pass 2/);
  const run = await runProgram(process.execPath, [
    `${ROOT}/examples/audit-in-tests/tiffin.js`,
    'route',
    'monday',
  ]);
  assert.equal(run.stdout, 'the route of monday, by quay\n');
});
