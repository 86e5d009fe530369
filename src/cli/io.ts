import type { ReportContext, TextOptions } from 'dabbawala';
import { TOOL } from './version.ts';

/** All that the command needs of the world; only `bin.ts` takes it from the process. */
export interface Io {
  readonly stdin: AsyncIterable<Uint8Array>;
  readonly write: (text: string) => void;
  readonly writeError: (text: string) => void;
  /** Columns of the terminal that standard output is; undefined where it is none. */
  readonly columns: number | undefined;
  readonly colour: boolean;
  /** Shows how far long work has come, or takes that away; undefined where standard error is no terminal. */
  readonly showProgress: ((text: string | undefined) => void) | undefined;
  /** Asks whoever sits at the terminal; undefined where nobody does. */
  readonly ask: ((question: string) => Promise<boolean>) | undefined;
  /** A signal that is given when the user stops the command, which then no longer ends at once. */
  readonly stopSignal: () => AbortSignal;
}

const WIDTH_WITHOUT_TERMINAL = 80;

/** What the reports of the command are written with. */
export function reportContext(io: Io): ReportContext {
  return { tool: TOOL, text: textOptions(io) };
}

function textOptions(io: Io): TextOptions {
  return { width: io.columns ?? WIDTH_WITHOUT_TERMINAL, colour: io.colour };
}
