import assert from 'node:assert/strict';
import { type HelpSettings, readSource } from 'dabbawala';
import type { Command, Interface, Option } from 'dabbawala/model';

/** Reads a text that must be readable without problems, but for so many places that are told as unread. */
export function readText(text: string, settings: HelpSettings = {}, unread = 0): Interface {
  const { interface: cli, problems } = readSource({ name: 'help.txt', text }, settings);
  const others = problems.filter(({ code }) => !code.startsWith('unread-'));
  assert.deepEqual(others, []);
  assert.equal(
    problems.length,
    unread,
    JSON.stringify(problems.map(({ place }) => place && text.slice(place.start, place.end))),
  );
  assert.ok(cli !== undefined);
  return cli;
}

/** The command that a help text describes, at the end of its path. */
export function describedCommand(cli: Interface): Command {
  let command = cli.root;
  while (!command.described) {
    const next = command.commands.items[0];
    assert.ok(next !== undefined, 'no command is described');
    command = next;
  }
  return command;
}

/** An option in one line: names, argument, values, default and text. */
export function optionLine(option: Option): string {
  const names = option.names.map((name) => {
    const own = name.argument?.value.presence;
    return own === undefined ? name.text : `${name.text}(${own})`;
  });
  const negated = option.negatedNames.map((name) => ` !${name.text}`);
  const argument = option.argument?.value;
  const words = (argument?.words ?? []).map((word) => word.placeholder?.value ?? '?').join(' ');
  const values = argument?.words.at(-1)?.values?.value.map(({ value }) => value);
  const byDefault = argument?.words.at(-1)?.default?.value;
  return [
    `${names.join(' ')}${negated.join('')}`,
    argument === undefined || argument.presence === 'none' ? '' : ` ${argument.presence} ${words}`,
    argument?.count?.value.most === null ? ' ...' : '',
    values === undefined ? '' : ` {${values.join(',')}}`,
    byDefault === undefined ? '' : ` =${byDefault}`,
    `: ${option.help?.value ?? ''}`,
  ].join('');
}

export function optionLines(text: string, unread = 0): string[] {
  return describedCommand(readText(text, {}, unread)).options.items.map(optionLine);
}
