import type { PlacedText } from './placed-text.ts';
import type { SynopsisNode } from './synopsis.ts';
import { NO_PATH, pathBehindBrackets, pathBehindOptions, type Word } from './usage-path.ts';
import type { LiteralWord } from './usage-reading.ts';
import { ANY_COMMAND, ANY_OPTIONS, LITERAL } from './usage-words.ts';

/** Programs that run the script or module that is named behind them. */
const INTERPRETER = /^(?:perl|python|pypy|ruby|sh|bash|dash|ksh|zsh|php|node|java|lua|tclsh|mono)[\d.]*$/;
const SCRIPT = /^[\w./+-]{1,200}\.(?:pl|py|rb|sh|php|js|mjs|lua|tcl|jar|exe)$/;

/** Whether a word is the path of an interpreter, and one behind it that of a script: `/usr/bin/node ../tiffin`. */
function isScript(first: string, word: string): boolean {
  return INTERPRETER.test(first.split('/').at(-1) ?? '') && (SCRIPT.test(word) || word.includes('/'));
}

/** Whether a word behind the first is one that invokes the program too: `python3 -m tiffin`, `java -jar tiffin.jar`, `perl tiffin.pl`. */
function invokesMore(program: readonly string[], word: string, next: SynopsisNode | undefined): boolean {
  const [first = '', second] = program;
  if (program.length === 2) return second === '-m' || second === '-jar';
  if (program.length > 2) return false;
  const isSwitch = word === '-m' || (word === '-jar' && INTERPRETER.test(first));
  return isSwitch ? next?.kind === 'word' : isScript(first, word);
}

/** Whether words between bars are names of one command: two with more behind them, or those of which each is short for the first, or its long form. */
function areNames(words: readonly SynopsisNode[], isLast: boolean): boolean {
  if (!words.every((one) => one.kind === 'word' && LITERAL.test(one.text))) return false;
  return (
    (words.length === 2 && !isLast) ||
    words.every((one) => one.kind === 'word' && isShortFor(one.text, words[0]))
  );
}

/** Whether a word is another word, a short form of it (`rm` of `remove`), or its long form. */
function isShortFor(word: string, other: SynopsisNode | undefined): boolean {
  if (other?.kind !== 'word' || word[0] !== other.text[0]) return false;
  const [short, long] = [word, other.text].toSorted((a, b) => a.length - b.length);
  let at = 0;
  for (const character of long ?? '') if (character === short?.[at]) at++;
  return at === short?.length;
}

/** What operands are called in small letters, and commands hardly ever. */
const OPERAND_NOUN =
  /^(?:(?:in|out)(?:put)?[_-]?(?:files?|dir|path)\d?|(?:src|dst|dest|source|destination)(?:[_-]?(?:file|dir|path))?\d?|files?\d?|filenames?|in|out|input|output|director(?:y|ies))$/;

/** Whether the last word before options is an operand, and not a command that the title names. */
function isOperandNoun(word: Pick<LiteralWord, 'text'> | undefined, titled: readonly string[]): boolean {
  return word !== undefined && OPERAND_NOUN.test(word.text) && !titled.includes(word.text);
}

/** Behind two names of a program stands what it takes. */
const MIN_BEHIND_OR = 3;

/** The words at the beginning of a synopsis, and how many of its items they are. `titled` are the words that the title has for the command. */
export function readHead(items: readonly SynopsisNode[], flow: PlacedText, titled: readonly string[]) {
  const program: string[] = [];
  const literals: LiteralWord[] = [];
  let taken = 0;
  let programEnd = 0;
  let from = 0;
  for (const [i, node] of items.entries()) {
    if (i < from) continue;
    // `link add|a`: a command with its alias.
    const first = node.kind === 'choice' && taken > 0 ? node.alternatives[0] : undefined;
    const isBare = node.kind === 'choice' && !/[{(]\s*$/.test(flow.text.slice(0, node.start));
    const isAlias = isBare && areNames(node.alternatives, taken === items.length - 1);
    const item = first !== undefined && isAlias ? first : node;
    if (item.kind !== 'word' || item.joined !== undefined) break;
    // Options without a program in front of them.
    if (program.length === 0 && /^--?[a-z]/i.test(item.text)) break;
    // `tiffin or tiffin-day [options]`: another name of the program.
    const isOr = taken === 1 && literals.length === 0 && item.text === 'or' && items[2]?.kind === 'word';
    if (isOr && items.length > MIN_BEHIND_OR) {
      taken += 2;
      from = i + 2;
      continue;
    }
    if (program.length === 0 || invokesMore(program, item.text, items[taken + 1])) {
      program.push(item.text);
      programEnd = item.end;
    } else if (LITERAL.test(item.text) && !ANY_OPTIONS.test(item.text) && !ANY_COMMAND.test(item.text)) {
      const others = node.kind === 'choice' ? node.alternatives.slice(1) : [];
      const aliases = others.flatMap((one) =>
        one.kind === 'word' ? [{ text: one.text, place: flow.span(one.start, one.end) }] : [],
      );
      literals.push({ text: item.text, place: flow.span(item.start, item.end), aliases });
    } else break;
    taken++;
  }
  // `tiffin infile outfile [options]`
  while (taken < items.length && isOperandNoun(literals.at(-1), titled)) {
    literals.pop();
    taken--;
  }
  const options = pathBehindOptions(items, taken);
  const found = options.taken > 0 ? options : pathBehindBrackets(items, taken, titled);
  // `tiffin [options] file [file options]`
  const behind = isOperandNoun(found.words.at(-1)?.word, titled) ? NO_PATH : found;
  const placed = ({ text, start, end }: Word) => ({ text, place: flow.span(start, end) });
  for (const { word, others } of behind.words)
    literals.push({ ...placed(word), aliases: others.map(placed) });
  taken += behind.taken;
  const first = items[0];
  const start = first?.kind === 'word' ? first.start : 0;
  return {
    program,
    literals,
    taken,
    programPlace: flow.span(start, Math.max(start, programEnd)),
  };
}
