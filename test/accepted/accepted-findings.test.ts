import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { isDeepStrictEqual } from 'node:util';
import { Ajv2020 } from 'ajv/dist/2020.js';
import {
  type AcceptedFinding,
  AUDIT_REPORTS,
  acceptedNow,
  acceptedText,
  audit,
  joinInterfaces,
  readAccepted,
  readDocument,
  readHelp,
} from 'dabbawala';
import type { Interface } from 'dabbawala/model';
import { acceptedSchema } from 'dabbawala/writers';
import fc from 'fast-check';
import { type Document, isMap, parse, parseDocument, type ToStringOptions } from 'yaml';
import { ROOT } from '../support/run-dabbawala.ts';

const DEMO = readFileSync(join(ROOT, 'demo/tiffin-1.4/tiffin.yaml'), 'utf8');

function read(text: string): Interface {
  const { interface: cli } = readDocument({ name: 'tiffin.yaml', text });
  assert.ok(cli !== undefined);
  return cli;
}

const accept = (text: string) => acceptedNow(audit([read(text)]).findings, 'so it is', undefined);

function tiffin(...options: readonly string[]): string {
  return `dabbawala: 1\nprogram: tiffin\noptions:\n  --all: list all the boxes\n  --map: print a map of the quays\n${options.map((one) => `  ${one}\n`).join('')}`;
}

test('what is accepted is passed over, member by member: one more is told alone', () => {
  const accepted = accept(tiffin('--late: {help: }', '--round=N: {help: }'));
  assert.deepEqual(
    accepted.filter(({ check }) => check === 'help/option-undescribed').map(({ of }) => of),
    ['--late', '--round'],
  );
  const same = audit([read(tiffin('--late: {help: }', '--round=N: {help: }'))], { accepted });
  assert.deepEqual([same.findings, same.accepted.gone, same.accepted.due], [[], [], []]);
  const more = audit([read(tiffin('--late: {help: }', '--quay=N: {help: }', '--round=N: {help: }'))], {
    accepted,
  });
  const told = more.findings.filter(({ check }) => check === 'help/option-undescribed');
  assert.deepEqual(
    told.map(({ members, message }) => [members, message.includes('--late')]),
    [[['--quay'], false]],
  );
});

test('what is found no more is named, and what is due is told again', () => {
  const accepted = accept(tiffin('--late: {help: }')).map((one) => ({ ...one, until: '2027-01-31' }));
  const fixed = audit([read(tiffin('--late: list what came late'))], { accepted });
  assert.deepEqual(
    fixed.accepted.gone.map(({ check, of }) => `${check} ${of}`),
    ['help/option-undescribed --late'],
  );
  for (const [today, isTold] of [
    ['2027-01-31', false],
    ['2027-02-01', true],
  ] as const) {
    const result = audit([read(tiffin('--late: {help: }'))], { accepted, today });
    assert.equal(
      result.findings.some(({ check }) => check === 'help/option-undescribed'),
      isTold,
    );
    assert.equal(result.accepted.due.length > 0, isTold);
    assert.deepEqual(result.accepted.gone, []);
  }
});

test('a document accepts beside the things themselves, and nothing else', () => {
  const document = (more: string) =>
    tiffin(
      '--n=COUNT: {help: show COUNT boxes, argument: {type: integer}, accepted: {names/one-letter-long: known by it}}',
      '-q, --quiet: print nothing',
      more,
    );
  const names = { only: ['names/one-letter-long'] };
  const one = audit([read(document('-w, --week: show the whole week'))], { selection: names });
  assert.deepEqual(one.findings, []);
  assert.deepEqual(
    one.accepted.passedOver.map(({ by }) => by.map(({ of, because }) => [of, because])),
    [[['--n', 'known by it']]],
  );
  assert.deepEqual(one.accepted.gone, []);
  const two = audit([read(document('--j: jump the queue'))], { selection: names });
  assert.deepEqual(
    two.findings.map(({ members }) => members),
    [['--j']],
  );
  const fixed = document('-w, --week: show the whole week').replace('--n=COUNT', '--next=COUNT');
  assert.deepEqual(
    audit([read(fixed)], { selection: names }).accepted.gone.map(({ of, place }) => [of, place === null]),
    [['--next', false]],
  );
  const until = document('-w, --week: show the whole week').replace(
    'known by it',
    '{because: known by it, until: 2027-01-31}',
  );
  const due = audit([read(until)], { selection: names, today: '2027-02-01' });
  assert.deepEqual([due.findings.length, due.accepted.due.length], [1, 1]);
});

