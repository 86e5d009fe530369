import assert from 'node:assert/strict';
import { readDocument } from 'dabbawala';
import type { Command, Interface, Option } from 'dabbawala/model';

/** Reads a document of the program tiffin that must be without mistakes; `body` is all but its first two lines. */
export function readYaml(body: string): Interface {
  const text = `dabbawala: 1\nprogram: tiffin\n${body}`;
  const { interface: cli, problems } = readDocument({ name: 'tiffin.yaml', text });
  assert.deepEqual(problems, [], text);
  assert.ok(cli !== undefined);
  return cli;
}

/** The only option of a document. */
export function onlyOption(body: string): Option {
  const { items } = readYaml(body).root.options;
  assert.equal(items.length, 1);
  return items[0] as Option;
}

/** A command by its path below the program. */
export function commandAt(cli: Interface, ...path: string[]): Command {
  return path.reduce((command, name) => {
    const next = command.commands.items.find((one) => one.names.some(({ text }) => text === name));
    assert.ok(next !== undefined, name);
    return next;
  }, cli.root);
}
