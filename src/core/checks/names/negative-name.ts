import { quoteName } from '../../messages/wording.ts';
import type { Option } from '../../model/option.ts';
import { defineCheck } from '../define-check.ts';

type Negative = {
  readonly name: string;
  /** The name of the opposite; null where there is none, and the negation itself is unusual. */
  readonly positive: string | null;
};

/** One finding for each long name that says no in words of its own, or whose positive is called otherwise. */
export const negativeName = defineCheck({
  name: 'names/negative-name',
  level: 'note',
  title: 'A name says no where its positive is called otherwise',
  why: 'People who want the opposite take the no away, and get an error. Two negations in one name are read wrongly.',
  standard: 'practice',
  needs: ['the long options'],
  since: 7,
  examples: {
    wrong: 'Usage: tiffin [OPTION]...\n\n  --enable-tide  count the tide\n  --no-tide      leave it out\n',
    right: 'Usage: tiffin [OPTION]...\n\n  --tide     count the tide\n  --no-tide  leave it out\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --enable-tide   count the tide\n  --disable-tide  leave it out\n  --no-map        draw no map\n',
  },
  judge(view, report) {
    const seen = new Set<string>();
    for (const { at, names } of view.scopes) {
      const texts = new Set(names.map(({ name }) => name.text));
      for (const { name, generated, option } of names) {
        if (generated || seen.has(name.text)) continue;
        seen.add(name.text);
        report.judged();
        const positive =
          positiveOf(name.text, texts) ?? (isUnusual(name.text, texts, option) ? null : undefined);
        if (positive !== undefined)
          report.finding({
            command: at.path,
            subject: name.text,
            data: { name: name.text, positive },
            place: name.place,
          });
      }
    }
  },
  message: ({ name, positive }: Negative) =>
    positive === null
      ? `${quoteName(name)} says no with 'not', where the names of other programs have 'no'`
      : `${quoteName(name)} is the opposite of ${quoteName(positive)}, and its name does not show it`,
  fix: ({ name, positive }) =>
    positive === null
      ? `begin it with '--no-', and keep ${quoteName(name)} as a hidden alias`
      : `call one of the two after the other, and keep ${quoteName(name)} or ${quoteName(positive)} as a hidden alias`,
});

/** `--not-late` of an option without an argument; `--not-before=DAY` bounds something. */
function isUnusual(name: string, texts: ReadonlySet<string>, { argument }: Option): boolean {
  const [, rest] = /^--not-(\w.*)$/.exec(name) ?? [];
  const isFlag = argument === undefined || argument.value.presence === 'none';
  return rest !== undefined && isFlag && !texts.has(`--${rest}`);
}

/** What a name takes back, where that is declared under another word. */
function positiveOf(name: string, texts: ReadonlySet<string>): string | undefined {
  const [, no = '', rest = ''] = /^--(no|not|dont|disable|without)-(.+)$/.exec(name) ?? [];
  if (rest === '' || texts.has(`--${rest}`)) return undefined;
  const words =
    // `--with-x` and `--no-x`, `--with-x` and `--without-x` are pairs that people know.
    no === 'disable' ? ['with', 'use'] : ['enable', 'use'];
  return words.map((word) => `--${word}-${rest}`).find((one) => texts.has(one));
}
