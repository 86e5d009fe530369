import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { REPORT_SCHEMAS } from 'dabbawala/writers';
import { dabbawala, ROOT } from '../support/run-dabbawala.ts';
import { HOSTILE_NAMES } from './hostile-names.ts';

const demo = (path: string) => join(ROOT, 'demo', path);
const OLD = demo('tiffin-1.4/tiffin.yaml');
const NEW = demo('tiffin-2.0/tiffin.yaml');
const SCRIPTS = ['tiffin.bash', '_tiffin', 'tiffin.fish'].map((name) =>
  demo(`tiffin-1.4/completion/${name}`),
);

/** Command lines whose reports are held against each schema. */
const REPORTS: Readonly<Record<string, readonly (readonly string[])[]>> = {
  'audit-report': [
    ['audit', OLD],
    ['audit', OLD, ...SCRIPTS.map((name) => `--completion=${name}`), '--notes'],
    ['audit', demo('tiffin-1.4/help/tiffin-kitchen.txt')],
    ['audit', demo('scripts/boxsort'), demo('lidcount/lidcount.1')],
    ['audit', demo('washup/washup.yaml')],
    ['audit', demo('crew/crew.yaml'), `--callers=${demo('callers')}`],
    ['audit', demo('nowhere.txt')],
  ],
  'comparison-report': [
    ['compare', OLD, NEW],
    ['compare', OLD, NEW, `--callers=${demo('callers')}`],
    ['compare', OLD, OLD],
    ['compare', demo('tiffin-1.4/help/tiffin-kitchen.txt'), NEW],
  ],
  'added-names-report': [
    [
      'compare',
      OLD,
      '--add=tiffin box list:--late-fees',
      '--add=tiffin:--zone',
      `--callers=${demo('callers')}`,
    ],
  ],
  'coverage-report': [['coverage', OLD, ...SCRIPTS]],
  'callers-report': [['callers', OLD, demo('callers')]],
};

/** A schema that takes no key which it does not have, so that each is described. */
function closed(schema: unknown): unknown {
  if (Array.isArray(schema)) return schema.map(closed);
  if (typeof schema !== 'object' || schema === null) return schema;
  const own = Object.fromEntries(Object.entries(schema).map(([key, value]) => [key, closed(value)]));
  return own.properties === undefined ? own : { ...own, additionalProperties: false };
}

for (const [name, schema] of Object.entries(REPORT_SCHEMAS)) {
  const validate = new Ajv2020({ strict: true, allowUnionTypes: true }).compile(closed(schema) as object);
  test(`reports in JSON have the keys of ${name}, and no others`, async () => {
    assert.deepEqual(
      JSON.parse(readFileSync(join(ROOT, `schema/${name}.schema.json`), 'utf8')),
      JSON.parse(JSON.stringify(schema)),
    );
    for (const words of REPORTS[name] ?? []) {
      const { stdout, stderr } = await dabbawala([...words, '--format=json', '--no-settings']);
      assert.ok(
        validate(JSON.parse(stdout)),
        `${words.join(' ')}: ${JSON.stringify(validate.errors)} ${stderr}`,
      );
    }
    assert.equal(validate({ version: 1 }), false);
  });
}

test('a report in JSON has the keys of its schema whatever the names are', async () => {
  const validate = new Ajv2020().compile(closed(REPORT_SCHEMAS['audit-report']) as object);
  const options = HOSTILE_NAMES.map(
    (name, i) =>
      `${JSON.stringify(`--late${i}, --${name.replace(/[\s,=]/g, '')}`)}: {help: ${JSON.stringify(name)}}`,
  );
  const { stdout } = await dabbawala(
    ['audit', '-', '--format=json', '--no-settings'],
    `dabbawala: 1\nprogram: tiffin\noptions:\n  ${options.join('\n  ')}\n`,
  );
  assert.ok(validate(JSON.parse(stdout)), JSON.stringify(validate.errors));
});
