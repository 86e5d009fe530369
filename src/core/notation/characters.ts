/** Whether a character may stand inside a word such as an option name: a letter, digit, underscore, or beyond ASCII. */
export function isWordCharacter(unit: number): boolean {
  return (
    (unit >= 0x30 && unit <= 0x39) ||
    (unit >= 0x41 && unit <= 0x5a) ||
    (unit >= 0x61 && unit <= 0x7a) ||
    unit === 0x5f ||
    unit > 0xa0
  );
}

export function isUpper(unit: number): boolean {
  return unit >= 0x41 && unit <= 0x5a;
}

export function isLower(unit: number): boolean {
  return unit >= 0x61 && unit <= 0x7a;
}

export function isDigit(unit: number): boolean {
  return unit >= 0x30 && unit <= 0x39;
}

/** Whether a word has a letter in lower case. */
export function hasLower(word: string): boolean {
  for (let i = 0; i < word.length; i++) if (isLower(word.charCodeAt(i))) return true;
  return false;
}

export function isBlank(character: string | undefined): boolean {
  return character === ' ' || character === '\t';
}

/** What closes a bracket; undefined for what opens none. */
export function closerOf(character: string | undefined): string | undefined {
  switch (character) {
    case '[':
      return ']';
    case '<':
      return '>';
    case '{':
      return '}';
    case '(':
      return ')';
    default:
      return undefined;
  }
}

/** How far a bracket is searched for its end: longer ones are text. */
const BRACKET_LIMIT = 600;

/** The index after the bracket that closes the one at `start`, nested ones skipped; undefined where none does. */
export function bracketEnd(text: string, start: number, to: number): number | undefined {
  const stack: string[] = [];
  const limit = Math.min(to, start + BRACKET_LIMIT);
  for (let i = start; i < limit; i++) {
    const character = text[i] ?? '';
    const closer = closerOf(character);
    if (closer !== undefined && stack.at(-1) !== '>') stack.push(closer);
    else if (character === stack.at(-1)) {
      stack.pop();
      if (stack.length === 0) return i + 1;
    }
  }
  return undefined;
}

export function isOpener(character: string | undefined): boolean {
  return closerOf(character) !== undefined;
}
