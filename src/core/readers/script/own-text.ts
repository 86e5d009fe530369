import type { Command, SyntaxNode, Word } from 'unbash';
import { argumentsOf, commandName, textOf, variableOf } from '../../shells/bash-words.ts';
import type { TextBuilder } from '../../source/text-builder.ts';
import { filterCall, isLineFilter } from './line-filters.ts';
import type { PrintingContext } from './printed-text.ts';
import { type FilterCall, linesOf, type ScriptLine, textOfLines } from './script-lines.ts';
import type { ShellScript } from './shell-scopes.ts';
import type { ShellVariables } from './shell-variables.ts';

/** What commands print that take lines of the script itself, as `sed -n 's/^## //p' "$0"` does. */
export interface OwnText {
  /** The text; undefined where only running the commands tells it. */
  readonly text: TextBuilder | undefined;
  /** All that belongs to it: a command, or those that are joined by pipes. */
  readonly commands: readonly SyntaxNode[];
}

/** What a command prints of the script itself, with the commands behind it that its lines go through; undefined where it does not read the script. */
export function ownText(command: Command, { script, variables }: PrintingContext): OwnText | undefined {
  const name = commandName(command);
  if (name === undefined || !isLineFilter(name)) return undefined;
  const words = argumentsOf(command);
  const isScript = (word: Word | undefined) => word !== undefined && isOwnFile(word, variables);
  const isRead = command.redirects.some(
    (one) => one.type === 'Redirect' && one.operator === '<' && isScript(one.target),
  );
  if (!isRead && !isScript(words.at(-1))) return undefined;
  const commands = pipedFrom(command, script);
  const calls = commands.map((one, i) => callOf(one, variables, i === 0 && !isRead));
  let lines: readonly ScriptLine[] = linesOf(script.source);
  for (const call of calls) {
    if (call === undefined) return isHelpful(commands) ? { text: undefined, commands } : undefined;
    lines = call.filter(lines);
  }
  return { text: textOfLines(lines, script.source), commands };
}

/** The script by the names that it has in itself; a variable that was given one of them and no other value. */
function isOwnFile(word: Word, variables: ShellVariables): boolean {
  if (OWN_FILE.test(word.text)) return true;
  const [only, ...others] = variables.of(variableOf(word) ?? '');
  return others.length === 0 && only?.word !== undefined && OWN_FILE.test(only.word.text);
}

// `$0`, `"${BASH_SOURCE[0]}"`, `"$(readlink -f "$0")"`.
const OWN_FILE =
  /^"?(?:\$\{?0\}?|\$BASH_SOURCE|\$\{BASH_SOURCE(?:\[0\])?\}|\$\(\s*(?:readlink(?:\s+-[ef]+)?|realpath)\s+(?:--\s+)?"?\$(?:\{?0\}?|\{?BASH_SOURCE(?:\[0\])?\}?)"?\s*\))"?$/;

/** A command and those behind it in its pipeline. */
function pipedFrom(command: Command, script: ShellScript): readonly SyntaxNode[] {
  for (const outer of script.around(command)) {
    if (outer.type !== 'Pipeline') break;
    const at = outer.commands.indexOf(command);
    return at < 0 ? [command] : outer.commands.slice(at);
  }
  return [command];
}

function callOf(node: SyntaxNode, variables: ShellVariables, hasOwnFile: boolean): FilterCall | undefined {
  if (node.type !== 'Command') return undefined;
  const name = commandName(node);
  const words = argumentsOf(node);
  const said = (hasOwnFile ? words.slice(0, -1) : words).map((word) => textOf(word, variables.constant));
  if (isPager(node)) return { filter: (lines) => lines, files: [] };
  if (name === undefined || !said.every((word) => word !== undefined)) return undefined;
  const call = filterCall(name, said);
  // A file beside the script, or in place of what the pipe brings, is not known.
  return call?.files.every((file) => file === '-') === true ? call : undefined;
}

/** `${PAGER:-less}` */
function isPager(command: Command): boolean {
  return command.name !== undefined && variableOf(command.name) === 'PAGER';
}

/** Whether all that lines go through prints lines, so that it may be a help. */
function isHelpful(commands: readonly SyntaxNode[]): boolean {
  return commands.every(
    (one) => one.type === 'Command' && (isPager(one) || isLineFilter(commandName(one) ?? '')),
  );
}
