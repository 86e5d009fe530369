import { Argument, Command, Option } from 'commander';
import { bracketed, interfaces, show, typedDefault } from './declared.mjs';

function optionOf(option) {
  const { short, long, presence, placeholder, flags, help, values, environment } = option;
  const word = flags.includes('repeated') ? `${placeholder}...` : placeholder;
  const argument = { none: '', mandatory: ` <${word}>`, optional: ` [${word}]` }[presence];
  const names = [short && `-${short}`, long && `--${long}`].filter(Boolean).join(', ');
  const made = new Option(`${names}${argument}`, help);
  if (values.length > 0) made.choices(values);
  if (typedDefault(option) !== undefined) made.default(typedDefault(option));
  if (environment !== '') made.env(environment);
  if (flags.includes('hidden')) made.hideHelp();
  if (flags.includes('required')) made.makeOptionMandatory();
  return made;
}

function fill(made, declared, one) {
  made.description(declared.summary).configureHelp({ helpWidth: one.width });
  for (const name of declared.aliases) made.alias(name);
  for (const option of declared.options) {
    if (option.heading !== '') made.optionsGroup?.(`${option.heading}:`);
    else made.optionsGroup?.('Options:');
    made.addOption(optionOf(option));
  }
  for (const operand of declared.operands) {
    const argument = new Argument(bracketed(operand), operand.help);
    if (operand.values.length > 0) argument.choices(operand.values);
    made.addArgument(argument);
  }
  for (const below of declared.commands)
    fill(made.command(below.name, { hidden: below.isHidden }), below, one);
  return made;
}

function print(one, made, declared, path) {
  show(one, path, made.helpInformation());
  for (const below of declared.commands) {
    const child = made.commands.find((command) => command.name() === below.name);
    print(one, child, below, [...path, below.name]);
  }
}

for (const one of interfaces()) {
  const made = fill(
    new Command(one.program).version(one.version),
    { ...one.root, summary: one.summary },
    one,
  );
  print(one, made, one.root, []);
}
