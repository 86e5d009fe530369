import assert from 'node:assert/strict';
import {
  type CommandInventory,
  type Interface,
  type Inventory,
  type Option,
  type Shell,
  walkCommands,
} from 'dabbawala/model';
import { askShell, observeCompletion } from 'dabbawala/node';
import { bashCompletion, fishCompletion, zshCompletion } from 'dabbawala/writers';

/** Limits that a shell reaches only where it never ends, however busy the machine is. */
export const PATIENT = { timeLimit: 600_000, questionTime: 5000 };

export const WRITERS: Record<Shell, (cli: Interface) => string> = {
  bash: bashCompletion,
  fish: fishCompletion,
  zsh: zshCompletion,
};

/** Asks a real shell what the script offers that is written for an interface. */
export async function observeWritten(shell: Shell, cli: Interface): Promise<Inventory> {
  const text = WRITERS[shell](cli);
  const source = { name: `${cli.program.value}.${shell}`, text };
  const found = await observeCompletion(shell, source, cli, PATIENT);
  assert.ok('commands' in found, 'reason' in found ? found.reason : '');
  assert.equal(found.fault, undefined, text);
  return found;
}

/** What a shell offers behind some words with the script that is written for an interface, sorted. */
export async function offeredBehind(
  shell: Shell,
  cli: Interface,
  lines: readonly (readonly string[])[],
): Promise<string[][]> {
  const questions = lines.map((line) => ({
    path: [cli.program.value],
    option: undefined,
    words: [cli.program.value, ...line.slice(0, -1)],
    typed: line.at(-1) ?? '',
  }));
  const found = await askShell(shell, { name: 'script', text: WRITERS[shell](cli) }, questions, PATIENT);
  assert.ok('answers' in found);
  return found.answers.map(({ words }) => [...new Set(words.map(({ text }) => text.trim()))].sort());
}

function names({ names, negatedNames }: Option): string[] {
  return [...names, ...negatedNames].map(({ text }) => text);
}

function isShown(thing: Pick<Option, 'hidden' | 'deprecated'>): boolean {
  return thing.hidden?.value !== true && thing.deprecated === undefined;
}

/** Asserts that an inventory has exactly what an interface has: no name more, none less. */
export function assertExact(cli: Interface, inventory: Inventory): void {
  const byPath = new Map(inventory.commands.map((command) => [command.path.join('\0'), command]));
  for (const { command, path, line } of walkCommands(cli)) {
    const found = byPath.get(path.join('\0')) as CommandInventory;
    const where = `${inventory.shell}: ${path.join(' ')}`;
    const inherited = line
      .slice(0, -1)
      .flatMap(({ options }) =>
        options.items.filter(({ inheritance }) => inheritance?.value === 'anywhere-below'),
      );
    const options = [...command.options.items, ...inherited].filter(isShown);
    const sorted = (words: readonly { readonly text: string }[]) => words.map(({ text }) => text).sort();
    assert.deepEqual(sorted(found.options), [...new Set(options.flatMap(names))].sort(), where);
    const [first] = command.operands.items;
    const operands = command.commands.items.length > 0 ? [] : (first?.word.values?.value ?? []);
    // The names of programs are what the machine has.
    if (first?.word.type?.value === 'command') continue;
    assert.deepEqual(
      sorted(found.operands.words),
      [
        ...command.commands.items.filter(isShown).map((one) => one.names[0]?.text ?? ''),
        ...operands.map(({ value }) => value),
      ].sort(),
      where,
    );
    for (const option of command.options.items.filter(isShown)) {
      const values = option.argument?.value.words[0]?.values?.value;
      if (values === undefined) continue;
      const offered = option.names
        .map(({ text }) => found.arguments.get(text))
        .find((one) => one !== undefined);
      assert.deepEqual(
        sorted(offered?.words ?? []),
        values.map(({ value }) => value).sort(),
        `${where} ${names(option)[0]}`,
      );
    }
  }
}
