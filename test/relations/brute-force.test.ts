import assert from 'node:assert/strict';
import { test } from 'node:test';
import { type Cause, judgeRelations } from 'dabbawala/analysis';
import {
  bareValue,
  type Command,
  type Member,
  makeCommand,
  makeOption,
  makeValueWord,
  type Option,
  type OptionArgument,
  type Relation,
  stated,
} from 'dabbawala/model';
import fc from 'fast-check';

/** A command line: for each option whether it is given, and with which value; z stands for all but x and y. */
type Line = readonly (false | 'x' | 'y' | 'z')[];

/** All command lines of a command, as far as its relations tell them apart; some options may have the values x and y only. */
function lines({ options, relations }: Command): Line[] {
  const members = relations.flatMap(({ subject, members }) =>
    subject === undefined ? members : [subject, ...members],
  );
  let all: Line[] = [[]];
  for (const option of options.items) {
    const spoken = new Set(
      members.filter(({ name }) => name === option.names[0]?.text).map(({ value }) => value),
    );
    const named = (['x', 'y'] as const).filter((value) => spoken.has(value));
    const open =
      option.argument === undefined
        ? ('z' as const)
        : (['x', 'y'] as const).find((value) => !spoken.has(value));
    const values = [false as const, ...named, ...(open === undefined ? [] : [open])];
    all = all.flatMap((line) => values.map((value) => [...line, value]));
  }
  return all;
}

const indexOf = (member: Member) => member.name.charCodeAt(2) - 97;

function holds(member: Member, line: Line): boolean {
  const given = line[indexOf(member)];
  return member.value === undefined ? given !== false : given === member.value;
}

/** What a relation says, word for word. */
function allows({ kind, subject, members }: Relation, line: Line): boolean {
  const given = members.filter((member) => holds(member, line)).length;
  switch (kind) {
    case 'exactly-one':
      return given === 1;
    case 'at-most-one':
      return given <= 1;
    case 'at-least-one':
      return given >= 1;
    case 'all-or-none':
      return given === 0 || given === members.length;
    case 'requires':
      return subject === undefined || !holds(subject, line) || given === members.length;
    case 'excludes':
      return subject === undefined || !holds(subject, line) || given === 0;
    case 'later-wins':
      return true;
  }
}

type Rule = (line: Line) => boolean;

function ruleOf(cause: Cause, options: readonly Option[]): Rule {
  if (cause.kind === 'relation') return (line) => allows(cause.relation, line);
  assert.equal(cause.kind, 'required-option');
  const at = options.findIndex((option) => cause.kind === 'required-option' && option === cause.option);
  return (line) => line[at] !== false;
}

function rulesOf(command: Command): Rule[] {
  const options = command.options.items;
  return [
    ...command.relations.map((relation) => ruleOf({ kind: 'relation', relation }, options)),
    ...options
      .filter(({ required }) => required?.value === true)
      .map((option) => ruleOf({ kind: 'required-option', option }, options)),
  ];
}

/** Whether some line keeps the rules and has what is asked for. */
function isPossible(all: readonly Line[], rules: readonly Rule[], asked: (line: Line) => boolean): boolean {
  return all.some((line) => asked(line) && rules.every((rule) => rule(line)));
}

/** The size of the smallest set of rules that rules out what is asked for, up to a size. */
function smallest(
  all: readonly Line[],
  rules: readonly Rule[],
  asked: (line: Line) => boolean,
  most: number,
): number {
  const pick = (from: number, size: number, picked: readonly Rule[]): boolean => {
    if (size === 0) return !isPossible(all, picked, asked);
    return rules.some((rule, i) => i >= from && pick(i + 1, size - 1, [...picked, rule]));
  };
  for (let size = 0; size < most; size++) if (pick(0, size, [])) return size;
  return most;
}

const member = (count: number): fc.Arbitrary<Member> =>
  fc
    .record({ at: fc.nat(count - 1), value: fc.constantFrom(undefined, undefined, 'x', 'y') })
    .map(({ at, value }) => ({
      kind: 'option',
      name: `--${String.fromCharCode(97 + at)}`,
      value,
      place: null,
    }));

