import { listNames } from '../../messages/wording.ts';
import { commandName } from '../../model/command.ts';
import type { Option } from '../../model/option.ts';
import { defineCheck } from '../define-check.ts';
import { type FaultyOptions, reportFaultyOptions } from '../faulty-options.ts';

/** One finding for each command with deprecated options that name nothing in their place, and for each deprecated command that names none. */
export const deprecatedWithoutWay = defineCheck({
  name: 'help/deprecated-without-way',
  level: 'note',
  title: 'Something is deprecated, but nothing says what to use instead',
  why: 'Callers are told to change but not how, so they keep using it until it is gone.',
  standard: 'practice',
  needs: ['what is deprecated'],
  since: 4,
  examples: {
    wrong: 'Usage: tiffin [OPTION]...\n\n  --late  list late boxes (deprecated)\n  --map   draw a map\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  --late  list late boxes (deprecated; use --after=noon)\n  --map   draw a map\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --late  no longer has an effect (deprecated)\n  --map   draw a map\n',
  },
  judge(view, report) {
    reportFaultyOptions(view, report, {
      among: ({ deprecated }) => deprecated !== undefined,
      isAtFault: (option) => !namesWay(option),
    });
    for (const { command, path } of view.commands) {
      const { deprecated, summary, description, place } = command;
      if (deprecated === undefined) continue;
      report.judged();
      const isTold =
        deprecated.value.replacedBy !== undefined ||
        WAY.test(`${summary?.value ?? ''} ${description?.value ?? ''}`);
      if (!isTold)
        report.finding({
          command: path,
          subject: commandName(command),
          data: { names: [commandName(command)] },
          place,
        });
    }
  },
  message: ({ names }: FaultyOptions) =>
    `${listNames(names)} ${names.length === 1 ? 'is' : 'are'} deprecated, but nothing says what to use instead`,
  fix: () => 'name the option or command to use instead, or say that none is needed',
});

/** Whether a deprecated option says what to use, or that it does nothing any more. */
function namesWay({ deprecated, help, sameAs }: Option): boolean {
  if (deprecated?.value.replacedBy !== undefined || sameAs !== undefined) return true;
  return WAY.test(help?.value ?? '');
}

/** Words of a text that says what to do. */
const WAY =
  /--?\w|\b(?:instead|use|see|replaced|ignored|no effect|does nothing|has an? effect|default|always|synonym|alias|compat)/i;
