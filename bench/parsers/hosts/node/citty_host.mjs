import { defineCommand, runMain } from 'citty';
import { asksCommands, NAMES, show } from './probe.mjs';

const flag = (alias) => ({ type: 'boolean', alias });
let isBrief = false;
const main = asksCommands
  ? defineCommand({
      meta: { name: 'probe', version: '1.0' },
      args: { brief: flag('b') },
      setup: ({ args }) => {
        isBrief = args.brief;
      },
      subCommands: Object.fromEntries(
        NAMES.map((name) => [
          name,
          defineCommand({
            meta: { name },
            args: { all: flag('a') },
            run: ({ args }) => show({ all: args.all, brief: isBrief }, {}, args._, name),
          }),
        ]),
      ),
    })
  : defineCommand({
      meta: { name: 'probe', version: '1.0' },
      args: {
        all: flag('a'),
        brief: flag('b'),
        output: { type: 'string', alias: 'o' },
        outline: { type: 'boolean' },
        mode: { type: 'enum', options: ['fast', 'slow', 'sleepy'] },
        'dry-run': flag('n'),
      },
      run: ({ args }) =>
        show(
          { all: args.all, brief: args.brief, outline: args.outline, 'dry-run': args['dry-run'] },
          { output: args.output, mode: args.mode },
          args._,
        ),
    });
runMain(main);
