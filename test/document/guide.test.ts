import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { readDocument } from 'dabbawala';
import { documentSchema } from 'dabbawala/writers';
import { ROOT } from '../support/run-dabbawala.ts';

const GUIDE = readFileSync(join(ROOT, 'docs/document.md'), 'utf8');

test('every document in the guide is without mistakes', () => {
  const blocks = [...GUIDE.matchAll(/```yaml\n([\s\S]*?)```/g)].map((match) => match[1] ?? '');
  assert.ok(blocks.length >= 5);
  for (const block of blocks) {
    const text = block.includes('dabbawala:') ? block : `dabbawala: 1\nprogram: tiffin\n${block}`;
    assert.deepEqual(readDocument({ name: 'guide', text }).problems, [], block);
  }
});

test('the guide names every key of the format', () => {
  const keys = new Set<string>();
  const gather = (schema: unknown): void => {
    if (typeof schema !== 'object' || schema === null) return;
    for (const [key, value] of Object.entries(schema)) {
      if (key === 'properties') for (const name of Object.keys(value)) keys.add(name);
      gather(value);
    }
  };
  gather(documentSchema());
  // Keys of single parts that the schema describes where they stand.
  for (const key of [
    'required',
    'repeated',
    'vocabulary',
    'described',
    'listed',
    'form',
    'text',
    'words',
    'name',
    'value',
  ]) {
    keys.delete(key);
  }
  const missing = [...keys].filter((key) => !GUIDE.includes(key) || key === '');
  assert.deepEqual(missing.sort(), []);
});
