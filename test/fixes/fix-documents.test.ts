import assert from 'node:assert/strict';
import { test } from 'node:test';
import { isDeepStrictEqual } from 'node:util';
import { fixAudit, type Source } from 'dabbawala';
import { documentJson, documentYaml } from 'dabbawala/writers';
import fc from 'fast-check';
import { parseDocument, type ToStringOptions } from 'yaml';
import { arbitraryInterface } from '../support/arbitrary-interface.ts';
import { assertFixed, auditedAgain, auditedDocument, editedSource } from './fixed-document.ts';

type Options = Record<string, unknown>;

/** A mistake, planted into a sound list of options, and the check that finds it. */
interface Plant {
  readonly check: string;
  readonly options: Options;
  readonly relations?: readonly unknown[];
}

const PLANTS: readonly Plant[] = [
  { check: 'names/separators-mixed', options: { '--late_rounds': 'go the rounds behind noon' } },
  { check: 'names/separators-mixed', options: { '--print_ways=FORM': { help: 'print all ways as FORM' } } },
  {
    check: 'help/values-in-prose',
    options: { '--ink=COLOUR': 'write in COLOUR, one of black, blue or red' },
  },
  {
    check: 'help/values-in-prose',
    options: {
      '-z, --order=KEY': {
        help: 'put first what has the greatest KEY: owner, quay or weight',
        argument: { type: 'text' },
      },
    },
  },
  { check: 'names/placeholder-mixed', options: { '--map=<file>': 'draw the way into <file>' } },
  { check: 'names/letter-case-mixed', options: { '--Verbose': 'tell more' } },
  {
    check: 'help/values-disagree',
    options: {
      '--litres=NUMBER': { help: 'boxes of NUMBER litres', argument: { type: 'integer', range: '40..2' } },
    },
  },
  {
    check: 'help/relation-unstated',
    options: { '--morning': 'rounds before noon', '--evening': 'rounds after noon' },
    relations: [{ 'at-most-one': ['--morning', '--evening'] }],
  },
  { check: 'help/style-mixed', options: { '--twice': 'Print each box twice' } },
  { check: 'help/style-mixed', options: { '--thrice': { help: 'print each box thrice.' } } },
];

const SOUND: Options = {
  '-o, --owner-name=NAME': 'list the boxes of NAME',
  '-r, --round-list=LIST': { help: 'go the rounds of LIST', repetition: 'last-wins' },
  '-k, --kitchen-name=NAME': "fill the boxes in the kitchen NAME: it's never closed",
  '-d, --day=DAY':
    'go on DAY, and on the days behind it, which is a text that does not fit into a short line',
  '-q, --quiet': 'print nothing',
  '-n, --next-day': 'go a day later',
};

/** A document with some mistakes, in one command of several. */
const planted = fc
  .record({
    plants: fc.shuffledSubarray([...PLANTS], { minLength: 1 }),
    isBelow: fc.boolean(),
    isGrouped: fc.boolean(),
    exact: fc.boolean(),
  })
  .map(({ plants, isBelow, isGrouped, exact }) => {
    // Of two mistakes of one check, one may be too many to be a slip.
    const own = plants.filter(({ check }, i) => plants.findIndex((one) => one.check === check) === i);
    const options = Object.assign({ ...SOUND }, ...own.map((plant) => plant.options)) as Options;
    const relations = own.flatMap((plant) => plant.relations ?? []);
    const command = {
      usage: `crates ${isBelow ? 'carry ' : ''}[OPTION]...`,
      options: isGrouped
        ? { Rounds: options, Other: { '-h, --help': 'print this help, and exit' } }
        : options,
      ...(relations.length > 0 ? { relations } : {}),
    };
    return {
      checks: own.map(({ check }) => check),
      document: {
        dabbawala: 1,
        program: 'crates',
        complete: true,
        parsing: { 'option-abbreviations': !exact, 'generated-negation': false },
        ...(isBelow ? { commands: { carry: command } } : command),
      },
    };
  });

