import { buildApplication, buildCommand, buildRouteMap, generateHelpTextForAllCommands } from '@stricli/core';
import { interfaces, show } from './declared.mjs';

function flagOf({ presence, flags, help, values, default: text, placeholder }) {
  const more = { brief: help, hidden: flags.includes('hidden') };
  if (presence === 'none')
    return { ...more, kind: 'boolean', optional: true, withNegated: flags.includes('negatable') };
  const isOptional = !flags.includes('required') && text === '';
  const rest = {
    ...more,
    optional: isOptional,
    default: text || undefined,
    placeholder: placeholder || undefined,
  };
  if (flags.includes('repeated')) Object.assign(rest, { variadic: true, default: undefined });
  return values.length > 0 ? { ...rest, kind: 'enum', values } : { ...rest, kind: 'parsed', parse: String };
}

function commandOf({ options, operands, summary }) {
  const last = operands.at(-1);
  const parameter = ({ placeholder, help, least }) => ({
    brief: help,
    placeholder,
    parse: String,
    optional: least === 0,
  });
  const positional =
    operands.length === 1 && last.most < 0
      ? { kind: 'array', parameter: parameter(last), minimum: last.least }
      : { kind: 'tuple', parameters: operands.map(parameter) };
  return buildCommand({
    func() {},
    docs: { brief: summary },
    parameters: {
      flags: Object.fromEntries(options.map((option) => [option.long, flagOf(option)])),
      aliases: Object.fromEntries(
        options.flatMap(({ short, long }) => (short === '' ? [] : [[short, long]])),
      ),
      positional,
    },
  });
}

function routeOf(declared) {
  if (declared.commands.length === 0) return commandOf(declared);
  return buildRouteMap({
    routes: Object.fromEntries(declared.commands.map((below) => [below.name, routeOf(below)])),
    docs: {
      brief: declared.summary,
      hideRoute: Object.fromEntries(declared.commands.map(({ name, isHidden }) => [name, isHidden])),
    },
    aliases: Object.fromEntries(
      declared.commands.flatMap(({ name, aliases }) => aliases.map((alias) => [alias, name])),
    ),
  });
}

for (const one of interfaces()) {
  const application = buildApplication(routeOf({ ...one.root, summary: one.summary }), {
    name: one.program,
    versionInfo: { currentVersion: one.version },
    scanner: { caseStyle: 'original' },
    documentation: { caseStyle: 'original', disableAnsiColor: true },
  });
  for (const [route, text] of generateHelpTextForAllCommands(application))
    show(one, route.split(' ').slice(1), text);
}
