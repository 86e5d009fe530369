import assert from 'node:assert/strict';
import { spawnSync } from 'node:child_process';
import { test } from 'node:test';
import { optionScopes } from 'dabbawala/analysis';
import {
  inferred,
  makeCommand,
  makeInterface,
  makeOption,
  NO_ARGUMENT,
  type Option,
  type ParsingRules,
  stated,
  UNKNOWN_RULES,
} from 'dabbawala/model';
import fc from 'fast-check';
import { absent } from '../support/programs.ts';

/** A flag with spellings; one that can be taken back has negated names too. */
interface Flag {
  readonly names: readonly string[];
  readonly negatable: boolean;
}

const PROGRAMS = 6;

/** Programs with names that share prefixes. Few letters, so that many do; no two that differ by case alone. */
function programs(seed: number): readonly (readonly Flag[])[] {
  const name = fc.stringMatching(/^[abAB][ab]{1,3}(-[ab]{1,3})?$/);
  const names = fc.uniqueArray(name, { minLength: 9, maxLength: 14, selector: (one) => one.toLowerCase() });
  const flags = names.map((all) =>
    all.flatMap((first, i): Flag[] => {
      // Every third name is a spelling of the one before it.
      if (i % 3 === 2) return [];
      const alias = i % 3 === 1 ? all[i + 1] : undefined;
      return [{ names: alias === undefined ? [first] : [first, alias], negatable: i % 4 === 0 }];
    }),
  );
  return fc.sample(flags, { seed, numRuns: PROGRAMS });
}

type RuleValues = { readonly [K in keyof ParsingRules]?: NonNullable<ParsingRules[K]>['value'] };

function scopeOf(flags: readonly Flag[], negations: readonly string[], values: RuleValues) {
  const long = (text: string) => ({ text, form: 'long' as const, argument: undefined, place: null });
  const items = flags.map(
    ({ names, negatable }): Option =>
      makeOption({
        names: names.map((name) => long(`--${name}`)),
        negatedNames: negatable ? names.flatMap((name) => negations.map((no) => long(`--${no}${name}`))) : [],
        argument: stated(NO_ARGUMENT, null),
        place: null,
      }),
  );
  const rules = Object.fromEntries(
    Object.entries(values).map(([rule, value]) => [rule, stated(value, null)]),
  );
  const [scope] = optionScopes(
    makeInterface({
      program: inferred('tiffin', null),
      root: makeCommand({
        names: [{ text: 'tiffin', place: null }],
        options: { items, complete: stated(true, null) },
        rules: { ...UNKNOWN_RULES, ...rules },
        place: null,
      }),
      sources: [],
    }),
  );
  assert.ok(scope !== undefined);
  return scope;
}

type Scope = ReturnType<typeof scopeOf>;

/** What a word comes to, in one form for ours and theirs: the flag and whether it is on, the candidates, or nothing. */
type Answer = string;

function ourAnswer({ index }: Scope, word: string): Answer {
  const { verdict, names, target } = index.resolve(word, Number.MAX_SAFE_INTEGER);
  if (verdict === 'unknown') return 'unknown';
  if (target === undefined)
    return `ambiguous ${[...names]
      .map((name) => name.toLowerCase())
      .sort()
      .join(' ')}`;
  return `${target.negated ? 'off' : 'on'} ${target.option.names[0]?.text}`;
}

/** Every prefix of every name, each name, and words that begin none; with other case too. */
function wordsOf({ index }: Scope, otherCase: boolean): string[] {
  const words = [...index.prefixes(3), ...index.names, '--zz', '--c'];
  return otherCase ? words.flatMap((word) => [word, word.toUpperCase()]) : words;
}

function ask(program: string, words: readonly string[], question: unknown): Answer[] {
  const { stdout, stderr, status } = spawnSync(program, words, {
    encoding: 'utf8',
    input: JSON.stringify(question),
    env: { PATH: process.env.PATH, LC_ALL: 'C' },
    maxBuffer: 1 << 26,
  });
  assert.equal(status, 0, stderr);
  return JSON.parse(stdout);
}

