import { FishLexer, type FishVariables } from '../../shells/fish-words.ts';
import type { ReadingBudget } from '../../shells/reading-budget.ts';
import type { Source } from '../../source/source.ts';

/** Where a condition holds: at the program itself; behind some subcommands; everywhere; or not to be told. */
export type FishWhere =
  | { readonly kind: 'everywhere' }
  | { readonly kind: 'program' }
  | { readonly kind: 'behind'; readonly commands: readonly string[] }
  | { readonly kind: 'unknown' };

const EVERYWHERE: FishWhere = { kind: 'everywhere' };
const PROGRAM: FishWhere = { kind: 'program' };
const UNKNOWN: FishWhere = { kind: 'unknown' };

/** Functions of fish that hold where no subcommand was given yet. */
const AT_PROGRAM: ReadonlySet<string> = new Set([
  '__fish_use_subcommand',
  '__fish_is_first_arg',
  '__fish_is_first_token',
]);

/**
 * Where the conditions of one call hold, as far as that can be told from fish's own functions. `functions` are those of the
 * script whose whole body is a condition of its own.
 */
export function readFishCondition(
  conditions: readonly string[],
  source: Source,
  program: string,
  functions: ReadonlyMap<string, FishWhere>,
  budget: ReadingBudget,
): FishWhere {
  return conditions
    .map((text) =>
      budget.spend(text.length) ? conditionOf(text, source, program, functions, budget) : UNKNOWN,
    )
    .reduce(bothOf, EVERYWHERE);
}

function conditionOf(
  text: string,
  source: Source,
  program: string,
  functions: ReadonlyMap<string, FishWhere>,
  budget: ReadingBudget,
): FishWhere {
  const variables: FishVariables = new Map();
  const lexer = new FishLexer(source, variables, budget, text);
  let where = EVERYWHERE;
  for (let words = lexer.next(); words !== undefined; words = lexer.next()) {
    if (words.some(({ isDynamic }) => isDynamic)) return UNKNOWN;
    const texts = words.flatMap((word) => word.texts);
    if (texts[0] === 'or' || text.includes('||')) return UNKNOWN;
    if (texts[0] === 'and') texts.shift();
    where = bothOf(where, callOf(texts, program, functions));
  }
  return where;
}

function callOf(
  [name = '', ...words]: readonly string[],
  program: string,
  functions: ReadonlyMap<string, FishWhere>,
): FishWhere {
  if (name === 'not' || name === '!') {
    const [inner = ''] = words;
    // What may not stand behind any subcommand stands at the program; options that were not given yet may stand anywhere.
    if (inner === '__fish_seen_subcommand_from') return PROGRAM;
    return inner === '__fish_contains_opt' || inner === '__fish_seen_argument' ? EVERYWHERE : UNKNOWN;
  }
  if (name === 'true' || name === '__fish_not_contain_opt') return EVERYWHERE;
  if (AT_PROGRAM.has(name)) return PROGRAM;
  if (name === '__fish_is_nth_token') return words[0] === '1' ? PROGRAM : UNKNOWN;
  if (name === '__fish_seen_subcommand_from') return { kind: 'behind', commands: words };
  const known = functions.get(name);
  if (known !== undefined) return known;
  // By the names that scripts give to such functions of their own, and by a command path that one is given.
  if (WITHOUT.test(name)) return EVERYWHERE;
  const [at = ''] = words;
  if (at === program) return PROGRAM;
  if (at.startsWith(`${program} `)) return { kind: 'behind', commands: [at.slice(program.length + 1)] };
  if (words.length === 0 && NEEDS_COMMAND.test(name)) return PROGRAM;
  return words.length > 0 && USES_COMMAND.test(name) ? { kind: 'behind', commands: words } : UNKNOWN;
}

const WITHOUT = /_without$/;
const NEEDS_COMMAND = /_(?:needs?|no|use|without)_(?:sub)?command$/;
const USES_COMMAND = /_(?:using|uses|seen|is)_(?:sub)?command(?:_from)?$|^__fish_\w+_command$/;

function bothOf(a: FishWhere, b: FishWhere): FishWhere {
  if (a.kind === 'everywhere') return b;
  if (b.kind === 'everywhere') return a;
  // `seen box, and not seen list add`: behind the first.
  if (a.kind === 'behind' && b.kind === 'program') return a;
  if (a.kind === 'program' && b.kind === 'behind') return b;
  if (a.kind === 'behind' && b.kind === 'behind')
    return { kind: 'behind', commands: pathsBehind(a.commands, b.commands) };
  return a.kind === b.kind ? a : UNKNOWN;
}

/** Commands behind others, as paths parted by blanks. */
function pathsBehind(outer: readonly string[], inner: readonly string[]): string[] {
  return outer.flatMap((one) => inner.map((other) => `${one} ${other}`));
}
