import type { AuditView } from '../audit-view.ts';
import type { ValueWord } from '../model/argument.ts';
import type { Knowable } from '../model/fact.ts';
import { mainName, type Option } from '../model/option.ts';
import type { Place } from '../source/source.ts';

/** A word that a document, parser object or script declares, with what the help output shows of it. */
export interface DeclaredWord {
  readonly name: string;
  readonly path: readonly string[];
  readonly word: ValueWord;
  /** The text that belongs to it, of the declaration and of the help output, with the declaration itself. */
  readonly texts: readonly string[];
  /** What the help output says by itself; undefined where it is not among the sources, or lacks the option or operand. */
  readonly shown: ValueWord | undefined;
  readonly help: Knowable<string>;
  readonly place: Place;
}

/** The words of options and operands that are declared elsewhere than in help output. */
export function declaredWords(view: AuditView): DeclaredWord[] {
  return view.described.flatMap(({ command, path }) => {
    const help = view.helpView(path);
    const options = command.options.items.flatMap((option): DeclaredWord[] => {
      const [word, ...others] = option.argument?.value.words ?? [];
      if (word === undefined || others.length > 0 || view.isHelp(option.place)) return [];
      const same = help?.options.items.find((other) => sharesName(option, other));
      return [
        {
          name: mainName(option).text,
          path,
          word,
          texts: [option.help?.value ?? '', quoted(option.place), same?.help?.value ?? ''],
          shown: same?.argument?.value.words[0],
          help: option.help,
          place: option.place,
        },
      ];
    });
    const operands = command.operands.items.flatMap((operand): DeclaredWord[] => {
      if (view.isHelp(operand.place)) return [];
      const same = help?.operands.items.find(({ name }) => name === operand.name);
      return [
        {
          name: operand.name,
          path,
          word: operand.word,
          texts: [operand.help?.value ?? '', quoted(operand.place), same?.help?.value ?? ''],
          shown: same?.word,
          help: operand.help,
          place: operand.place,
        },
      ];
    });
    return [...options, ...operands];
  });
}

/** Whether one of the texts of a declared word has a word in it, such as a value. */
export function isInTexts({ texts }: DeclaredWord, value: string): boolean {
  return texts.some((text) => {
    for (let at = text.indexOf(value); at >= 0; at = text.indexOf(value, at + 1)) {
      if (!isWordCharacter(text[at - 1]) && !isWordCharacter(text[at + value.length])) return true;
    }
    return false;
  });
}

function isWordCharacter(character: string | undefined): boolean {
  return character !== undefined && /[\p{L}\d_-]/u.test(character);
}

function quoted(place: Place): string {
  return place === null ? '' : place.source.text.slice(place.start, place.end);
}

function sharesName(a: Option, b: Option): boolean {
  return a.names.some(({ text }) => b.names.some((other) => other.text === text));
}
