import { type Audit, audit, type Problem, readSource } from 'dabbawala';

/** What the page shows of one text. */
export interface Result {
  readonly audit: Audit | undefined;
  readonly problems: readonly Problem[];
}

/** Reads and audits the text in the editor: help output, or an interface document. */
export function auditText(text: string): Result {
  const { interface: cli, problems } = readSource({ name: 'text', text });
  return { audit: cli === undefined ? undefined : audit([cli]), problems };
}
