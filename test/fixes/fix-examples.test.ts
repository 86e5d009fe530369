import assert from 'node:assert/strict';
import { test } from 'node:test';
import { CATALOGUE, fixAudit, readSource, type Source } from 'dabbawala';
import { documentJson, documentYaml } from 'dabbawala/writers';
import { assertFixed, auditedAgain, auditedDocument } from './fixed-document.ts';

/** The checks whose wrong example is fixed as a document, and in which forms of document. */
const FIXED = new Map<string, readonly string[]>([
  ['names/separators-mixed', ['YAML', 'JSON']],
  ['names/letter-case-mixed', ['YAML', 'JSON']],
  ['names/negation-mixed', ['YAML', 'JSON']],
  ['names/word-order-mixed', ['YAML', 'JSON']],
  ['names/verbs-mixed', ['YAML', 'JSON']],
  ['names/placeholder-mixed', ['YAML', 'JSON']],
  ['names/one-concept-many-names', ['YAML', 'JSON']],
  ['names/hyphens-mixed', ['YAML', 'JSON']],
  ['names/plural-mixed', ['YAML', 'JSON']],
  ['help/values-in-prose', ['YAML', 'JSON']],
  ['help/default-in-prose', ['YAML', 'JSON']],
  ['help/default-unstated', ['YAML', 'JSON']],
  ['help/relation-unstated', ['YAML', 'JSON']],
  ['help/style-mixed', ['YAML', 'JSON']],
  ['gnu/long-name-unusual', ['YAML', 'JSON']],
  // In braces there are no lines of which each is one entry.
  ['help/unsorted-wall', ['YAML']],
]);

const FORMS = { YAML: documentYaml, JSON: documentJson };

for (const [name, forms] of FIXED) {
  for (const [form, write] of Object.entries(FORMS)) {
    if (!forms.includes(form)) continue;
    test(`what ${name} finds is fixed in ${form}, and brings nothing else`, () => {
      const source = wrongDocument(name, write);
      const before = auditedDocument(source);
      const fixes = fixAudit(before, (edits) => auditedAgain(source, edits));
      assert.ok(
        before.findings.some((finding) => finding.check === name && fixes.byFinding.has(finding)),
        'it is fixed',
      );
      const after = assertFixed(source, before, fixes);
      assert.deepEqual(
        after.findings.filter(({ check }) => check === name),
        [],
      );
    });
  }
}

test('a name whose rename would make abbreviations ambiguous stays, and it is said why', () => {
  const source = wrongDocument('names/truncated-mixed', documentYaml);
  const before = auditedDocument(source);
  const fixes = fixAudit(before, (edits) => auditedAgain(source, edits));
  assert.deepEqual(fixes.edits, []);
  assert.match(fixes.left[0]?.because ?? '', /^it would break callers: '--conf' /);
});

/** The wrong example of a check as a document. */
function wrongDocument(name: string, write: (typeof FORMS)[keyof typeof FORMS]): Source {
  const text = CATALOGUE.find((check) => check.name === name)?.examples.wrong ?? '';
  const cli = readSource({ name, text }).interface;
  assert.ok(cli);
  // What was read from help output describes that, and is not the source of the program.
  return { name: 'tiffin', text: write(cli).replace(/^ *"?read-from"?: .*\n/m, '') };
}
