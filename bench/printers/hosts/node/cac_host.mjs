import cac from 'cac';
import { captured, interfaces, show, typedDefault } from './declared.mjs';

function addOption(target, option) {
  const { short, long, presence, placeholder, help } = option;
  const argument = { none: '', mandatory: ` <${placeholder}>`, optional: ` [${placeholder}]` }[presence];
  const names = [short && `-${short}`, long && `--${long}`].filter(Boolean).join(', ');
  target.option(`${names}${argument}`, help, { default: typedDefault(option) });
}

/** cac writes the dots of an operand in front of its name. */
function positional({ placeholder, least, most }) {
  const word = most < 0 ? `...${placeholder}` : placeholder;
  return least > 0 ? `<${word}>` : `[${word}]`;
}

for (const one of interfaces()) {
  const cli = cac(one.program);
  const commands = new Map();
  if (one.root.commands.length === 0) {
    const command = cli.command(one.root.operands.map(positional).join(' '), one.summary);
    for (const option of one.root.options) addOption(command, option);
    commands.set('', command);
  } else {
    for (const option of one.root.options) addOption(cli, option);
    for (const below of one.root.commands) {
      const command = cli.command([below.name, ...below.operands.map(positional)].join(' '), below.summary);
      for (const name of below.aliases) command.alias(name);
      for (const option of below.options) addOption(command, option);
      commands.set(below.name, command);
    }
    commands.set('', cli.globalCommand);
  }
  cli.help();
  cli.version(one.version);
  for (const [name, command] of commands)
    show(
      one,
      name === '' ? [] : [name],
      captured(() => command.outputHelp()),
    );
}
