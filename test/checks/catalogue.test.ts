import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import {
  areaMarkdown,
  areaOf,
  audit,
  CATALOGUE,
  catalogueMarkdown,
  detectShell,
  extendInterface,
  type Finding,
  joinInterfaces,
  type Measured,
  readCompletion,
} from 'dabbawala';
import { assertCheck } from 'dabbawala/testing';
import { readText } from '../support/read-text.ts';
import { ROOT } from '../support/run-dabbawala.ts';

function findingsOf(
  text: string,
  extension?: string,
  completions: readonly string[] = [],
  beside?: string,
): readonly Finding[] {
  const own = readText(text);
  const [cli = own] = beside === undefined ? [own] : joinInterfaces([own, readText(beside)]);
  const inventories = completions.map((script) => {
    const source = { name: 'completion', text: script };
    const shell = detectShell(source);
    assert.ok(shell !== undefined, script);
    return readCompletion(source, shell, cli.program.value);
  });
  return audit([extension === undefined ? cli : extendInterface(cli, readText(extension))], { inventories })
    .findings;
}

for (const check of CATALOGUE) {
  test(`${check.name}: its wrong example has exactly its finding, the right one and the near miss none`, () =>
    assertCheck(check));

  test(`${check.name}: message and fix of all findings in its wrong example are in one style`, () => {
    const { examples } = check;
    for (const { message, fix } of findingsOf(
      examples.wrong,
      examples.extension,
      examples.completions?.wrong,
      examples.beside,
    )) {
      for (const text of [message, fix]) {
        assert.match(text, /^['a-z\d]/);
        assert.doesNotMatch(text, /[.!?]$|\bplease\b|undefined|\bshould consider\b/i);
        assert.ok(text.length <= 160, text);
      }
    }
  });
}

test('every check has a file of its own name in the folder of its area, and no file is without a check', () => {
  const folder = join(ROOT, 'src/core/checks');
  const files = readdirSync(folder, { withFileTypes: true })
    .filter((entry) => entry.isDirectory())
    .flatMap((area) => readdirSync(join(folder, area.name)).map((file) => `${area.name}/${file}`));
  assert.deepEqual(files.sort(), CATALOGUE.map(({ name }) => `${name}.ts`).sort());
});

test('a finding is plain data, but for its places', () => {
  for (const { examples } of CATALOGUE) {
    for (const { place: _place, related: _related, ...plain } of findingsOf(
      examples.wrong,
      examples.extension,
      examples.completions?.wrong,
      examples.beside,
    )) {
      assert.deepEqual(JSON.parse(JSON.stringify(plain)), plain);
    }
  }
});

test('each check ends in one of the four outcomes', () => {
  const outcomeOf = (text: string, check: string) =>
    audit([readText(text)]).outcomes.find((outcome) => outcome.check === check)?.outcome;
  const check = 'names/one-letter-long';
  assert.equal(outcomeOf('Usage: tiffin\n\n  --n=X   a\n  --all   b\n', check), 'findings');
  assert.equal(outcomeOf('Usage: tiffin\n\n  --all   b\n', check), 'clean');
  assert.equal(outcomeOf('Usage: tiffin\n\n  -a   b\n', check), 'not-applicable');
});

/** Near misses beyond those of the catalogue: texts on which a check stays silent, and why. */
const SILENT: readonly { readonly check: string; readonly why: string; readonly text: string }[] = [
  {
    check: 'conflicts/same-name-twice',
    why: 'forms of one option with given values',
    text: '  -c, --check, --check=first  stop at the first box\n  -C, --check=quiet, --check=silent  like -c, and print nothing\n',
  },
  {
    check: 'help/same-help-twice',
    why: 'a note in brackets tells them apart',
    text: '  --hide=PATTERN    leave out boxes like PATTERN (unless -a is given)\n  --ignore=PATTERN  leave out boxes like PATTERN\n',
  },
  {
    check: 'help/same-help-twice',
    why: 'a letter and a name listed apart',
    text: '  -q       print nothing at all\n  --quiet  print nothing at all\n',
  },
  {
    check: 'names/separators-mixed',
    why: 'one word has no separator',
    text: '  --verbose   a\n  --dry-run   b\n  --LOUD      c\n',
  },
  {
    check: 'abbreviations/fragile-word',
    why: 'qualifiers are not taken for names',
    text: '  --no-map    a\n  --with-fish b\n  --show-all  c\n',
  },
  {
    check: 'abbreviations/fragile-word',
    why: 'two options share the word already',
    text: '  --late-boxes  a\n  --late-fee    b\n',
  },
  {
    check: 'arguments/secret-in-arguments',
    why: 'another option reads it from a file',
    text: '  --token=WORD       the word\n  --token-file=FILE  read the word from FILE\n',
  },
  {
    check: 'arguments/secret-in-arguments',
    why: 'a number of days is no secret',
    text: '  --password=DAYS  days until it ends\n  --key=KEY        sort by KEY\n',
  },
  {
    check: 'gnu/long-name-missing',
    why: 'a program without long options has its own custom',
    text: '  -a  all\n  -b  boxes\n',
  },
];

for (const { check, why, text } of SILENT) {
  test(`${check} is silent: ${why}`, () => {
    const found = findingsOf(`Usage: tiffin [OPTION]...\n\n${text}`).filter(
      (finding) => finding.check === check,
    );
    assert.deepEqual(found, []);
  });
}

test('pages tell what was measured of a check where that is given, and which checks speak most', () => {
  const checks = CATALOGUE.filter(({ name }) => areaOf(name) === 'gnu');
  const measured: Measured = {
    outputs: 40,
    checks: {
      'gnu/version-form': { spoke: 3, read: { worth: 0, idle: 0, wrong: 0 } },
      'gnu/output-as-operand': { spoke: 10, read: { worth: 7, idle: 1, wrong: 0 } },
    },
  };
  const page = areaMarkdown('gnu', checks, measured);
  assert.match(
    page,
    /speaks on 10 of 40 .*; .* were read on 8 programs not seen before: worth acting on in 7 \(88 %\), not in 1, false in 0\./,
  );
  assert.match(page, /speaks on 3 of 40 .*; none of its errors and warnings was read/);
  assert.equal(page.match(/^Measured: /gm)?.length, 2);
  assert.doesNotMatch(areaMarkdown('gnu', checks), /^Measured: /m);
  assert.match(
    catalogueMarkdown(checks, measured),
    /gnuoutput-as-operand\) \| 10 \| 25 % \|\n.*gnuversion-form\) \| 3 \| 8 % \|/,
  );
});

test('the pages about the checks are those that the checks make', () => {
  const measured: Measured = JSON.parse(readFileSync(join(ROOT, 'docs/measured.json'), 'utf8'));
  const page = (name: string) => readFileSync(join(ROOT, 'docs/checks', name), 'utf8');
  assert.equal(page('README.md'), catalogueMarkdown(CATALOGUE, measured), 'npm run docs writes them');
  const areas = [...new Set(CATALOGUE.map(({ name }) => areaOf(name)))];
  for (const area of areas)
    assert.equal(page(`${area}.md`), areaMarkdown(area, CATALOGUE, measured), 'npm run docs writes them');
  assert.deepEqual(
    readdirSync(join(ROOT, 'docs/checks')).sort(),
    ['README.md', ...areas.map((area) => `${area}.md`)].sort(),
  );
});
