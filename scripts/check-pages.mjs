// Writes docs/checks/, a page for each area of the catalogue, and one that lists them, from the checks themselves; and docs/parsers.md from the
// profiles of parsers.
import { mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { areaMarkdown, areaOf, CATALOGUE, catalogueMarkdown } from 'dabbawala';
import { PARSERS, parsersMarkdown } from 'dabbawala/parsers';
import { root } from './setup.mjs';

const folder = join(root, 'docs/checks');
rmSync(folder, { recursive: true, force: true });
mkdirSync(folder, { recursive: true });
writeFileSync(join(folder, 'README.md'), catalogueMarkdown(CATALOGUE));
for (const area of new Set(CATALOGUE.map(({ name }) => areaOf(name)))) {
  writeFileSync(join(folder, `${area}.md`), areaMarkdown(area, CATALOGUE));
}
writeFileSync(join(root, 'docs/parsers.md'), parsersMarkdown(PARSERS));
