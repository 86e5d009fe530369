import assert from 'node:assert/strict';
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { audit, type Finding, readSource } from 'dabbawala';
import { parse } from 'yaml';
import { ROOT } from '../support/run-dabbawala.ts';

/** A change of a text: what stands there, and what is put in its place. */
interface Change {
  readonly why: string;
  readonly from: string;
  readonly to: string;
}

/** What `faults.yaml` says of the text beside it; findings are written as `check subject`. */
interface Faults {
  /** What is said of the sound text; nothing where it is left out. */
  readonly said?: readonly string[];
  /** Changes that are faults, each with the finding that names it. */
  readonly faults: readonly (Change & { readonly finds: string })[];
  /** Changes that are none. */
  readonly sound?: readonly Change[];
}

const FOLDER = join(ROOT, 'test/checks/planted');

function findingsOf(text: string, program: string): string[] {
  const { interface: cli, problems } = readSource({ name: program, text });
  assert.ok(cli !== undefined, problems[0]?.message);
  return audit([cli]).findings.map(({ check, subject }: Finding) => `${check} ${subject}`);
}

for (const program of readdirSync(FOLDER).sort()) {
  const [help, document] = ['help.txt', 'document.yaml'].map((name) => join(FOLDER, program, name));
  const text = readFileSync(help !== undefined && existsSync(help) ? help : (document ?? ''), 'utf8');
  const {
    said = [],
    faults,
    sound = [],
  } = parse(readFileSync(join(FOLDER, program, 'faults.yaml'), 'utf8')) as Faults;
  const changed = ({ from, to }: Change) => {
    assert.ok(text.includes(from), 'the text can be changed so');
    return findingsOf(
      text.replace(from, () => to),
      program,
    );
  };

  test(`${program}: of the sound text, only what its file says`, () => {
    assert.deepEqual(findingsOf(text, program), said);
  });

  for (const fault of faults)
    test(`${program}: ${fault.why}`, () => {
      const found = changed(fault);
      assert.ok(found.includes(fault.finds), found.join('\n'));
      assert.ok(!said.includes(fault.finds));
    });

  for (const change of sound)
    test(`${program} stays sound: ${change.why}`, () => assert.deepEqual(changed(change), said));
}
