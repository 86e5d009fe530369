import { type Audit, audit, type Problem, readHelp } from 'dabbawala';

/** What the page shows of one text. */
export interface Result {
  readonly audit: Audit | undefined;
  readonly problems: readonly Problem[];
}

/** Reads and audits the text in the editor. */
export function auditText(text: string): Result {
  const { interface: from, problems } = readHelp({ name: 'help', text });
  return { audit: from === undefined ? undefined : audit([from]), problems };
}
