import assert from 'node:assert/strict';
import { test } from 'node:test';
import { audit, readManual, readSource } from 'dabbawala';
import fc from 'fast-check';

const HEAD =
  '.TH LIDPRESS 1\n.SH NAME\nlidpress \\- press lids\n.SH SYNOPSIS\n.B lidpress\n[\\-f]\n.SH OPTIONS\n';
const OPTION = '.TP\n.B \\-f\npress harder\n';
const repeated = (count: number, line: (i: number) => string) =>
  Array.from({ length: count }, (_, i) => line(i)).join('');

/** Pages that a reader which follows all that they say would not end with in any time, or which end in the middle of something. */
const PAGES: readonly (readonly [why: string, text: string])[] = [
  ['twenty thousand lines', HEAD + OPTION + repeated(20_000, (i) => `Box \\fB${i}\\fR is \\(lqfull\\(rq.\n`)],
  ['a macro that calls itself', `${HEAD}${OPTION}.de Again\n.Again\n.Again\n..\n.Again\n`],
  [
    'macros that call each other many times over',
    `${HEAD}${OPTION}${repeated(12, (m) => `.de M${m}\n${repeated(50, () => `.M${m + 1}\n`)}..\n`)}.M0\n`,
  ],
  [
    'strings in strings',
    `${HEAD}${OPTION}.ds S0 boxes\n${repeated(40, (i) => `.ds S${i + 1} \\*[S${i}]\\*[S${i}]\n`)}\\*[S40]\n`,
  ],
  ['a string that holds itself', `${HEAD}${OPTION}.ds S \\*[S]\\*[S]\n\\*[S]\n`],
  ['a macro that is never ended', `${HEAD}${OPTION}.de Open\nno end\n`],
  ['a condition that is never closed', `${HEAD}${OPTION}.if t \\{\n${'.if t \\{\n'.repeat(5000)}`],
  ['a loop', `${HEAD}${OPTION}.nr i 1\n.while \\ni \\{\n.nr i +1\n.\\}\n`],
  ['parts in parts', `${HEAD}${OPTION}${'.RS\n'.repeat(20_000)}deep\n`],
  ['quotation marks that are not closed', `${HEAD}${OPTION}.B "never closed\n.BR \\-g " , " \\-\\-gee "\n`],
  ['escapes that end nowhere', `${HEAD}${OPTION}\\f[ \\*( \\h' \\s \\( \\[ \\n \\w'\\w'\\w'\\`],
  [
    'a table that is never ended',
    `${HEAD}${OPTION}.TS\nl l.\n${repeated(5000, (i) => `a${i}\tb\n`)}T{\nopen\n`,
  ],
  ['one long line', `${HEAD}${OPTION}${'\\fBbox\\fR '.repeat(100_000)}\n`],
  ['tags without texts', HEAD + OPTION + repeated(20_000, (i) => `.TP\n.B \\-\\-lid${i}\n`)],
  [
    'headings as deep as they go',
    `${HEAD}${OPTION}${repeated(3000, (i) => `.SS part${i}\n.P\n.B lidpress part${i}\n[\\-\\-x]\n`)}`,
  ],
];

for (const [why, text] of PAGES)
  test(`a page is read and audited to its end: ${why}`, () => {
    const { interface: cli } = readSource({ name: 'lidpress.1', text });
    assert.ok(cli !== undefined);
    const { items } = cli.root.options;
    assert.ok(items.some(({ names }) => names.some((name) => name.text === '-f')));
    audit([cli]);
  });

test('lists in lists of mdoc, and brackets that are never closed, end', () => {
  const head =
    '.Dd x\n.Dt LIDPRESS 1\n.Sh NAME\n.Nm lidpress\n.Nd press\n.Sh SYNOPSIS\n.Nm\n.Op Fl f\n.Sh DESCRIPTION\n';
  const list = '.Bl -tag\n.It Fl f\nforce\n.El\n';
  for (const rest of [
    '.Bl -tag -width x\n.It Fl x\n'.repeat(5000),
    '.Oo\n'.repeat(5000),
    '.It Xo Fl y\n'.repeat(5000),
    `.Bl -tag\n.It Fl x ${'Oo Fl z '.repeat(5000)}\n.El\n`,
    '.Bd -literal -offset indent\n'.repeat(5000),
    '.El\n.Ed\n.Xc\n.Oc\n'.repeat(2000),
  ]) {
    const { interface: cli } = readManual({ name: 'lidpress.1', text: head + list + rest });
    assert.ok(cli?.root.options.items.some(({ names }) => names[0]?.text === '-f'));
  }
});

const word = fc.constantFrom(
  ...[
    '.TP',
    '.B',
    '.IP',
    '.RS',
    '.RE',
    '.SH',
    '.SS',
    '.nf',
    '.fi',
    '.de X',
    '..',
    '.X',
    '.if n',
    '.ie t',
    '.el',
    '\\{',
    '\\}',
  ],
  ...[
    '.Sh',
    '.Nm',
    '.Fl',
    '.It Fl',
    '.Op',
    '.Bl -tag',
    '.El',
    '.Xo',
    '.Xc',
    '.Ns',
    '.TS',
    'l l.',
    '.TE',
    'T{',
    'T}',
    '.so x',
  ],
  ...[
    '\\fB',
    '\\fI',
    '\\fR',
    '\\-',
    '\\(',
    '\\[',
    '\\*',
    '\\c',
    '\\e',
    '\\h',
    "'",
    '"',
    '--lid',
    '-f',
    'box',
    '[',
    ']',
    '|',
    '\t',
    '\u{1F371}',
  ],
);

test('whatever lines a page has, reading it does not throw, and every place is in the page', () => {
  const lines = fc.array(
    fc.array(word, { maxLength: 5 }).map((words) => words.join(' ')),
    { maxLength: 30 },
  );
  fc.assert(
    fc.property(lines, (body) => {
      const text = `${HEAD}${body.join('\n')}`;
      const { interface: cli, problems } = readManual({ name: 'x', text });
      const source = cli?.sources[0]?.source;
      for (const offset of Array.from(source?.within?.offsets ?? []))
        assert.ok(offset >= 0 && offset <= text.length);
      for (const { place } of problems) assert.ok(place === null || place.end <= place.source.text.length);
    }),
    // A table that the page does not end, with an empty cell as its last word.
    { numRuns: 1000, examples: [[['.TS', 'l l.', 'box \t']]] },
  );
});
