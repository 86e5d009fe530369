import { plainText, type StyledText } from './styled-text.ts';

/**
 * Whether two tags above one text name one option: a letter above a long name, or below one, or the same name again with another argument. Others
 * that share a text may be different options.
 */
export function namesOneOption(above: readonly StyledText[], below: readonly StyledText[]): boolean {
  if (above.length > PIECES_LIMIT) return false;
  const [names, others] = [namesOf(above), namesOf(below)];
  const [first] = others;
  if (names.length === 0 || first === undefined) return false;
  if (others.length === 1 && names.at(-1) === first) return !/[=[<]/.test(plainText(above));
  const [isLetters, isLong] = [names.every(isLetter), names.every(isLongName)];
  return (isLetters && others.every(isLongName)) || (isLong && others.every(isLetter));
}

/** Names of one option are no more than these pieces of a line. */
const PIECES_LIMIT = 40;

function namesOf(tag: readonly StyledText[]): string[] {
  const parts = plainText(tag)
    .split(/,\s+/)
    .map((part) => /^\s*(-{1,2}[^\s=[<]+)/.exec(part)?.[1]);
  return parts.every((name) => name !== undefined) ? parts : [];
}

function isLetter(name: string): boolean {
  return /^-[^-]$/.test(name);
}

function isLongName(name: string): boolean {
  return name.startsWith('--');
}
