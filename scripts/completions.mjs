// Writes the completion scripts and the manual page of the command dabbawala from its own interface document.
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { readDocument } from 'dabbawala';
import { bashCompletion, fishCompletion, manualPage, zshCompletion } from 'dabbawala/writers';
import { buildIfNeeded, root } from './setup.mjs';

buildIfNeeded();

/** The day at the foot of the manual page: that of the last change of the interface. */
const DATE = '2026-11-25';

const text = readFileSync(join(root, 'dabbawala.yaml'), 'utf8');
const { interface: own } = readDocument({ name: 'dabbawala.yaml', text });
const files = {
  'completions/dabbawala.bash': bashCompletion(own),
  'completions/_dabbawala': zshCompletion(own),
  'completions/dabbawala.fish': fishCompletion(own),
  'man/dabbawala.1': manualPage(own, DATE),
};
for (const folder of ['completions', 'man']) mkdirSync(join(root, folder), { recursive: true });
for (const [name, written] of Object.entries(files)) writeFileSync(join(root, name), written);
