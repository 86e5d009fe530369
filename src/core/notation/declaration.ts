import { type ScannedArgument, type ScannedWord, scanArgument } from './argument-notation.ts';
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
    const isBracketed = text.startsWith(' [ ', end) && next === end + 3;
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
    const foreign = skipForeignNames(text, after, to);
    if (foreign > after) {
      argument ??= scanArgument(text, foreign, to);
      after = argument === undefined ? foreign : Math.max(foreign, argument.end);
    }
    if (isBracketed && text.startsWith(' ]', after)) {
      // `-f [ --file ] arg`
      after += 2;
      argument ??= scanArgument(text, after, to);
      after = argument?.end ?? after;
    }
    const byDefault = argument === undefined ? undefined : scanDefault(text, after, to);
    if (argument !== undefined && byDefault !== undefined) {
      argument = withDefault(argument, byDefault);
      after = byDefault.end;
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

/** `arg (=10)`: the default behind an argument. */
function scanDefault(text: string, start: number, to: number): ScannedWord['default'] {
  const shown = /^ \(=([^()]{0,80})\)(?= |$)/.exec(text.slice(start, Math.min(to, start + 90)));
  return shown === null
    ? undefined
    : { value: shown[1] ?? '', start: start + 1, end: start + shown[0].length };
}

function withDefault(argument: ScannedArgument, byDefault: ScannedWord['default']): ScannedArgument {
  const last = argument.words.at(-1);
  return last === undefined
    ? argument
    : { ...argument, words: [...argument.words.slice(0, -1), { ...last, default: byDefault }] };
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

/** `-h,--help,/?`: spellings of another system behind a name are none of its names here. */
function skipForeignNames(text: string, end: number, to: number): number {
  if (text[end] !== ',' && text[end] !== '|') return end;
  const foreign = /^(?:\s?[,|]\s?\/[A-Za-z?]{1,20}(?![\w/]))+/.exec(text.slice(end, Math.min(to, end + 80)));
  return end + (foreign?.[0].length ?? 0);
}

/** The index of the next name behind a separator; undefined where no separator with a name behind it follows. */
function separatorEnd(text: string, start: number, to: number): number | undefined {
  if (text.startsWith(' [ --', start)) return start + 3;
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
