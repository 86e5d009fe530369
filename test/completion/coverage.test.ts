import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { detectShell, joinInterfaces, readCompletion } from 'dabbawala';
import { coverage, shellTotals } from 'dabbawala/analysis';
import { type Inventory, SHELLS } from 'dabbawala/model';
import { observeCompletion } from 'dabbawala/node';
import {
  bashCompletion,
  documentYaml,
  fishCompletion,
  manualPage,
  missingLines,
  zshCompletion,
} from 'dabbawala/writers';
import fc from 'fast-check';
import { arbitraryInterface } from '../support/arbitrary-interface.ts';
import { PATIENT, WRITERS } from '../support/completion.ts';
import { demoInventory, demoSources } from '../support/demo-sources.ts';
import { absent } from '../support/programs.ts';
import { readYaml } from '../support/read-yaml.ts';
import { dabbawala, ROOT, runProgram } from '../support/run-dabbawala.ts';

const TIFFIN = 'demo/tiffin-1.4/tiffin.yaml';
const SCRIPTS = ['tiffin.bash', '_tiffin', 'tiffin.fish'].map((name) => `demo/tiffin-1.4/completion/${name}`);

/** All words of an inventory, each with the command and option where it is offered, sorted. */
function words({ commands }: Inventory): string[] {
  return commands
    .flatMap(({ path, options, operands, arguments: given }) => [
      ...options.map(({ text }) => `${path.join(' ')}: ${text}`),
      ...operands.words.map(({ text }) => `${path.join(' ')}: ${text}`),
      ...[...given].flatMap(([name, argument]) =>
        argument.words.map(({ text }) => `${path.join(' ')} ${name}: ${text}`),
      ),
    ])
    .sort();
}

test('scripts of the demo offer the same, read and asked', {
  skip: SHELLS.map(absent).find((reason) => reason !== false) ?? false,
}, async () => {
  const [cli] = joinInterfaces(demoSources([TIFFIN]));
  assert.ok(cli !== undefined);
  for (const name of SCRIPTS) {
    const read = demoInventory(name, 'tiffin');
    const source = { name, text: readFileSync(join(ROOT, name), 'utf8') };
    const asked = await observeCompletion(read.shell, source, cli, PATIENT);
    assert.ok('commands' in asked);
    assert.equal(asked.fault, undefined);
    const [seen, told]: ReturnType<typeof shellTotals>[] = coverage(cli, [asked, read]).map(shellTotals);
    // Whether an option takes an argument is only read.
    for (const kind of ['commands', 'options', 'values'] as const)
      assert.deepEqual({ ...seen?.[kind], wrong: 0 }, { ...told?.[kind], wrong: 0 }, `${name} ${kind}`);
  }
});

test('the scripts that are written for an interface are read without running them as what it has', () => {
  for (const name of [TIFFIN, 'demo/washup/washup.yaml', 'demo/rounds/rounds.yaml']) {
    const [cli] = joinInterfaces(demoSources([name]));
    assert.ok(cli !== undefined);
    for (const shell of ['zsh', 'fish'] as const) {
      const source: { name: string; text: string } = { name: 'script', text: WRITERS[shell](cli) };
      assert.equal(detectShell(source), shell);
      const [one] = coverage(cli, [readCompletion(source, shell, cli.program.value)]);
      assert.ok(one !== undefined);
      const { commands, options, values } = shellTotals(one);
      for (const { share, stale, wrong } of [commands, options, values])
        assert.deepEqual([share ?? 1, stale, wrong], [1, 0, 0], `${name} ${shell}`);
    }
  }
});

test('a name with the other number of hyphens is not stale where the parser takes either', () => {
  const script = "complete -c tiffin -l sort -d 'put in order'\ncomplete -c tiffin -o map -d 'draw it'\n";
  const stale = (rules: string) => {
    const cli = readYaml(`complete: true\n${rules}options:\n  -sort: put in order\n  --map: draw it\n`);
    const [one] = coverage(cli, [readCompletion({ name: 'tiffin.fish', text: script }, 'fish', 'tiffin')]);
    return one?.commands.flatMap(({ kinds }) => kinds.options.stale.map(({ name }) => name));
  };
  assert.deepEqual(stale(''), ['--sort', '-map']);
  assert.deepEqual(stale('parsing: {long-hyphens: one-or-two}\n'), []);
});

