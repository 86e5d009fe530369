import type { Interface } from '../model/interface.ts';
import type { Shell } from '../model/inventory.ts';
import { bashCompletion } from './completion/bash-script.ts';
import { fishCompletion } from './completion/fish-script.ts';
import { zshCompletion } from './completion/zsh-script.ts';
import { documentJson, documentYaml } from './document/write-document.ts';
import { helpText } from './help/help-text.ts';
import { manualPage } from './manual/manual-page.ts';
import { referenceMarkdown } from './markdown/reference.ts';

/** Writes an interface in one form, ending in a newline; `date` (YYYY-MM-DD) stands in forms that state the day. */
export type Writer = (cli: Interface, date: string) => string;

/** The completion scripts, by shell. */
export const COMPLETION_WRITERS: Readonly<Record<Shell, Writer>> = {
  bash: bashCompletion,
  zsh: zshCompletion,
  fish: fishCompletion,
};

/** The forms of an interface document. */
export const DOCUMENT_WRITERS = {
  /** An interface document in YAML. */
  yaml: documentYaml,
  /** An interface document in JSON. */
  json: documentJson,
} as const satisfies Record<string, Writer>;

/** Every form that an interface can be written in. */
export const WRITERS = {
  ...DOCUMENT_WRITERS,
  /** A reference in Markdown. */
  markdown: referenceMarkdown,
  ...COMPLETION_WRITERS,
  /** Help output, as a script prints it for its usage text. */
  help: (cli) => helpText(cli),
  /** A manual page. */
  man: manualPage,
} as const satisfies Record<string, Writer>;

/** A form that an interface can be written in. */
export type WrittenForm = keyof typeof WRITERS;
