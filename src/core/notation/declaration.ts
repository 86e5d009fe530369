import { type ScannedArgument, scanArgument } from './argument-notation.ts';
import { isBlank } from './characters.ts';
import { isNameBoundary, type ScannedName, scanOptionName } from './option-name.ts';

export interface DeclaredName extends ScannedName {
  readonly argument: ScannedArgument | undefined;
}

/** The left part of an entry of an option list: names with their arguments, by their indexes in the line. */
export interface Declaration {
  readonly names: readonly DeclaredName[];
  /** Whether it ends in a bare word in lower case that might be text as well. */
  readonly loose: boolean;
  readonly end: number;
}

/**
 * Reads names and option-arguments from `start`, as far as they go before `to`: `-x, --long=VALUE`, `-x|--long`,
 * `-x  --long`, `-x ARG, --long ARG`, `--on / --off`. Undefined where no name begins there.
 */
export function scanDeclaration(text: string, start: number, to: number): Declaration | undefined {
  const names: DeclaredName[] = [];
  let end = start;
  let next: number | undefined = start;
  while (next !== undefined) {
    const name = scanOptionName(text, next, to);
    if (name === undefined) break;
    const argument = scanArgument(text, name.end, to);
    const after: number = argument?.end ?? name.end;
    if (argument === undefined && !isNameBoundary(text, after, to))
      return names.length === 0 ? undefined : finish();
    names.push({ ...name, argument });
    end = after;
    next = separatorEnd(text, after, to);
  }
  return names.length === 0 ? undefined : finish();

  function finish(): Declaration {
    return { names, loose: names.at(-1)?.argument?.loose ?? false, end };
  }
}

/** The index of the next name behind a separator; undefined where no separator with a name behind it follows. */
function separatorEnd(text: string, start: number, to: number): number | undefined {
  let i = start;
  while (i < to && isBlank(text[i])) i++;
  if (text.startsWith('or ', i) && i > start) i += 3;
  else if (',|/;'.includes(text[i] ?? ' ')) {
    i++;
    if (text.startsWith(' or ', i)) i += 4;
  } else if (i === start) return undefined;
  while (i < to && isBlank(text[i])) i++;
  return i < to && (text[i] === '-' || text[i] === '+') ? i : undefined;
}
