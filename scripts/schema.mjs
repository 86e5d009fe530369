// Writes schema/: the JSON Schemas of the interface document, the settings and accepted findings, from the definitions that the readers go by,
// and of the reports in JSON.
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { acceptedSchema, documentSchema, REPORT_SCHEMAS, settingsSchema } from 'dabbawala/writers';
import { root } from './setup.mjs';

mkdirSync(join(root, 'schema'), { recursive: true });
write('interface', documentSchema());
write('settings', settingsSchema());
write('accepted', acceptedSchema());
for (const [name, schema] of Object.entries(REPORT_SCHEMAS)) write(name, schema);

function write(name, schema) {
  writeFileSync(join(root, `schema/${name}.schema.json`), `${JSON.stringify(schema, null, 2)}\n`);
}
