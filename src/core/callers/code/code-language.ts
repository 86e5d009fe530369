/** What a text in quotes is good for. */
export type TextUse =
  /** A string. */
  | 'string'
  /** A text that a shell runs, as one in backticks is. */
  | 'command'
  /** A list of words, parted by blanks. */
  | 'words'
  /** Nothing that a program is given, such as a regular expression. */
  | 'pattern';

/** One way in which a language writes texts in quotes. */
export interface TextForm {
  /** Finds the opening, where one stands; sticky. */
  readonly opens: RegExp;
  /** What closes it, by what opened it; the bracket that opened it where not given. */
  readonly closes?: (opening: string) => string;
  readonly use: TextUse;
  /** What a backslash does: it escapes as in C, only the closing and itself, or nothing. */
  readonly escapes: 'as-in-c' | 'closing' | 'none';
  /** Finds what stands for something else in it, up to its first bracket where it has one; sticky. */
  readonly expands?: RegExp;
  /** Whether it may go on in the next line. */
  readonly isLong: boolean;
  /** How many parts it has, each closed: two for a replacement. One where not given. */
  readonly parts?: 2;
}

/** What of a programming language is needed to find the texts and lists in it. */
export interface CodeLanguage {
  /** Finds a comment, or a part that is none of the program; sticky. */
  readonly comment: RegExp;
  /** Finds a name, a number or a keyword; sticky. */
  readonly word: RegExp;
  readonly texts: readonly TextForm[];
  /** Whether what stands between slashes is a regular expression where a value is expected. */
  readonly hasPatterns: boolean;
  /** Finds what announces that the next lines are a text, with its end in the second group; sticky. */
  readonly linesBelow?: RegExp;
  /** Whether texts that stand side by side are one. */
  readonly joinsTexts: boolean;
  /** Whether functions are called without parentheses, too. */
  readonly callsBare: boolean;
  /** Functions that run a program and whose names do not tell, with the objects they belong to. */
  readonly runners: ReadonlySet<string>;
}
