import type { Doubt } from '../source/doubt.ts';
import type { Place, Source } from '../source/source.ts';
import type { Command } from './command.ts';
import type { Fact, Knowable } from './fact.ts';
import type { OptionLoop } from './option-loop.ts';

/** Kinds of source that an interface can be read from, in the order in which their facts are preferred. */
export const SOURCE_KINDS = ['document', 'objects', 'script', 'help', 'manual', 'markdown'] as const;

/** What an interface was read from: a document, a parser's objects, a shell script, help output, a manual page, the help in a text in Markdown. */
export type SourceKind = (typeof SOURCE_KINDS)[number];

/** A text from which an interface was read. */
export interface InterfaceSource {
  /** The text and its name. */
  readonly source: Source;
  /** What kind of text it is. */
  readonly kind: SourceKind;
  /** The command path that the text describes. */
  readonly command: readonly string[];
  /** The columns of the terminal for which help output was printed; undefined where not known. */
  readonly width: number | undefined;
  /** Its parts that may have been misread. */
  readonly doubts: readonly Doubt[];
  /** How many of its lines that are not blank are known for what they are, and how many not; undefined where it is not read by lines. */
  readonly lines:
    | {
        /** Lines that are known for what they are. */
        readonly read: number;
        /** Lines of which nothing is known. */
        readonly unread: number;
      }
    | undefined;
}

/** A standard that a program can claim to keep. */
export type Standard = 'posix' | 'gnu';

/** An environment variable that the program reads. */
export interface EnvironmentVariable {
  /** Its name, without a dollar sign. */
  readonly name: string;
  /** What it is for. */
  readonly help: Knowable<string>;
  /** Where it is described. */
  readonly place: Place;
}

/** An exit status, or a range of them. */
export interface ExitStatus {
  /** The first status of the range. */
  readonly from: number;
  /** The last status of the range; the same as the first for one status. */
  readonly to: number;
  /** What it means. */
  readonly help: Knowable<string>;
  /** Where it is described. */
  readonly place: Place;
}

/** A file that the program reads or writes by itself. */
export interface RelatedFile {
  /** Its path, as the source writes it. */
  readonly path: string;
  /** What it is for. */
  readonly help: Knowable<string>;
  /** Where it is described. */
  readonly place: Place;
}

/** What a real run of the program showed. */
export interface Observation {
  /** The words that were run, the program first. */
  readonly words: readonly string[];
  /** The status that it ended with; undefined where a signal or a limit ended it. */
  readonly exitStatus: number | undefined;
  /** What it wrote to standard output. */
  readonly standardOutput: Source;
  /** What it wrote to standard error. */
  readonly standardError: Source;
  /** Columns of the terminal that the program was told of. */
  readonly width: number;
  /** How long the run took; undefined where that was not kept. */
  readonly milliseconds: number | undefined;
}

/** A text that shows which parser a program uses. */
export interface ParserMark {
  /** The text. */
  readonly text: string;
  /** Where it stands. */
  readonly place: Place;
}

/** All that a program offers on its command line. */
export interface Interface {
  /** The name that people call the program by. */
  readonly program: Fact<string>;
  /** The words that invoke the program, where they are more than its name (`python3 -m tiffin`). */
  readonly invocations: readonly Fact<readonly string[]>[];
  /** The program whose interface this one adds to, where it is an extension. */
  readonly extends: Knowable<string>;
  /** The version that the sources tell. */
  readonly version: Knowable<string>;
  /**
   * The parser that reads its command lines, by the name of its profile; several where it is one of them, and not known which. The rules that follow
   * from it stand among those of the commands.
   */
  readonly parser: Knowable<readonly string[]>;
  /** The marks by which a help shows its parser; none where the parser is named, or not known. */
  readonly parserMarks: readonly ParserMark[];
  /** The standards that it says it keeps. */
  readonly claims: readonly Fact<Standard>[];
  /** The program itself, with all its commands. */
  readonly root: Command;
  /** The environment variables that it reads. */
  readonly environment: readonly EnvironmentVariable[];
  /** Its exit statuses. */
  readonly exitStatuses: readonly ExitStatus[];
  /** The files that it reads or writes by itself. */
  readonly files: readonly RelatedFile[];
  /** What its manual refers to. */
  readonly seeAlso: readonly Fact<string>[];
  /** Where mistakes are to be reported. */
  readonly bugAddress: Knowable<string>;
  /** The loops of its script that read options; empty where no script was read. */
  readonly optionLoops: readonly OptionLoop[];
  /** What real runs showed; empty where it was not captured. */
  readonly observations: readonly Observation[];
  /** The texts from which it was read. */
  readonly sources: readonly InterfaceSource[];
  /** Where several sources were joined: what each said by itself, those first whose facts are preferred. */
  readonly views: readonly Interface[];
  /** Where extensions were added: the program without them, and each by itself, in the order in which they were added. */
  readonly extended:
    | {
        /** The program without extensions. */
        readonly base: Interface;
        /** The extensions. */
        readonly extensions: readonly Interface[];
      }
    | undefined;
}

const UNKNOWN_INTERFACE: Omit<Interface, 'program' | 'root' | 'sources'> = {
  views: [],
  invocations: [],
  extends: undefined,
  version: undefined,
  parser: undefined,
  parserMarks: [],
  claims: [],
  environment: [],
  exitStatuses: [],
  files: [],
  seeAlso: [],
  bugAddress: undefined,
  optionLoops: [],
  observations: [],
  extended: undefined,
};

/** An interface of which only the given facts are known. */
export function makeInterface(
  facts: Pick<Interface, 'program' | 'root' | 'sources'> & Partial<Interface>,
): Interface {
  return { ...UNKNOWN_INTERFACE, ...facts };
}
