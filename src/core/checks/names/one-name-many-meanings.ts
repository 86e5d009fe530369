import { listNames, quoteName } from '../../messages/wording.ts';
import type { ValueWord } from '../../model/argument.ts';
import { mainName, type Option } from '../../model/option.ts';
import { stemsOf } from '../../words/text-likeness.ts';
import { defineCheck } from '../define-check.ts';

type Meanings = {
  readonly name: string;
  readonly here: string;
  readonly there: string;
  readonly command: string;
};

/** One finding for each long name that takes different things in different commands, or in other programs of the family. */
export const oneNameManyMeanings = defineCheck({
  name: 'names/one-name-many-meanings',
  level: 'warning',
  title: 'One long name takes different things in different commands',
  why: 'If one command takes a value and the next does not, a habitual value becomes an operand there, or a word is swallowed here.',
  standard: 'practice',
  needs: ['the options of several commands, and their arguments'],
  since: 4,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\ncommands:\n  box: {options: {"--map=FILE": write a map}}\n  route: {options: {"--map": draw a map}}\n',
    right:
      'dabbawala: 1\nprogram: tiffin\ncommands:\n  box: {options: {"--map-file=FILE": write a map}}\n  route: {options: {"--map": draw a map}}\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\ncommands:\n  box: {options: {"--map[=FILE]": write a map}}\n  route: {options: {"--map": draw a map}}\n',
  },
  judge(view, report) {
    const first = new Map<string, { option: Option; path: readonly string[] }>();
    const said = new Set<string>();
    for (const { command, path } of [...view.siblingCommands, ...view.commands]) {
      for (const option of command.options.items) {
        // What only a usage line shows may take more than that.
        if (!option.listed && view.isHelp(option.place)) continue;
        for (const { text, form } of option.names) {
          if (form !== 'long') continue;
          report.judged();
          const before = first.get(text);
          if (before === undefined) {
            first.set(text, { option, path });
            continue;
          }
          const difference = differenceOf(option, before.option);
          const isNew = view.isOwn(path) && !said.has(text) && before.path !== path;
          if (difference === undefined || !isNew) continue;
          said.add(text);
          report.finding({
            command: path,
            subject: text,
            data: {
              name: text,
              here: difference.here,
              there: difference.there,
              command: before.path.join(' '),
            },
            level: difference.isGrave ? 'warning' : 'note',
            place: option.place,
            related: [{ place: mainName(before.option).place, note: `${difference.there} here` }],
          });
        }
      }
    }
  },
  message: ({ name, here, there, command }: Meanings) =>
    `${quoteName(name)} ${here} here, and ${there} in ${quoteName(command)}`,
  fix: ({ name }) => `give one of the two meanings of ${quoteName(name)} another name`,
});

function differenceOf(a: Option, b: Option) {
  const [here, there] = [a.argument?.value, b.argument?.value];
  if (here === undefined || there === undefined) return undefined;
  const isGrave =
    (here.presence === 'none' && there.presence === 'mandatory') ||
    (here.presence === 'mandatory' && there.presence === 'none');
  if (isGrave) {
    const words = (presence: string) => (presence === 'none' ? 'takes no argument' : 'needs an argument');
    return { isGrave, here: words(here.presence), there: words(there.presence) };
  }
  if ([here.presence, there.presence].sort().join() === 'mandatory,optional') {
    const words = (presence: string) =>
      presence === 'optional' ? 'may have an argument' : 'needs an argument';
    return { isGrave, here: words(here.presence), there: words(there.presence) };
  }
  const called = calledOtherwise(a, b);
  if (called !== undefined) return { isGrave, ...called };
  const kinds = kindsOf(here.words[0], there.words[0]);
  if (kinds !== undefined) return { isGrave: true, ...kinds };
  const [typeHere, typeThere] = [here.words[0]?.type, there.words[0]?.type];
  if (typeHere?.basis !== 'stated' || typeThere?.basis !== 'stated' || typeHere.value === typeThere.value)
    return undefined;
  return { isGrave, here: `takes ${typeHere.value}`, there: `takes ${typeThere.value}` };
}

/** So many words in common show that two texts are about one thing. */
const MIN_SHARED = 2;

/** Where two texts tell of one thing, and its placeholder is another word. */
function calledOtherwise(a: Option, b: Option) {
  const [here = '', there = ''] = [a, b].map(({ argument }) => {
    const words = argument?.value.words ?? [];
    return words.length === 1 ? (words[0]?.placeholder?.value ?? '') : '';
  });
  const isWord = (text: string) => /^[A-Z]{3,}$/.test(text) && !FREE.test(text) && !FILES.test(text);
  if (!isWord(here) || !isWord(there) || here === there) return undefined;
  const [own, other] = [a, b].map(({ help }) => stemsOf(help?.value ?? ''));
  const shared = [...(own ?? [])].filter((stem) => other?.has(stem));
  return shared.length < MIN_SHARED ? undefined : { here: `takes ${here}`, there: `takes ${there}` };
}

/** Placeholders of files and folders, and of what else is no word of a list. */
const FILES = /^<?(?:file|filename|path|dir|directory|folder)>?$/i;
const FREE = /^<?(?:url|num|number|n|value|string|text|name|arg)>?$/i;

/** Where one command takes a file, and the other one of some words, or what it calls otherwise. */
function kindsOf(a: ValueWord | undefined, b: ValueWord | undefined) {
  const [here, there] = [kindOf(a), kindOf(b)];
  if (here === undefined || there === undefined || here.isFile === there.isFile) return undefined;
  return { here: `takes ${here.told}`, there: `takes ${there.told}` };
}

function kindOf(
  word: ValueWord | undefined,
): { readonly isFile: boolean; readonly told: string } | undefined {
  const values = word?.values?.value.map(({ value }) => value) ?? [];
  if (values.length > 1) return { isFile: false, told: listNames(values.slice(0, 3), 'or') };
  const placeholder = word?.placeholder?.value ?? '';
  if (FILES.test(placeholder)) return { isFile: true, told: placeholder };
  return /^[A-Z]{2,}$/.test(placeholder) && !FREE.test(placeholder)
    ? { isFile: false, told: placeholder }
    : undefined;
}
