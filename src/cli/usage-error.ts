import type { Command } from 'commander';
import { printable } from 'dabbawala';
import { didYouMean } from 'dabbawala/analysis';
import { pathOf } from './help-layout.ts';
import { TOOL } from './version.ts';

/**
 * Words an error of the argument parser as the GNU Coding Standards ask (4.4): the program first, no capital letter, no
 * full stop, the names that may have been meant, and where to look.
 */
export function usageError(message: string, command: Command): string {
  const [first = ''] = message
    .trim()
    .replace(/^error: /, '')
    .split('\n');
  const worded = wordValueError(first) ?? wordTooMany(first) ?? wordOther(first);
  return `${TOOL.name}: ${printable(`${worded}${hint(first, command)}`)}\nTry '${pathOf(command)} --help' for more.\n`;
}

/** `; did you mean '--late'?` behind an unknown option or command; nothing where no name is near. */
function hint(message: string, command: Command): string {
  const [, kind, word = ''] = /^unknown (option|command) '(.*)'$/.exec(message) ?? [];
  if (kind === undefined) return '';
  if (kind === 'option' && LOOKS_WORDS_UP.has(command.name()))
    return "; words of the program that begin with a hyphen stand behind '--'";
  const { options, commands } = command;
  const names =
    kind === 'command'
      ? commands.map((below) => below.name())
      : [...options.flatMap(({ long }) => long ?? []), '--help'];
  return didYouMean(word, names);
}

/** Commands whose operands are words of the program that they are about. */
const LOOKS_WORDS_UP: ReadonlySet<string> = new Set(['abbreviations']);

const VALUE_ERROR = /^option '(?:-\w, )?(--[\w-]+)(?: <[^>]+>)?' argument '(.*)' is invalid\. (.*)$/;

function wordValueError(message: string): string | undefined {
  const match = VALUE_ERROR.exec(message);
  if (match === null) return undefined;
  const [, option, value, reason = ''] = match;
  return `'${value}' is not a value of '${option}': ${wordOther(reason.replace(/^Allowed choices are/, 'expected one of'))}`;
}

function wordTooMany(message: string): string | undefined {
  const match = /^too many arguments for '.*'\. Expected (\d+) arguments? but got (\d+)\.?$/.exec(message);
  return match === null
    ? undefined
    : `expected ${match[1]} ${match[1] === '1' ? 'operand' : 'operands'} at most, found ${match[2]}`;
}

function wordOther(message: string): string {
  return message.replace(/\.$/, '').replace(/^[A-Z](?=[a-z])/, (letter) => letter.toLowerCase());
}
