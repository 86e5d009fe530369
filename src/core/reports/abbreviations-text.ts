import { fragileAbbreviations } from '../abbreviations/fragility.ts';
import { freeLetters } from '../abbreviations/free-letters.ts';
import { LikelyNames } from '../abbreviations/likely-names.ts';
import type { PrefixRange } from '../abbreviations/name-lookup.ts';
import type { NameScope } from '../abbreviations/name-scope.ts';
import type { OptionScope } from '../abbreviations/option-scope.ts';
import { addTo, groupedBy } from '../collections/grouped.ts';
import { countOf, listNames } from '../messages/wording.ts';
import { printable } from '../source/printable.ts';
import { wrapText } from '../source/text-wrap.ts';
import { columnsText, type TextCell } from './text-columns.ts';
import { styled, type TextOptions, usedWidth } from './text-style.ts';

/** How many candidates of a prefix, or likely new names, a line tells. */
const NAMES_SHOWN = 3;

/** How many fragile abbreviations of one scope the table tells; JSON has them all. */
const FRAGILE_SHOWN = 8;

/**
 * The scopes of an interface as tables for people: each name with the shortest form that means the same today and the letters
 * that are free for it, the ambiguous prefixes in ranges, and the abbreviations that people likely took for names. Subcommands
 * and values have a table where the parser is known to accept their abbreviations.
 */
export function abbreviationsText(scopes: readonly NameScope[], options: TextOptions): string {
  const shown = scopes.filter(({ kind, accepted }) => kind === 'options' || accepted?.value === true);
  if (shown.length === 0) return 'no long options are known\n';
  const likely = new LikelyNames(
    scopes.flatMap((scope) => (scope.kind === 'options' ? scope.index.names : [])),
  );
  const tables = shown.filter(({ names }) => names.length > 1);
  return [
    ...tables.map((scope) => scopeText(scope, likely, options)),
    ...singlesText(
      shown.filter(({ names }) => names.length === 1),
      options,
    ),
  ].join('\n');
}

/** Where there is one name only, nothing competes with it: a line for each such name. */
function singlesText(scopes: readonly NameScope[], options: TextOptions): string[] {
  const byName = new Map<string, string[]>();
  for (const { index, at } of scopes) {
    const [name = ''] = index.names;
    addTo(byName, name, at.path.map(printable).join(' '));
  }
  return [...byName].map(([name, paths]) => {
    const where = styled(paths.join(', '), ['bold'], options);
    return `${wrapText(`${printable(name)} alone: ${where}`, usedWidth(options), '', '  ')}\n`;
  });
}

function scopeText(scope: NameScope, likely: LikelyNames, options: TextOptions): string {
  const path = [...scope.at.path, ...(scope.kind === 'values' ? [scope.subject] : [])]
    .map(printable)
    .join(' ');
  const title = scope.kind === 'options' ? path : `${path}, ${scope.kind}`;
  return [
    styled(title, ['bold', 'underline'], options),
    wrapText(standingText(scope), usedWidth(options), '  ', '  '),
    '',
    ...namesTable(scope, options),
    ...rangesTable(scope.index.ambiguousRanges(), options),
    ...(scope.kind === 'options' ? fragileTable(scope, likely, options) : []),
    '',
  ].join('\n');
}

function standingText({ kind, accepted, complete, index }: NameScope): string {
  const standing =
    accepted === undefined
      ? 'nothing says whether the parser accepts abbreviations; this is what they mean if it does'
      : `the parser ${accepted.basis === 'inferred' ? 'likely ' : ''}accepts ${accepted.value ? '' : 'no '}abbreviations`;
  const known = complete?.value === true ? '' : ', among the names known';
  const noun = { options: 'long name', commands: 'command', values: 'value' }[kind];
  return `${countOf(index.names.length, noun)}: ${standing}${known}`;
}

function namesTable(scope: NameScope, options: TextOptions): string[] {
  const letters = scope.kind === 'options' ? lettersByName(scope) : new Map<string, string>();
  const rows = scope.index.names.map((name): TextCell[] => {
    const shortest = scope.index.shortest(name);
    const forms = scope.kind === 'commands' ? (scope.segments?.minimalForms(name) ?? []) : [];
    const cut = name.startsWith(shortest) ? shortest.length : 0;
    const marked =
      styled(printable(name.slice(0, cut)), ['bold', 'underline'], options) + printable(name.slice(cut));
    return [
      { text: printable(name), shown: marked },
      { text: forms.length > 1 ? forms.map(printable).join('  ') : printable(shortest) },
      { text: letters.get(name) ?? '' },
    ];
  });
  const heading = scope.kind === 'options' ? 'name' : scope.kind.slice(0, -1);
  const shortHeading =
    scope.kind === 'commands' && scope.segments !== undefined ? 'shortest forms' : 'shortest';
  const titles = [heading, shortHeading, ...(letters.size > 0 ? ['letter'] : [])];
  return columnsText(titles, rows, options);
}

/** For each long name of a command's own options, its letter, or those that it could have. */
function lettersByName(scope: OptionScope): Map<string, string> {
  const letters = new Map<string, string>();
  const own = groupedBy(scope.names, ({ option }) => option);
  for (const [option, names] of own) {
    const letter = option.names.find(({ form }) => form === 'short');
    if (letter !== undefined) for (const { name } of names) letters.set(name.text, printable(letter.text));
  }
  for (const { option, customary, free } of freeLetters(scope.at)) {
    const [first, ...others] = free;
    const isCustomary = first !== undefined && customary.includes(first);
    const text =
      first === undefined
        ? 'none of its initials is free'
        : `free: ${[first, ...others.slice(0, 2)].join(' ')}`;
    for (const { text: name, form } of option.names)
      if (form === 'long') letters.set(name, isCustomary ? `${text} (${first} by custom)` : text);
  }
  return letters;
}

function rangesTable(ranges: readonly PrefixRange[], options: TextOptions): string[] {
  if (ranges.length === 0) return [];
  const rows = ranges.map(({ from, to, names, count }): TextCell[] => {
    const shown = names.slice(0, NAMES_SHOWN).map(printable).join(', ');
    const more = count > NAMES_SHOWN ? ` and ${count - NAMES_SHOWN} more` : '';
    return [
      { text: from === to ? printable(from) : `${printable(from)} … ${printable(to)}` },
      { text: `${shown}${more}` },
    ];
  });
  return ['', ...columnsText(['ambiguous', 'begins'], rows, options)];
}

function fragileTable(scope: OptionScope, likely: LikelyNames, options: TextOptions): string[] {
  const fragile = fragileAbbreviations(scope, likely).filter(
    ({ because, breakers }) => because === 'leading-words' || breakers.length > 0,
  );
  if (fragile.length === 0) return [];
  const rows = fragile.slice(0, FRAGILE_SHOWN).map(({ word, name, breakers, takenOver }): TextCell[] => {
    const others = breakers.filter((one) => one !== word).map(printable);
    const text = takenOver
      ? 'a new option with exactly this name, silently'
      : others.length === 0
        ? 'any new name that begins this way'
        : `a new ${listNames(others, 'or')}`;
    return [{ text: printable(word) }, { text: printable(name) }, { text }];
  });
  const more = fragile.length - rows.length;
  return [
    '',
    ...columnsText(['looks like a name', 'means', 'what would change that'], rows, options),
    ...(more > 0 ? [styled(`  and ${more} more`, ['dim'], options)] : []),
  ];
}
