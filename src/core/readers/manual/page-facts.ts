import { type Fact, stated } from '../../model/fact.ts';
import type { Interface, RelatedFile } from '../../model/interface.ts';
import type { Source, Span } from '../../source/source.ts';
import type { PageSection, PageTag } from './page-builder.ts';

/** What the sections of a page tell that help output does not have. */
export type PageFacts = Pick<Interface, 'files' | 'seeAlso' | 'bugAddress'>;

/** How many pages, or files, a section may tell of. */
const ITEM_LIMIT = 1000;

/** Reads the files that a page names, the pages that it refers to, and the address for mistakes. */
export function pageFacts(
  text: Source,
  sections: readonly PageSection[],
  tags: readonly PageTag[],
): PageFacts {
  const named = (heading: RegExp) => sections.filter((section) => heading.test(section.heading));
  return {
    files: named(/^FILES$/i)
      .flatMap((section) => files(text, section, tags))
      .slice(0, ITEM_LIMIT),
    seeAlso: named(/^SEE ALSO$/i)
      .flatMap((section) => references(text, section))
      .slice(0, ITEM_LIMIT),
    bugAddress: named(/^(?:REPORTING BUGS|BUG REPORTS|BUGS|AUTHORS?)$/i)
      .map((section) => address(text, section))
      .find((one) => one !== undefined),
  };
}

/** The tags of a section that are paths, with the texts below them. */
function files(text: Source, { start, end }: PageSection, tags: readonly PageTag[]): RelatedFile[] {
  const found: RelatedFile[] = [];
  for (const tag of tags) {
    if (tag.start < start || tag.start >= end) continue;
    const path = text.text.slice(tag.start, tag.end).trim();
    if (!/^[~/.$%]\S*$/.test(path)) continue;
    const place = { source: text, start: tag.start, end: tag.start + path.length };
    const below = textOf(text, tag.end, Math.min(tag.textEnd, end));
    found.push({ path, help: below, place });
  }
  return found;
}

function textOf(source: Source, start: number, end: number): Fact<string> | undefined {
  const value = source.text.slice(start, end).replace(/\s+/g, ' ').trim();
  return value === '' ? undefined : stated(value, { source, start, end });
}

/** Pages with their sections in brackets: `cron(8)`. */
function references(text: Source, section: PageSection): Fact<string>[] {
  return [...matchesIn(text, section, /[\w.+:@-]+ ?\(\d\w{0,8}\)/g)].map(({ value, place }) =>
    stated(value.replace(' ', ''), place),
  );
}

/** The address for mistakes: the first of a section about them, or the one that a section says they are sent to. */
function address(text: Source, section: PageSection): Fact<string> | undefined {
  const [first] = matchesIn(text, section, /bug/i.test(section.heading) ? ADDRESS : ADDRESS_FOR_BUGS);
  return first === undefined ? undefined : stated(first.value, first.place);
}

const ADDRESS = /https?:\/\/[^\s<>()"]*[^\s<>()".,;]|[\w.+-]{1,64}@[\w-]{1,64}(?:\.[\w-]{1,64})+/g;
const ADDRESS_FOR_BUGS =
  /(?<=\b(?:report|send) (?:[a-z]{1,20} )?bugs? (?:reports? )?(?:to|at) <?)[^\s<>]{1,200}[^\s<>.,;]/gi;

interface Match {
  readonly value: string;
  readonly place: Span;
}

function* matchesIn(source: Source, { start, end }: PageSection, pattern: RegExp): Generator<Match> {
  for (const { 0: value, index } of source.text.slice(start, end).matchAll(pattern))
    yield { value, place: { source, start: start + index, end: start + index + value.length } };
}
