import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { readDocument } from 'dabbawala';
import {
  bashCompletion,
  documentYaml,
  fishCompletion,
  manualPage,
  referenceMarkdown,
  zshCompletion,
} from 'dabbawala/writers';
import { root } from '../../scripts/setup.mjs';

function textsOf(folder, pattern) {
  return readdirSync(join(root, folder))
    .filter((name) => pattern.test(name))
    .sort()
    .map((name) => readFileSync(join(root, folder, name), 'utf8'));
}

const documents = [
  ...textsOf('demo/tiffin-1.4', /\.yaml$/),
  ...textsOf('demo/tiffin-2.0', /\.yaml$/),
  ...textsOf('demo/rounds', /\.yaml$/),
  ...textsOf('demo/washup', /\.yaml$/),
];
const interfaces = documents.flatMap((text) => readDocument({ name: 'demo.yaml', text }).interface ?? []);
const completion = 'demo/tiffin-1.4/completion';

/** A file of each kind that calls programs, by its name. */
export const CALLER_FILES = Object.fromEntries(
  readdirSync(join(root, 'test/callers/files')).flatMap((folder) =>
    readdirSync(join(root, 'test/callers/files', folder), { withFileTypes: true })
      .filter((entry) => entry.isFile() && entry.name !== 'expected.yaml')
      .map(({ name }) => [name, readFileSync(join(root, 'test/callers/files', folder, name), 'utf8')]),
  ),
);

/** The texts that inputs of each kind are made of: the demo, and what this program itself writes. */
export const SEEDS = {
  help: [...textsOf('demo/tiffin-1.4/help', /\.txt$/), ...interfaces.map((from) => referenceMarkdown(from))],
  document: [...documents, ...interfaces.map((from) => documentYaml(from))],
  manual: [
    ...textsOf('demo/tidebook', /\.1$/),
    ...textsOf('demo/lidcount', /\.1$/),
    ...textsOf('test/manual/pages/man-by-hand', /\.1$/),
    ...textsOf('test/manual/pages/macros-of-its-own', /\.1$/),
    ...textsOf('test/manual/pages/mdoc-by-hand', /\.8$/),
    ...interfaces.map((from) => manualPage(from, '2026-10-02')),
  ],
  script: textsOf('demo/scripts', /./),
  callers: Object.values(CALLER_FILES),
  settings: textsOf('demo', /-settings\.yaml$/),
  bash: [...textsOf(completion, /\.bash$/), ...interfaces.map((from) => bashCompletion(from))],
  zsh: [...textsOf(completion, /^_/), ...interfaces.map((from) => zshCompletion(from))],
  fish: [...textsOf(completion, /\.fish$/), ...interfaces.map((from) => fishCompletion(from))],
};

export const INTERFACES = interfaces;
