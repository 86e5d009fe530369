import assert from 'node:assert/strict';
import { mkdirSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, test } from 'node:test';
import { type Audit, audit, CATALOGUE, type Check, type CheckName, defineCheck } from 'dabbawala';
import { assertCheck, runCheck } from 'dabbawala/testing';
import { readText } from '../support/read-text.ts';
import { ROOT, runProgram } from '../support/run-dabbawala.ts';

/** A check as somebody outside writes one. */
const unfinished = defineCheck({
  name: 'house/unfinished-option',
  level: 'warning',
  title: 'an option is called beta',
  why: 'Nobody takes such an option out again.',
  standard: 'practice',
  needs: ['the list of options'],
  examples: {
    wrong: 'Usage: tiffin [OPTION]...\n\n  --beta-rounds   plan the new rounds\n',
    right: 'Usage: tiffin [OPTION]...\n\n  --rounds   plan the new rounds\n',
    nearMiss: 'Usage: tiffin [OPTION]...\n\n  --alphabet   sort by name\n',
  },
  judge(view, report) {
    for (const { command, path } of view.described)
      for (const { names, place } of command.options.items) {
        report.judged();
        const name = names.find(({ text }) => text.startsWith('--beta'))?.text;
        if (name !== undefined) report.finding({ command: path, subject: name, data: { name }, place });
      }
  },
  message: ({ name }: { name: string }) => `'${name}' says that it is not finished`,
  fix: ({ name }) => `name '${name}' for what it does`,
});

const HELP =
  'Usage: tiffin [OPTION]...\n\n  --beta-rounds   plan the new rounds\n  --n=X           so many\n';

test('a check of one’s own runs beside the catalogue, and what it finds is typed by it', () => {
  const result = audit([readText(HELP)], { checks: [...CATALOGUE, unfinished] });
  const own = result.findings.find((finding) => finding.check === 'house/unfinished-option');
  assert.equal(own?.data.name, '--beta-rounds');
  assert.ok(result.findings.some((finding) => finding.check === 'names/one-letter-long'));
  assert.equal(result.outcomes.at(-1)?.outcome, 'findings');
  // Wherever any audit is taken, this one is.
  const any: Audit = result;
  assert.equal(any.findings.length, result.findings.length);
});

test('a name that no check has does not compile', () => {
  const { findings } = audit([readText(HELP)]);
  // @ts-expect-error: the check is called help/says-nothing
  assert.equal(findings.filter((finding) => finding.check === 'help/say-nothing').length, 0);
  const name: CheckName = 'help/says-nothing';
  assert.ok(CATALOGUE.some((check) => check.name === name));
  assert.throws(
    // @ts-expect-error: a name has an area
    () => defineCheck({ ...unfinished, name: 'unfinished' }),
    /^MisuseError: defineCheck: name: expected 'area\/what-is-wrong' in small letters, found 'unfinished'/,
  );
});

test('two checks of one name are refused, and areas of one’s own can be selected', () => {
  assert.throws(
    () => audit([readText(HELP)], { checks: [unfinished, unfinished] }),
    /^MisuseError: audit: checks: expected checks of different names, found 'house\/unfinished-option'/,
  );
  const selection = { only: ['house'], except: [] };
  const { findings } = audit([readText(HELP)], { checks: [...CATALOGUE, unfinished], selection });
  assert.deepEqual(
    findings.map(({ check }) => check),
    ['house/unfinished-option'],
  );
  assert.throws(
    () => audit([readText(HELP)], { selection }),
    /expected a check, an area or a command, found 'house'/,
  );
});

test('the tester holds a check against its examples, word for word', () => {
  assertCheck(unfinished, {
    message: "'--beta-rounds' says that it is not finished",
    fix: "name '--beta-rounds' for what it does",
  });
  assert.equal(runCheck(unfinished, { text: HELP }).length, 1);
  const with_ = (changed: Partial<Check>): Check => ({ ...unfinished, ...changed });
  const { examples } = unfinished;
  const refused: readonly (readonly [Check, RegExp])[] = [
    [with_({ level: 'error' }), /expected the level of the check/],
    [with_({ examples: { ...examples, wrong: examples.right } }), /expected one finding .*, found 0/],
    [with_({ examples: { ...examples, right: examples.wrong } }), /no finding in the example 'right'/],
    [with_({ examples: { ...examples, nearMiss: examples.wrong } }), /no finding in the example 'nearMiss'/],
    [with_({ examples: { ...examples, nearMiss: 'no help at all' } }), /is read without problems/],
  ];
  for (const [check, message] of refused) assert.throws(() => assertCheck(check), message);
  assert.throws(() => assertCheck(unfinished, { message: 'else' }), /the message is worded differently/);
});

const folder = mkdtempSync(join(tmpdir(), 'dabbawala-own-checks-'));
after(() => rmSync(folder, { recursive: true, force: true }));
mkdirSync(join(folder, 'node_modules'));
symlinkSync(ROOT, join(folder, 'node_modules/dabbawala'));
const run = (...words: string[]) =>
  runProgram(process.execPath, [join(ROOT, 'dist/cli/bin.js'), ...words], HELP, {}, folder);

