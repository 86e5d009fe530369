import type { AuditView } from '../../audit-view.ts';
import { groupedBy } from '../../collections/grouped.ts';
import { countOf, listNames, quoteName } from '../../messages/wording.ts';
import type { Command } from '../../model/command.ts';
import { longNames, mainName } from '../../model/option.ts';
import type { Place } from '../../source/source.ts';
import { defineCheck, type Reporter } from '../define-check.ts';

type Style = 'in capitals' | 'in angle brackets' | 'in angle brackets and capitals' | 'in lower case';

/** What stands between a long name and its argument. */
type Join = '=' | 'a blank';

/** Fewer placeholders show no custom; what is not in capitals beside two that are does. */
const MIN_OPTIONS = 4;
const MIN_BESIDE_CAPITALS = 3;

/** Up to this share, placeholders in another style are slips. */
const MAX_SHARE = 0.2;

/** Placeholders that stand for one kind of value. */
const KINDS: readonly (readonly string[])[] = [
  ['file', 'filename', 'file-name', 'filepath', 'file-path'],
  ['dir', 'directory', 'folder'],
  ['num', 'number'],
  ['sec', 'secs', 'seconds'],
  ['addr', 'address'],
  ['cmd', 'command'],
  ['url', 'uri'],
  ['regex', 'regexp'],
  ['user', 'username', 'user-name'],
  ['host', 'hostname', 'host-name'],
];

type Mixed =
  | {
      readonly of: 'styles';
      readonly usual: Style;
      readonly odd: Style;
      readonly names: readonly string[];
      readonly others: number;
    }
  | {
      readonly of: 'joins';
      readonly usual: Join;
      readonly name: string;
      readonly others: number;
    }
  | { readonly of: 'words'; readonly placeholders: readonly string[]; readonly name: string };

/**
 * One finding for each command whose option-arguments have placeholders of several styles, and one for each kind of value that the
 * program has under several placeholders.
 */
export const placeholderMixed = defineCheck({
  name: 'names/placeholder-mixed',
  level: 'note',
  title: 'One kind of value has different placeholders, or they are written in different styles',
  why: 'The style tells the reader what to replace and what to type as is. Where it changes, a lower-case word may be either.',
  standard: 'POSIX XBD 12.1',
  needs: ['the placeholders of the options'],
  since: 4,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]...\n\n  --quay=NAME    a\n  --route=NAME   b\n  --day=DAY      c\n  --map=<file>   d\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  --quay=NAME    a\n  --route=NAME   b\n  --day=DAY      c\n  --map=FILE     d\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --quay=NAME    a\n  --route=NAME   b\n  --day=DAY      c\n  --map={on,off} d\n',
  },
  judge(view, report) {
    judgeStyles(view, report);
    judgeJoins(view, report);
    judgeWords(view, report);
  },
  message(data: Mixed) {
    if (data.of === 'words')
      return `one kind of value has ${data.placeholders.length} placeholders: ${listNames(data.placeholders)}`;
    if (data.of === 'joins')
      return `${quoteName(data.name)} has its argument behind ${data.usual === '=' ? 'a blank' : "'='"}, ${countOf(data.others, 'other option')} behind ${data.usual === '=' ? "'='" : 'a blank'}`;
    const { names, odd, others, usual } = data;
    return `${listNames(names)} ${names.length === 1 ? 'has a placeholder' : 'have placeholders'} ${odd}, ${countOf(others, 'other option')} one ${usual}`;
  },
  fix: (data) =>
    data.of === 'words'
      ? `call it ${quoteName(data.placeholders[0] ?? '')} everywhere`
      : data.of === 'joins'
        ? `show all arguments behind ${data.usual === '=' ? "'='" : 'a blank'}`
        : `write all placeholders ${data.usual}`,
});

/** Lists in which one option has its argument behind another mark than all others: readers take the one for a parser's rule. */
function judgeJoins(view: AuditView, report: Reporter<Mixed>): void {
  for (const { command, path } of view.described) {
    const joined = command.options.items.flatMap((option) => {
      const name = longNames(option)[0];
      const isMandatory = option.argument?.value.presence === 'mandatory';
      const join = isMandatory && option.listed ? joinBehind(name?.place ?? null) : undefined;
      return join === undefined || name === undefined ? [] : [{ join, name }];
    });
    const groups = groupedBy(joined, ({ join }) => join);
    const [usual, odd] = [...groups].sort(([, a], [, b]) => b.length - a.length);
    const [first, ...more] = odd?.[1] ?? [];
    if (usual === undefined || first === undefined || more.length > 0 || usual[1].length < MIN_JOINED)
      continue;
    report.judged(joined.length);
    report.finding({
      command: path,
      subject: first.name.text,
      data: { of: 'joins', usual: usual[0], name: first.name.text, others: usual[1].length },
      place: first.name.place,
    });
  }
}

/** So many options with one mark between name and argument show the custom of a list. */
const MIN_JOINED = 2;

