import { isSameList } from '../collections/list-key.ts';
import { NO_ARGUMENT, type OptionArgument } from '../model/argument.ts';
import { stated } from '../model/fact.ts';
import type { Option, OptionName } from '../model/option.ts';
import { scanDeclaration } from './declaration.ts';
import { makeArgument } from './option-argument.ts';
import { optionNames, type ShownName, shownArgument } from './option-names.ts';
import { type PlacedText, unplaced } from './placed-text.ts';

/** What a notation such as `-c, --config=FILE` says of an option. */
export interface DrawnOption {
  readonly names: readonly OptionName[];
  readonly negatedNames: readonly OptionName[];
  readonly argument: OptionArgument;
}

/** Reads an option in synopsis notation, where an option drawn without an argument takes none; undefined where it is none. */
export function readOptionNotation(notation: PlacedText): DrawnOption | undefined {
  const declaration = scanDeclaration(notation.text, 0, notation.text.length);
  if (declaration === undefined || declaration.end < notation.text.length) return undefined;
  const names = declaration.names.map(
    (declared): ShownName => ({ declared, toSpan: (start, end) => notation.span(start, end) }),
  );
  const shown = shownArgument(names);
  const drawn = shown?.declared.argument;
  const argument =
    shown === undefined || drawn === undefined ? NO_ARGUMENT : makeArgument(drawn, shown.toSpan);
  return { ...optionNames(names, shown, stated(argument, argument.place), 'stated'), argument };
}

/** A notation with what it says when it is read. */
export interface Notation {
  readonly text: string;
  readonly drawn: DrawnOption;
}

/**
 * The notations that show exactly the names of an option, the most telling first: with its argument and negated name, then
 * with its names alone. None where no notation can show them.
 */
export function* notationsOf(option: Option): Generator<Notation> {
  const names = option.names.map(({ text }) => text);
  const withNegation = option.names.map(({ text }) => {
    const plain = text.slice(2);
    const isNegatable = option.negatedNames.length === 1 && option.negatedNames[0]?.text === `--no-${plain}`;
    return text.startsWith('--') && isNegatable ? `--[no-]${plain}` : text;
  });
  const last = names.findLastIndex((name) => name.startsWith('--'));
  const at = last < 0 ? names.length - 1 : last;
  const argument = argumentText(option.argument?.value, last >= 0);
  const candidates = [withNegation, names].flatMap((shown) => [
    shown.map((name, i) => (i === at ? name + argument : name)).join(', '),
    shown.join(', '),
  ]);
  for (const text of new Set(candidates)) {
    const drawn = readOptionNotation(unplaced(text));
    if (
      drawn !== undefined &&
      isSameList(
        drawn.names.map(({ text: one }) => one),
        names,
      )
    )
      yield { text, drawn };
  }
}

/** `=FILE`, `[=FILE]`, ` FROM TO`: an argument as it stands behind a name; empty where it cannot be drawn. */
function argumentText(argument: OptionArgument | undefined, isLong: boolean): string {
  if (argument === undefined || argument.presence === 'none') return '';
  const placeholders = argument.words.map((word) => word.placeholder?.value);
  if (placeholders.length === 0 || placeholders.some((text) => text === undefined || text === '')) return '';
  const text = placeholders.join(' ');
  const dots = argument.count?.value.most === null && !/(?:\.\.\.|…)$/.test(text) ? '...' : '';
  if (argument.presence === 'optional') return isLong ? `[=${text}${dots}]` : `[${text}${dots}]`;
  return isLong && placeholders.length === 1 && dots === '' ? `=${text}` : ` ${text}${dots}`;
}
