import type { Doubt } from '../source/doubt.ts';
import type { Place, Source } from '../source/source.ts';
import type { Command } from './command.ts';
import type { Fact, Knowable } from './fact.ts';

/** Kinds of source that an interface can be read from, in the order in which their facts are preferred. */
export const SOURCE_KINDS = ['document', 'objects', 'script', 'help', 'manual'] as const;

/** What an interface was read from: a document, a parser's objects, a shell script, help output, a manual page. */
export type SourceKind = (typeof SOURCE_KINDS)[number];

/** A text from which an interface was read. */
export interface InterfaceSource {
  readonly source: Source;
  readonly kind: SourceKind;
  /** The command path that the text describes. */
  readonly command: readonly string[];
  /** The columns of the terminal for which help output was printed; undefined where not known. */
  readonly width: number | undefined;
  /** Its parts that may have been misread. */
  readonly doubts: readonly Doubt[];
  /** How many of its lines that are not blank are known for what they are, and how many not; undefined where it is not read by lines. */
  readonly lines: { readonly read: number; readonly unread: number } | undefined;
}

export type Standard = 'posix' | 'gnu';

export interface EnvironmentVariable {
  readonly name: string;
  readonly help: Knowable<string>;
  readonly place: Place;
}

/** An exit status, or a range of them. */
export interface ExitStatus {
  readonly from: number;
  readonly to: number;
  readonly help: Knowable<string>;
  readonly place: Place;
}

export interface RelatedFile {
  readonly path: string;
  readonly help: Knowable<string>;
  readonly place: Place;
}

/** What a real run of the program showed. */
export interface Observation {
  readonly words: readonly string[];
  readonly exitStatus: number | undefined;
  readonly standardOutput: Source;
  readonly standardError: Source;
  /** Columns of the terminal that the program was told of. */
  readonly width: number;
  /** How long the run took; undefined where that was not kept. */
  readonly milliseconds: number | undefined;
}

/** All that a program offers on its command line. */
export interface Interface {
  readonly program: Fact<string>;
  /** The words that invoke the program, where they are more than its name (`python3 -m tiffin`). */
  readonly invocations: readonly Fact<readonly string[]>[];
  /** The program whose interface this one adds to, where it is an extension. */
  readonly extends: Knowable<string>;
  readonly version: Knowable<string>;
  readonly claims: readonly Fact<Standard>[];
  readonly root: Command;
  readonly environment: readonly EnvironmentVariable[];
  readonly exitStatuses: readonly ExitStatus[];
  readonly files: readonly RelatedFile[];
  readonly seeAlso: readonly Fact<string>[];
  readonly bugAddress: Knowable<string>;
  readonly observations: readonly Observation[];
  readonly sources: readonly InterfaceSource[];
  /** Where several sources were joined: what each said by itself, those first whose facts are preferred. */
  readonly views: readonly Interface[];
  /** Where extensions were added: the program without them, and each by itself, in the order in which they were added. */
  readonly extended: { readonly base: Interface; readonly extensions: readonly Interface[] } | undefined;
}

const UNKNOWN_INTERFACE: Omit<Interface, 'program' | 'root' | 'sources'> = {
  views: [],
  invocations: [],
  extends: undefined,
  version: undefined,
  claims: [],
  environment: [],
  exitStatuses: [],
  files: [],
  seeAlso: [],
  bugAddress: undefined,
  observations: [],
  extended: undefined,
};

/** An interface of which only the given facts are known. */
export function makeInterface(
  facts: Pick<Interface, 'program' | 'root' | 'sources'> & Partial<Interface>,
): Interface {
  return { ...UNKNOWN_INTERFACE, ...facts };
}
