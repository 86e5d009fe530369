import { type ScannedArgument, scanArgument } from './argument-notation.ts';
import { bracketEnd, closerOf, isBlank } from './characters.ts';
import { isNameBoundary, type ScannedName, scanOptionName } from './option-name.ts';
import { repeatedWords, wordsInOne } from './repeated-words.ts';
import { makeScannedWord, type ScannedWord } from './scanned-word.ts';
import { type SharedHyphen, scanBareNames, scanSharedHyphen } from './shared-hyphen.ts';

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
  // `[-h|--help]`, `{--all|--every} <name>`: a bracket around names.
  const opener = text[start];
  const closer = opener === '[' || opener === '{' ? closerOf(opener) : undefined;
  const close = closer === ']' ? bracketEnd(text, start, to) : undefined;
  let end = start;
  let wasBarred = false;
  let isOpen = false;
  let repeated: string | undefined;
  let next: number | undefined = skipBareHyphen(text, closer === undefined ? start : start + 1);
  while (next !== undefined) {
    // `-f [ --file ] arg`, `-n [--no-newline]`: a bracket around a further name.
    // `[--on/--off]`: two names in one bracket.
    const isBracketed: boolean = isOpen || (names.length > 0 && isBehindBracket(text, next));
    const shared: SharedHyphen | undefined = scanSharedHyphen(text, next, to);
    for (const name of shared?.before ?? []) names.push(withArgument(name, undefined));
    const scanned: ScannedName | undefined = shared?.last ?? scanOptionName(text, next, to);
    if (scanned === undefined) break;
    const longer = scanOptionalPart(text, scanned, to);
    let name: ScannedName =
      longer === undefined ? scanned : { ...scanned, text: longer.without, end: longer.end };
    // `--mean|average|m`: further names without hyphens.
    const bare: SharedHyphen | undefined = scanBareNames(text, name, to);
    for (const one of bare === undefined ? [] : [name, ...bare.before])
      names.push(withArgument(one, undefined));
    name = bare?.last ?? name;
    repeated ??= repeatedWords(text, name.end, to);
    const behind: BehindName | undefined =
      wordsInOne(text, name.end, repeated) ??
      scanUpToBracket(text, name.end, to, { closer, close, isBracketed });
    if (behind === undefined) break;
    // `--verbose...`: once or more.
    if (behind.argument === undefined && text.startsWith('...', name.end))
      name = { ...name, isCounted: true };
    const after: number = behind.end;
    names.push(withArgument(name, behind.argument));
    if (longer !== undefined) names.push({ ...withArgument(name, behind.argument), text: longer.full });
    end = after;
    isOpen = isBracketed && text[after] === '/';
    const isBarred: boolean = text[after] === '|';
    // `-a|--add -o FILE`: where bars part the names, a single blank does not.
    const isOther: boolean = wasBarred && text[after] === ' ' && text[after + 1] === '-';
    next = isOther ? undefined : separatorEnd(text, after, to);
    wasBarred = isBarred;
  }
  return names.length === 0 ? undefined : { names, loose: names.at(-1)?.argument?.loose ?? false, end };
}

/** Whether a bracket opens right before an index, or one with a blank behind it. */
function isBehindBracket(text: string, index: number): boolean {
  const before = text[index - 1];
  return before === '[' || before === '(' || text.startsWith('[ ', index - 2);
}

/** A name with its argument. Copied member by member: V8 gives each copy made by `...` a hidden class of its own, which slows down all that reads it. */
function withArgument(
  { text, form, negated, isCounted, start, end }: ScannedName,
  argument: ScannedArgument | undefined,
): DeclaredName {
  return { text, form, negated, isCounted, start, end, argument };
}

/** Whether the name of an option stands at an index, or in a bracket that opens there. */
export function beginsWithName(text: string, start: number): boolean {
  const opener = text[start];
  const first = skipBareHyphen(text, opener === '[' || opener === '{' ? start + 1 : start);
  return scanOptionName(text, first, text.length) !== undefined;
}

/** What stands behind a name as a part of it, and where that ends. */
interface BehindName {
  readonly argument: ScannedArgument | undefined;
  readonly end: number;
}

/** The bracket around all names, and whether one stands around the name alone. */
interface Brackets {
  readonly closer: string | undefined;
  /** The index behind the bracket around all names; undefined where there is none. */
  readonly close: number | undefined;
  readonly isBracketed: boolean;
}

