import { quoteName } from '../../messages/wording.ts';
import { mainName } from '../../model/option.ts';
import { defineCheck } from '../define-check.ts';

/** One finding for each environment variable that two options of one command fall back to. */
export const environmentCollision = defineCheck({
  name: 'conflicts/environment-collision',
  level: 'warning',
  title: 'Two options fall back to one environment variable',
  why: 'Setting the variable for one of them sets the other too, and only the result shows it.',
  standard: 'practice',
  needs: ['the environment variables of the options'],
  since: 4,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]...\n\n  --quay=NAME   the quay [env: TIFFIN_PLACE]\n  --route=NAME  the route [env: TIFFIN_PLACE]\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  --quay=NAME   the quay [env: TIFFIN_QUAY]\n  --route=NAME  the route [env: TIFFIN_ROUTE]\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --quay=NAME   the quay [env: TIFFIN_PLACE]\n  --route=NAME  the route, see TIFFIN_PLACE\n',
  },
  judge(view, report) {
    for (const at of view.described) {
      // What is inherited from a command above reads its variable here too.
      const above = at.line.slice(0, -1).flatMap(({ options }) => options.items);
      const byVariable = new Map(
        above
          .filter(({ inheritance }) => inheritance !== undefined)
          .flatMap((option) => option.environment.map(({ value }) => [value, option] as const)),
      );
      for (const option of at.command.options.items) {
        for (const { value, place } of option.environment) {
          report.judged();
          const before = byVariable.get(value);
          if (before === undefined) byVariable.set(value, option);
          else if (before !== option) {
            const [first, second] = [mainName(before), mainName(option)];
            report.finding({
              command: at.path,
              subject: second.text,
              data: { variable: value, first: first.text, second: second.text },
              place: place ?? second.place,
              related: [{ place: first.place, note: `falls back to ${value} too` }],
            });
          }
        }
      }
    }
  },
  message: ({ variable, first, second }: { variable: string; first: string; second: string }) =>
    `${quoteName(first)} and ${quoteName(second)} both fall back to the variable ${variable}`,
  fix: ({ second }) => `give ${quoteName(second)} a variable of its own`,
});