const PYTHON = `
import argparse, json, re, sys
class Parser(argparse.ArgumentParser):
    def error(self, message):
        raise ValueError(message)
asked = json.load(sys.stdin)
parser = Parser(prog='tiffin', add_help=False, allow_abbrev=asked['abbreviations'])
for i, flag in enumerate(asked['flags']):
    names = ['--' + name for name in flag['names']]
    action = argparse.BooleanOptionalAction if flag['negatable'] else 'store_true'
    parser.add_argument(*names, action=action, dest='f%d' % i, default=None)
answers = []
for word in asked['words']:
    try:
        given, rest = parser.parse_known_args([word])
        on = [(i, value) for i, value in ((int(k[1:]), v) for k, v in vars(given).items()) if value is not None]
        answers.append('unknown' if rest else '%s --%s' % ('on' if on[0][1] else 'off', asked['flags'][on[0][0]]['names'][0]))
    except ValueError as error:
        names = re.findall(r'--[\\w-]+', str(error).split('could match', 1)[1])
        answers.append('ambiguous ' + ' '.join(sorted(name.lower() for name in names)))
json.dump(answers, sys.stdout)
`;

for (const abbreviations of [true, false]) {
  test(`prefixes resolve as in Python's parser, abbreviations ${abbreviations ? 'on' : 'off'}`, {
    skip: absent('python3'),
  }, (t) => {
    let compared = 0;
    for (const flags of programs(5)) {
      const rules = { optionAbbreviations: abbreviations, spellingsTie: true, caseSensitive: true };
      const scope = scopeOf(flags, ['no-'], rules);
      const words = wordsOf(scope, false);
      const theirs = ask('python3', ['-c', PYTHON], { flags, words, abbreviations });
      assert.deepEqual(
        words.map((word) => `${word} ${ourAnswer(scope, word)}`),
        words.map((word, i) => `${word} ${theirs[i]}`),
      );
      compared += words.length;
    }
    t.diagnostic(`${PROGRAMS} programs, ${compared} words`);
  });
}

const PERL = `
use Getopt::Long qw(GetOptionsFromArray);
use JSON::PP;
local $/; my $asked = decode_json(<STDIN>);
Getopt::Long::Configure('default', $asked->{ignoreCase} ? 'ignore_case' : 'no_ignore_case');
my @specs = map { join('|', @{$_->{names}}) . ($_->{negatable} ? '!' : '') } @{$asked->{flags}};
my @answers;
for my $word (@{$asked->{words}}) {
  my (%given, @said);
  local $SIG{__WARN__} = sub { push @said, $_[0] };
  GetOptionsFromArray([$word], \\%given, @specs);
  my $said = join('', @said);
  if ($said =~ /ambiguous \\((.*)\\)/) {
    push @answers, 'ambiguous ' . join(' ', sort map { '--' . lc } split /, /, $1);
  } elsif ($said ne '') { push @answers, 'unknown' }
  else { my ($name) = keys %given; push @answers, ($given{$name} ? 'on' : 'off') . ' --' . $name }
}
print encode_json(\\@answers);
`;

for (const ignoreCase of [true, false]) {
  test(`prefixes resolve as in Perl's standard option module, case ${ignoreCase ? 'ignored' : 'counting'}`, {
    skip: absent('perl'),
  }, (t) => {
    let compared = 0;
    for (const flags of programs(6)) {
      const rules = { optionAbbreviations: true, spellingsTie: false, caseSensitive: !ignoreCase };
      const scope = scopeOf(flags, ['no', 'no-'], rules);
      const words = wordsOf(scope, true);
      const theirs = ask('perl', ['-e', PERL], { flags, words, ignoreCase });
      assert.deepEqual(
        words.map((word) => `${word} ${ourAnswer(scope, word)}`),
        words.map((word, i) => `${word} ${theirs[i]}`),
      );
      compared += words.length;
    }
    t.diagnostic(`${PROGRAMS} programs, ${compared} words`);
  });
}
