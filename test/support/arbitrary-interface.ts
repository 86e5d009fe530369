import {
  type Command,
  type Fact,
  type Interface,
  type Knowable,
  makeCommand,
  makeInterface,
  makeOption,
  makeValueWord,
  type Operand,
  type Option,
  type OptionArgument,
  type ParsingRules,
  type Relation,
  UNKNOWN_RULES,
  type ValueWord,
} from 'dabbawala/model';
import fc from 'fast-check';

/** Texts as strangers write them: marks of YAML and Markdown, escapes, names of members of every object. */
const awkward = fc.constantFrom(
  '- a',
  'a: b',
  '# no',
  ' lead',
  'trail ',
  '~',
  'null',
  'true',
  '1.0',
  '0x10',
  '1e3',
  '{a}',
  '[x]',
  '&a',
  '*a',
  '!t',
  '%',
  '@x',
  '`',
  '"q"',
  "it's",
  'two\nlines',
  'two\n\nparagraphs\n',
  'tab\there',
  '\u001b[31m',
  '__proto__',
  'constructor',
  '',
  '|',
  '>',
  '?',
  'yes',
  '2026-11-24',
  'é 漢 🍱',
  '<<',
);
const text = fc.oneof(
  { weight: 3, arbitrary: fc.string({ minLength: 1, maxLength: 20 }) },
  { weight: 2, arbitrary: awkward },
);
const wordText = fc.oneof(fc.stringMatching(/^[A-Za-z0-9][\w.+-]{0,8}$/), awkward);

function fact<T>(value: fc.Arbitrary<T>): fc.Arbitrary<Fact<T>> {
  return fc.record({
    value,
    basis: fc.constantFrom('stated' as const, 'stated' as const, 'inferred' as const, 'observed' as const),
    place: fc.constant(null),
  });
}

function known<T>(value: fc.Arbitrary<T>): fc.Arbitrary<Knowable<T>> {
  return fc.option(fact(value), { nil: undefined, freq: 1 });
}

function unique<T>(one: fc.Arbitrary<T>, keyOf: (thing: T) => string, maxLength = 3): fc.Arbitrary<T[]> {
  return fc.uniqueArray(one, { selector: keyOf, maxLength });
}

const truth = fc.boolean();
const deprecated = known(fc.record({ since: known(text), replacedBy: known(text) }));
const bound = fc.constantFrom(undefined, null, 0, 1, -3, 2.5, 1000);
const count = fc.constantFrom(
  { least: 0, most: 1 },
  { least: 1, most: 1 },
  { least: 0, most: null },
  { least: 1, most: null },
  { least: 2, most: 5 },
);

const accepted = fc.array(
  fc.record({
    check: fc.constantFrom('names/too-long', 'help/says-nothing'),
    because: text,
    until: fc.constantFrom(undefined, '2027-01-31'),
    place: fc.constant(null),
  }),
  { maxLength: 2 },
);
const value = fc.record({
  value: wordText,
  help: known(text),
  hidden: known(truth),
  deprecated,
  place: fc.constant(null),
});
const placeholder = fc.oneof(
  fc.stringMatching(/^<?[A-Z]{1,6}>?$/),
  fc.constantFrom('FILE', 'KEY=VALUE', 'a|b', '{x,y}'),
  text,
);

const plainWord: fc.Arbitrary<ValueWord> = fc
  .record({
    placeholder: known(placeholder),
    type: known(fc.constantFrom('text', 'integer', 'file', 'pairs' as const)),
    values: known(fc.array(value, { maxLength: 3 })),
    range: known(fc.record({ least: bound, most: bound })),
    default: known(wordText),
    separator: known(fc.constantFrom(',', ':', ' ')),
    offers: known(fc.constantFrom('files', 'nothing' as const)),
  })
  .map((facts) => makeValueWord(facts as Partial<ValueWord>));

const word: fc.Arbitrary<ValueWord> = fc
  .tuple(
    plainWord,
    known(
      fc.array(
        fc.record({
          key: wordText,
          value: fc.option(plainWord, { nil: undefined }),
          help: known(text),
          place: fc.constant(null),
        }),
        { maxLength: 2 },
      ),
    ),
  )
  .map(([plain, keys]) => ({ ...plain, keys }));

