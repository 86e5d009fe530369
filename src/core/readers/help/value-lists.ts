import { type AllowedValue, bareValue, type OptionArgument } from '../../model/argument.ts';
import { stated } from '../../model/fact.ts';
import type { Option } from '../../model/option.ts';
import { matches } from '../../source/matches.ts';
import type { CleanedText } from './cleaned-text.ts';
import type { Section } from './headings.ts';
import { TextFlow } from './text-flow.ts';
import { findWordEntries } from './word-entries.ts';

/** A list of allowed values under a heading of its own, such as `FORMAT is one of the following:`. */
export interface ValueList {
  readonly placeholder: string;
  readonly values: readonly AllowedValue[];
  readonly section: Section;
}

const HEADING =
  /^(?:The |Valid |Possible |Supported |Allowed )?['"`]?<?([A-Z][A-Z0-9_-]{1,40})>?['"`]?(?:s\b| is\b| are\b| values\b| may\b| can\b| must\b|$)/;

/** Reads the lists of values whose headings name a placeholder. */
export function readValueLists(
  sections: readonly Section[],
  placeholders: ReadonlySet<string>,
  cleaned: CleanedText,
): ValueList[] {
  const lists: ValueList[] = [];
  for (const section of sections) {
    const placeholder = HEADING.exec(section.heading)?.[1];
    if (placeholder === undefined || !placeholders.has(placeholder)) continue;
    const values: AllowedValue[] = [];
    for (const entry of findWordEntries(section.lines)) {
      const left = entry.line.text.slice(entry.start, entry.end);
      const flow = new TextFlow(cleaned, entry.pieces);
      for (const match of matches(left, /[^\s,]+/g)) {
        if (!/^[a-z0-9][\w.+-]*$/.test(match[0])) continue;
        const start = entry.line.start + entry.start + match.index;
        const help = flow.text === '' ? undefined : stated(flow.text, flow.place);
        values.push({
          ...bareValue(match[0], cleaned.span(start, start + match[0].length)),
          help,
        });
      }
    }
    if (values.length > 1) lists.push({ placeholder, values, section });
  }
  return lists;
}

/** Gives an option the values that a list names for its placeholder. */
export function withListedValues(option: Option, lists: readonly ValueList[]): Option {
  const word = option.argument?.value.words.at(-1);
  const list = lists.find((candidate) => candidate.placeholder === bareWord(word?.placeholder?.value));
  return list === undefined ? option : withValues(option, list.values);
}

/** Gives an option values for the last word of its argument; one that has values, or no argument, stays as it is. */
export function withValues(option: Option, values: readonly AllowedValue[]): Option {
  const { argument } = option;
  const word = argument?.value.words.at(-1);
  if (argument === undefined || word === undefined || word.values !== undefined) return option;
  const words = [
    ...argument.value.words.slice(0, -1),
    { ...word, values: stated(values, values[0]?.place ?? null) },
  ];
  const value: OptionArgument = { ...argument.value, words };
  return { ...option, argument: { ...argument, value } };
}

/** The placeholders of the options, without brackets. */
export function placeholdersOf(options: readonly Option[]): Set<string> {
  const found = new Set<string>();
  for (const option of options) {
    for (const word of option.argument?.value.words ?? []) {
      const name = bareWord(word.placeholder?.value);
      if (name !== undefined) found.add(name);
    }
  }
  return found;
}

function bareWord(placeholder: string | undefined): string | undefined {
  return placeholder?.replace(/^[<[{]+|[>\]}.]+$/g, '');
}
