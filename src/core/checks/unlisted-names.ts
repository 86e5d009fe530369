/** Options that are there without being listed. */
export const EVERYWHERE: ReadonlySet<string> = new Set(['--help', '--version', '-h', '-V']);

/** Whether a name is one that a parser may take though no list has it: `--no-late` of `--late`, and the other way round. */
export function isNegation(name: string, known: ReadonlySet<string>): boolean {
  const word = name.slice(2);
  return (
    known.has(`--no-${word}`) ||
    known.has(`--no${word}`) ||
    (/^no-?/.test(word) && known.has(`--${word.replace(/^no-?/, '')}`))
  );
}
