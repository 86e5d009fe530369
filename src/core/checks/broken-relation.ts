import { optionsInReach } from '../abbreviations/option-scope.ts';
import { quoteName } from '../messages/wording.ts';
import { optionsByName } from '../model/options-by-name.ts';
import type { CommandAt } from '../model/walk.ts';
import { proseRelations } from '../notation/prose-relations.ts';
import type { Trace } from '../parsing/trace.ts';

/** What a command line does with two options that the text of one of them forbids, or without one that it asks for; undefined where there is none. */
export function brokenRelation(at: CommandAt, { options: given }: Trace): string | undefined {
  const options = optionsByName(optionsInReach(at));
  const present = new Set(given.flatMap(({ name }) => options.get(name) ?? []));
  for (const { name } of given) {
    const option = options.get(name);
    for (const { kind, names } of proseRelations(option?.help?.value ?? '')) {
      const others = names.flatMap((other) => options.get(other) ?? []).filter((other) => other !== option);
      if (kind === 'excludes' && others.some((other) => present.has(other)))
        return `the text of ${quoteName(name)} excludes ${names.map(quoteName).join(' and ')}`;
      if (
        kind === 'requires' &&
        others.length === names.length &&
        !others.some((other) => present.has(other))
      )
        return `the text of ${quoteName(name)} asks for ${names.map(quoteName).join(' or ')}`;
    }
  }
  return undefined;
}
