import { listSome, quoteName } from '../../messages/wording.ts';
import type { Place } from '../../source/source.ts';
import { defineCheck } from '../define-check.ts';

const STYLES: readonly (readonly [string, RegExp])[] = [
  ['--no-', /^--no-\w/],
  ['--no', /^--no[a-z]{2}/],
  ['--disable-', /^--disable-\w/],
  ['--without-', /^--without-\w/],
  ['--dont-', /^--do?nt-\w/],
];

/** One finding for an interface that takes things back in several ways. */
export const negationMixed = defineCheck({
  name: 'names/negation-mixed',
  level: 'note',
  title: 'Options that switch things off begin with different words',
  why: 'People who want to switch something off try the word that worked before. Here it depends on the option.',
  standard: 'practice',
  needs: ['the long options'],
  since: 4,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]...\n\n  --no-colour     plain text\n  --no-map        draw no map\n  --disable-tide  leave out the tide\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  --no-colour     plain text\n  --no-map        draw no map\n  --no-tide       leave out the tide\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --enable-tide   count the tide\n  --disable-tide  leave out the tide\n  --no-map        draw no map\n',
  },
  judge(view, report) {
    const seen = new Map<string, { place: Place; path: readonly string[] }>();
    const texts = new Map<string, string>();
    for (const { at, names } of view.scopes) {
      for (const { name, generated, option } of names) {
        if (generated || seen.has(name.text)) continue;
        seen.set(name.text, { place: name.place, path: at.path });
        texts.set(name.text, option.help?.value ?? '');
      }
    }
    report.judged(seen.size);
    const styles = STYLES.map(([style, pattern]) => ({
      style,
      names: [...seen.keys()].filter(
        (name) =>
          pattern.test(name) && isNegation(style, name, (other) => seen.has(other), texts.get(name) ?? ''),
      ),
    }))
      .filter(({ names }) => names.length > 0)
      .sort((a, b) => b.names.length - a.names.length);
    const odd = styles[1]?.names[0];
    const at = odd === undefined ? undefined : seen.get(odd);
    if (odd === undefined || at === undefined) return;
    report.finding({
      command: at.path,
      subject: odd,
      data: {
        styles: styles.map(({ style, names }) => ({ style, name: names[0] ?? '', count: names.length })),
      },
      place: at.place,
      fixes: styles.slice(1).flatMap(({ style, names }) =>
        // Where two ways are equally frequent, neither is the custom.
        names.length === styles[0]?.names.length
          ? []
          : names.map((name) => ({
              kind: 'rename-option',
              command: seen.get(name)?.path ?? at.path,
              name,
              to: name.replace(style, styles[0]?.style ?? style),
            })),
      ),
    });
  },
  message: ({ styles }: { styles: readonly { style: string; name: string; count: number }[] }) =>
    `things are switched off in ${styles.length} ways: ${listSome(
      styles.map(({ name, count }) => `${quoteName(name)}${count > 1 ? ` and ${count - 1} more` : ''}`),
      styles.length,
    )}`,
  fix: ({ styles }) =>
    `start all of them with ${quoteName(styles[0]?.style ?? '')}, and keep the others as hidden aliases`,
});

/** So many letters of a word are looked for in a text: it may stand there in another form. */
const MOST_LETTERS = 12;

/** Whether a name takes something back: `--disable-x` beside `--enable-x` is a pair of its own, and `--nox` may be a word, such as `--notes`. */
function isNegation(style: string, name: string, has: (name: string) => boolean, text: string): boolean {
  // `--no-disable-x` takes `--disable-x` back.
  if (name.startsWith('--no-disable-') && has(`--${name.slice(5)}`)) return false;
  if (style === '--disable-')
    return !has(name.replace('--disable-', '--enable-')) && !has(`--no-${name.slice(2)}`);
  // `--no-x, --nox` is one in two spellings.
  const rest = name.slice(4);
  // `--nobanner  print no banner`: its text takes the same thing back.
  const isTold = () =>
    new RegExp(`\\b(?:no|not|without|omit|skip) (?:an? |the )?${rest.slice(0, MOST_LETTERS)}`, 'i').test(
      text,
    );
  if (style === '--no')
    return !has(`--no-${rest}`) && (has(`--${rest}`) || (/^[a-z]{4,}$/.test(rest) && isTold()));
  return true;
}
