import type { Knowable } from '../model/fact.ts';
import type { Interface } from '../model/interface.ts';
import { nearestRule } from '../model/nearest-rule.ts';
import type { Option, OptionName } from '../model/option.ts';
import { type CommandAt, walkCommands } from '../model/walk.ts';
import { type IndexedName, NameIndex } from './name-index.ts';

/** A long name of a scope with the option that it belongs to. */
export interface ScopeName {
  readonly option: Option;
  readonly name: OptionName;
  readonly negated: boolean;
}

/** The long options that may be typed at one command, where their abbreviations compete. */
export interface OptionScope {
  readonly at: CommandAt;
  /** Whether the parser accepts abbreviations here; undefined where the sources do not say. */
  readonly accepted: Knowable<boolean>;
  /** Whether the sources show all options; undefined where they do not say. */
  readonly complete: Knowable<boolean>;
  readonly names: readonly ScopeName[];
  /** Names with their hyphens. What the parser is not known to refuse counts as accepted. */
  readonly index: NameIndex<ScopeTarget>;
}

/** What a name stands for: an option, switched on or taken back. */
export interface ScopeTarget {
  readonly option: Option;
  readonly negated: boolean;
}

/** The scope of each command that has long options, in the order of the commands. */
export function optionScopes(from: Interface): OptionScope[] {
  const scopes: OptionScope[] = [];
  for (const at of walkCommands(from)) {
    const scope = makeScope(at);
    if (scope.names.length > 0) scopes.push(scope);
  }
  return scopes;
}

function makeScope(at: CommandAt): OptionScope {
  const accepted = nearestRule(at.line, 'optionAbbreviations');
  const spellingsTie = nearestRule(at.line, 'spellingsTie');
  const names: ScopeName[] = [];
  const indexed: IndexedName<ScopeTarget>[] = [];
  const add = (option: Option, own: readonly OptionName[], negated: boolean) => {
    const target: ScopeTarget = { option, negated };
    for (const name of own) {
      if (name.form !== 'long') continue;
      names.push({ option, name, negated });
      indexed.push({ name: name.text, target });
    }
  };
  for (const option of optionsInReach(at)) {
    add(option, option.names, false);
    add(option, option.negatedNames, true);
  }
  return {
    at,
    accepted,
    complete: at.command.options.complete,
    names,
    index: new NameIndex(indexed, {
      abbreviations: accepted?.value !== false,
      spellingsTie: spellingsTie?.value === true,
    }),
  };
}

/** A command's own options, and those of the commands above that may stand anywhere below. */
function optionsInReach(at: CommandAt): Option[] {
  const above = at.line
    .slice(0, -1)
    .flatMap((command) =>
      command.options.items.filter((option) => option.inheritance?.value === 'anywhere-below'),
    );
  return [...at.command.options.items, ...above];
}
