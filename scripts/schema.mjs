// Writes schema/: the JSON Schema of the interface document, from the definition that the reader goes by.
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { documentSchema } from 'dabbawala';
import { root } from './setup.mjs';

mkdirSync(join(root, 'schema'), { recursive: true });
writeFileSync(join(root, 'schema/interface.schema.json'), `${JSON.stringify(documentSchema(), null, 2)}\n`);
