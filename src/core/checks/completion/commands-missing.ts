import { BOX_DOCUMENT } from '../example-completion.ts';
import { missingCheck } from '../missing-check.ts';

/** One finding for each command and shell whose completion lacks subcommands. */
export const commandsMissing = missingCheck({
  name: 'completion/commands-missing',
  title: 'Completion lacks commands',
  why: 'People who explore a program by completion never see what it does not offer, and conclude that a new command does not exist.',
  kind: 'commands',
  noun: 'command',
  examples: {
    wrong: BOX_DOCUMENT,
    right: BOX_DOCUMENT,
    nearMiss: BOX_DOCUMENT,
    completions: {
      wrong: ["complete -c tiffin -n __fish_use_subcommand -a box -d 'list the boxes'\n"],
      right: ["complete -c tiffin -n __fish_use_subcommand -a 'box route' -d 'do it'\n"],
      nearMiss: [
        "complete -c tiffin -n __fish_use_subcommand -a box -d 'list the boxes'\ncomplete -c tiffin -n __fish_use_subcommand -a '(tiffin commands)'\n",
      ],
    },
  },
});
