import { xmlText } from '../xml-text.ts';

/** Markup that is written here, and not by strangers. */
export class Markup {
  readonly text: string;

  constructor(text: string) {
    this.text = text;
  }
}

type Part = Markup | string | number | readonly Markup[];

/** Markup with texts put into it, each made to stand there as it is; markup and lists of it are put in as they are. */
export function html(pieces: TemplateStringsArray, ...parts: readonly Part[]): Markup {
  return new Markup(
    pieces.map((piece, i) => piece + (i < parts.length ? partText(parts[i] as Part) : '')).join(''),
  );
}

function partText(part: Part): string {
  if (part instanceof Markup) return part.text;
  if (typeof part === 'object') return part.map(({ text }) => text).join('\n');
  return xmlText(String(part));
}

/** No markup. */
export const NOTHING = new Markup('');
