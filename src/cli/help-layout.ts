import { type Argument, type Command, Help, type Option } from 'commander';

/** The help output of the command in synopsis notation (POSIX XBD 12.1): `--format=FORMAT`, `SOURCE...`. */
export class HelpLayout extends Help {
  override optionTerm(option: Option): string {
    const long = option.long ?? '';
    const value = /<(.+)>/.exec(option.flags)?.[1];
    const name = value === undefined ? long : `${long}=${value}`;
    return option.short === undefined ? `    ${name}` : `${option.short}, ${name}`;
  }

  override optionDescription(option: Option): string {
    const notes: string[] = [];
    if (option.argChoices !== undefined) notes.push(`one of: ${option.argChoices.join(', ')}`);
    if (option.defaultValue !== undefined) notes.push(`default: ${String(option.defaultValue)}`);
    return notes.length === 0 ? option.description : `${option.description} (${notes.join('; ')})`;
  }

  override argumentTerm(argument: Argument): string {
    return argument.name();
  }

  override subcommandTerm(command: Command): string {
    return command.name();
  }

  override commandUsage(command: Command): string {
    return `${pathOf(command)} ${command.usage()}`.trim();
  }

  override formatHelp(command: Command, helper: Help): string {
    const width = Math.min(helper.helpWidth ?? 80, 100);
    const rows = (items: readonly (readonly [string, string])[]) => {
      const column = Math.max(...items.map(([term]) => term.length)) + 2;
      return items.map(([term, text]) => {
        const wrapped = helper.boxWrap(text, width - column - 2).split('\n');
        return `  ${term.padEnd(column)}${wrapped.join(`\n${' '.repeat(column + 2)}`)}`;
      });
    };
    const section = (title: string, items: readonly (readonly [string, string])[]) =>
      items.length === 0 ? '' : `\n${title}:\n${rows(items).join('\n')}\n`;
    const operands = helper.visibleArguments(command);
    const commands = helper.visibleCommands(command);
    const options = helper.visibleOptions(command);
    return [
      `Usage: ${helper.commandUsage(command)}\n`,
      `\n${helper.boxWrap(command.description(), width)}\n`,
      section(
        'Operands',
        operands.map((operand) => [helper.argumentTerm(operand), operand.description]),
      ),
      section(
        'Commands',
        commands.map((sub) => [helper.subcommandTerm(sub), sub.summary()]),
      ),
      section(
        'Options',
        options.map((option) => [helper.optionTerm(option), helper.optionDescription(option)]),
      ),
    ].join('');
  }
}

/** The words that lead to a command, the program's name first. */
export function pathOf(command: Command): string {
  return command.parent === null ? command.name() : `${pathOf(command.parent)} ${command.name()}`;
}
