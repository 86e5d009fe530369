import assert from 'node:assert/strict';
import { test } from 'node:test';
import { readDocument, readManual } from 'dabbawala';
import { walkCommands } from 'dabbawala/model';
import { manualPage } from 'dabbawala/writers';
import fc from 'fast-check';

const name = fc.stringMatching(/^[a-z]{3,8}(?:-[a-z]{3,6})?$/);
const help = fc.constantFrom(
  'press harder',
  'the day of the boxes',
  'say nothing',
  "lids, 'soup' or rice; all of them",
);
const argument = fc.constantFrom(undefined, 'FILE', 'day', 'lid-form');

const option = fc.record({
  letter: fc.option(fc.constantFrom(...'abcdefgijklmnop')),
  long: name,
  help,
  argument,
});
type GivenOption = typeof option extends fc.Arbitrary<infer T> ? T : never;

const options = fc.uniqueArray(option, {
  maxLength: 6,
  comparator: (a, b) => a.long === b.long || (a.letter !== null && a.letter === b.letter),
});
const commands = fc.uniqueArray(fc.record({ name, options }), { maxLength: 4, selector: (one) => one.name });

function optionsValue(given: readonly GivenOption[]): Record<string, unknown> {
  return Object.fromEntries(
    given.map(({ letter, long, help: text, argument: placeholder }) => [
      `${letter === null ? '' : `-${letter}, `}--${long}${placeholder === undefined ? '' : `=<${placeholder}>`}`,
      text,
    ]),
  );
}

/** The names, arguments and texts of all options, by the command that has them. */
function told(cli: ReturnType<typeof readManual>['interface']) {
  if (cli === undefined) return undefined;
  return [...walkCommands(cli)].map(({ path, command }) => [
    path.join(' '),
    command.options.items.map(({ names, argument: given, help: text }) => [
      names.map((one) => one.text),
      given?.value.words.map(({ placeholder }) => placeholder?.value.replace(/[<>]/g, '')),
      text?.value,
    ]),
  ]);
}

test('a manual page that was written is read again with the same commands, options, arguments and texts', () => {
  fc.assert(
    fc.property(options, commands, (own, below) => {
      fc.pre(own.length > 0);
      const document = {
        dabbawala: 1,
        program: 'lidpress',
        summary: 'press lids',
        options: optionsValue(own),
        commands: Object.fromEntries(
          below.map((one) => [one.name, { summary: 'one of them', options: optionsValue(one.options) }]),
        ),
      };
      const { interface: cli, problems } = readDocument({ name: 'x', text: JSON.stringify(document) });
      assert.ok(cli !== undefined, problems.map(({ message }) => message).join());
      const page = manualPage(cli, '2026-10-02');
      assert.deepEqual(told(readManual({ name: 'lidpress.1', text: page }).interface), told(cli), page);
    }),
    { numRuns: 300 },
  );
});
