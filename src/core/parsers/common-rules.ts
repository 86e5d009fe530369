import type { Fact } from '../model/fact.ts';
import type { ParsingRules, RuleValues } from '../model/parsing-rules.ts';
import { saysTheSame } from '../model/same.ts';
import { profileOf } from './profile-of.ts';

/**
 * The parsing rules of a parser, by the fact that names it, each known in the same way and from the same place. Where the fact names several, of which any
 * may be meant, the rules on which all of them agree. A name without a profile has none.
 */
export function commonRules(parser: Fact<readonly string[]>): Partial<ParsingRules> {
  const [first, ...others] = parser.value.map((name) => profileOf(name)?.rules ?? {});
  const agreed = Object.entries(first ?? {}).filter(([rule, value]) =>
    others.every((rules) => saysTheSame(rules[rule as keyof RuleValues], value)),
  );
  return Object.fromEntries(
    agreed.map(([rule, value]) => [rule, { value, basis: parser.basis, place: parser.place }]),
  );
}
