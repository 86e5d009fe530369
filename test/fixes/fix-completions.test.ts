import assert from 'node:assert/strict';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after as afterAll, test } from 'node:test';
import { audit, fixAudit, readCompletion, readSource, type Source } from 'dabbawala';
import { coverage, editedText, editsByFile, type TextEdit } from 'dabbawala/analysis';
import type { Command, Interface, Shell } from 'dabbawala/model';
import { observeCompletion } from 'dabbawala/node';
import { fishCompletion, zshCompletion } from 'dabbawala/writers';
import fc from 'fast-check';
import { ROOT, runProgram } from '../support/run-dabbawala.ts';

const FOLDER = mkdtempSync(join(tmpdir(), 'dabbawala-fixed-'));
afterAll(() => rmSync(FOLDER, { recursive: true, force: true }));

const TIFFIN = readDemo('demo/tiffin-1.4/tiffin.yaml');
const WASHUP = readDemo('demo/washup/washup.yaml');

function readDemo(name: string): Interface {
  const { interface: cli } = readSource({ name, text: readFileSync(join(ROOT, name), 'utf8') });
  assert.ok(cli);
  return cli;
}

function auditOf(cli: Interface, script: Source, shell: Shell) {
  return audit([cli], {
    inventories: [readCompletion(script, shell, cli.program.value)],
    selection: { only: ['completion'] },
  });
}

function edited(script: Source, edits: readonly TextEdit[]): Source {
  const file = editsByFile(edits).find(({ source }) => source === script);
  return file === undefined ? script : { name: script.name, text: editedText(file) };
}

/** An interface without some of its options, by their place in the walk over all. */
function without(cli: Interface, dropped: ReadonlySet<number>): Interface {
  let at = 0;
  const less = (command: Command): Command => ({
    ...command,
    options: { ...command.options, items: command.options.items.filter(() => !dropped.has(at++)) },
    commands: { ...command.commands, items: command.commands.items.map(less) },
  });
  return { ...cli, root: less(cli.root) };
}

/** A script that is written for an interface without some of its options; for bash, that of the demo without some of its words. */
const LACKING: Readonly<Record<Shell, (cli: Interface, dropped: readonly number[]) => string>> = {
  bash: (_, dropped) => {
    let at = 0;
    return readFileSync(join(ROOT, 'demo/tiffin-1.4/completion/tiffin.bash'), 'utf8').replace(
      /(?<=[' ])--?[a-z][a-z-]* (?=[-\w ]*' -- )/g,
      (word) => (dropped.includes(at++) ? '' : word),
    );
  },
  fish: (cli, dropped) => fishCompletion(without(cli, new Set(dropped))),
  zsh: (cli, dropped) => zshCompletion(without(cli, new Set(dropped))),
};

for (const shell of ['bash', 'fish', 'zsh'] as const)
  test(`what a script for ${shell} lacks is added to it, and the shell offers it`, async () => {
    const samples = fc.sample(
      fc.tuple(
        shell === 'bash' ? fc.constant(TIFFIN) : fc.constantFrom(TIFFIN, WASHUP),
        fc.uniqueArray(fc.nat(40), { minLength: 1, maxLength: 4 }),
      ),
      { numRuns: 25 },
    );
    let asked = 0;
    for (const [cli, dropped] of samples) {
      const text = LACKING[shell](cli, dropped);
      const script: Source = {
        name: { bash: 'tiffin.bash', fish: 'tiffin.fish', zsh: '_tiffin' }[shell],
        text,
      };
      const before = auditOf(cli, script, shell);
      const fixes = fixAudit(before, (edits) => auditOf(cli, edited(script, edits), shell));
      const fixed = edited(script, fixes.edits);
      const after = auditOf(cli, fixed, shell);
      // Where zsh is offered no option, there is none to put another beside.
      const lonely = new Set(
        before.findings.flatMap(({ message, command }) =>
          shell === 'zsh' && message.includes(' offers 0 of') ? [command.join(' ')] : [],
        ),
      );
      // Where one more option has all its names, one that has not may be odd for the first time; the rest is tried again by hand.
      if (fixes.left.some(({ because }) => because.startsWith('it would bring another finding'))) continue;
      const left = after.findings.filter(
        ({ check, command }) => check === 'completion/options-missing' && !lonely.has(command.join(' ')),
      );
      assert.deepEqual(
        left.map(({ message }) => message + fixes.left.map((one) => one.because).join('; ')),
        [],
      );
      assert.equal(
        edited(fixed, fixAudit(after, (edits) => auditOf(cli, edited(fixed, edits), shell)).edits).text,
        fixed.text,
      );
      const file = join(FOLDER, script.name);
      writeFileSync(file, fixed.text);
      const checked = await runProgram(shell, ['-n', file]);
      assert.deepEqual([checked.status, checked.stderr], [0, '']);
      if (before.findings.length === 0 || asked++ > 0) continue;
      const observed = await observeCompletion(shell, fixed, cli);
      assert.ok('commands' in observed);
      const missing = coverage(cli, [observed]).flatMap(({ commands }) =>
        commands
          .filter(({ command }) => !lonely.has(command.join(' ')))
          .flatMap(({ kinds }) => kinds.options.missing.map(({ name }) => name)),
      );
      assert.deepEqual(missing, []);
    }
    assert.ok(asked > 0);
  });

test('what the completions of the demo lack or offer in vain is fixed, and each shell takes the result', async () => {
  const scripts = { bash: 'tiffin.bash', fish: 'tiffin.fish', zsh: '_tiffin' } as const;
  for (const shell of ['bash', 'fish', 'zsh'] as const) {
    const name = join('demo/tiffin-1.4/completion', scripts[shell]);
    const script: Source = { name, text: readFileSync(join(ROOT, name), 'utf8') };
    const before = auditOf(TIFFIN, script, shell);
    const fixes = fixAudit(before, (edits) => auditOf(TIFFIN, edited(script, edits), shell));
    const after = auditOf(TIFFIN, edited(script, fixes.edits), shell);
    const kinds = after.findings.map(({ check }) => check);
    // That a flag takes no argument, and what a text should say, is left to the author.
    assert.deepEqual(
      kinds,
      shell === 'fish' ? ['completion/argument-completed-wrongly', 'completion/undescribed'] : [],
    );
  }
});
