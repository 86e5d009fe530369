// Truths about real programs in a folder: a list of entries in each JSON file.
import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';

/** The entries with a help text of all JSON files at a path, in the order of their names. */
export function truthEntries(path) {
  return jsonFiles(path).flatMap(entriesOf);
}

function jsonFiles(path) {
  if (!statSync(path).isDirectory()) return path.endsWith('.json') ? [path] : [];
  return readdirSync(path)
    .sort()
    .flatMap((name) => jsonFiles(join(path, name)));
}

function entriesOf(file) {
  const list = JSON.parse(readFileSync(file, 'utf8'));
  return Array.isArray(list) ? list.filter(({ help }) => typeof help === 'string') : [];
}
