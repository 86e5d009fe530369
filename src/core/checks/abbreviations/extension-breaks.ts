import { commandScope } from '../../abbreviations/command-scope.ts';
import type { NameLookup } from '../../abbreviations/name-lookup.ts';
import { optionScope } from '../../abbreviations/option-scope.ts';
import { listNames, quoteName } from '../../messages/wording.ts';
import { extendInterface } from '../../model/extend.ts';
import type { Interface } from '../../model/interface.ts';
import { type CommandAt, walkCommands } from '../../model/walk.ts';
import { compareCodeUnits, type Place } from '../../source/source.ts';
import { defineCheck } from '../define-check.ts';

type Broken = {
  /** The shortest and the longest of the abbreviations. */
  readonly from: string;
  readonly to: string;
  readonly before: string;
  readonly after: readonly string[];
  /** Whether it has another meaning, and is not only ambiguous. */
  readonly replaced: boolean;
  /** The extension whose name breaks it. */
  readonly extension: string;
};

/** One finding for each name whose abbreviations an extension breaks. */
export const extensionBreaks = defineCheck<Broken>({
  name: 'abbreviations/extension-breaks',
  level: 'warning',
  title: 'An extension breaks abbreviations, or gives them another meaning',
  why:
    'Whoever installs an extension changes what the commands of the program mean, for every script on the machine. Neither the ' +
    "program's tests nor the extension's show it, since each is tested without the other.",
  standard: 'GNU conventions, abbreviations of long options',
  needs: ['documents of extensions'],
  since: 4,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: rounds\nparsing: {option-abbreviations: true}\noptions:\n  --avoid=PLACE: pass by PLACE\n',
    right:
      'dabbawala: 1\nprogram: rounds\nparsing: {option-abbreviations: false}\noptions:\n  --avoid=PLACE: pass by PLACE\n',
    nearMiss:
      'dabbawala: 1\nprogram: rounds\nparsing: {option-abbreviations: true}\noptions:\n  --pass-by=PLACE: pass by PLACE\n',
    extension:
      'dabbawala: 1\nprogram: rounds-harbour\nextends: rounds\noptions:\n  --avoid-tide: wait for the ebb\n',
  },
  judge(view, report) {
    const { extended } = view.interface;
    if (extended === undefined) return;
    const { base, extensions } = extended;
    const alone = extensions.map((extension) => extendInterface(base, extension));
    for (const at of view.commands) {
      report.judged();
      const after = lookupsOf(at);
      const said = new Set<string>();
      const compare = (before: Interface) => {
        for (const [i, lookup] of lookupsAt(before, at.path).entries()) {
          for (const broken of brokenNames(lookup, after[i] ?? lookup)) {
            if (said.has(broken.before)) continue;
            said.add(broken.before);
            const place = placeOf(broken.after, broken.before, at);
            const extension = extensions.find(({ sources }) =>
              sources.some(({ source }) => source === place?.source),
            );
            report.finding({
              command: at.path,
              subject: broken.before,
              data: { ...broken, extension: extension?.program.value ?? '' },
              place,
              related: [
                { place: placeOf([broken.before], '', at), note: `${quoteName(broken.from)} stood for this` },
              ],
            });
          }
        }
      };
      compare(base);
      // What two extensions do to each other shows in neither alone.
      for (const one of alone) compare(one);
    }
  },
  message: ({ from, to, before, after, replaced, extension }) => {
    const words = from === to ? quoteName(from) : `each word from ${quoteName(from)} to ${quoteName(to)}`;
    return replaced
      ? `with ${quoteName(extension)}, ${words} stands for ${listNames(after)} instead of ${quoteName(before)}`
      : `with ${quoteName(extension)}, ${words} no longer stands for ${quoteName(before)}: it may be ${listNames(after)}`;
  },
  mend: ({ before, after }) =>
    `let the extension begin ${listNames(after.filter((name) => name !== before))} with a word of its own, and callers write ${quoteName(before)} in full`,
});

type Lookup = NameLookup<unknown>;

/** The options and the subcommands of a command, where their abbreviations are accepted or may be. */
function lookupsOf(at: CommandAt): Lookup[] {
  const options = optionScope(at);
  const commands = commandScope(at);
  return [
    ...(options.accepted?.value === false ? [] : [options.index]),
    ...(commands.accepted?.value === true ? [commands.index] : []),
  ];
}

function lookupsAt(from: Interface, path: readonly string[]): Lookup[] {
  for (const at of walkCommands(from)) {
    if (at.path.length === path.length && at.path.every((name, i) => name === path[i])) return lookupsOf(at);
  }
  return [];
}

type BrokenName = Omit<Broken, 'extension'>;

/** The abbreviations that come to something else, by the name that they stood for. */
function brokenNames(before: Lookup, after: Lookup): BrokenName[] {
  const known = new Set(before.names);
  if (after.names.every((name) => known.has(name))) return [];
  const broken = new Map<string, BrokenName>();
  for (const word of before.prefixes(LEAST_LENGTH)) {
    const was = before.resolve(word);
    const name = was.verdict === 'unique' || was.verdict === 'same-option' ? was.names[0] : undefined;
    if (name === undefined) continue;
    const is = after.resolve(word);
    if (is.verdict !== 'exact' && is.names.every((one) => known.has(one))) continue;
    if (is.verdict === was.verdict && is.names[0] === name) continue;
    const first = broken.get(name);
    broken.set(name, {
      from: first?.from ?? word,
      to: word,
      before: name,
      after: first?.after ?? is.names,
      replaced: first?.replaced ?? is.verdict !== 'ambiguous',
    });
  }
  return [...broken.values()].sort((a, b) => compareCodeUnits(a.from, b.from));
}

/** Two hyphens and a letter; of commands, forms of one or two letters are left out. */
const LEAST_LENGTH = 3;

/** Where the first of some names other than one stands among the options and subcommands in reach. */
function placeOf(names: readonly string[], other: string, at: CommandAt): Place {
  const wanted = names.filter((name) => name !== other);
  const options = optionScope(at).names.map(({ name }) => name);
  const commands = commandScope(at).names.map(({ name }) => name);
  return [...options, ...commands].find(({ text }) => wanted.includes(text))?.place ?? null;
}
