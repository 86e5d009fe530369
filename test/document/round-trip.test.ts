import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { readDocument } from 'dabbawala';
import { type Interface, saysTheSame } from 'dabbawala/model';
import { documentJson, documentSchema, documentYaml } from 'dabbawala/writers';
import fc from 'fast-check';
import { arbitraryInterface } from '../support/arbitrary-interface.ts';
import { ROOT } from '../support/run-dabbawala.ts';

const published = JSON.parse(readFileSync(join(ROOT, 'schema/interface.schema.json'), 'utf8'));
const validate = new Ajv2020({ strict: false }).compile(published);

function assertReadsBack(text: string, cli: Interface): void {
  const { interface: again, problems } = readDocument({ name: 'tiffin.yaml', text });
  assert.deepEqual(problems, [], text);
  assert.ok(saysTheSame(again, cli), text);
}

test('any interface, written as YAML or JSON and read again, is the same', () => {
  fc.assert(
    fc.property(arbitraryInterface, (cli) => {
      assertReadsBack(documentYaml(cli), cli);
      const json = documentJson(cli);
      assertReadsBack(json, cli);
      assert.ok(validate(JSON.parse(json)), `${JSON.stringify(validate.errors)}\n${json}`);
    }),
    { numRuns: 300 },
  );
});

test('the published schema is that of the reader', () => {
  assert.deepEqual(published, documentSchema());
});

test('a value whose controls make it too long for a plain key of YAML is read back', () => {
  const value = `late${'\u009b'.repeat(300)}`;
  const option = `"--sort=KEY": {"argument": {"values": {${JSON.stringify(value)}: "late ones"}}}`;
  const text = `{"dabbawala": 1, "program": "tiffin", "options": {${option}}}`;
  const { interface: cli } = readDocument({ name: 'tiffin.json', text });
  assert.ok(cli !== undefined);
  assert.ok(documentYaml(cli).includes('late\\u009b'));
  assertReadsBack(documentYaml(cli), cli);
});
