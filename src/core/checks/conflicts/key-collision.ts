import type { AuditView } from '../../audit-view.ts';
import { quoteName } from '../../messages/wording.ts';
import type { Option, OptionName } from '../../model/option.ts';
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
      const byKey = new Map<string, KeyedName>();
      for (const option of at.command.options.items) {
        for (const name of option.names) {
          if (name.form !== 'long') continue;
          report.judged();
          const key = keyOf(option.key === undefined ? name.text : `--${option.key.value}`);
          const before = byKey.get(key);
          if (before === undefined) byKey.set(key, { name, option });
          else if (isOverwritten(before, { name, option })) {
            report.finding({
              command: at.path,
              subject: before.name.text,
              data: {
                first: before.name.text,
                second: name.text,
                key: (option.key ?? before.option.key)?.value ?? null,
              },
              place: before.name.place,
              related: [{ place: name.place, note: 'is kept under the same key' }],
            });
            break;
          }
        }
      }
      for (const operand of sharesKeys(view) ? at.command.operands.items : []) {
        const option = byKey.get(keyOf(`--${operand.name.replace(/[<>[\]]/g, '')}`));
        report.judged();
        if (option !== undefined && operand.kind === 'word' && option.name.text !== '--help')
          report.finding({
            command: at.path,
            subject: operand.name,
            data: {
              first: option.name.text,
              second: operand.name,
              key: keyOf(option.name.text).replaceAll('-', '_'),
            },
            place: operand.place,
            related: [{ place: option.name.place, note: 'is kept under the same key' }],
          });
      }
    }
  },
  message: ({ first, second, key }: { first: string; second: string; key: string | null }) =>
    key === null
      ? `${quoteName(first)} and ${quoteName(second)} become the same key in a parser that turns names into variables`
      : `the values of ${quoteName(first)} and ${quoteName(second)} are both kept in ${quoteName(key)}: the last one given overwrites the other`,
  fix: ({ second, key }) =>
    key === null
      ? `rename ${quoteName(second)}, or make it an alias of the other`
      : `keep the value of ${quoteName(second)} in a variable of its own, or make it an alias of the other`,
});

/** Parsers that keep operands and option-arguments in one place, by their names. */
const WITH_SHARED_KEYS: ReadonlySet<string> = new Set([
  'argparse',
  'argparse-exact',
  'click',
  'typer',
  'yargs',
  'yargs-strict',
]);

function sharesKeys({ interface: { parser } }: AuditView): boolean {
  return parser?.value.every((name) => WITH_SHARED_KEYS.has(name)) ?? false;
}

interface KeyedName {
  readonly name: OptionName;
  readonly option: Option;
}

/**
 * Whether one of two names of one key overwrites the other. Where the key is stated, options without an argument are often meant to be one choice,
 * and values that are collected overwrite nothing.
 */
function isOverwritten(first: KeyedName, second: KeyedName): boolean {
  if (first.option === second.option) return false;
  const options = [first.option, second.option];
  if (options.some(({ key }) => key !== undefined))
    return options.every(
      ({ argument, repetition, sameAs }) =>
        argument?.value.presence === 'mandatory' && repetition?.value !== 'all-count' && sameAs === undefined,
    );
  // Entries with one text are spellings of one option.
  const texts = options.map(({ help }) => help?.value);
  if (texts[0] !== undefined && texts[0] === texts[1]) return false;
  // The same name twice is another matter, and so are names that differ by case alone.
  return separatorsOf(first.name.text) !== separatorsOf(second.name.text);
}

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
