import { quoteName } from '../../messages/wording.ts';
import type { OptionName } from '../../model/option.ts';
import { defineCheck } from '../define-check.ts';

/** One finding for each two long names of a command that become one variable. */
export const keyCollision = defineCheck({
  name: 'conflicts/key-collision',
  level: 'warning',
  title: 'Two names become one key when a parser makes variables of them',
  why: 'Many parsers drop hyphens and underscores when they turn names into variables. One of these two overwrites the other.',
  standard: 'practice',
  needs: ['the long options of the command'],
  since: 4,
  examples: {
    wrong: 'Usage: tiffin [OPTION]...\n\n  --dry-run  change nothing\n  --dryRun   empty the kettle\n',
    right: 'Usage: tiffin [OPTION]...\n\n  --dry-run  change nothing\n  --drain    empty the kettle\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --dry-run, --dryRun  change nothing\n  --dry-runs           count them\n',
  },
  judge(view, report) {
    for (const at of view.described) {
      const byKey = new Map<string, { name: OptionName; option: unknown }>();
      for (const option of at.command.options.items) {
        for (const name of option.names) {
          if (name.form !== 'long') continue;
          report.judged();
          const key = keyOf(name.text);
          const before = byKey.get(key);
          if (before === undefined) byKey.set(key, { name, option });
          // The same name twice is another matter, and so are names that differ by case alone.
          else if (before.option !== option && separatorsOf(before.name.text) !== separatorsOf(name.text)) {
            report.finding({
              command: at.path,
              subject: before.name.text,
              data: { first: before.name.text, second: name.text },
              place: before.name.place,
              related: [{ place: name.place, note: 'has the same letters' }],
            });
          }
        }
      }
    }
  },
  message: ({ first, second }: { first: string; second: string }) =>
    `${quoteName(first)} and ${quoteName(second)} become the same key in a parser that turns names into variables`,
  fix: ({ second }) => `rename ${quoteName(second)}, or make it an alias of the other`,
});

/** The words of a name, however they are parted: `--dry-run`, `--dry_run` and `--dryRun` are one. */
function keyOf(name: string): string {
  return name
    .slice(2)
    .replace(/(?<=[a-z\d])(?=[A-Z])/g, '-')
    .replace(/[_.]/g, '-')
    .toLowerCase();
}

/** What parts the words of a name. */
function separatorsOf(name: string): string {
  return name
    .slice(2)
    .replace(/(?<=[a-z\d])[A-Z]/g, '^')
    .replace(/[a-zA-Z\d]/g, '');
}
