/** Exit statuses of the command. */
export const DONE = 0;
/** There are findings at or above the threshold, or a word that cannot be resolved. */
export const FOUND = 1;
/** The command line or a source could not be used. */
export const UNUSABLE = 2;
