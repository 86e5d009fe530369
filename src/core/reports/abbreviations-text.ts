import type { OptionScope } from '../abbreviations/option-scope.ts';
import type { WordResolution } from '../abbreviations/resolve-words.ts';
import { countOf, listNames } from '../checks/wording.ts';
import { printable } from '../source/printable.ts';
import { textWidth } from '../source/text-width.ts';
import { styled, type TextOptions, usedWidth } from './text-style.ts';
import { wrapText } from './text-wrap.ts';

/** The scopes of an interface as a table for people: each name with the shortest form that means the same today. */
export function abbreviationsText(scopes: readonly OptionScope[], options: TextOptions): string {
  if (scopes.length === 0) return 'no long options are known\n';
  return scopes.map((scope) => scopeText(scope, options)).join('\n');
}

function scopeText(scope: OptionScope, options: TextOptions): string {
  const { names } = scope.index;
  const rows = names.map((name) => {
    const shortest = scope.index.shortest(name);
    const rivals =
      shortest.length > 3
        ? scope.index.resolve(shortest.slice(0, -1)).names.filter((other) => other !== name)
        : [];
    return { name: printable(name), shortest: printable(shortest), rivals };
  });
  const nameWidth = Math.max(...rows.map((row) => textWidth(row.name)));
  const shortWidth = Math.max('shortest'.length, ...rows.map((row) => textWidth(row.shortest)));
  const pad = (text: string, width: number) => text + ' '.repeat(Math.max(0, width - textWidth(text)));
  const lines = rows.map(({ name, shortest, rivals }) => {
    const cut = shortest.length < name.length ? name.slice(shortest.length) : '';
    const marked = shortest === name ? name : styled(shortest, ['bold', 'underline'], options) + cut;
    const lead = `  ${marked}${' '.repeat(nameWidth - textWidth(name))}  ${pad(shortest, shortWidth)}`;
    const reason = rivals.length === 0 ? '' : `  one letter less is also ${listNames(rivals.slice(0, 2))}`;
    const room = usedWidth(options) - nameWidth - shortWidth - 4;
    return textWidth(reason) <= room
      ? `${lead}${styled(reason, ['dim'], options)}`.trimEnd()
      : lead.trimEnd();
  });
  const heading = styled(`  ${pad('name', nameWidth)}  shortest`, ['dim'], options);
  return [
    styled(scope.at.path.map(printable).join(' '), ['bold', 'underline'], options),
    wrapText(standingText(scope), usedWidth(options), '  ', '  '),
    '',
    heading,
    ...lines,
    '',
  ].join('\n');
}

function standingText(scope: OptionScope): string {
  const accepted =
    scope.accepted === undefined
      ? 'whether the parser accepts abbreviations is not said; this is what they come to where it does'
      : `the parser ${scope.accepted.basis === 'inferred' ? 'likely ' : ''}accepts ${scope.accepted.value ? '' : 'no '}abbreviations`;
  const complete = scope.complete?.value === true ? '' : ', among the names known';
  return `${countOf(scope.index.names.length, 'long name')}: ${accepted}${complete}`;
}

/** What words come to, a line each. */
export function resolutionsText(words: readonly WordResolution[], options: TextOptions): string {
  return words.map((word) => `${wrapText(resolutionText(word), usedWidth(options), '', '    ')}\n`).join('');
}

function resolutionText({
  word,
  command,
  verdict,
  names,
  count,
  shortest,
  accepted,
  complete,
}: WordResolution): string {
  const lead = `${command.map(printable).join(' ')}: '${printable(word)}'`;
  const shown = listNames(names.map(printable));
  const more = count > names.length ? ` (${count} in all)` : '';
  const short =
    shortest === undefined || shortest === word ? '' : `; the shortest form is '${printable(shortest)}'`;
  const known = complete === true ? '' : ', among the names known';
  switch (verdict) {
    case 'exact':
      return `${lead} is exact: a full name${short}`;
    case 'unique':
      return `${lead} is unique${known}: it stands for ${shown}${short}`;
    case 'same-option':
      return `${lead} begins spellings of the same option${known}: ${shown}${short}`;
    case 'ambiguous':
      return `${lead} is ambiguous: it begins ${shown}${more}`;
    case 'unknown':
      return accepted === false
        ? `${lead} is unknown: no option has this name, and the parser accepts no abbreviations`
        : `${lead} is unknown: no option known here begins so`;
    case 'not-judged':
      return `${lead} is not judged: too little is known`;
  }
}
