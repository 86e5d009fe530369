/** Commands that load another script, or run what words come to: what a program prints may declare anything (`tiffin completion fish | source`). */
export const LOADING: ReadonlySet<string> = new Set(['source', '.', 'eval']);

/** What is told of them. */
export const NOT_LOADED = 'what the script loads when it runs';
