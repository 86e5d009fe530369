/** The longest help text that is read, in UTF-16 units. */
export const TEXT_LIMIT = 16 * 1024 * 1024;

/** The most options and commands that one text may list. */
export const ENTRY_LIMIT = 200_000;

/** The most words that lead to a command: a synopsis with more of them says something else. */
export const PATH_LIMIT = 20;
