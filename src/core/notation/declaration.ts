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
  const closer = CLOSERS.get(text[start] ?? '');
  let end = start;
  let wasBarred = false;
  let next: number | undefined = skipBareHyphen(text, closer === undefined ? start : start + 1);
  while (next !== undefined) {
    const name = scanOptionName(text, next, to);
    if (name === undefined) break;
    const nameEnd = skipFootnote(text, name.end, to);
    let argument = scanArgument(text, nameEnd, to);
    let after: number = argument?.end ?? nameEnd;
    if (argument === undefined && !isNameBoundary(text, after, to)) break;
    if (closer !== undefined && text[after] === closer) {
      // `{--all|--every} <name>`: what stands behind the bracket is the argument of the last name.
      after++;
      const behind = argument === undefined ? scanArgument(text, after, to) : undefined;
      argument ??= behind;
      after = behind?.end ?? after;
    }
    names.push({ ...name, argument });
    end = after;
    const isBarred = text[after] === '|';
    // `-a|--add -o FILE`: where bars part the names, a single blank does not.
    const isOther = wasBarred && text[after] === ' ' && text[after + 1] === '-';
    next = isOther ? undefined : separatorEnd(text, after, to);
    wasBarred = isBarred;
  }
  return names.length === 0 ? undefined : finish();

  function finish(): Declaration {
    return { names, loose: names.at(-1)?.argument?.loose ?? false, end };
  }
}

/** Brackets around names: `[-h|--help]`, `{--all|--every} <name>`. */
const CLOSERS: ReadonlyMap<string, string> = new Map([
  ['[', ']'],
  ['{', '}'],
]);

/** `-, -l, --login`: a hyphen alone is an operand beside the names. */
function skipBareHyphen(text: string, start: number): number {
  return text.startsWith('-, -', start) ? start + 3 : start;
}

/** `--borders*`, `--verbose...`: a mark that refers to a note below, or that the option may be given several times. */
function skipFootnote(text: string, end: number, to: number): number {
  const mark = text[end] === '*' ? 1 : text.startsWith('...', end) ? 3 : 0;
  return end + mark >= to || isBlank(text[end + mark]) ? end + mark : end;
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
  const dots = /^\.{2,3},?\s+(?=[-+])/.exec(text.slice(i, Math.min(to, i + 12)));
  i += dots?.[0].length ?? 0;
  return i < to && (text[i] === '-' || text[i] === '+') ? i : undefined;
}
