import { makeValueWord, NO_ARGUMENT, type OptionArgument } from '../../model/argument.ts';
import { stated } from '../../model/fact.ts';
import { makeOption, type Option } from '../../model/option.ts';
import { matches } from '../../source/matches.ts';
import type { CleanedText } from './cleaned-text.ts';
import type { TextLine } from './text-line.ts';

/** A label that says whether the letters behind it take an argument, and letters to the end of the line. */
const LETTER_LINE =
  /^\s+(?:[A-Z][a-z]+ \()?(with(?:out)?) arguments?\)?: +((?:-[A-Za-z\d?](?:,? +|(?=\s*$))){1,62})\s*$/i;

/** All letters and digits fit in a line of so many characters. */
const LINE_LIMIT = 300;

/** Options of lines that only tell letters. */
export interface LetterLines {
  readonly options: readonly Option[];
  readonly lines: readonly TextLine[];
}

/**
 * Options of which nothing is told but whether they take an argument, as libraries print that know no texts:
 *
 *     With arguments: -D -o
 *     Boolean (without arguments): -r -f
 */
export function readLetterLines(lines: readonly TextLine[], cleaned: CleanedText): LetterLines {
  const options: Option[] = [];
  const taken: TextLine[] = [];
  for (const line of lines) {
    if (line.text.length > LINE_LIMIT) continue;
    const [, how = '', letters = ''] = LETTER_LINE.exec(line.text) ?? [];
    if (letters === '') continue;
    taken.push(line);
    const from = line.start + line.text.lastIndexOf(letters.trimEnd());
    for (const { 0: text, index } of matches(letters, /-[A-Za-z\d?]/g)) {
      const place = cleaned.span(from + index, from + index + text.length);
      const argument = /^without$/i.test(how) ? NO_ARGUMENT : UNNAMED;
      options.push(
        makeOption({
          names: [{ text, form: 'short', argument: undefined, place }],
          argument: stated(argument, place),
          listed: true,
          place,
        }),
      );
    }
  }
  return { options, lines: taken };
}

/** An argument of which nothing is told. */
const UNNAMED: OptionArgument = {
  presence: 'mandatory',
  words: [makeValueWord()],
  count: undefined,
  place: null,
};
