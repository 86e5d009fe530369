import assert from 'node:assert/strict';
import { test } from 'node:test';
import { optionScopes } from 'dabbawala/analysis';
import { absent, output } from '../support/programs.ts';
import { readText } from '../support/read-text.ts';

type Verdict = 'accepted' | 'ambiguous' | 'unknown';

/**
 * What a real program makes of a prefix. The option behind it does not exist, so that the program stops before it works; a
 * value joined by `=` keeps an option that takes one from swallowing that.
 */
function realVerdict(program: string, prefix: string): { verdict: Verdict; names: string[] } {
  const { stderr } = output(program, [`${prefix}=zz`, '--zz-none']);
  const names = [...stderr.matchAll(/'(--[\w-]+)'/g)].map((match) => match[1] ?? '');
  if (stderr.includes('is ambiguous'))
    return { verdict: 'ambiguous', names: names.filter((name) => name !== prefix) };
  if (stderr.includes(`unrecognized option '${prefix}=zz'`)) return { verdict: 'unknown', names: [] };
  return { verdict: 'accepted', names: names.filter((name) => name.startsWith(prefix)) };
}

const PROGRAMS = [
  ...[
    'ls',
    'sort',
    'grep',
    'tar',
    'cp',
    'mv',
    'rm',
    'du',
    'df',
    'wc',
    'head',
    'tail',
    'date',
    'stat',
    'touch',
  ],
  ...['sed', 'cut', 'uniq'],
];

for (const program of PROGRAMS) {
  test(`prefixes of the options in the help of ${program}`, { skip: absent(program) }, (t) => {
    const [scope] = optionScopes(readText(output(program, ['--help']).stdout));
    assert.ok(scope !== undefined && scope.index.names.length >= 4);
    const shown = new Set(scope.index.names);
    const hidden = new Set<string>();
    let compared = 0;
    let differing = 0;
    for (const prefix of scope.index.prefixes(3)) {
      const ours = scope.index.resolve(prefix, 1000);
      const real = realVerdict(program, prefix);
      const unseen = real.names.filter((name) => !shown.has(name));
      const isOpen = ours.verdict === 'ambiguous' || ours.verdict === 'unknown';
      const verdict: Verdict = isOpen ? ours.verdict : 'accepted';
      compared++;
      for (const name of unseen) hidden.add(name);
      if (verdict !== real.verdict) {
        // Only names that the help does not show can make a difference.
        assert.ok(
          real.verdict === 'ambiguous' && unseen.length > 0,
          `${prefix}: ${verdict}, really ${real.verdict}`,
        );
        differing++;
      } else if (verdict === 'ambiguous') {
        // The program names one spelling of each option; that may be one that the help does not show.
        const left = ours.names.filter((name) => !real.names.includes(name));
        assert.ok(left.length <= unseen.length, `${prefix}: ${ours.names}, really ${real.names}`);
        assert.deepEqual(
          real.names.filter((name) => shown.has(name) && !ours.names.includes(name)),
          [],
        );
      } else if (real.names[0] !== undefined) {
        assert.ok([...ours.names, ...unseen].includes(real.names[0]), `${prefix}: really ${real.names[0]}`);
      }
    }
    const names = [...hidden].sort().join(' ') || 'none';
    t.diagnostic(
      `${program}: ${compared} prefixes, ${differing} differ; options met that the help does not show: ${names}`,
    );
  });
}