test('a command accepts what is about itself, and a reason must be given', () => {
  const text = (accepted: string) =>
    `dabbawala: 1\nprogram: tiffin\ncomplete: true\naccepted: {${accepted}}\noptions:\n  -h, --help: print this help, and exit\n  --n: do it\n`;
  const checks = ['gnu/version-option-missing', 'names/one-letter-long'];
  const { findings, accepted } = audit(
    [read(text('gnu/version-option-missing: it has none, names/one-letter-long: no'))],
    {
      selection: { only: checks },
    },
  );
  assert.deepEqual(
    findings.map(({ check }) => check),
    ['names/one-letter-long'],
  );
  assert.equal(accepted.passedOver.length, 1);
  const { problems } = readDocument({ name: 'tiffin.yaml', text: text('gnu/version-option-missing: ') });
  assert.match(problems[0]?.message ?? '', /^expected why it is accepted, behind the check/);
});

test('what was not looked for is not called gone', () => {
  const accepted = accept(tiffin('--late: {help: }'));
  const other = audit([read('dabbawala: 1\nprogram: other\n')], { accepted });
  assert.deepEqual(other.accepted.gone, []);
  const selected = audit([read(tiffin('--late: now it has a text'))], {
    accepted,
    selection: { only: ['conflicts'] },
  });
  assert.deepEqual(selected.accepted.gone, []);
});

const word = fc.oneof(
  fc.string({ minLength: 1, unit: 'binary' }).filter((text) => !/\p{Surrogate}/u.test(text)),
  fc.constantFrom(
    '--late',
    'true',
    '1',
    '- x',
    'a: b',
    '#x',
    "it's",
    'x ',
    '{a}',
    'null',
    '2027-01-31',
    '\u202e',
  ),
);

test('a file of accepted findings says what was written, whatever the names are, sorted and a line each', () => {
  const entry = fc.record({
    at: word,
    check: word,
    of: word,
    because: word,
    until: fc.option(fc.constant('2027-01-31'), { nil: undefined }),
  });
  fc.assert(
    fc.property(fc.array(entry, { maxLength: 8 }), (entries) => {
      const text = acceptedText(entries.map((one) => ({ ...one, place: null })));
      const { accepted, problems } = readAccepted({ name: 'accepted.yaml', text });
      assert.deepEqual(problems, []);
      const keyOf = ({ at, check, of }: Omit<AcceptedFinding, 'place'>) => JSON.stringify([at, check, of]);
      const expected = new Map(entries.map((one) => [keyOf(one), { ...one }]));
      assert.deepEqual(
        accepted.map(({ place: _, ...one }) => one).toSorted((a, b) => (keyOf(a) < keyOf(b) ? -1 : 1)),
        [...expected.values()].toSorted((a, b) => (keyOf(a) < keyOf(b) ? -1 : 1)),
      );
      assert.equal(acceptedText(accepted), text);
      assert.equal(text.split('\n').length, 4 + accepted.length);
    }),
    { numRuns: 200, seed: 2 },
  );
});

test('mistakes in a file of accepted findings are told with their places', () => {
  const codes = (text: string) => readAccepted({ name: 'a.yaml', text }).problems.map(({ code }) => code);
  assert.notDeepEqual(codes('findings: []\n'), []);
  assert.notDeepEqual(codes('dabbawala-accepted: 1\nfindings: [{at: a, check: b/c, of: d}]\n'), []);
  assert.notDeepEqual(
    codes('dabbawala-accepted: 1\nfindings: [{at: a, check: b/c, of: d, because: e, until: 2027-02-30}]\n'),
    [],
  );
  assert.notDeepEqual(codes('dabbawala-accepted: 1\nfinding: []\n'), []);
});

/** The document with one more long option of one letter, where one is accepted. */
function withMistake(text: string): string {
  const document: Document = parseDocument(text);
  const options = document.getIn(['commands', 'route', 'commands', 'print', 'options']);
  assert.ok(isMap(options));
  options.set(document.createNode('--j=FILE'), document.createNode({ help: 'take the rounds from FILE' }));
  return document.toString();
}

