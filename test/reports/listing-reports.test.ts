import assert from 'node:assert/strict';
import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import Ajv from 'ajv-draft-04';
import {
  AUDIT_REPORTS,
  audit,
  fixAudit,
  inFile,
  type Report,
  type ReportContext,
  readCompletion,
  readHelp,
  readSource,
} from 'dabbawala';
import {
  assumeComplete,
  CALLERS_REPORTS,
  COMPARISON_REPORTS,
  COVERAGE_REPORTS,
  compareCallers,
  compareInterfaces,
  coverage,
  editedText,
  editsByFile,
  findCallers,
  namesInFull,
} from 'dabbawala/analysis';
import type { Interface } from 'dabbawala/model';
import MarkdownIt from 'markdown-it';
import { absent, output } from '../support/programs.ts';
import { ROOT } from '../support/run-dabbawala.ts';
import { HOSTILE_NAMES } from './hostile-names.ts';

const CONTEXT: ReportContext = {
  tool: { name: 'dabbawala', version: '1.2.3' },
  text: { width: 80, colour: false },
};

function demo(path: string): Interface {
  const name = `demo/${path}`;
  const { interface: cli } = readSource({ name, text: readFileSync(join(ROOT, name), 'utf8') });
  assert.ok(cli !== undefined);
  return cli;
}

const OLD = demo('tiffin-1.4/tiffin.yaml');
const NEW = demo('tiffin-2.0/tiffin.yaml');
const CRONTAB = 'demo/callers/harbour.crontab';
const CALLS = findCallers([{ name: CRONTAB, text: readFileSync(join(ROOT, CRONTAB), 'utf8') }], OLD);
const PROBLEMS = readHelp({ name: 'a.txt', text: 'Usage: a\n\n  -x, --late[=  what\n' }).problems;

/** A report of each subject in a format, with its name. */
function reportsIn(format: 'sarif' | 'junit' | 'lines' | 'markdown'): [string, string][] {
  const { stdout, stderr } = output('git', ['commit', '-h']);
  const { interface: captured } = readHelp(
    { name: 'git.txt', text: stdout + stderr },
    { program: 'git', command: ['commit'] },
  );
  assert.ok(captured !== undefined);
  const quiet = readSource({ name: 'a.yaml', text: 'dabbawala: 1\nprogram: a\n' }).interface;
  assert.ok(quiet !== undefined);
  const sides = {
    title: 'tiffin 1.4 to 2.0',
    comparison: compareInterfaces(OLD, NEW),
    callers: compareCallers(CALLS, OLD, NEW),
  };
  const auditIn: Report<ReturnType<typeof audit>> = AUDIT_REPORTS[format];
  const script = 'demo/tiffin-1.4/completion/tiffin.fish';
  const completion = readCompletion(
    { name: script, text: readFileSync(join(ROOT, script), 'utf8') },
    'fish',
    'tiffin',
  );
  const found = audit([OLD]);
  const fixes = fixAudit(found, (edits) => {
    const files = editsByFile(edits).map((file) => ({ name: file.source.name, text: editedText(file) }));
    return audit(files.flatMap((source) => readSource(source).interface ?? []));
  });
  assert.equal(fixes.byFinding.size, 4);
  return [
    ['what can be fixed', auditIn({ ...found, fixes }, CONTEXT)],
    ['the demo', auditIn(found, { ...CONTEXT, problems: PROBLEMS })],
    ['captured git', auditIn(audit([captured]), CONTEXT)],
    ['nothing found', auditIn(audit([quiet]), CONTEXT)],
    ['a comparison', COMPARISON_REPORTS[format](sides, CONTEXT)],
    ['callers', CALLERS_REPORTS[format](CALLS, CONTEXT)],
    ['completion', COVERAGE_REPORTS[format](coverage(assumeComplete(OLD), [completion]), CONTEXT)],
  ];
}

const schema = JSON.parse(readFileSync(join(import.meta.dirname, 'schemas/sarif-2.1.0-rtm.5.json'), 'utf8'));
// A pattern of the schema is none by the rules of `u`.
const isSarif = new Ajv.default({ strict: false, unicodeRegExp: false, validateFormats: false }).compile(
  schema,
);

function sarif(text: string, name: string) {
  const log: unknown = JSON.parse(text);
  assert.ok(isSarif(log), `${name}: ${JSON.stringify(isSarif.errors?.[0])}`);
  return JSON.parse(text).runs[0];
}

test('SARIF of every report is valid, and its regions are the words that it quotes', () => {
  for (const [name, text] of reportsIn('sarif')) {
    const { results, tool } = sarif(text, name);
    assert.equal(results.length === 0, name === 'nothing found', name);
    for (const { ruleId, ruleIndex, locations } of results) {
      assert.equal(tool.driver.rules[ruleIndex].id, ruleId);
      const { artifactLocation, region } = locations[0].physicalLocation ?? {};
      if (!artifactLocation?.uri.startsWith('demo/')) continue;
      const source = readFileSync(join(ROOT, artifactLocation.uri), 'utf8');
      const { snippet, startLine, startColumn, charOffset, charLength } = region;
      assert.ok(source.slice(charOffset, charOffset + charLength).startsWith(snippet.text));
      const line = source.split('\n')[startLine - 1] ?? '';
      assert.ok(line.slice(startColumn - 1).startsWith(snippet.text.split('\n')[0]));
    }
  }
});

