import { madeText, plainText, type StyledText } from './styled-text.ts';

/** Names in capitals are known for placeholders as they are. */
const NAME = /^[A-Za-z][\w.:+-]*$/;
const CAPITALS = /^[A-Z][A-Z0-9_.:+-]*$/;

/** What italics do not stand behind, or before, where they are values that stand beside others, have brackets already, or are a number behind a hyphen. */
const BEFORE_VALUES = /(?:[\w>]\s*\||[{<]|(?<!\S)-)$/;
const BEHIND_VALUES = /^\|\s*(?:\w|$)/;

/**
 * Puts angle brackets around names that stand in italics: help output has no fonts, and pages show by them what stands for something else. How many
 * names are in capitals tells whether the page shows it by those, so that italics in small letters are values.
 */
export class PlaceholderMarks {
  readonly #isOn: boolean;
  #inCapitals = 0;
  #inSmallLetters = 0;

  constructor(isOn: boolean) {
    this.#isOn = isOn;
  }

  /** Whether the names that were met, most of them in capitals, are to be left as they are. */
  get areNeedless(): boolean {
    return this.#inCapitals > this.#inSmallLetters;
  }

  /** Notation with its marks. A line whose first word is in italics too does not part names by its font. */
  mark(pieces: readonly StyledText[]): StyledText[] {
    const runs = fontRuns(pieces);
    const first = runs.find((run) => plainText(run).trim() !== '');
    if (first?.[0]?.font === 'italic') return [...pieces];
    return runs.flatMap((run, i) => {
      if (run[0]?.font !== 'italic') return run;
      const before = plainText(runs[i - 1] ?? []).trimEnd();
      const behind = plainText(runs[i + 1] ?? []).trimStart();
      return BEFORE_VALUES.test(before) || BEHIND_VALUES.test(behind) ? run : this.#markRun(run);
    });
  }

  #markRun(run: StyledText[]): StyledText[] {
    const text = plainText(run);
    const name = text
      .trim()
      .replace(/\.\.\.$/, '')
      .trimEnd();
    const [first, last] = [run[0], run.at(-1)];
    if (!NAME.test(name) || first === undefined || last === undefined) return run;
    if (CAPITALS.test(name)) this.#inCapitals++;
    else this.#inSmallLetters++;
    if (CAPITALS.test(name) || !this.#isOn) return run;
    const from = text.indexOf(name);
    return [
      ...slice(run, 0, from),
      madeText('<', first.at),
      ...slice(run, from, from + name.length),
      madeText('>', last.at),
      ...slice(run, from + name.length, text.length),
    ];
  }
}

/** The pieces of a text between two offsets in it. */
function slice(pieces: readonly StyledText[], from: number, to: number): StyledText[] {
  const result: StyledText[] = [];
  let start = 0;
  for (const piece of pieces) {
    const [a, b] = [Math.max(0, from - start), Math.min(piece.text.length, to - start)];
    if (a < b)
      result.push({ ...piece, text: piece.text.slice(a, b), at: piece.isExact ? piece.at + a : piece.at });
    start += piece.text.length;
  }
  return result;
}

/** The pieces, those of one font in a row together. */
function fontRuns(pieces: readonly StyledText[]): StyledText[][] {
  const runs: StyledText[][] = [];
  for (const piece of pieces) {
    const last = runs.at(-1);
    if (last?.[0]?.font === piece.font) last.push(piece);
    else runs.push([piece]);
  }
  return runs;
}