writeFileSync(
  join(folder, 'house.mjs'),
  `import { writeFileSync } from 'node:fs';
import { defineCheck } from 'dabbawala';
writeFileSync('was-run', '');
export default [
  defineCheck({
    name: 'house/unfinished-option',
    level: 'warning',
    title: 'an option is called beta',
    why: 'Nobody takes such an option out again.',
    standard: 'practice',
    needs: [],
    examples: { wrong: '  --beta  a\\n', right: '', nearMiss: '' },
    judge: (view, report) => {
      for (const { names, place } of view.interface.root.options.items)
        if (names[0].text.startsWith('--beta'))
          report.finding({ command: ['tiffin'], subject: names[0].text, data: {}, place });
    },
    message: () => 'the option is not finished',
    fix: () => 'finish it',
  }),
];
`,
);

test('the command runs the checks of a module that the command line names', async () => {
  const given = await run('audit', '--checks=house.mjs', '--only=house', '-');
  assert.equal(given.status, 1, given.stderr);
  assert.match(given.stdout, /the option is not finished[\s\S]*\[house\/unfinished-option\] tiffin/);
  assert.match((await run('explain', '--checks=house.mjs', 'unfinished-option')).stdout, /is called beta/);
  for (const [name, message] of [
    ['none.mjs', /^dabbawala:none\.mjs: its checks cannot be loaded: .*none\.mjs/],
    ['empty.mjs', /^dabbawala:empty\.mjs: expected exported checks, as defineCheck makes them, found none/],
    ['throws.mjs', /^dabbawala:throws\.mjs: its checks cannot be loaded: no \\x1b way$/m],
  ] as const) {
    if (name === 'empty.mjs') writeFileSync(join(folder, name), 'export const one = 1;\n');
    if (name === 'throws.mjs') writeFileSync(join(folder, name), "throw new Error('no \\u001b way');\n");
    const ended = await run('audit', `--checks=${name}`, '-');
    assert.equal(ended.status, 2);
    assert.match(ended.stderr, message);
  }
});

test('a check of a module that fails, or whose examples show nothing, is told as a mistake of the module', async () => {
  const source = (judge: string) =>
    `import { defineCheck } from 'dabbawala';
export const check = defineCheck({
  name: 'house/fails', level: 'note', title: 'it fails', why: 'It does.', standard: 'practice', needs: [],
  examples: { wrong: 'Usage: tiffin [-a]\\n', right: 'Usage: tiffin\\n', nearMiss: 'Usage: tiffin\\n' },
  judge: () => { ${judge} }, message: () => 'it fails', fix: () => 'fix it',
});
export const half = { name: 'house/half', level: 'note', run: () => {} };
`.replaceAll('\\\\n', '\\n');
  writeFileSync(join(folder, 'fails.mjs'), source("throw new Error('no way')"));
  const failed = await run('audit', '--checks=fails.mjs', '-');
  assert.equal(failed.status, 2);
  assert.equal(failed.stderr, "dabbawala:fails.mjs: the check 'house/fails' failed: no way\n");
  writeFileSync(join(folder, 'silent.mjs'), source(''));
  const silent = await run('explain', '--checks=silent.mjs', 'house/fails');
  assert.equal(silent.status, 2);
  assert.match(
    silent.stderr,
    /^dabbawala: house\/fails: expected a wrong example with a finding, found 'Usage: /,
  );
  assert.match(
    (await run('explain', '--checks=silent.mjs', 'half')).stderr,
    /^dabbawala: no check is called 'half'/,
  );
});

test('settings run checks where the command line names the file, and never where it was only found', async () => {
  const body = 'dabbawala-settings: 1\nchecks: house.mjs\nlevels: {house: error}\n';
  writeFileSync(join(folder, 'own.yaml'), body);
  const named = await run('audit', '--settings=own.yaml', '-');
  assert.match(named.stdout, /error: the option is not finished/);
  assert.equal(named.stderr, '');
  rmSync(join(folder, 'was-run'));
  writeFileSync(join(folder, 'dabbawala-settings.yaml'), body);
  const found = await run('audit', '-');
  assert.match(
    found.stderr,
    /^dabbawala:dabbawala-settings\.yaml:2:9: checks from a settings file that was found, not named, are not run/m,
  );
  assert.doesNotMatch(found.stdout, /not finished/);
  assert.throws(() => rmSync(join(folder, 'was-run')), /ENOENT/);
});

test('the guide’s check and its test work as they stand there', async () => {
  const guide = readFileSync(join(ROOT, 'docs/own-checks.md'), 'utf8');
  const [check = '', , tested = ''] = [...guide.matchAll(/```js\n([\s\S]*?)```/g)].map(
    ([, code = '']) => code,
  );
  writeFileSync(join(folder, 'house-checks.mjs'), check);
  writeFileSync(join(folder, 'house-checks.test.mjs'), tested);
  const audited = await run('audit', '--checks=house-checks.mjs', '--no-settings', '--only=house', '-');
  assert.match(audited.stdout, /warning: '--beta-rounds' says that it is not finished/);
  const env = { NODE_TEST_CONTEXT: '' };
  const ended = await runProgram(process.execPath, ['house-checks.test.mjs'], '', env, folder);
  assert.equal(ended.status, 0, ended.stdout + ended.stderr);
  assert.match(ended.stdout, /unfinished options are found/);
});