const writing = fc.record({
  lineWidth: fc.integer({ min: 30, max: 160 }),
  indent: fc.integer({ min: 1, max: 6 }),
  defaultStringType: fc.constantFrom(
    'PLAIN',
    'QUOTE_DOUBLE',
    'QUOTE_SINGLE',
    'BLOCK_FOLDED',
    'BLOCK_LITERAL',
  ),
  collectionStyle: fc.constantFrom('any', 'block', 'flow'),
  flowCollectionPadding: fc.boolean(),
  defaultKeyType: fc.constant('PLAIN'),
}) as fc.Arbitrary<ToStringOptions>;

const form = fc.record({
  writing,
  json: fc.constantFrom(undefined, undefined, 0, 2),
  comments: fc.array(fc.nat(60), { maxLength: 6 }),
  ending: fc.constantFrom('\n', '\n', '\r\n'),
});

test('what is planted into documents is fixed, however they are written, and nothing else comes of it', () => {
  fc.assert(
    fc.property(planted, form, ({ checks, document }, { writing: options, json, comments, ending }) => {
      const text = textOf(document, options, json, comments, ending);
      const source: Source = { name: 'crates', text };
      const before = auditedDocument(source);
      const found = new Set<string>(before.findings.map(({ check }) => check));
      for (const check of checks) assert.ok(found.has(check), `${check} finds what is planted`);
      const fixes = fixAudit(before, (edits) => auditedAgain(source, edits));
      const after = assertFixed(source, before, fixes);
      const left = after.findings.filter(({ check }) => (checks as readonly string[]).includes(check));
      const because = fixes.left.map((one) => `${one.finding.check}: ${one.because}`);
      assert.deepEqual(
        left.map(({ check }) => check),
        [],
        because.join('; ') + editedSource(source, fixes.edits).text,
      );
    }),
    { numRuns: 150 },
  );
});

test('two names of one option are renamed together, and both old ones stay, hidden', () => {
  const source: Source = {
    name: 'crates',
    text:
      'dabbawala: 1\nprogram: crates\ncomplete: true\nparsing: {option-abbreviations: false}\noptions:\n' +
      '  --next-day: go a day later\n  --round-list=LIST: go the rounds of LIST\n  --with-lids: take the lids too\n' +
      '  --late_box, --slow_box: list late boxes\n',
  };
  const before = auditedDocument(source);
  const fixes = fixAudit(before, (edits) => auditedAgain(source, edits));
  const option = assertFixed(source, before, fixes).interfaces[0]?.root.options.items.at(-1);
  assert.deepEqual(
    option?.names.map(({ text }) => text),
    ['--late-box', '--late_box', '--slow-box', '--slow_box'],
  );
  assert.deepEqual(
    option.hiddenNames.map(({ value }) => value),
    ['--late_box', '--slow_box'],
  );
});

/** A document as a text, with comments between its lines. */
function textOf(
  document: unknown,
  options: ToStringOptions,
  json: number | undefined,
  comments: readonly number[],
  ending: string,
): string {
  if (json !== undefined) return JSON.stringify(document, null, json).replaceAll('\n', ending);
  const lines = parseDocument(JSON.stringify(document));
  const text = new (lines.constructor as new (value: unknown) => typeof lines)(document).toString(options);
  // The library folds some texts wrongly.
  fc.pre(isDeepStrictEqual(safely(text), document));
  const all = text.split('\n');
  for (const at of comments) if (at < all.length - 1) all.splice(at, 0, '# a comment');
  const commented = all.join('\n');
  fc.pre(isDeepStrictEqual(safely(commented), document));
  return commented.replaceAll('\n', ending);
}

function safely(text: string): unknown {
  const read = parseDocument(text);
  return read.errors.length > 0 ? undefined : read.toJS();
}

test('documents of every shape are fixed without a break or a new finding, and twice is once', () => {
  fc.assert(
    fc.property(arbitraryInterface, fc.constantFrom(documentYaml, documentJson), (cli, write) => {
      const source: Source = { name: 'any', text: write(cli) };
      const before = auditedDocument(source);
      assertFixed(
        source,
        before,
        fixAudit(before, (edits) => auditedAgain(source, edits)),
      );
    }),
    { numRuns: 60 },
  );
});
