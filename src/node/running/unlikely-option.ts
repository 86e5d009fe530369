/** An option that no program has. */
export const UNLIKELY_OPTION = '--dabbawala-no-such-option';
