/** The heading that the help of a command has over the options of the program: `Global Flags:`, `Inherited options:`. */
export const OF_PROGRAM = /\b(?:global|inherited|parent)\b/i;