test('what 100 completions that fish ships offer is read as the real fish offers it', {
  skip: absent('fish'),
}, async () => {
  const folder = '/usr/share/fish/completions';
  let agreed = 0;
  let all = 0;
  let scripts = 0;
  const names = readdirSync(folder)
    .filter((name) => name.endsWith('.fish'))
    .sort();
  for (let i = 0; i < names.length && scripts < 100; i += 2) {
    const name = names[i] ?? '';
    const program = name.slice(0, -'.fish'.length);
    const source = { name, text: readFileSync(join(folder, name), 'utf8') };
    const read: Inventory = readCompletion(source, 'fish', program);
    // What the script computes is told as not read, and is not read.
    if (read.unread.length > 0 || read.commands.length === 0) continue;
    // Programs, users and the like are what this machine has: no script tells them.
    if (/\(__fish_(?:complete|print)_/.test(source.text)) continue;
    const from = { ...readYaml(''), program: { value: program, basis: 'stated' as const, place: null } };
    const root = { ...from.root, names: [{ text: program, place: null }] };
    const asked = await observeCompletion('fish', source, { ...from, root }, PATIENT);
    assert.ok('commands' in asked);
    if (asked.fault !== undefined) continue;
    scripts++;
    const atProgram = (inventory: Inventory) =>
      new Set(words(inventory).filter((word) => word.startsWith(`${program}: `)));
    const seen = atProgram(asked);
    const told = atProgram(read);
    all += new Set([...seen, ...told]).size;
    agreed += [...told].filter((word) => seen.has(word)).length;
  }
  assert.equal(scripts, 100);
  assert.ok(agreed / all >= 0.95, `${agreed} of ${all}`);
});

test('lines for what is missing, added to a script, make it whole', { skip: absent('fish') }, async () => {
  const cli = readYaml(
    'complete: true\noptions:\n  -a, --all: list all\n  -s, --sort=KEY: {help: sort by KEY, argument: {values: [owner, quay]}}\n' +
      'commands:\n  box: {summary: list boxes, options: {--late: only late ones}}\n  route: {summary: plan}\n',
  );
  for (const [shell, start] of [
    ['fish', "complete -c tiffin -f\ncomplete -c tiffin -n __fish_use_subcommand -a box -d 'list boxes'\n"],
    ['bash', ''],
  ] as const) {
    const before = readCompletion({ name: `tiffin.${shell}`, text: start }, shell, 'tiffin');
    const [gaps] = coverage(cli, [before]);
    assert.ok(gaps !== undefined);
    const lines = missingLines(cli, gaps);
    assert.deepEqual(
      lines.map(({ command }) => command.join(' ')),
      ['tiffin', 'tiffin box'],
    );
    if (shell !== 'fish') continue;
    const text = `${start}${lines.flatMap((one) => one.lines).join('\n')}\n`;
    const asked = await observeCompletion('fish', { name: 'tiffin.fish', text }, cli, PATIENT);
    assert.ok('commands' in asked);
    const [whole] = coverage(cli, [asked]);
    assert.ok(whole !== undefined);
    const { commands, options, values } = shellTotals(whole);
    assert.deepEqual([commands.share, options.share, values.share], [1, 1, 1]);
  }
});

test('a script that fails, hangs, or writes files is told, and nothing of it stays', {
  skip: SHELLS.map(absent).find((reason) => reason !== false) ?? false,
}, async () => {
  const cli = readYaml('complete: true\noptions:\n  -a, --all: list all\n');
  const faults: [shell: 'bash' | 'zsh' | 'fish', text: string, fault: RegExp][] = [
    ['bash', 'no-such-program-here || return 1\n', /^it does not load: .*no-such-program-here/],
    ['bash', 'while :; do sleep 1; done\n', /^it did not load in time$/],
    ['bash', '_t() { while :; do :; done; }\ncomplete -F _t tiffin\n', /^it did not answer in time$/],
    ['bash', 'touch "$HOME/left-behind"\ncomplete -W --all tiffin\n', /^it wrote 'left-behind'$/],
    ['bash', '_t() { exit 3; }\ncomplete -F _t tiffin\n', /^it ended the shell/],
    ['fish', 'while true\n    sleep 1\nend\n', /^it did not load in time$/],
    ['zsh', '#compdef tiffin\nwhile :; do :; done\n', /^it did not answer in time$/],
  ];
  for (const [shell, text, fault] of faults) {
    let told = '';
    // A busy machine needs longer to come to where the script hangs.
    for (const timeLimit of [1500, 15_000, 150_000]) {
      const found = await observeCompletion(shell, { name: 'script', text }, cli, {
        timeLimit,
        questionTime: 0,
      });
      told = 'commands' in found ? (found.fault ?? '') : found.reason;
      if (fault.test(told)) break;
    }
    assert.match(told, fault, `${shell}: ${text}`);
  }
});

test('lines that name more programs than any do are read to an end', () => {
  for (const [shell, text] of [
    ['zsh', `#compdef ${'for x in a '.repeat(100)}!\n`],
    ['bash', `complete -F _t ${'tiffin '.repeat(100)}!\n`],
    ['bash', `complete ${'-o '.repeat(100)}!\n`],
  ] as const)
    assert.deepEqual(readCompletion({ name: 'x', text }, shell, 'tiffin').boundTo, []);
});

test('hostile scripts are read to an end, and no reader throws', () => {
  const mark = fc.constantFrom(
    'complete -c tiffin -l ',
    "'",
    '"',
    '$(',
    ')',
    '{',
    '}',
    '{a,b',
    '#compdef tiffin\n',
    '_arguments ',
    "'(-a)'{-a,--all}'[x]' ",
    'case $x in\n',
    ';;',
    'esac',
    '\\',
    '\n',
    'for x in a b\n',
    'end\n',
    '_t() {',
    'COMPREPLY=(',
    'compgen -W ',
    '--__proto__ ',
    '$x',
    '((a\\:"b"',
  );
  fc.assert(
    fc.property(fc.array(fc.oneof(mark, fc.string({ maxLength: 6 })), { maxLength: 40 }), (parts) => {
      const text = parts.join('');
      for (const shell of SHELLS) {
        const { commands, unread } = readCompletion({ name: 'x', text }, shell, 'tiffin');
        const places = [
          ...unread.map(({ place }) => place),
          ...commands.flatMap(({ options, operands }) =>
            [...options, ...operands.words].map(({ place }) => place),
          ),
        ];
        for (const place of places)
          if (place !== null)
            assert.ok(place.start >= 0 && place.start <= place.end && place.end <= text.length);
      }
    }),
    { numRuns: 500 },
  );
  for (const deep of [
    '{'.repeat(50_000),
    '('.repeat(50_000),
    "'".repeat(50_001),
    'for x in a b c d\n'.repeat(40),
  ])
    for (const shell of SHELLS) readCompletion({ name: 'x', text: deep }, shell, 'tiffin');
});

test('any interface makes a manual page that mandoc takes without a warning', {
  skip: absent('mandoc'),
}, async () => {
  const lint = async (page: string) => {
    const { stdout } = await runProgram('mandoc', ['-T', 'lint', '-W', 'warning'], page);
    assert.equal(stdout, '', page);
  };
  for (const name of [TIFFIN, 'demo/rounds/rounds.yaml', 'dabbawala.yaml']) {
    const [cli] = joinInterfaces(demoSources([name]));
    assert.ok(cli !== undefined);
    await lint(manualPage(cli, '2026-11-25'));
  }
  await fc.assert(
    fc.asyncProperty(arbitraryInterface, async (cli) => lint(manualPage(cli, '2026-11-25'))),
    { numRuns: 100 },
  );
});

test('the completion scripts and the manual page of the command are those of its interface', () => {
  const [own] = demoSources(['dabbawala.yaml']);
  assert.ok(own !== undefined);
  const kept = (name: string) => readFileSync(join(ROOT, name), 'utf8');
  assert.equal(kept('completions/dabbawala.bash'), bashCompletion(own));
  assert.equal(kept('completions/_dabbawala'), zshCompletion(own));
  assert.equal(kept('completions/dabbawala.fish'), fishCompletion(own));
  assert.equal(kept('man/dabbawala.1'), manualPage(own, '2026-11-25'));
});

test('coverage as a command: tables, JSON, lines, and the exit status where it is told what to fail on', async () => {
  const { status, stdout } = await dabbawala(['coverage', TIFFIN, ...SCRIPTS]);
  assert.equal(status, 0);
  assert.match(stdout, /bash \(read\) {2}13 of 14, 93 %/);
  assert.match(stdout, /completion\/tiffin\.bash:30:58: stale: --late \[tiffin box list\]/);
  assert.equal((await dabbawala(['coverage', '--fail-on=error', TIFFIN, ...SCRIPTS])).status, 1);
  const json = JSON.parse(
    (await dabbawala(['coverage', '--format=json', '--shell=zsh', TIFFIN, ...SCRIPTS])).stdout,
  );
  assert.deepEqual([json.version, json.shells.length], [1, 1]);
  const [zsh] = json.shells;
  assert.deepEqual([zsh.shell, zsh.observed, zsh.totals.values.share], ['zsh', false, 1]);
  const list = zsh.commands.find(
    ({ command }: { command: string[] }) => command.join(' ') === 'tiffin box list',
  );
  assert.deepEqual(
    list.kinds.values.stale.map(({ name, subject }: { name: string; subject: string }) => [subject, name]),
    [['--sort', 'spice']],
  );
  const lines = await dabbawala(['coverage', '--lines', TIFFIN, SCRIPTS[0] ?? '']);
  assert.match(lines.stdout, /# tiffin box list\nCOMPREPLY\+=\(\$\(compgen -W --route-map/);
  for (const [words, message] of [
    [[TIFFIN], /expected a COMPLETION to read, or --observe/],
    [[TIFFIN, 'demo/planted.json'], /expected a completion script for bash, zsh, fish/],
  ] as const) {
    const ended = await dabbawala(['coverage', ...words]);
    assert.equal(ended.status, 2);
    assert.match(ended.stderr, message);
  }
});

test('a document keeps what completion needs: the scripts are the same after a round trip', () => {
  const [cli] = joinInterfaces(demoSources([TIFFIN]));
  assert.ok(cli !== undefined);
  const again = readYaml(documentYaml(cli).replace(/^dabbawala: 1\nprogram: tiffin\n/, ''));
  for (const shell of SHELLS) assert.equal(WRITERS[shell](again), WRITERS[shell](cli));
});