const sameMember = (one: Member) => `${one.name}=${one.value ?? ''}`;

const definition: fc.Arbitrary<Command> = fc.integer({ min: 1, max: 8 }).chain((count) =>
  fc
    .record({
      required: fc.array(fc.constantFrom(undefined, undefined, true as const, 'closed' as const), {
        minLength: count,
        maxLength: count,
      }),
      relations: fc.array(
        fc.record({
          kind: fc.constantFrom(
            'exactly-one',
            'at-most-one',
            'at-least-one',
            'all-or-none',
            'requires',
            'excludes' as const,
          ),
          subject: member(count),
          members: fc.uniqueArray(member(count), { selector: sameMember, minLength: 1, maxLength: 3 }),
        }),
        { maxLength: 6 },
      ),
    })
    .map(({ required, relations }) => command(required, relations)),
);

const CLOSED: OptionArgument = {
  presence: 'mandatory',
  words: [
    makeValueWord({
      values: stated(
        ['x', 'y'].map((value) => bareValue(value, null)),
        null,
      ),
    }),
  ],
  count: undefined,
  place: null,
};

function command(
  required: readonly (true | 'closed' | undefined)[],
  relations: readonly Pick<Relation, 'kind' | 'subject' | 'members'>[],
): Command {
  const options = required.map((value, i) =>
    makeOption({
      names: [{ text: `--${String.fromCharCode(97 + i)}`, form: 'long', argument: undefined, place: null }],
      required: value === true ? stated(value, null) : undefined,
      argument: value === 'closed' ? stated(CLOSED, null) : undefined,
      repetition: stated('refused', null),
      place: null,
    }),
  );
  return makeCommand({
    names: [{ text: 'tiffin', place: null }],
    options: { items: options, complete: stated(true, null) },
    relations: relations.map((one) => ({
      ...one,
      subject: one.kind === 'requires' || one.kind === 'excludes' ? one.subject : undefined,
      basis: 'stated',
      place: null,
    })),
    place: null,
  });
}

function assertAgrees(from: Command, checksCauses: boolean): void {
  const options = from.options.items;
  const all = lines(from);
  const rules = rulesOf(from);
  const { impossible, neverUsable, withoutEffect, undecided } = judgeRelations({
    command: from,
    line: [from],
    path: ['tiffin'],
  });
  assert.equal(undecided, 0);
  const given = (i: number) => (line: Line) => line[i] !== false;
  assert.equal(impossible !== undefined, !isPossible(all, rules, () => true));
  if (impossible !== undefined) return;
  const found = new Set(
    neverUsable.flatMap(({ members }) =>
      members.filter(({ kind }) => kind === 'option').map(({ text }) => text),
    ),
  );
  for (const [i, option] of options.entries()) {
    const name = option.names[0]?.text ?? '';
    const possible = isPossible(all, rules, given(i));
    if (found.has(name)) assert.ok(!possible, name);
    // One that is ruled out and not named must follow from a smaller cause that is.
    else if (!possible) assert.ok(neverUsable.length > 0, name);
  }
  if (!checksCauses) return;
  for (const { members, causes } of neverUsable) {
    const cause = causes.map((one) => ruleOf(one, options));
    for (const { text } of members) {
      const [name = '', value] = text.split('=');
      const at = name.charCodeAt(2) - 97;
      const asked = (line: Line) => (value === undefined ? line[at] !== false : line[at] === value);
      assert.ok(!isPossible(all, cause, asked), text);
      assert.equal(cause.length, smallest(all, rules, asked, cause.length), text);
    }
  }
  const kept = from.relations.filter((relation) => !withoutEffect.some((one) => one.relation === relation));
  const before = all.filter((line) => rules.every((rule) => rule(line)));
  const after = rulesOf({ ...from, relations: kept });
  assert.equal(
    all.filter((line) => after.every((rule) => rule(line))).length,
    before.length,
    'what has no effect can go',
  );
}

test('brute force over all command lines agrees with the solver on 10,000 definitions', () => {
  fc.assert(
    fc.property(definition, (from) => assertAgrees(from, from.options.items.length <= 4)),
    { numRuns: 10_000 },
  );
});
