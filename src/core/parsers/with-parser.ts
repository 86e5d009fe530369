import type { Command } from '../model/command.ts';
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

/** An interface without the rules that follow from the name of its parser, so that the name alone can be written. */
export function withoutParserRules(cli: Interface): Interface {
  return cli.parser === undefined ? cli : { ...cli, root: withoutRules(cli.root, commonRules(cli.parser)) };
}

function withoutRules(command: Command, implied: Partial<ParsingRules>): Command {
  const rules = Object.fromEntries(
    Object.entries(command.rules).map(([name, rule]) => {
      const own = implied[name as keyof ParsingRules];
      const isSame = rule !== undefined && own !== undefined && saysTheSame(own.value, rule.value);
      // A rule that stands beside the parser's name has a place of its own; one that a help showed needs not be told twice.
      const isImplied = isSame && (rule.place === own.place || rule.basis === 'inferred');
      return [name, isImplied ? undefined : rule];
    }),
  );
  // Below a command that keeps a rule of its own, what the parser's name says of it holds no longer.
  const left = Object.fromEntries(Object.entries(implied).filter(([name]) => rules[name] === undefined));
  const items = command.commands.items.map((below) => withoutRules(below, left));
  return { ...command, rules: { ...UNKNOWN_RULES, ...rules }, commands: { ...command.commands, items } };
}

function filledRules(rules: ParsingRules, from: Partial<ParsingRules>): ParsingRules {
  const known = Object.entries(rules).filter(([, rule]) => rule !== undefined);
  return { ...UNKNOWN_RULES, ...from, ...Object.fromEntries(known) };
}
