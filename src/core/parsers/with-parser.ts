import type { Fact } from '../model/fact.ts';
import type { Interface } from '../model/interface.ts';
import { overrideRules } from '../model/override-rules.ts';
import { type ParsingRules, UNKNOWN_RULES } from '../model/parsing-rules.ts';
import { saysTheSame } from '../model/same.ts';
import { commonRules } from './common-rules.ts';

/** An interface whose parser a source names beside the rules that it states: what the rules leave open, the parser's profile says. */
export function withParser(cli: Interface, parser: Fact<readonly string[]>): Interface {
  return { ...cli, parser, root: { ...cli.root, rules: filledRules(cli.root.rules, commonRules(parser)) } };
}

/** An interface with the rules of a parser for all its commands, whatever its sources say of them. */
export function overrideParser(cli: Interface, parser: Fact<readonly string[]>): Interface {
  return { ...overrideRules(cli, { ...UNKNOWN_RULES, ...commonRules(parser) }), parser };
}

/** An interface without the rules that only its parser's name says, so that the name alone can be written. */
export function withoutParserRules(cli: Interface): Interface {
  const { parser, root } = cli;
  if (parser === undefined) return cli;
  const implied = commonRules(parser);
  const rules = Object.fromEntries(
    Object.entries(root.rules).map(([name, rule]) => {
      const own = implied[name as keyof ParsingRules];
      // A rule that stands beside the parser's name has a place of its own.
      const isImplied = rule !== undefined && rule.place === own?.place && saysTheSame(own, rule);
      return [name, isImplied ? undefined : rule];
    }),
  );
  return { ...cli, root: { ...root, rules: { ...UNKNOWN_RULES, ...rules } } };
}

function filledRules(rules: ParsingRules, from: Partial<ParsingRules>): ParsingRules {
  const known = Object.entries(rules).filter(([, rule]) => rule !== undefined);
  return { ...UNKNOWN_RULES, ...from, ...Object.fromEntries(known) };
}