function joinBehind(place: Place): Join | undefined {
  if (place === null) return undefined;
  const behind = place.source.text.slice(place.end, place.end + 2);
  if (/^=[\w<{]/.test(behind)) return '=';
  return /^ [\w<{]/.test(behind) ? 'a blank' : undefined;
}

function judgeStyles(view: AuditView, report: Reporter<Mixed>): void {
  for (const { command, path } of view.described) {
    const groups = groupedBy(placeholdersOf(command), ({ text }) => styleOf(text));
    for (const group of groups.values()) report.judged(group.length);
    const [usual, odd] = [...groups].sort(([, a], [, b]) => b.length - a.length);
    const first = odd?.[1][0];
    const total = [...groups.values()].reduce((sum, { length }) => sum + length, 0);
    const least =
      usual?.[0] === 'in capitals' &&
      (odd?.[0].startsWith('in angle brackets') || odd?.[0] === 'in lower case')
        ? MIN_BESIDE_CAPITALS
        : MIN_OPTIONS;
    if (usual === undefined || odd === undefined || first === undefined || total < least) continue;
    // More of them are another custom, for another kind of value.
    if (odd[1].length > Math.max(1, total * MAX_SHARE)) continue;
    report.finding({
      command: path,
      subject: first.name,
      data: {
        of: 'styles',
        usual: usual[0],
        odd: odd[0],
        names: [...new Set(odd[1].map(({ name }) => name))],
        others: usual[1].length,
      },
      place: first.place,
      fixes: odd[1].map(({ name, text }) => ({
        kind: 'rename-placeholder',
        name,
        from: text,
        to: inStyle(text, usual[0]),
      })),
    });
  }
}

/** A placeholder as those of a style are written. */
function inStyle(placeholder: string, style: Style): string {
  const word = placeholder.replace(/[<>]/g, '');
  const joined = word.replace(/[ -]/g, '_');
  return {
    'in capitals': joined.toUpperCase(),
    'in angle brackets': `<${word.toLowerCase()}>`,
    'in angle brackets and capitals': `<${word.toUpperCase()}>`,
    'in lower case': joined.toLowerCase(),
  }[style];
}

function judgeWords(view: AuditView, report: Reporter<Mixed>): void {
  const all = view.described.flatMap(({ command, path }) =>
    placeholdersOf(command).map((one) => ({ ...one, path })),
  );
  for (const kind of KINDS) {
    const uses = all.filter(({ text }) => kind.includes(plain(text)));
    // The first use of each placeholder, the most frequent one first.
    const frequency = new Map<string, number>();
    for (const { text } of uses) frequency.set(plain(text), (frequency.get(plain(text)) ?? 0) + 1);
    const [usual, odd] = [...frequency]
      .sort(([, a], [, b]) => b - a)
      .map(([word]) => uses.find(({ text }) => plain(text) === word));
    if (usual === undefined || odd === undefined) continue;
    report.finding({
      command: odd.path,
      subject: odd.name,
      data: {
        of: 'words',
        placeholders: [...new Set([usual, odd, ...uses].map(({ text }) => text))],
        name: odd.name,
      },
      place: odd.place,
      related: [{ place: usual.place, note: `is ${quoteName(usual.text)} here` }],
    });
  }
}

interface UsedPlaceholder {
  /** The option. */
  readonly name: string;
  readonly text: string;
  readonly place: Place;
}

/** The placeholders of a command's option-arguments; where values are listed, these stand for them. */
function placeholdersOf({ options }: Command): UsedPlaceholder[] {
  return options.items.flatMap((option) =>
    (option.argument?.value.words ?? []).flatMap(({ placeholder, values }, i, words) =>
      placeholder === undefined ||
      (values !== undefined && !isOneWord(placeholder.value)) ||
      // `--tactic limited <nr>`: a word to type, before what stands for one.
      (i + 1 < words.length && /^[a-z]/.test(placeholder.value))
        ? []
        : [
            {
              name: mainName(option).text,
              text: placeholder.value,
              place: placeholder.place ?? option.place,
            },
          ],
    ),
  );
}

/** Whether a placeholder is a word, where it may also be the list of values itself: `{on,off}`. */
function isOneWord(placeholder: string): boolean {
  return /^(?:[A-Z][A-Z0-9_-]+|<[\w-]+>)$/.test(placeholder);
}

function plain(placeholder: string): string {
  return placeholder.replace(/[<>]/g, '').replace(/[_ ]/g, '-').toLowerCase();
}

function styleOf(placeholder: string): Style | undefined {
  // `<N>`, `<PID>`: a letter, and what is always written so, show no custom.
  if (/^<[^<>a-z]{1,4}>/.test(placeholder)) return undefined;
  if (/^<[^<>a-z]+>/.test(placeholder)) return 'in angle brackets and capitals';
  if (/^<[^<>]+>/.test(placeholder)) return 'in angle brackets';
  if (/^[A-Z][A-Z0-9_-]+$/.test(placeholder)) return 'in capitals';
  return /^[a-z][a-z0-9_-]+$/.test(placeholder) ? 'in lower case' : undefined;
}
