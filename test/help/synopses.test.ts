import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import { readHelp } from 'dabbawala';
import type { Operand, Option } from 'dabbawala/model';
import { parse } from 'yaml';

/** Synopses in the notations that are customary, without any list, and what they say: options, operands and commands. */
const SYNOPSES: ReadonlyMap<string, readonly string[]> = new Map(
  Object.entries(parse(readFileSync(new URL('synopses.yaml', import.meta.url), 'utf8'))),
);

for (const [synopsis, expected] of SYNOPSES)
  test(`the synopsis quay ${synopsis}`, () => {
    const { interface: cli } = readHelp({ name: 'help.txt', text: `Usage: quay ${synopsis}\n` });
    const command = cli?.root;
    assert.deepEqual(
      [
        ...(command?.options.items ?? []).map(optionText),
        ...(command?.forms ?? []).flatMap(({ operands }) => operands.map(operandText)),
        ...(command?.commands.items ?? []).map(({ names }) => `command ${names[0]?.text}`),
        ...(command?.relations ?? []).map(
          ({ kind, members }) => `${kind} ${members.map(({ name }) => name).join(' ')}`,
        ),
      ],
      expected,
    );
  });

/** `-o, --out mandatory FILE 1..any {a,b} required`, as far as it is known. */
function optionText({ names, negatedNames, argument, required }: Option): string {
  const { presence, words = [], count } = argument?.value ?? {};
  const values = words.flatMap((word) => word.values?.value ?? []).map(({ value }) => value);
  return [
    [...names, ...negatedNames].map(({ text }) => text).join(', '),
    ...(presence === 'none' ? [] : [presence, ...words.map(({ placeholder }) => placeholder?.value ?? '?')]),
    ...(count === undefined ? [] : [`${count.value.least}..${count.value.most ?? 'any'}`]),
    ...(values.length > 0 ? [`{${values.join(',')}}`] : []),
    ...(required?.value === true ? ['required'] : []),
  ].join(' ');
}

/** `FILE 1..any {a,b}` */
function operandText({ name, count, word }: Operand): string {
  const values = word.values?.value.map(({ value }) => value) ?? [];
  const range = `${count?.value.least}..${count?.value.most ?? 'any'}`;
  return [name, range, ...(values.length > 0 ? [`{${values.join(',')}}`] : [])].join(' ');
}