const argument: fc.Arbitrary<OptionArgument> = fc.oneof(
  fc.constant<OptionArgument>({ presence: 'none', words: [], count: undefined, place: null }),
  fc.record({
    presence: fc.constantFrom('optional' as const, 'mandatory' as const),
    words: fc.array(
      fc.oneof(
        word,
        placeholder.map((one) =>
          makeValueWord({ placeholder: { value: one, basis: 'stated', place: null } }),
        ),
      ),
      {
        maxLength: 2,
      },
    ),
    count: known(count),
    place: fc.constant(null),
  }),
);

const optionName = fc
  .oneof(
    fc.stringMatching(/^--[a-z]{1,6}(-[a-z]{1,4})?$/).map((name) => ({ text: name, form: 'long' as const })),
    fc.stringMatching(/^-[A-Za-z0-9?]$/).map((name) => ({ text: name, form: 'short' as const })),
    fc.constantFrom(
      { text: '-sort', form: 'single-hyphen-long' as const },
      { text: '+x', form: 'plus' as const },
      { text: '--__proto__', form: 'long' as const },
      { text: '--a b', form: 'long' as const },
      { text: '--no-x', form: 'long' as const },
    ),
  )
  .chain((name) => known(argument).map((own) => ({ ...name, argument: own, place: null })));

const option: fc.Arbitrary<Option> = fc
  .record({
    names: fc.uniqueArray(optionName, { selector: (name) => name.text, minLength: 1, maxLength: 3 }),
    argument: known(argument),
    negatedNames: fc.constantFrom(
      [],
      [{ text: '--no-colour', form: 'long' as const, argument: undefined, place: null }],
    ),
    required: known(truth),
    key: known(wordText),
    declaredAt: known(wordText),
    repetition: known(fc.constantFrom('refused', 'last-wins', 'all-count', 'counted' as const)),
    inheritance: known(fc.constantFrom('before-subcommand', 'anywhere-below', 'not-inherited' as const)),
    appliesToNextOperand: known(truth),
    sameAs: known(
      fc.constantFrom({ option: '--sort', value: undefined }, { option: '--sort', value: 'a=b' }),
    ),
    refusedNames: fc.array(fact(wordText), { maxLength: 2 }),
    hiddenNames: fc.array(fact(wordText), { maxLength: 2 }),
    accepted,
    environment: fc.array(fact(wordText), { maxLength: 2 }),
    help: known(text),
    listed: truth,
    heading: known(fc.oneof(fc.constantFrom('Output', 'Input'), text)),
    hidden: known(truth),
    deprecated,
  })
  .map((facts) => makeOption({ ...(facts as Partial<Option> & Pick<Option, 'names'>), place: null }));

const operand: fc.Arbitrary<Operand> = fc.record({
  kind: fc.constantFrom('word', 'keyword', 'expression', 'command-line' as const),
  name: wordText,
  word: fc.oneof(word, fc.constant(makeValueWord())),
  vocabulary: fc.array(wordText, { maxLength: 2 }),
  count: known(count),
  help: known(text),
  place: fc.constant(null),
});

const member = fc.record({
  kind: fc.constantFrom('option' as const, 'operand' as const),
  name: fc.constantFrom('--sort', '-x', 'BOX', '--a=b', ''),
  value: fc.constantFrom(undefined, 'size', 'a=b'),
  place: fc.constant(null),
});

const relation: fc.Arbitrary<Relation> = fc
  .record({
    kind: fc.constantFrom('exactly-one', 'at-most-one', 'later-wins', 'requires', 'excludes' as const),
    subject: member,
    members: fc.array(member, { maxLength: 3 }),
    basis: fc.constantFrom('stated' as const, 'inferred' as const),
    place: fc.constant(null),
  })
  .map((one) => ({
    ...one,
    subject: one.kind === 'requires' || one.kind === 'excludes' ? one.subject : undefined,
  }));

const form = fc.record({
  text: fc.constantFrom('tiffin [OPTION]... BOX...', 'tiffin box [-a | -b FILE] [DAY]', 'odd [', ''),
  options: fc.array(
    fc.record({ name: wordText, required: truth, repeated: truth, place: fc.constant(null) }),
    { maxLength: 2 },
  ),
  operands: fc.array(operand, { maxLength: 2 }),
  place: fc.constant(null),
});

