import { escapeControls, printable } from '../source/printable.ts';
import { fishWord, quotedWord } from './quoted-word.ts';

/**
 * Text of a shell script. A text from outside becomes part of a script only through a template, which quotes it as one word, or as a
 * comment: what a stranger wrote is never read as code.
 */
export class ShellCode {
  readonly text: string;

  private constructor(text: string) {
    this.text = text;
  }

  /** The template of a shell: a text put into it becomes one quoted word, code and numbers stand as they are. */
  static template(quote: (word: string) => string): ShellTemplate {
    return (literals, ...parts) =>
      new ShellCode(
        literals.reduce((code, literal, i) => {
          const part = parts[i - 1];
          return code + (typeof part === 'string' ? quote(part) : codeText(part)) + literal;
        }),
      );
  }

  /** A comment of one line that only says what it says. */
  static comment(text: string): ShellCode {
    return new ShellCode(`# ${printable(text).replaceAll('\t', ' ')}`);
  }

  /** A name of a function or variable: letters, digits and underscores of a text, behind a lead. */
  static identifier(lead: string, text: string): ShellCode {
    return new ShellCode(lead.replace(/\W/g, '_') + text.replace(/[^A-Za-z0-9_]+/g, '_'));
  }

  /** A comment that a program looks for, such as `#compdef`, with a word that it takes as it is: blanks and controls become `_`. */
  static directive(name: string, word: string): ShellCode {
    return new ShellCode(`#${name} ${escapeControls(word, () => '_').replace(/\s/g, '_')}`);
  }

  /** A word without quotes, which it must not need: anything but letters, digits and `@%+=,./_-` is a mistake of the caller. */
  static bare(word: string): ShellCode {
    if (!/^[\w@%+=,./-]*$/.test(word)) throw new TypeError(`'${printable(word)}' needs quotes`);
    return new ShellCode(word);
  }

  /** Pieces of code with one between them. */
  static join(pieces: readonly ShellCode[], between: ShellCode): ShellCode {
    return new ShellCode(pieces.map(({ text }) => text).join(between.text));
  }
}

export type ShellPart = string | number | ShellCode;
export type ShellTemplate = (literals: TemplateStringsArray, ...parts: readonly ShellPart[]) => ShellCode;

/** Code for bash and zsh. */
export const sh: ShellTemplate = ShellCode.template(quotedWord);

/** Code for fish. */
export const fish: ShellTemplate = ShellCode.template(fishWord);

/** Lines of code. */
export function lines(pieces: readonly ShellCode[]): ShellCode {
  return ShellCode.join(pieces, sh`\n`);
}

/** Words of code. */
export function words(pieces: readonly ShellCode[]): ShellCode {
  return ShellCode.join(pieces, sh` `);
}

function codeText(part: ShellPart | undefined): string {
  return part instanceof ShellCode ? part.text : String(part ?? '');
}
