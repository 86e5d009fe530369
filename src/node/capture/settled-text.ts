/** Where a program was run. */
export interface RunPlace {
  /** The home that it was given; undefined where that is the user's. */
  readonly home: string | undefined;
  /** The folder for its temporary files. */
  readonly folder: string;
  /** Its path, and the word that it was called by. */
  readonly program: string;
  readonly calledBy: string;
}

/**
 * What a program printed, without what is another text each time: the home of the run stands as `~`, its folder as `.`, what the program made
 * there as one name, and the program's path as the word that it was called by.
 */
export function settledText(text: string, { home, folder, program, calledBy }: RunPlace): string {
  const inFolder = new RegExp(`${literal(folder)}(?:/[^\\s'"\`]+)?`, 'g');
  const ownPath = new RegExp(`${literal(program)}(?![\\w/.-])`, 'g');
  return (home === undefined ? text : text.replaceAll(home, '~'))
    .replace(inFolder, (all) => (all === folder ? '.' : './temporary'))
    .replace(ownPath, () => calledBy);
}

/** A text as a pattern that only it matches. */
function literal(text: string): string {
  return text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
}
