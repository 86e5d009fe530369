/** A word of a command line, as the shell passes it on. */
export interface ShellWord {
  /** The word without its quotes. */
  readonly text: string;
  /** Where it begins in the line, in UTF-16 units. */
  readonly start: number;
  /** The offset behind it. */
  readonly end: number;
  /** Whether the program gets exactly this text: nothing in it stands for something else, as expansions, patterns and placeholders do. */
  readonly literal: boolean;
}

/** A line is read as far as this, in UTF-16 units. */
const LINE_LIMIT = 4000;

/** `<file>`, `[more]`, `...` and `…` stand for words that the reader is to fill in; behind `<` alone stands a file to read. */
const PLACEHOLDER = /<[\w|][^<>\n]{0,60}>|\[[\w-][^[\]\n]{0,60}\]|\.{3}|…/y;

const REDIRECTION = /\d*(?:>>|>\||>&|<&|<<<|<<-?|<>|&>|>|<)\s*/y;

/** What parts a line into commands: a pipe, a list, a group. */
const SEPARATOR = /[|&;()\n]/;

/**
 * The simple commands of a line of a POSIX shell (XCU 2.9.1), as their words: redirections, comments and operators are left out. What would need the
 * whole grammar, such as here-documents and loops, is read as words.
 */
export function simpleCommands(line: string): ShellWord[][] {
  const text = line.slice(0, LINE_LIMIT);
  const commands: ShellWord[][] = [[]];
  let at = 0;
  while (at < text.length) {
    const character = text[at] ?? '';
    if (/[ \t\r]/.test(character)) at++;
    else if (text.startsWith('\\\n', at)) at += 2;
    else if (character === '#') at = endOfLine(text, at);
    else {
      const redirected = matchAt(PLACEHOLDER, text, at) > 0 ? 0 : matchAt(REDIRECTION, text, at);
      if (redirected > 0) at = readWord(text, at + redirected).end;
      else if (SEPARATOR.test(character)) {
        commands.push([]);
        at++;
      } else {
        const word = readWord(text, at);
        commands.at(-1)?.push(word);
        at = word.end;
      }
    }
  }
  return commands.filter((words) => words.length > 0);
}

function endOfLine(text: string, at: number): number {
  const end = text.indexOf('\n', at);
  return end < 0 ? text.length : end;
}

function matchAt(pattern: RegExp, text: string, at: number): number {
  pattern.lastIndex = at;
  return pattern.exec(text)?.[0].length ?? 0;
}

/** What stands for something else where it is not quoted: expansions, patterns, braces with a list. */
const EXPANDED = /[$`*?~]|\{[^{}\s]*(?:,|\.\.)[^{}\s]*\}|\[[^\]]*\]/;

/** The word that begins at an offset, with quotes and backslashes taken off as XCU 2.2 has it. */
function readWord(line: string, start: number): ShellWord {
  let at = start;
  let text = '';
  let bare = '';
  let literal = true;
  while (at < line.length) {
    const character = line[at] ?? '';
    const placeholder = matchAt(PLACEHOLDER, line, at);
    if (placeholder > 0) {
      text += line.slice(at, at + placeholder);
      literal = false;
      at += placeholder;
    } else if (/[\s|&;()<>]/.test(character)) {
      break;
    } else if (character === "'" || character === '"') {
      const end = closingQuote(line, at);
      const inside = line.slice(at + 1, end);
      if (end >= line.length || (character === '"' && /[$`]/.test(inside))) literal = false;
      text += character === '"' ? inside.replace(/\\([$`"\\\n])/g, '$1') : inside;
      at = end + 1;
    } else if (character === '\\') {
      text += line[at + 1] ?? '';
      at += 2;
    } else {
      text += character;
      bare += character;
      at++;
    }
  }
  // A character that is none of a word, such as a lone bracket of redirection, is passed over.
  return { text, start, end: Math.max(at, start + 1), literal: literal && !EXPANDED.test(bare) };
}

function closingQuote(line: string, at: number): number {
  const quote = line[at];
  for (let end = at + 1; end < line.length; end++) {
    if (line[end] === quote) return end;
    if (quote === '"' && line[end] === '\\') end++;
  }
  return line.length;
}