test('the fixes of SARIF, made one by one, are the edits that a rewriting makes', () => {
  const { results } = sarif(CALLERS_REPORTS.sarif(CALLS, CONTEXT), 'callers');
  const text = readFileSync(join(ROOT, CRONTAB), 'utf8');
  let fixed = text;
  let moved = 0;
  for (const { fixes = [] } of results)
    for (const { artifactChanges } of fixes)
      for (const { deletedRegion, insertedContent } of artifactChanges[0].replacements) {
        const at = deletedRegion.charOffset + moved;
        fixed = fixed.slice(0, at) + insertedContent.text + fixed.slice(at + deletedRegion.charLength);
        moved += insertedContent.text.length - deletedRegion.charLength;
      }
  const [file] = editsByFile(namesInFull(CALLS.invocations).edits);
  assert.ok(file !== undefined && fixed !== text);
  assert.equal(fixed, editedText(file));
});

function assertJunit(text: string, name: string): void {
  const schemaFile = join(import.meta.dirname, 'schemas/junit.xsd');
  const { status, stderr } = spawnSync('xmllint', ['--noout', '--schema', schemaFile, '-'], {
    input: text,
    encoding: 'utf8',
  });
  assert.equal(status, 0, `${name}: ${stderr}`);
}

test("JUnit's XML of every report is valid, and a case fails where something grave was found", {
  skip: absent('xmllint'),
}, () => {
  for (const [name, text] of reportsIn('junit')) {
    assertJunit(text, name);
    const failures = [...text.matchAll(/<failure /g)].length;
    assert.equal(text.includes(`failures="${failures}"`), true, name);
    assert.equal(
      failures > 0,
      ['what can be fixed', 'the demo', 'a comparison', 'completion'].includes(name),
      name,
    );
  }
});

test('a line is one thing, with its place', () => {
  for (const [name, text] of reportsIn('lines'))
    for (const one of text.split('\n').slice(0, -1))
      assert.match(one, /^(?:\S+:\d+:\d+: )?(?:error|warning|note): .+ \[[\w-]+\/[\w-]+\]$/, name);
});

/** The elements that our Markdown makes. */
const ELEMENTS = new Set(
  ['h2', 'h3', 'p', 'ul', 'li', 'strong', 'code', 'br', 'details', 'summary'].flatMap((name) => [
    name,
    `/${name}`,
  ]),
);

function elementsOf(markdown: string): string[] {
  const html = new MarkdownIt({ html: true }).render(markdown);
  return [...html.matchAll(/<([^>\s]+)([^>]*)>/g)].map(([, name = '', rest = '']) =>
    rest.trim() === '' || rest.trim() === '/' ? name : `${name} ${rest}`,
  );
}

test('Markdown of every report makes a heading, lists and what is folded', () => {
  for (const [name, text] of reportsIn('markdown')) {
    const elements = elementsOf(text);
    assert.deepEqual(
      elements.filter((one) => !ELEMENTS.has(one)),
      [],
      name,
    );
    assert.equal(elements[0], 'h2', name);
  }
});

for (const format of ['sarif', 'junit', 'lines', 'markdown'] as const)
  test(`names of strangers are inert in ${format}`, { skip: format === 'junit' && absent('xmllint') }, () => {
    for (const name of HOSTILE_NAMES) {
      const document = {
        dabbawala: 1,
        program: name,
        description: name,
        options: { '--late': name, '--later': name, '--n=X': name },
        commands: { [name]: { summary: name, options: { '--late_box': name } }, box: name },
      };
      const { interface: cli } = readSource({ name: `${name}.yaml`, text: JSON.stringify(document) });
      if (cli === undefined) continue;
      const result = audit([cli]);
      assert.ok(result.findings.length > 0);
      const text = AUDIT_REPORTS[format](result, CONTEXT);
      assert.doesNotMatch(text, /[\0-\x08\x0b-\x1f\x7f-\x9f\u200e\u200f\u202a-\u202e\u2066-\u2069]/);
      if (format === 'sarif') sarif(text, name);
      if (format === 'junit') assertJunit(text, name);
      if (format === 'lines') assert.equal(text.split('\n').length, result.findings.length + 1);
      if (format === 'markdown')
        assert.deepEqual(
          elementsOf(text).filter((one) => !ELEMENTS.has(one)),
          [],
          name,
        );
    }
  });

test('places of what was taken out of a file are those of the file', () => {
  const { results } = sarif(CALLERS_REPORTS.sarif(CALLS, CONTEXT), 'callers');
  const [first] = CALLS.invocations.flatMap(({ abbreviations }) => abbreviations);
  assert.ok(first !== undefined);
  assert.equal(results[0].locations[0].physicalLocation.region.charOffset, inFile(first.place).start);
});
