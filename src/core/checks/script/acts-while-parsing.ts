import { quoteName } from '../../messages/wording.ts';
import { getoptsExample, loopCheck } from '../loop-check.ts';

/** A finding for each arm that changes something while there may be wrong options behind its own. */
export const actsWhileParsing = loopCheck({
  name: 'script/acts-while-parsing',
  level: 'warning',
  title: 'An arm does its work while options are still being read',
  why: 'A wrong option behind it ends the script half done, and options behind it come too late to have an effect.',
  standard: 'practice',
  examples: {
    wrong: getoptsExample('r:q', ['r) rm -f "$OPTARG"', 'q) quiet=1', '*) exit 2']),
    right: getoptsExample('r:q', ['r) remove=$OPTARG', 'q) quiet=1', '*) exit 2'], 'rm -f "$remove"\n'),
    nearMiss: getoptsExample('r:q', ['r) rm -f "$OPTARG"; exit', 'q) quiet=1', '*) exit 2']),
  },
  faults: ({ arms, kind }) =>
    arms.flatMap(({ names, works, end, mayExit }) => {
      const [first] = works;
      const [option] = names;
      // An arm that ends the script is a way of its own to run it.
      if (first === undefined || option === undefined || end !== 'goes-on' || (mayExit && kind === 'words'))
        return [];
      return [
        {
          subject: option.name,
          data: { name: option.name, command: first.command },
          place: first.place,
          related: [{ place: option.place, note: `the arm of ${quoteName(option.name)}` }],
        },
      ];
    }),
  message: ({ name, command }: { name: string; command: string }) =>
    `the arm of ${quoteName(name)} runs ${quoteName(command)} while options are still being read`,
  fix: ({ command }) =>
    `keep what was asked for in a variable, and run ${quoteName(command)} behind the loop`,
});
