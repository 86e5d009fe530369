import assert from 'node:assert/strict';
import { spawnSync } from 'node:child_process';
import {
  chmodSync,
  lstatSync,
  mkdtempSync,
  readFileSync,
  rmSync,
  statSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, test } from 'node:test';
import { readSource } from 'dabbawala';
import { editedText, editsByFile, findCallers, namesInFull, unifiedDiff } from 'dabbawala/analysis';
import type { Interface } from 'dabbawala/model';
import { rewriteFile } from 'dabbawala/node';
import fc from 'fast-check';
import { absent } from '../support/programs.ts';
import { dabbawala, ROOT } from '../support/run-dabbawala.ts';

const FOLDER = mkdtempSync(join(tmpdir(), 'dabbawala-rewriting-'));
after(() => rmSync(FOLDER, { recursive: true, force: true }));
const DOCUMENT = join(ROOT, 'demo/tiffin-1.4/tiffin.yaml');

function tiffin(): Interface {
  const { interface: cli } = readSource({ name: DOCUMENT, text: readFileSync(DOCUMENT, 'utf8') });
  assert.ok(cli !== undefined);
  return cli;
}

/** A file after its calls were written in full, and what they come to. */
function rewritten(name: string, text: string) {
  const { invocations } = findCallers([{ name, text }], tiffin());
  const { edits, left } = namesInFull(invocations);
  const [file] = editsByFile(edits);
  const resolved = invocations.map(({ trace, command }) => [
    command.join(' '),
    ...trace.options.map((one) => [one.name, ...one.values].join(' ')),
    ...trace.operands,
  ]);
  return { after: file === undefined ? text : editedText(file), file, left, resolved };
}

const word = fc.constantFrom(
  '--late',
  '"--late"',
  "'--lat'",
  '--late-b',
  '--route-m',
  '--sort="$KEY"',
  '--so=size',
  '--al',
  '--all',
  '-a',
  '"--rou=a b"',
  "--ro'ute'=x",
  '-r',
  'mon',
  '"a  b"',
  '--\\late',
  '--',
  '# --late',
  '> --late',
  '--zzz',
);
const call = fc.array(word, { maxLength: 5 }).map((words) => `tiffin box list ${words.join(' ')}`);
const line = fc.oneof(
  call,
  call.map((one) => `  sh -c "${one.replace(/["\\$#]/g, '')}"\t# done`),
  fc.constant('echo tiffin box list --late'),
  fc.constant(''),
);

for (const [name, end, indent] of [
  ['a.sh', '\n', ''],
  ['a.sh', '\r\n', ''],
  ['Makefile', '\n', '\t'],
] as const)
  test(`calls written in full mean what they meant, and nothing else changes: ${name}, ${JSON.stringify(end)}`, {
    skip: absent('patch'),
  }, () => {
    fc.assert(
      fc.property(fc.array(line, { minLength: 1, maxLength: 12 }), fc.boolean(), (lines, endsLine) => {
        const head = indent === '' ? '' : 'all:\n';
        const text =
          head + lines.map((one) => (one === '' ? one : indent + one)).join(end) + (endsLine ? end : '');
        const once = rewritten(name, text);
        const twice = rewritten(name, once.after);
        assert.equal(twice.after, once.after, 'twice is once');
        assert.deepEqual(twice.resolved, once.resolved);
        if (once.file === undefined) return;
        // All that no edit names stands there as it did.
        let at = 0;
        let rest = once.after;
        for (const { place, text: full } of once.file.edits) {
          const kept = text.slice(at, place.start) + full;
          assert.ok(rest.startsWith(kept));
          rest = rest.slice(kept.length);
          at = place.end;
        }
        assert.equal(rest, text.slice(at));
        const path = join(FOLDER, name);
        writeFileSync(path, text);
        const { status, stdout } = spawnSync('patch', ['--binary', '-p1', '-s', '-d', FOLDER], {
          input: unifiedDiff(once.file),
          encoding: 'utf8',
        });
        assert.equal(status, 0, stdout);
        assert.equal(readFileSync(path, 'utf8'), once.after);
      }),
      { numRuns: 80, seed: 3 },
    );
  });

test('the command rewrites files whole: mode, links, a byte order mark and a missing last end of line stay', async () => {
  const path = join(FOLDER, 'close-day');
  const text = "#!/bin/sh\r\ntiffin box list --late # --late\ntiffin box list '--l''ate'";
  writeFileSync(path, `\ufeff${text}`);
  chmodSync(path, 0o750);
  const link = join(FOLDER, 'linked.sh');
  symlinkSync(path, link);
  const { status, stderr } = await dabbawala(['callers', DOCUMENT, link, '--rewrite']);
  assert.equal(status, 0);
  assert.match(stderr, /^dabbawala: .*linked\.sh:3:17: '--late' stays, for it stands there by quotes/);
  assert.equal(readFileSync(path, 'utf8'), `\ufeff${text.replace('--late #', '--late-boxes #')}`);
  assert.equal(statSync(path).mode & 0o777, 0o750);
  assert.ok(lstatSync(link).isSymbolicLink());
});

test('a file that holds something else by now is left alone', async () => {
  const path = join(FOLDER, 'meanwhile.sh');
  writeFileSync(path, 'tiffin box list --all\n');
  assert.equal(
    await rewriteFile(path, 'tiffin box list --al\n', 'tiffin box list --all\n'),
    'changed-meanwhile',
  );
  assert.equal(readFileSync(path, 'utf8'), 'tiffin box list --all\n');
  await assert.rejects(rewriteFile(join(FOLDER, 'none'), '', ''));
});

test('a patch quotes the name of a file that would break its line', () => {
  const source = { name: 'a\n"b.sh', text: 'x --late' };
  const diff = unifiedDiff({
    source,
    edits: [{ place: { source, start: 2, end: 8 }, text: '--late-boxes' }],
  });
  assert.equal(
    diff,
    '--- "a/a\\n\\"b.sh"\n+++ "b/a\\n\\"b.sh"\n@@ -1,1 +1,1 @@\n-x --late\n\\ No newline at end of file\n+x --late-boxes\n\\ No newline at end of file\n',
  );
});
