import { type Command, commandName } from './command.ts';
import type { Interface } from './interface.ts';

/** A command with the commands that lead to it. */
export interface CommandAt {
  /** The command itself. */
  readonly command: Command;
  /** The commands from the root to this one, both included. */
  readonly line: readonly Command[];
  /** Their canonical names, the program's first. */
  readonly path: readonly string[];
}

/** Every command of an interface, the root first, each before its subcommands, in the order of the sources. */
export function* walkCommands(cli: Interface): Generator<CommandAt> {
  yield* walk({
    command: cli.root,
    line: [cli.root],
    path: [commandName(cli.root)],
  });
}

function* walk(at: CommandAt): Generator<CommandAt> {
  yield at;
  for (const command of at.command.commands.items) {
    yield* walk({
      command,
      line: [...at.line, command],
      path: [...at.path, commandName(command)],
    });
  }
}
