import { setCall } from '../../../shells/fish-set.ts';
import type { FishWord } from '../../../shells/fish-words.ts';
import type { Span } from '../../../source/source.ts';
import { consequencesIn } from './consequences.ts';
import type { FishEnds } from './fish-ends.ts';
import { commandsIn, type FishCommand, type FishNode, listsOf, writtenWord } from './fish-tree.ts';

/** A text with its place. */
interface Told {
  readonly text: string;
  readonly place: Span;
}

/** What a script does with the variable that `argparse` keeps an option in. */
export interface FlagFacts {
  /** What it holds where the option is not given. */
  readonly default: Told | undefined;
  /** The check that ends the script where the option is not given. */
  readonly requiredBy: Span | undefined;
  /** The words that the script lets through. */
  readonly values: readonly Told[] | undefined;
}

/** What is done with the variables of options, by their names. */
export type FlagChecks = ReadonlyMap<string, FlagFacts>;

/** What the statements of a scope do with the variables of options. */
export function readFlagChecks(nodes: readonly FishNode[], ends: FishEnds): FlagChecks {
  const facts = new Map<string, FlagFacts>();
  const add = (name: string, more: Partial<FlagFacts>) => {
    const known = facts.get(name) ?? { default: undefined, requiredBy: undefined, values: undefined };
    facts.set(name, { ...known, ...more });
  };
  for (const { asked, whenHolds, body } of consequencesIn(nodes)) {
    const about = askedOf(asked);
    if (about === undefined) continue;
    const { name, values } = about;
    const isEnd = ends.of(body).isEnd;
    if (values !== undefined) {
      if (!whenHolds && isEnd) add(name, { values });
    } else if (about.isGiven === whenHolds) {
      const told = heldBefore(keptIn(name, body), asked, nodes);
      if (told !== undefined) add(name, { default: told });
    } else if (isEnd) add(name, { requiredBy: placeOf(asked) });
    else {
      const told = setTo(name, body);
      if (told !== undefined) add(name, { default: told });
    }
  }
  for (const [name, values] of switchedOver(nodes, ends)) add(name, { values });
  return facts;
}

/** What a command asks of the variable of an option. */
interface Asked {
  readonly name: string;
  /** Whether the command succeeds where the option was given; where it was not, otherwise. */
  readonly isGiven: boolean;
  /** The words that it is looked for among. */
  readonly values: readonly Told[] | undefined;
}

const FLAG = /^"?\$(_flag_\w+)"?$/;

/** `set -q _flag_x`, `test -n "$_flag_x"`, `test -z "$_flag_x"`, `contains -- $_flag_x a b`. */
function askedOf({ words }: FishCommand): Asked | undefined {
  const [name, ...rest] = words;
  const called = name?.texts[0] ?? '';
  if (called === 'set') {
    const { flags, name: variable } = setCall(words);
    return flags.has('query') && variable !== undefined && /^_flag_\w+$/.test(variable)
      ? { name: variable, isGiven: true, values: undefined }
      : undefined;
  }
  if (called === 'test' || called === '[') {
    const [sign, word] = rest;
    const [, variable] = FLAG.exec(word === undefined ? '' : writtenWord(word)) ?? [];
    const isKnown = variable !== undefined && /^-[nz]$/.test(sign?.texts[0] ?? '');
    return isKnown ? { name: variable, isGiven: sign?.texts[0] === '-n', values: undefined } : undefined;
  }
  if (called !== 'contains') return undefined;
  const [word, ...values] = rest.filter(({ texts }) => texts[0] !== '--');
  const [, variable] = FLAG.exec(word === undefined ? '' : writtenWord(word)) ?? [];
  if (variable === undefined || values.some(({ isDynamic }) => isDynamic)) return undefined;
  return { name: variable, isGiven: true, values: toldBy(values) };
}

function toldBy(words: readonly FishWord[]): Told[] {
  return words.flatMap(({ texts, place }) => texts.map((text) => ({ text, place })));
}

/** What a variable is set to among some statements, where that is one word that is written out. */
function setTo(name: string, nodes: readonly FishNode[]): Told | undefined {
  for (const { words } of commandsIn(nodes)) {
    if (words[0]?.texts[0] !== 'set') continue;
    const { name: variable, values } = setCall(words);
    const [only, ...others] = toldBy(values);
    if (variable === name && others.length === 0 && !values.some(({ isDynamic }) => isDynamic)) return only;
  }
  return undefined;
}

/** The variable that the argument of an option is put into. */
function keptIn(flag: string, nodes: readonly FishNode[]): string | undefined {
  for (const { words } of commandsIn(nodes)) {
    if (words[0]?.texts[0] !== 'set') continue;
    const { name, values } = setCall(words);
    const [only] = values;
    if (values.length === 1 && only !== undefined && FLAG.exec(writtenWord(only))?.[1] === flag) return name;
  }
  return undefined;
}

/** What a variable holds before a command that asks whether an option was given. */
function heldBefore(
  name: string | undefined,
  asked: FishCommand,
  nodes: readonly FishNode[],
): Told | undefined {
  const at = asked.words[0]?.place.start ?? 0;
  const before = nodes.filter((node) => node.kind === 'command' && (node.words[0]?.place.start ?? 0) < at);
  return name === undefined ? undefined : setTo(name, before);
}

/** The variables of options that a `switch` goes by which ends the script for other words, with the words of its other arms. */
function* switchedOver(nodes: readonly FishNode[], ends: FishEnds): Generator<[string, readonly Told[]]> {
  for (const node of nodes) {
    if (node.kind === 'switch') {
      const [, name] = FLAG.exec(node.words[0] === undefined ? '' : writtenWord(node.words[0])) ?? [];
      const patterns = node.arms.flatMap((arm) => toldBy(arm.patterns).map((told) => ({ told, arm })));
      const rest = patterns.find(({ told }) => told.text === '*');
      const others = patterns.filter((one) => one !== rest).map(({ told }) => told);
      const isRefused = rest !== undefined && ends.of(rest.arm.body).isEnd;
      if (name !== undefined && isRefused && others.every(({ text }) => !/[*?]/.test(text)))
        yield [name, others];
    }
    for (const list of listsOf(node)) yield* switchedOver(list, ends);
  }
}

function placeOf({ words }: FishCommand): Span {
  const [first] = words;
  if (first === undefined) throw new TypeError('a command has a name');
  return { ...first.place, end: words.at(-1)?.place.end ?? first.place.end };
}
