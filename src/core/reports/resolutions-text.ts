import type { WordResolution } from '../abbreviations/resolve-words.ts';
import { listNames, listSome, quoteName } from '../messages/wording.ts';
import { printable } from '../source/printable.ts';
import { wrapText } from '../source/text-wrap.ts';
import { type TextOptions, usedWidth } from './text-style.ts';

/** How many further commands a line names in which a word means the same. */
const COMMANDS_SHOWN = 3;

/** What words come to, a paragraph each: what it stands for and why, its shortest and its safest form, and what would change it. */
export function resolutionsText(words: readonly WordResolution[], options: TextOptions): string {
  return groupsOfSame(words)
    .map(([word, ...others]) => {
      const [head, ...notes] = resolutionLines(word);
      if (others.length > 0) notes.push(`the same in ${listSome(others.map(whereOf), COMMANDS_SHOWN)}`);
      const width = usedWidth(options);
      return [
        wrapText(head ?? '', width, '', '    '),
        ...notes.map((note) => wrapText(note, width, '  ', '    ')),
        '',
      ].join('\n');
    })
    .join('');
}

/** Resolutions that differ in their command only, together: an inherited option is the same in many. */
function groupsOfSame(words: readonly WordResolution[]): [WordResolution, ...WordResolution[]][] {
  const groups = new Map<string, [WordResolution, ...WordResolution[]]>();
  for (const word of words) {
    const id = JSON.stringify({ ...word, command: undefined });
    const group = groups.get(id);
    if (group === undefined) groups.set(id, [word]);
    else group.push(word);
  }
  return [...groups.values()];
}

/** The command, and the option or operand whose value it is. */
function whereOf({ command, subject }: WordResolution): string {
  return [...command, ...(subject === undefined ? [] : [subject])].map(printable).join(' ');
}

const KINDS = { options: 'option', commands: 'command', values: 'value' } as const;

function resolutionLines(resolution: WordResolution): string[] {
  const { word, kind, verdict, names, count, accepted, complete } = resolution;
  const lead = `${whereOf(resolution)}: ${KINDS[kind]} '${printable(word)}'`;
  const shown = listNames(names.map(printable));
  const more = count > names.length ? ` (${count} in all)` : '';
  const known = complete === true ? '' : ', among the names known';
  const unsaid = accepted === undefined ? ', if the parser accepts abbreviations, which is not stated' : '';
  switch (verdict) {
    case 'exact':
      return [`${lead} is exact: a full name`, ...shortNotes(resolution)];
    case 'unique':
      return [
        count > 1
          ? `${lead} stands for ${shown}${known}: the first declared of ${count} that begin this way${unsaid}`
          : `${lead} is unique${known}: it stands for ${shown}, since no other begins this way${unsaid}`,
        ...shortNotes(resolution),
        ...changeNotes(resolution),
      ];
    case 'same-option':
      return [
        `${lead} begins several spellings of the same ${KINDS[kind]}${known}: ${shown}${unsaid}`,
        ...shortNotes(resolution),
        ...changeNotes(resolution),
      ];
    case 'ambiguous':
      return [`${lead} is ambiguous: it begins ${shown}${more}`];
    case 'unknown':
      return [
        accepted === false
          ? `${lead} is unknown: no ${KINDS[kind]} has this name, and the parser accepts no abbreviations`
          : `${lead} is unknown: no ${KINDS[kind]} known here begins this way`,
      ];
    case 'not-judged':
      return [
        `${lead} is not judged: no ${KINDS[kind]} known here begins this way, but the list may be incomplete`,
      ];
  }
}

function shortNotes({ word, shortest, safest }: WordResolution): string[] {
  if (shortest === undefined || safest === undefined) return [];
  const isShortest =
    shortest === word ? 'it is the shortest form' : `the shortest form is ${quoted(shortest)}`;
  const isSafest =
    safest === shortest ? '' : `; the shortest that no likely new name breaks is ${quoted(safest)}`;
  return [`${isShortest}${isSafest}`];
}

function changeNotes({ word, breakers }: WordResolution): string[] {
  if (breakers.length === 0) return [];
  const others = breakers.filter((name) => name !== word);
  return [
    ...(breakers.includes(word) ? [`a new option with exactly this name would silently take it over`] : []),
    ...(others.length > 0 ? [`a new ${listNames(others.map(printable), 'or')} would make it ambiguous`] : []),
  ];
}

function quoted(name: string): string {
  return quoteName(printable(name));
}