/** What belongs to a name behind it, as far as the bracket around it. */
function scanUpToBracket(
  text: string,
  nameEnd: number,
  to: number,
  { closer, close, isBracketed }: Brackets,
): BehindName | undefined {
  const behind = scanBehindName(text, skipFootnote(text, nameEnd, to), to, closer, isBracketed);
  return isShortOf(behind?.end, close) ? (restOfBracket(text, nameEnd, close) ?? behind) : behind;
}

/**
 * What belongs to a name behind it: its argument, the bracket that closes, spellings of another system, a default; and where all
 * that ends. Undefined where no name can end here. `closer` closes the bracket around all names.
 */
function scanBehindName(
  text: string,
  nameEnd: number,
  to: number,
  closer: string | undefined,
  isBracketed: boolean,
): BehindName | undefined {
  const last = nameEnd + moreOfLetterLength(text, nameEnd);
  let argument = scanArgument(text, last, to);
  let end = argument?.end ?? last;
  if (argument === undefined && !isNameBoundary(text, end, to)) return undefined;
  // `{--all|--every} <name>`: what stands behind the bracket is the argument of the last name.
  const pass = (length: number) => {
    if (length === 0) return;
    end += length;
    // Behind a gutter stands a text.
    if (isBlank(text[end]) && isBlank(text[end + 1])) return;
    argument ??= scanArgument(text, end, to);
    end = Math.max(end, argument?.end ?? end);
  };
  const dots = text.startsWith('...', end + 1) ? 3 : 0;
  pass(closer !== undefined && text[end] === closer ? 1 + dots : 0);
  pass(foreignNamesLength(text, end, to));
  pass(isBracketed ? closingLength(text, end) : 0);
  const byDefault = argument === undefined ? undefined : scanDefault(text, end, to);
  if (argument === undefined || byDefault === undefined) return { argument, end };
  return { argument: withDefault(argument, byDefault), end: byDefault.end };
}

/** The length of `[dd]`, or `[d[d]]`, behind `-d`: the letter may be given several times. */
function moreOfLetterLength(text: string, nameEnd: number): number {
  if (text[nameEnd] !== '[') return 0;
  const more = /^-(\w)((?:\[\1{1,9}){1,4}\]{1,4})(?!\S)/.exec(
    text.slice(Math.max(0, nameEnd - 2), nameEnd + 12),
  );
  return more?.[2]?.length ?? 0;
}

/** Whether what was read in a bracket ends inside of it. */
function isShortOf(end: number | undefined, close: number | undefined): close is number {
  return close !== undefined && (end === undefined || end < close);
}

/** `[-s WidthxHeight]`, `[-V 1 or 2]`, `[--days=one two three]`: what stands behind the name, up to the bracket, is the argument, in whatever words. */
function restOfBracket(text: string, nameEnd: number, close: number): BehindName | undefined {
  const rest = /^(?:=| +)(?=[^\s|,;=[\](){}-])(?!.*(?:\s-|[|,;/]\s?-))([^[\]|]{1,60})$/.exec(
    text.slice(nameEnd, close - 1),
  );
  if (rest === null) return undefined;
  const start = close - 1 - (rest[1]?.length ?? 0);
  const separate = text[nameEnd] !== '=';
  const words = [makeScannedWord(text, start, close - 1)];
  const argument: ScannedArgument = {
    presence: 'mandatory',
    words,
    repeats: false,
    separate,
    loose: false,
    start: nameEnd,
    end: close - 1,
  };
  return { argument, end: close };
}

/** How long `]` or ` ]` is, or `]...` where the option may be given several times. */
function closingLength(text: string, at: number): number {
  if (text.startsWith(' ]', at)) return 2;
  // `--basis (-B)`
  if (text[at] === ')') return 1;
  if (text[at] !== ']') return 0;
  return text.startsWith('...', at + 1) ? 4 : 1;
}

