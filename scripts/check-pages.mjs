// Writes docs/checks/, a page for each area of the catalogue, and one that lists them, from the checks themselves and what was measured of them (docs/measured.json, which `npm run spoken` writes); and docs/parsers.md from the
// profiles of parsers.
import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { areaMarkdown, areaOf, CATALOGUE, catalogueMarkdown } from 'dabbawala';
import { PARSERS, parsersMarkdown } from 'dabbawala/parsers';
import { root } from './setup.mjs';

const measured = JSON.parse(readFileSync(join(root, 'docs/measured.json'), 'utf8'));
const folder = join(root, 'docs/checks');
rmSync(folder, { recursive: true, force: true });
mkdirSync(folder, { recursive: true });
writeFileSync(join(folder, 'README.md'), catalogueMarkdown(CATALOGUE, measured));
for (const area of new Set(CATALOGUE.map(({ name }) => areaOf(name)))) {
  writeFileSync(join(folder, `${area}.md`), areaMarkdown(area, CATALOGUE, measured));
}
writeFileSync(join(root, 'docs/parsers.md'), parsersMarkdown(PARSERS));
