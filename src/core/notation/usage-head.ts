import type { PlacedText } from './placed-text.ts';
import type { SynopsisNode } from './synopsis.ts';
import { pathBehindBrackets, pathBehindOptions, type Word } from './usage-path.ts';
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

/** The words at the beginning of a synopsis, and how many of its items they are. `titled` are the words that the title has for the command. */
export function readHead(items: readonly SynopsisNode[], flow: PlacedText, titled: readonly string[]) {
  const program: string[] = [];
  const literals: LiteralWord[] = [];
  let taken = 0;
  let programEnd = 0;
  for (const node of items) {
    // `link add|a`: a command with its alias.
    const first = node.kind === 'choice' && taken > 0 ? node.alternatives[0] : undefined;
    const isAlias =
      node.kind === 'choice' &&
      !/[{(]\s*$/.test(flow.text.slice(0, node.start)) &&
      node.alternatives.every((one) => one.kind === 'word' && LITERAL.test(one.text));
    const item = first !== undefined && isAlias ? first : node;
    if (item.kind !== 'word' || item.joined !== undefined) break;
    // Options without a program in front of them.
    if (program.length === 0 && /^--?[a-z]/i.test(item.text)) break;
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
  const options = pathBehindOptions(items, taken);
  const behind = options.taken > 0 ? options : pathBehindBrackets(items, taken, titled);
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