/** `arg (=10)`: the default behind an argument. */
function scanDefault(text: string, start: number, to: number): ScannedWord['default'] {
  if (!text.startsWith(' (=', start)) return undefined;
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

/** A hyphen or two are looked at with the blanks behind them. */
const HYPHENS_SEEN = 8;

/** `-, -l, --login`, `--, --rest`: hyphens alone are an operand, or the end of the options, beside the names. */
function skipBareHyphen(text: string, start: number): number {
  if (text[start] !== '-') return start;
  const hyphens = /^--?, +(?=-)/.exec(text.slice(start, start + HYPHENS_SEEN));
  return start + (hyphens?.[0].length ?? 0);
}

/** `-follow[-symlinks]`, `--colo[u]r`, `-man[ifest] FILE`: the spelling with the part that may be left out; undefined where there is none. */
function scanOptionalPart(text: string, name: ScannedName, to: number): SpelledPart | undefined {
  if (name.form === 'short' || name.form === 'plus' || text[name.end] !== '[') return undefined;
  const part = /^\[(-?\w[\w-]{0,40})\]([\w-]{0,40})/.exec(text.slice(name.end, Math.min(to, name.end + 90)));
  const [matched = '', inner = '', behind = ''] = part ?? [];
  if (part === null) return undefined;
  const end = name.end + matched.length;
  // `--noup[load]`: behind two hyphens, what is joined without a sign could only be more of the name.
  // `-man[ifest] FILE`: an argument stands behind the bracket, so that none is in it.
  const isOfName =
    /^[a-z]{2,}$/.test(inner) &&
    (name.form === 'long' || /^ \S{1,40}(?:\s{2,}\S|\t|$)/.test(text.slice(end, Math.min(to, end + 60))));
  if (behind === '' && !inner.startsWith('-') && !isOfName) return undefined;
  return { without: `${name.text}${behind}`, full: `${name.text}${inner}${behind}`, end };
}

interface SpelledPart {
  readonly without: string;
  readonly full: string;
  readonly end: number;
}

/** `--borders*`, `--verbose...`: a mark that refers to a note below, or that the option may be given several times. */
function skipFootnote(text: string, end: number, to: number): number {
  const mark = text[end] === '*' ? 1 : text.startsWith('...', end) ? 3 : 0;
  return end + mark >= to || isBlank(text[end + mark]) ? end + mark : end;
}

/** `-h,--help,/?`: how long the spellings of another system behind a name are, which are none of its names here. */
function foreignNamesLength(text: string, at: number, to: number): number {
  if (text[at] !== ',' && text[at] !== '|') return 0;
  const foreign = /^(?:\s?[,|]\s?\/[A-Za-z?]{1,20}(?![\w/]))+/.exec(text.slice(at, Math.min(to, at + 80)));
  return foreign?.[0].length ?? 0;
}

/** `-l and --late`, `--late and -l`: names of two forms; `-c and -C` are two options. */
function isAndOtherForm(text: string, start: number, at: number): boolean {
  const next = at > start ? /^and (--?)\w/.exec(text.slice(at, at + 8))?.[1] : undefined;
  const before = /(?:^|\s)(--?)\w[^\s,]*$/.exec(text.slice(Math.max(0, start - 80), start))?.[1];
  return next !== undefined && before !== undefined && next !== before;
}

/** A letter in a bracket, alone or with its argument, and nothing behind it. */
const BRACKETED_LETTER = /^\[-\w(?:[ =]?[^\s[\]]{1,60})?\](?=\s|$|[:,])/;

/** A long name, alone or with its argument, right before. */
const BEHIND_LONG_NAME = /(?:^|\s)--\w\S*(?: [^\s-]\S*)?$/;

/** The index of the next name behind a separator; undefined where no separator with a name behind it follows. */
function separatorEnd(text: string, start: number, to: number): number | undefined {
  let i = start;
  while (i < to && isBlank(text[i])) i++;
  if (i > start && text[i] === '[') {
    const name = text[i + 1] === ' ' ? i + 2 : i + 1;
    // `--quiet [-q]`, `--quay=QUAY [-q QUAY]`; in `-q [-n] BOX` the bracket is a part of what stands behind.
    const isLetter =
      BRACKETED_LETTER.test(text.slice(i, Math.min(to, i + 80))) &&
      BEHIND_LONG_NAME.test(text.slice(Math.max(0, start - 80), start));
    return text.startsWith('--', name) || isLetter ? name : undefined;
  }
  if (i > start && text[i] === '(' && text[i + 1] === '-') return i + 1;
  if (text.startsWith('or ', i) && i > start) i += 3;
  else if (isAndOtherForm(text, start, i)) i += 4;
  else if (',|/;'.includes(text[i] ?? ' ')) {
    i++;
    if (text.startsWith(' or ', i)) i += 4;
  } else if (i === start) return undefined;
  while (i < to && isBlank(text[i])) i++;
  // `-f, [--force], [--no-force]`
  if (i > start && text[start] === ',' && text.startsWith('[--', i)) return i + 1;
  const dots = text[i] === '.' ? /^\.{2,3},?\s+(?=[-+])/.exec(text.slice(i, Math.min(to, i + 12))) : null;
  i += dots?.[0].length ?? 0;
  return i < to && (text[i] === '-' || text[i] === '+') ? i : undefined;
}
