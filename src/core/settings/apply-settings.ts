import { didYouMean } from '../messages/did-you-mean.ts';
import type { Command } from '../model/command.ts';
import type { Interface } from '../model/interface.ts';
import { overrideBelow, overrideRules } from '../model/override-rules.ts';
import { overrideParser } from '../parsers/with-parser.ts';
import type { Problem } from '../source/problem.ts';
import type { CommandSettings, Settings } from './settings.ts';

/** Interfaces as the settings describe them, and what the settings say of commands that do not exist. */
export interface AppliedSettings {
  /** The interfaces with the rules and claims of the settings. */
  readonly interfaces: readonly Interface[];
  /** Settings for commands that no interface has. */
  readonly problems: readonly Problem[];
}

/** Gives interfaces the parsing rules and claims of the settings, which count before what their sources say. */
export function applySettings(interfaces: readonly Interface[], settings: Settings): AppliedSettings {
  const problems: Problem[] = [];
  const applied = interfaces.map((cli) => {
    const claiming = { ...cli, claims: [...settings.claims, ...cli.claims] };
    const parsed = settings.parser === undefined ? claiming : overrideParser(claiming, settings.parser);
    let next = overrideRules(parsed, settings.rules);
    // What is set for a command counts for those below it, until something is set for one of them.
    for (const one of settings.commands.toSorted((a, b) => a.path.length - b.path.length)) {
      if (one.path[0] !== cli.program.value) continue;
      const root = overrideBelow(next.root, one.path.slice(1), one.rules);
      if (root !== undefined) next = { ...next, root };
      else for (const problem of unknownCommand(cli.root, one)) problems.push(problem);
    }
    return next;
  });
  return { interfaces: applied, problems };
}

/** A command that is not there; no problem where the list of commands may be a part only. */
function unknownCommand(root: Command, { path, place }: CommandSettings): Problem[] {
  let { commands } = root;
  let known = path.slice(0, 1);
  for (const word of path.slice(1)) {
    const below = commands.items.find(({ names }) => names.some(({ text }) => text === word));
    if (below === undefined) {
      if (commands.complete?.value !== true) return [];
      const names = commands.items.flatMap((command) => command.names.map(({ text }) => text));
      const message = `expected a command of '${known.join(' ')}', found '${word}'${didYouMean(word, names)}`;
      return [
        { code: 'unknown-command', message, place, source: place?.source.name ?? '', consequence: 'mistake' },
      ];
    }
    known = [...known, word];
    ({ commands } = below);
  }
  return [];
}
