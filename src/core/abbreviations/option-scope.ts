import type { Knowable } from '../model/fact.ts';
import type { Interface } from '../model/interface.ts';
import { takesEitherHyphens, withTwoHyphens } from '../model/long-hyphens.ts';
import { nearestRule } from '../model/nearest-rule.ts';
import type { Option, OptionName } from '../model/option.ts';
import { optionsByName } from '../model/options-by-name.ts';
import { type CommandAt, walkCommands } from '../model/walk.ts';
import { indexRules } from './index-rules.ts';
import { type IndexedName, NameIndex } from './name-index.ts';

/** A long name of a scope with the option that it belongs to. */
export interface ScopeName {
  /** The option that has the name. */
  readonly option: Option;
  /** The name itself. */
  readonly name: OptionName;
  /** Whether the name takes the option back. */
  readonly negated: boolean;
  /** Whether no source declares the name: the parser makes it. */
  readonly generated: boolean;
}

/** The long options that may be typed at one command, where their abbreviations compete. */
export interface OptionScope {
  /** What the names are of. */
  readonly kind: 'options';
  /** The command at which they may be typed. */
  readonly at: CommandAt;
  /** Whether the parser accepts abbreviations here; undefined where the sources do not say. */
  readonly accepted: Knowable<boolean>;
  /** Whether the sources show all options; undefined where they do not say. */
  readonly complete: Knowable<boolean>;
  /** Every long name that competes there. */
  readonly names: readonly ScopeName[];
  /** Names with their hyphens. What the parser is not known to refuse counts as accepted. */
  readonly index: NameIndex<ScopeTarget>;
}

/** What a name stands for: an option, switched on or taken back. */
export interface ScopeTarget {
  /** The option that a name stands for. */
  readonly option: Option;
  /** Whether it takes the option back. */
  readonly negated: boolean;
}

/** Two hyphens and a letter: shorter words are no abbreviations. */
const MIN_LENGTH = 3;

/** The scope of each command that has long options, in the order of the commands. */
export function optionScopes(cli: Interface): OptionScope[] {
  return [...walkCommands(cli)].map(optionScope).filter((scope) => scope.names.length > 0);
}

/**
 * The long options that may be typed at one command: its own, those inherited from the commands above, and the negated names
 * that the parser makes. Long names with one hyphen (`-sort`) are among them where abbreviations are known to be accepted;
 * where one or two hyphens may be written, all have two.
 */
export function optionScope(at: CommandAt): OptionScope {
  const accepted = nearestRule(at.line, 'optionAbbreviations');
  const options = optionsInReach(at);
  const isEither = takesEitherHyphens(at.line);
  const hasSingleHyphen = isEither || accepted?.value === true;
  const isLongForm = ({ form }: OptionName) =>
    form === 'long' || (hasSingleHyphen && form === 'single-hyphen-long');
  const targets = targetsOf(options);
  const names: ScopeName[] = [];
  const indexed: IndexedName<ScopeTarget>[] = [];
  const add = (option: Option, name: OptionName, negated: boolean, generated: boolean) => {
    const target = targets.get(option)?.[negated ? 1 : 0];
    if (target === undefined) return;
    const text = isEither ? withTwoHyphens(name.text) : name.text;
    names.push({ option, name: text === name.text ? name : { ...name, text }, negated, generated });
    indexed.push({ name: text, target });
  };
  for (const option of options) {
    const refused = new Set(option.refusedNames.map(({ value }) => value));
    const isLong = (name: OptionName) => isLongForm(name) && !refused.has(name.text);
    for (const name of option.names.filter(isLong)) add(option, name, false, false);
    for (const name of option.negatedNames.filter(isLong)) add(option, name, true, false);
  }
  if (nearestRule(at.line, 'generatedNegation')?.value === true) {
    const prefix = nearestRule(at.line, 'negationPrefix')?.value ?? 'no-';
    for (const option of options) for (const name of negations(option, prefix)) add(option, name, true, true);
  }
  return {
    kind: 'options',
    at,
    accepted,
    complete: at.command.options.complete,
    names,
    index: new NameIndex(indexed, indexRules(at.line, accepted, MIN_LENGTH)),
  };
}

/** A command's own options, and those of the commands above that may stand anywhere below, as they or the parser's rules say. */
export function optionsInReach(at: CommandAt): Option[] {
  const above = at.line.slice(0, -1).flatMap((command, i) => {
    const rule = nearestRule(at.line.slice(0, i + 1), 'optionInheritance');
    return command.options.items.filter(
      ({ inheritance }) => (inheritance ?? rule)?.value === 'anywhere-below',
    );
  });
  return [...at.command.options.items, ...above];
}

/** So often an option may be the same as one that is the same as another. */
const MAX_STEPS = 20;

/** For each option, what its names and its negated names stand for; an option that is the same as another is that one. */
function targetsOf(options: readonly Option[]): ReadonlyMap<Option, readonly [ScopeTarget, ScopeTarget]> {
  const byName = optionsByName(options);
  const own = new Map(
    options.map((option) => [option, [targetOf(option, false), targetOf(option, true)] as const]),
  );
  return new Map(
    options.map((option) => {
      let meant = option;
      // Two may call each other the same.
      for (let steps = 0; steps < MAX_STEPS; steps++) {
        const same = meant.sameAs?.value;
        const next = same === undefined || same.value !== undefined ? undefined : byName.get(same.option);
        if (next === undefined || next === option) break;
        meant = next;
      }
      return [option, own.get(meant) ?? [targetOf(option, false), targetOf(option, true)]] as const;
    }),
  );
}

function targetOf(option: Option, negated: boolean): ScopeTarget {
  return { option, negated };
}

/** The `--no-NAME` of each long name of a flag, where it has no negated names of its own. */
function negations(option: Option, prefix: string): OptionName[] {
  if (option.argument?.value.presence !== 'none' || option.negatedNames.length > 0) return [];
  return option.names
    .filter(({ form, text }) => form === 'long' && !text.startsWith(`--${prefix}`))
    .map((name) => ({ ...name, text: `--${prefix}${name.text.slice(2)}` }));
}
