import assert from 'node:assert/strict';
import { type Audit, type AuditFixes, audit, fixAudit, readSource, type Source } from 'dabbawala';
import { compareInterfaces, editedText, editsByFile, type TextEdit } from 'dabbawala/analysis';

/** The audit of an interface document, which must have no mistakes. */
export function auditedDocument(source: Source): Audit {
  const { interface: cli, problems } = readSource(source, { kind: 'document' });
  assert.deepEqual(problems, []);
  assert.ok(cli);
  return audit([cli]);
}

/** The audit of a document in which edits were made; undefined where that makes mistakes in it. */
export function auditedAgain(source: Source, edits: readonly TextEdit[]): Audit | undefined {
  const { interface: cli, problems } = readSource(editedSource(source, edits), { kind: 'document' });
  return cli === undefined || problems.length > 0 ? undefined : audit([cli]);
}

/** A source with edits made. */
export function editedSource(source: Source, edits: readonly TextEdit[]): Source {
  const [file] = editsByFile(edits);
  return file === undefined ? source : { name: source.name, text: editedText(file) };
}

/**
 * Asserts what fixing promises, by rules of its own: no check finds more than before, no caller is hurt, and what is fixed once more stays as it is.
 * Gives the audit of the fixed document.
 */
export function assertFixed(source: Source, before: Audit, fixes: AuditFixes): Audit {
  const fixed = editedSource(source, fixes.edits);
  const after = auditedDocument(fixed);
  const [was, is] = [before, after].map(({ findings }) => countByCheck(findings));
  for (const [check, count] of is ?? []) assert.ok(count <= (was?.get(check) ?? 0), `${check} finds more`);
  const [old, newer] = [before.interfaces[0], after.interfaces[0]];
  assert.ok(old);
  assert.ok(newer);
  const hurting = compareInterfaces(old, newer).changes.filter(
    ({ effect }) => effect !== 'compatible' && effect !== 'wording',
  );
  assert.deepEqual(
    hurting.map(({ message }) => message),
    [],
  );
  const again = fixAudit(after, (edits) => auditedAgain(fixed, edits));
  assert.equal(editedSource(fixed, again.edits).text, fixed.text, 'twice is once');
  return after;
}

function countByCheck(findings: Audit['findings']): Map<string, number> {
  const counts = new Map<string, number>();
  for (const { check } of findings) counts.set(check, (counts.get(check) ?? 0) + 1);
  return counts;
}