test('findings are known again when a document is written in another way, and nothing new is hidden', () => {
  const accepted = accept(DEMO);
  const writing = fc.record({
    lineWidth: fc.integer({ min: 20, max: 160 }),
    indent: fc.integer({ min: 1, max: 6 }),
    defaultStringType: fc.constantFrom('PLAIN', 'QUOTE_DOUBLE', 'QUOTE_SINGLE', 'BLOCK_FOLDED'),
    collectionStyle: fc.constantFrom('any', 'block'),
    flowCollectionPadding: fc.boolean(),
    defaultKeyType: fc.constant('PLAIN'),
  }) as fc.Arbitrary<ToStringOptions>;
  fc.assert(
    fc.property(
      writing,
      fc.array(fc.nat(250), { maxLength: 10 }),
      fc.boolean(),
      fc.boolean(),
      (options, comments, isNew, asJson) => {
        const lines = (isNew ? withMistake(DEMO) : DEMO).split('\n');
        // Comments move what stands below them.
        for (const at of comments) if (at < lines.length) lines.splice(at, 0, '# moved');
        const document = parseDocument(lines.join('\n'));
        assert.deepEqual(document.errors, []);
        const text = asJson ? JSON.stringify(document.toJS()) : document.toString(options);
        // The library folds some texts wrongly.
        fc.pre(isDeepStrictEqual(parse(text), document.toJS()));
        const { findings } = audit([read(text)], { accepted });
        assert.deepEqual(
          findings.map(({ check, members }) => [check, ...members]),
          isNew ? [['names/one-letter-long', '--j']] : [],
        );
      },
    ),
    { numRuns: 200, seed: 6 },
  );
});

test('what was accepted of a document is known in the help output of the program', () => {
  const folder = join(ROOT, 'demo/tiffin-1.4/help');
  const helps = joinInterfaces(
    readdirSync(folder).flatMap((name) => {
      const { interface: cli } = readHelp({ name, text: readFileSync(join(folder, name), 'utf8') });
      return cli ?? [];
    }),
  );
  assert.ok(audit(helps).findings.length > 5);
  const { findings, accepted } = audit(helps, { accepted: accept(DEMO) });
  assert.deepEqual(findings, []);
  // What only a document tells is not found in help.
  assert.ok(accepted.gone.some(({ check }) => check === 'conflicts/never-usable'));
});

test('the published schema is that of the reader, and takes what the reader takes', () => {
  const published = JSON.parse(readFileSync(join(ROOT, 'schema/accepted.schema.json'), 'utf8'));
  assert.deepEqual(published, acceptedSchema());
  const validate = new Ajv2020({ strict: false }).compile(published);
  const guide = readFileSync(join(ROOT, 'docs/accepted.md'), 'utf8');
  const blocks = [...guide.matchAll(/```yaml\n(dabbawala-accepted[\s\S]*?)```/g)].map(
    (match) => match[1] ?? '',
  );
  assert.ok(blocks.length > 0);
  for (const text of [...blocks, acceptedText(accept(DEMO)), acceptedText([])]) {
    assert.deepEqual(readAccepted({ name: 'accepted.yaml', text }).problems, []);
    assert.ok(validate(parse(text)), text);
  }
  assert.equal(validate({ findings: [] }), false);
  assert.equal(validate({ 'dabbawala-accepted': 1, findings: [{ at: 'a', check: 'b/c', of: 'd' }] }), false);
});

test('SARIF has what is accepted as suppressed, with the reason, and the text counts it', () => {
  const accepted = accept(tiffin('--late: {help: }'));
  const result = audit([read(tiffin('--late: {help: }'))], { accepted });
  const context = { tool: { name: 'dabbawala', version: '1' }, text: { width: 80, colour: false } };
  const { results } = JSON.parse(AUDIT_REPORTS.sarif(result, context)).runs[0];
  assert.deepEqual(
    results.map((one: { suppressions: object[] }) => one.suppressions),
    results.map(() => [{ kind: 'external', justification: 'so it is' }]),
  );
  assert.match(AUDIT_REPORTS.text(result, context), /\d accepted findings? passed over\n/);
});
