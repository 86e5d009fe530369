import { segmentsIfAccepted } from './command-scope.ts';
import { LikelyNames } from './likely-names.ts';
import type { NameScope } from './name-scope.ts';
import type { Resolution } from './verdict.ts';

/** What a word comes to in one scope. */
export interface WordResolution extends Pick<Resolution<unknown>, 'verdict' | 'names' | 'count'> {
  /** The word as it was asked about. */
  readonly word: string;
  /** Whether it was looked up among options, commands or values. */
  readonly kind: NameScope['kind'];
  /** The path of the command in whose scope it was looked up. */
  readonly command: readonly string[];
  /** The option or operand whose value it is; undefined for options and commands. */
  readonly subject: string | undefined;
  /** The shortest form that means the same today; undefined where the word stands for nothing, or for several things. */
  readonly shortest: string | undefined;
  /** The shortest form that no likely new name would break; the full name where each would. */
  readonly safest: string | undefined;
  /** Likely new names that would make the word ambiguous, or take it over where one is the word itself. */
  readonly breakers: readonly string[];
  /** Whether the parser accepts abbreviations; undefined where not known. */
  readonly accepted: boolean | undefined;
  /** Whether the names known are all there are; undefined where not known. */
  readonly complete: boolean | undefined;
}

/**
 * Looks words up in scopes, each in all that it may belong to. A word without hyphens may be a long option all the same (`late`
 * for `--late`), a command, the segments of one (`r:p` for `route:plan`) or a value; one with hyphens is an option, and may have a
 * value behind an equals sign. Scopes where it stands for nothing are left out if it stands for something in others, and so are
 * abbreviated values that the parser is not known to accept. A word that stands for nothing anywhere is told where it would be
 * expected: a command where there are commands, else an option.
 */
export function resolveWords(scopes: readonly NameScope[], words: readonly string[]): WordResolution[] {
  const likely = new LikelyNames(
    scopes.flatMap((scope) => (scope.kind === 'options' ? scope.index.names : [])),
  );
  const named = scopes.map((scope) => ({ scope, own: new Set(scope.index.names) }));
  return words.flatMap((word) => {
    const all = named
      .filter(({ scope: { kind } }) => kind === 'options' || !word.startsWith('-'))
      .map(({ scope, own }) => resolveIn(scope, own, word, likely));
    const meaning = all.filter(
      ({ verdict, kind, accepted }) =>
        verdict !== 'unknown' && (kind !== 'values' || verdict === 'exact' || accepted === true),
    );
    const ofKind = (wanted: NameScope['kind']) => all.filter(({ kind }) => kind === wanted);
    const expected = [meaning, ofKind('commands'), ofKind('options'), all];
    return expected.find((some) => some.length > 0) ?? [];
  });
}

function resolveIn(
  scope: NameScope,
  own: ReadonlySet<string>,
  given: string,
  likely: LikelyNames,
): WordResolution {
  const word = scope.kind === 'options' ? optionName(given) : given;
  const inSegments = scope.kind === 'commands' ? segmentsIfAccepted(scope) : undefined;
  const asWhole = scope.index.resolve(word);
  const index = asWhole.verdict === 'unknown' && inSegments !== undefined ? inSegments : scope.index;
  const { verdict, names, count } = index.resolve(word);
  const [name] = verdict === 'ambiguous' ? [] : names;
  const has = (one: string) => own.has(one);
  const breakersOf = (prefix: string) => (scope.kind === 'options' ? likely.beginning(prefix, has) : []);
  const isShort = verdict === 'unique' || verdict === 'same-option';
  return {
    word,
    kind: scope.kind,
    command: scope.at.path,
    subject: scope.kind === 'values' ? scope.subject : undefined,
    verdict: verdict === 'unknown' && scope.complete?.value === false ? 'not-judged' : verdict,
    names,
    count,
    shortest: name === undefined ? undefined : index.shortest(name),
    safest: name === undefined ? undefined : safest(index, name, breakersOf),
    breakers: isShort ? breakersOf(word) : [],
    accepted: scope.accepted?.value,
    complete: scope.complete?.value,
  };
}

/** The shortest form from the shortest accepted one on that no likely name begins with. */
function safest(
  index: NameScope['index'],
  name: string,
  breakersOf: (prefix: string) => readonly string[],
): string {
  const shortest = index.shortest(name);
  if (!name.startsWith(shortest)) return shortest;
  for (let length = shortest.length; length < name.length; length++) {
    const prefix = name.slice(0, length);
    // A full name in between is exact, and another option.
    if (breakersOf(prefix).length === 0 && index.resolve(prefix, 1).verdict !== 'exact') return prefix;
  }
  return name;
}

function optionName(word: string): string {
  return (word.startsWith('-') ? word : `--${word}`).split('=', 1)[0] ?? word;
}