const rules: fc.Arbitrary<ParsingRules> = fc
  .record(
    {
      optionAbbreviations: known(truth),
      prefixTie: known(fc.constantFrom('refused', 'first-declared' as const)),
      optionPrefixes: known(fc.constantFrom(['-', '--'], ['+'])),
      valueForms: known(
        fc.record({ shortJoined: truth, shortSeparate: truth, longEquals: truth, longSeparate: truth }),
      ),
      segmentSeparator: known(fc.constant(':')),
      longHyphens: known(fc.constantFrom('as-listed', 'one-or-two', 'one-where-no-letter' as const)),
      doubleHyphen: known(fc.constantFrom('ends-options', 'ordinary' as const)),
    },
    { requiredKeys: [] },
  )
  .map((some) => ({ ...UNKNOWN_RULES, ...(some as Partial<ParsingRules>) }));

const commandNames = fc
  .uniqueArray(fc.stringMatching(/^[a-z]{1,6}(:[a-z]{1,4})?$/), { minLength: 1, maxLength: 2 })
  .map((names) => names.map((name) => ({ text: name, place: null })));

function command(depth: number): fc.Arbitrary<Command> {
  const below = depth === 0 ? fc.constant([]) : fc.array(command(depth - 1), { maxLength: 3 });
  return fc
    .record({
      names: commandNames,
      summary: known(text),
      description: known(text),
      forms: fc.array(form, { maxLength: 2 }),
      options: fc.record({ items: fc.array(option, { maxLength: 3 }), complete: known(truth) }),
      commands: fc.record({ items: below, complete: known(truth) }),
      operands: fc.record({ items: fc.array(operand, { maxLength: 2 }), complete: known(truth) }),
      relations: fc.array(relation, { maxLength: 2 }),
      examples: fc.array(fc.record({ commandLine: text, help: known(text), place: fc.constant(null) }), {
        maxLength: 2,
      }),
      defaultCommand: known(wordText),
      pluginCommands: known(truth),
      rules,
      hidden: known(truth),
      deprecated,
      accepted,
      described: truth,
      heading: known(text),
    })
    .map((facts) => makeCommand({ ...(facts as Partial<Command> & Pick<Command, 'names'>), place: null }));
}

const helped = { help: known(text), place: fc.constant(null) };

const output = text.map((one) => ({ name: 'tiffin', text: one }));

const observation = fc.record({
  words: fc.array(wordText, { maxLength: 2 }),
  exitStatus: fc.constantFrom(undefined, 0, 2),
  standardOutput: output,
  standardError: output,
  width: fc.constantFrom(80, 200),
  milliseconds: fc.constantFrom(undefined, 12),
});

/** Interfaces of every shape that the model has. */
export const arbitraryInterface: fc.Arbitrary<Interface> = fc
  .record({
    program: fact(fc.stringMatching(/^[a-z]{2,8}$/)),
    extends: known(wordText),
    version: known(text),
    invocations: fc.array(fact(fc.array(wordText, { minLength: 1, maxLength: 3 })), { maxLength: 2 }),
    claims: fc.array(fact(fc.constantFrom('posix' as const, 'gnu' as const)), { maxLength: 2 }),
    root: command(2),
    environment: fc.array(fc.record({ name: wordText, ...helped }), { maxLength: 2 }),
    exitStatuses: unique(
      fc.record({ from: fc.nat(9), to: fc.integer({ min: 9, max: 255 }), ...helped }),
      (status) => `${status.from} ${status.to}`,
    ),
    files: fc.array(fc.record({ path: wordText, ...helped }), { maxLength: 2 }),
    seeAlso: fc.array(fact(text), { maxLength: 2 }),
    bugAddress: known(text),
    observations: fc.array(observation, { maxLength: 1 }),
  })
  .map((facts) => {
    const root = { ...facts.root, names: [{ text: facts.program.value, place: null }] };
    // Outputs are called by the command line that printed them.
    const observations = facts.observations.map((one) => {
      const name = [facts.program.value, ...one.words].join(' ');
      return {
        ...one,
        standardOutput: { ...one.standardOutput, name },
        standardError: { ...one.standardError, name },
      };
    });
    return makeInterface({
      ...(facts as unknown as Partial<Interface> & Pick<Interface, 'program'>),
      root,
      observations,
      sources: [],
    });
  });
