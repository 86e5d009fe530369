import { optionNamed } from '../comparison/pairing/option-named.ts';
import { type Command, commandName } from '../model/command.ts';
import type { Interface } from '../model/interface.ts';
import type { Option } from '../model/option.ts';
import type { CommandAt } from '../model/walk.ts';
import type { WordPart } from '../parsing/trace.ts';

/** The command that has been reached so far, while the words of a call are gone through. */
export class CommandsOnTheWay {
  at: CommandAt;

  constructor({ root }: Interface) {
    this.at = { command: root, line: [root], path: [commandName(root)] };
  }

  goTo({ role, name }: WordPart): void {
    const below = role === 'command' && name !== null ? commandNamed(this.at.command, name) : undefined;
    if (below === undefined) return;
    this.at = { command: below, line: [...this.at.line, below], path: [...this.at.path, commandName(below)] };
  }
}

/** The subcommand of a name. */
export function commandNamed({ commands }: Command, name: string): Command | undefined {
  return commands.items.find(({ names }) => names.some(({ text }) => text === name));
}

/** The option of a name at a command, or at one above it. */
export function optionInReach(at: CommandAt, name: string): Option | undefined {
  for (let depth = at.line.length; depth > 0; depth--) {
    const line = at.line.slice(0, depth);
    const command = line.at(-1);
    const found = command && optionNamed({ command, line, path: at.path.slice(0, depth) }, name);
    if (found !== undefined) return found;
  }
  return undefined;
}
