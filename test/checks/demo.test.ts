import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { audit, CATALOGUE, extendInterface, type Finding, isAtLeast, joinInterfaces } from 'dabbawala';
import type { Interface } from 'dabbawala/model';
import { demoInventory, demoSources } from '../support/demo-sources.ts';
import { ROOT } from '../support/run-dabbawala.ts';

interface Mistake {
  readonly check: string;
  readonly source?: string;
  readonly command: string;
  readonly subject: string;
}

/** Sources of one program with what was planted in them: found by a check that exists, or awaited from one to come. */
interface Planted {
  readonly sources: readonly string[];
  readonly with?: readonly string[];
  readonly completions?: readonly string[];
  /** The program that the completions are for; tiffin where not given. */
  readonly program?: string;
  /** The areas that are looked at; all where none is given. */
  readonly only?: readonly string[];
  readonly found: readonly Mistake[];
  readonly awaited: readonly Mistake[];
}

const PLANTED: readonly Planted[] = JSON.parse(readFileSync(join(ROOT, 'demo/planted.json'), 'utf8'));
const HELP = 'demo/tiffin-1.4/help';

function extended(sources: readonly string[], extensions: readonly string[] = []): Interface[] {
  const [base, ...others] = joinInterfaces(demoSources(sources));
  assert.ok(base !== undefined);
  assert.deepEqual(others, []);
  return [demoSources(extensions).reduce(extendInterface, base)];
}

function isThis({ check, source, command, subject }: Mistake, finding: Finding): boolean {
  const isThere = source === undefined || finding.place?.source.name === source;
  return (
    isThere && finding.check === check && finding.command.join(' ') === command && finding.subject === subject
  );
}

for (const planted of PLANTED) {
  const name = [...planted.sources, ...(planted.with ?? []), ...(planted.completions ?? [])].join(' with ');
  test(`${name}: every mistake planted is found, and nothing else is a warning or an error`, () => {
    const interfaces = extended(planted.sources, planted.with);
    const inventories = (planted.completions ?? []).map((file) =>
      demoInventory(file, planted.program ?? 'tiffin'),
    );
    const { findings } = audit(interfaces, {
      inventories,
      selection: { only: planted.only ?? [], except: [] },
    });
    const times = (mistake: Mistake) => findings.filter((finding) => isThis(mistake, finding)).length;
    if (inventories.length > 0)
      assert.deepEqual(
        planted.found.map(times),
        planted.found.map(() => 1),
      );
    assert.deepEqual(
      planted.found.filter((mistake) => !findings.some((finding) => isThis(mistake, finding))),
      [],
    );
    const others = findings.filter(
      (finding) =>
        isAtLeast(finding.level, 'warning') && !planted.found.some((mistake) => isThis(mistake, finding)),
    );
    assert.deepEqual(
      others.map(({ check, message }) => `${check}: ${message}`),
      [],
    );
  });
}

test('a mistake is awaited only while its check does not exist', () => {
  const names = new Set<string>(CATALOGUE.map((check) => check.name));
  const awaited = PLANTED.flatMap((planted) => planted.awaited);
  assert.deepEqual(
    awaited.filter(({ check }) => names.has(check)),
    [],
    'its check exists now: list it among what is found',
  );
  const missing = PLANTED.flatMap((planted) => planted.found).filter(({ check }) => !names.has(check));
  assert.deepEqual(missing, []);
});

test('the well-kept program has no finding of any level', () => {
  const { findings } = audit(extended(['demo/washup/washup.yaml']));
  assert.deepEqual(findings, []);
});

test('the help outputs of a program join into one tree, in the order in which the program lists its commands', () => {
  const [tiffin, ...others] = joinInterfaces(demoSources([HELP]));
  assert.deepEqual(others, []);
  const tree = tiffin?.root.commands.items.map((command) => [
    command.names[0]?.text,
    ...command.commands.items.map(({ names }) => names[0]?.text),
  ]);
  assert.deepEqual(tree, [
    ['box', 'list', 'add', 'find'],
    ['route', 'plan', 'print'],
    ['round', 'open', 'close'],
    ['kitchen'],
    ['ledger', 'show', 'post'],
  ]);
  assert.equal(tiffin?.sources.length, 15);
});

test('the order in which sources are given does not change what is found', () => {
  const fingerprints = (interfaces: Interface[]) =>
    audit(joinInterfaces(interfaces)).findings.map(({ fingerprint, message }) => `${fingerprint} ${message}`);
  const sorted = fingerprints(demoSources([HELP]));
  const reversed = fingerprints(demoSources([HELP]).reverse());
  assert.deepEqual(reversed, sorted);
});

test('the document and the help outputs of tiffin 1.4 describe the same options', () => {
  const names = ({ root }: Interface): unknown => {
    const of = (command: Interface['root']): unknown => [
      command.names.map(({ text }) => text),
      command.options.items.map((option) => option.names.map(({ text }) => text)),
      command.commands.items.map(of),
    ];
    return of(root);
  };
  const [document] = extended(['demo/tiffin-1.4/tiffin.yaml']);
  const [help] = extended([HELP]);
  const [both] = extended([HELP, 'demo/tiffin-1.4/tiffin.yaml']);
  assert.ok(document !== undefined && help !== undefined && both !== undefined);
  assert.deepEqual(names(document), names(help));
  assert.deepEqual(names(both), names(document));
});
