import type { Command, HereDoc, Word, WordPart } from 'unbash';
import { argumentsOf, commandName, type Lookup, textOf } from '../../shells/bash-words.ts';
import { TextBuilder } from '../../source/text-builder.ts';
import { fillFormat } from './printf-format.ts';
import type { ShellScript } from './shell-scopes.ts';
import type { ShellVariables } from './shell-variables.ts';

/** What is known of a script while its texts are put together. */
export interface PrintingContext {
  readonly script: ShellScript;
  readonly variables: ShellVariables;
  /** The name of the program, for `$0`. */
  readonly program: string;
  /** Whether `echo` reads backslashes without being told to, as that of dash does. */
  readonly echoReadsEscapes: boolean;
}

/** What a command that prints prints; undefined where it is no such command, or prints what only running it tells. */
export function printedText(command: Command, context: PrintingContext): TextBuilder | undefined {
  const name = commandName(command);
  const printer = new Printer(context);
  if (name === 'echo') return printer.echo(command);
  if (name === 'printf') return printer.printf(command);
  if (name === 'cat' && argumentsOf(command).every(({ value }) => value === '-'))
    return printer.hereDocument(command);
  return undefined;
}

class Printer {
  readonly #context: PrintingContext;
  readonly #text: TextBuilder;

  constructor(context: PrintingContext) {
    this.#context = context;
    this.#text = new TextBuilder(context.script.source);
  }

  echo(command: Command): TextBuilder {
    let words = [...argumentsOf(command)];
    let escapes = this.#context.echoReadsEscapes;
    let hasNewline = true;
    while (words.length > 0 && /^-[neE]+$/.test(words[0]?.value ?? '')) {
      const value = words[0]?.value ?? '';
      if (value.includes('n')) hasNewline = false;
      if (value.includes('e')) escapes = true;
      words = words.slice(1);
    }
    for (const [i, word] of words.entries()) {
      if (i > 0) this.#text.put(' ', word.pos);
      this.#word(word, escapes);
    }
    if (hasNewline) this.#text.put('\n', Math.max(command.pos, command.end - 1));
    return this.#text;
  }

  printf(command: Command): TextBuilder | undefined {
    const [format, ...words] = argumentsOf(command);
    if (format === undefined || format.value.startsWith('-')) return undefined;
    const inner = new Printer(this.#context);
    inner.#word(format, true);
    const text = inner.#text.text;
    if (!/%[^%]/.test(text.replaceAll('%%', ''))) {
      if (!text.includes('%%')) return inner.#text;
    }
    const values = words.map((word) => ({ text: this.#plain(word), pos: word.pos }));
    fillFormat(this.#text, text, format.pos, values);
    return this.#text;
  }

  hereDocument(command: Command): TextBuilder | undefined {
    const document = command.redirects.find((one): one is HereDoc => one.type === 'HereDoc');
    if (document === undefined) return undefined;
    const { operator } = document;
    if (operator === '<<') {
      this.#documentBody(document);
      return this.#text;
    }
    // `<<-` takes the tabs at the beginning of each line away.
    const inner = new Printer(this.#context);
    inner.#documentBody(document);
    this.#text.appendLines(inner.#text, /^\t+/);
    return this.#text;
  }

  /** In a here-document a backslash takes the meaning from what would be expanded, and from itself. */
  #documentBody({ body, delimiter }: HereDoc): void {
    if (delimiter?.quoted === true) {
      this.#text.copy(body.text, body.pos);
      return;
    }
    for (const part of body.parts ?? [{ type: 'Literal' as const, text: body.text, pos: body.pos }]) {
      if (part.type !== 'Literal') {
        this.#part(part, false);
        continue;
      }
      for (const { 0: piece, index } of part.text.matchAll(/\\[$`\\\n]|[^\\]+|\\/g)) {
        const text = /^\\./s.test(piece) ? piece.slice(1).replace('\n', '') : piece;
        this.#text.copy(text, part.pos + index + (piece.length - text.length));
      }
    }
  }

  #word(word: Word, escapes: boolean): void {
    if (word.parts === undefined) this.#literal(word.text, word.value, word.pos, escapes);
    else for (const part of word.parts) this.#part(part, escapes);
  }

  #part(part: WordPart, escapes: boolean): void {
    switch (part.type) {
      case 'Literal':
        this.#literal(part.text, part.value, part.pos, escapes);
        break;
      case 'SingleQuoted':
        this.#literal(part.value, part.value, part.pos + 1, escapes);
        break;
      case 'AnsiCQuoted':
        this.#text.put(part.value, part.pos);
        break;
      case 'DoubleQuoted':
      case 'LocaleString':
        for (const inner of part.parts) this.#part(inner, escapes);
        break;
      case 'Glob':
        this.#literal(part.text, part.value, part.pos, escapes);
        break;
      default:
        this.#text.put(this.#expansion(part), part.pos);
    }
  }

  /** A text as it stands in the script, and what it stands for: the backslashes of the shell, and those of `echo`, are taken out. */
  #literal(text: string, value: string, pos: number, escapes: boolean): void {
    let at = 0;
    for (let i = 0; i < value.length; i++) {
      if (text[at] !== value[i]) at++;
      const escaped = escapes && value[i] === '\\' ? ESCAPED[value[i + 1] ?? ''] : undefined;
      if (escaped === undefined) this.#text.copy(value[i] ?? '', pos + at);
      else {
        this.#text.put(escaped, pos + at);
        // Within double quotes a backslash may stand for itself, or be doubled.
        if (text.startsWith('\\\\', at)) at++;
        at++;
        i++;
      }
      at++;
    }
  }

  #plain(word: Word): string {
    const inner = new Printer(this.#context);
    inner.#word(word, false);
    return inner.#text.text;
  }

  /** What an expansion comes to: the name of the program, a variable that is known, else the expansion as it is written. */
  #expansion(part: WordPart): string {
    if (PROGRAM.test(part.text)) return this.#context.program;
    const word: Word = {
      type: 'Word',
      text: part.text,
      value: part.text,
      pos: part.pos,
      end: part.end,
      parts: [part],
    };
    return textOf(word, this.#variable) ?? `<${bare(part.text)}>`;
  }

  readonly #variable: Lookup = (name) => {
    if (name === '0') return this.#context.program;
    const { variables, program } = this.#context;
    const [only, ...others] = variables.of(name);
    // `me=${0##*/}`
    const isProgram =
      others.length === 0 && only?.word !== undefined && PROGRAM.test(only.word.text.replaceAll('"', ''));
    return isProgram ? program : variables.constant(name);
  };
}

/** What the escapes of `echo -e` and `printf` stand for. */
const ESCAPED: Readonly<Record<string, string>> = {
  n: '\n',
  t: '\t',
  '\\': '\\',
  r: '\r',
  e: '\x1b',
  a: '',
  b: '\b',
  '"': '"',
};

// The expansions that are the name of the script: `$0`, `${0##*/}`, `$(basename $0)`.
const PROGRAM =
  /^(?:\$\{?0\}?|\$\{0##\*\/\}|\$\(\s*basename\s+(?:--\s+)?"?\$\{?0\}?"?\s*\)|`\s*basename\s+(?:--\s+)?"?\$\{?0\}?"?\s*`)$/;

/** The text of an expansion without its dollar sign and brackets. */
function bare(text: string): string {
  return text.replace(/^[$`({]+/, '').replace(/[)`}]+$/, '');
}
