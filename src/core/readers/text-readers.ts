import { SOURCE_KINDS, type SourceKind } from '../model/interface.ts';
import type { Source } from '../source/source.ts';
import { isDocument } from './document/is-document.ts';
import { readDocument } from './document/read-document.ts';
import type { HelpSettings } from './help/help-settings.ts';
import { readHelp } from './help/read-help.ts';
import { isManual } from './manual/is-manual.ts';
import { isMarkdown } from './markdown/help-blocks.ts';
import { readManual } from './read-manual.ts';
import { readMarkdown } from './read-markdown.ts';
import type { Reading } from './reading.ts';
import { isScript } from './script/is-script.ts';
import { readScript } from './script/read-script.ts';

/** What reads one kind of source from its text. */
interface TextReader {
  /** Whether a text is of the kind, by its contents. */
  readonly recognises: (text: string) => boolean;
  readonly read: (source: Source, settings: HelpSettings) => Reading;
}

/** The reader of each kind of source; undefined for what is not read from a text. */
export const TEXT_READERS = {
  document: { recognises: isDocument, read: (source) => readDocument(source) },
  objects: undefined,
  script: { recognises: isScript, read: readScript },
  help: { recognises: () => true, read: readHelp },
  manual: { recognises: isManual, read: readManual },
  markdown: { recognises: isMarkdown, read: readMarkdown },
} as const satisfies Readonly<Record<SourceKind, TextReader | undefined>>;

/** A kind of source that can be read from a text alone. */
export type ReadableKind = {
  [Kind in SourceKind]: (typeof TEXT_READERS)[Kind] extends TextReader ? Kind : never;
}[SourceKind];

/** Kinds of source that can be read from a text alone. */
export const READABLE_KINDS: readonly ReadableKind[] = SOURCE_KINDS.filter(isReadable);

/** The kinds in the order in which a text is held against them: a page about a shell may show loops of scripts, and whatever nothing else recognises is help. */
const ASKED = ['document', 'manual', 'script', 'markdown', 'help'] as const satisfies readonly ReadableKind[];

/** The kind of source that a text is, told from its contents; what nothing else recognises is help output. */
export function detectKind(text: string): ReadableKind {
  return ASKED.find((kind) => TEXT_READERS[kind].recognises(text)) ?? 'help';
}

function isReadable(kind: SourceKind): kind is ReadableKind {
  return TEXT_READERS[kind] !== undefined;
}
