import { makeValueWord } from '../model/argument.ts';
import { stated } from '../model/fact.ts';
import type { Operand } from '../model/operand.ts';
import type { Span } from '../source/source.ts';
import { choiceName } from './choice-name.ts';
import { valuesAt } from './option-argument.ts';
import { asValues } from './scanned-word.ts';
import { valuesInAngles } from './usage-choice.ts';
import { ANY_COMMAND, LITERAL } from './usage-words.ts';

/** What the brackets and dots around a word say of it. */
export interface HowOften {
  readonly optional: boolean;
  readonly repeated: boolean;
}

/** The operands of one synopsis, in their order. */
export class UsageOperands {
  readonly items: Operand[] = [];
  /** Where the placeholder for a subcommand stands; undefined where there is none. */
  commandPlace: Span | undefined;

  /** Adds the word `text`: `FILE`, `<file...>`, `<early|late>`, `key=VALUE`; one that stands there again makes the last one more often. `braced` are the values of a list in braces. */
  add(text: string, place: Span, often: HowOften, braced?: readonly string[]): void {
    const values = valuesInAngles(text);
    if (values !== undefined) {
      this.addChoice(values, place, often);
      return;
    }
    const isCommand = this.commandPlace === undefined && ANY_COMMAND.test(text);
    if (isCommand) this.commandPlace = place;
    // Behind `--`, a word for options stands for those of another program.
    const isOthers = /^<?(?:options?|flags)>?$/i.test(text);
    const inner = withoutMarks(text).replace(/,$/, '');
    // `<name...>`, `...name`: the dots are inside.
    const name = inner.replace(/^\.{3}|(?:\.{2,3}|…)$/g, '');
    const repeated = often.repeated || name !== inner;
    if (!/[\w-]/.test(name)) return;
    const existing = this.items.at(-1);
    // `FILE [FILE...]` is one operand, once or more; `[report] <report>` are two.
    if (existing?.name === name && (repeated || often.optional)) {
      this.items[this.items.length - 1] = again(existing, repeated, place);
      return;
    }
    const keyword = /^([a-z_][\w-]*)=/.exec(name);
    this.items.push({
      kind: isCommand || isOthers ? 'command-line' : keyword === null ? 'word' : 'keyword',
      name: keyword?.[1] ?? name,
      word: makeValueWord({ placeholder: stated(text, place), values: valuesAt(braced, place) }),
      vocabulary: [],
      count: countOf({ ...often, repeated }, place),
      help: undefined,
      place,
    });
  }

  /** Adds `on|off` or `FILE|DIR` as one operand, with its allowed values where the words stand for themselves. */
  addChoice(words: readonly string[], place: Span, often: HowOften): void {
    const values = words.every((word) => LITERAL.test(word)) ? asValues(words, false) : undefined;
    const name = choiceName(words.map((word) => word.replace(/^<(.*)>$/, '$1')));
    this.items.push({
      kind: 'word',
      name,
      word: makeValueWord({ placeholder: stated(name, place), values: valuesAt(values, place) }),
      vocabulary: [],
      count: countOf(often, place),
      help: undefined,
      place,
    });
  }
}

function countOf({ optional, repeated }: HowOften, place: Span): Operand['count'] {
  return stated({ least: optional ? 0 : 1, most: repeated ? null : 1 }, place);
}

/** An operand that stands once more: `FILE [FILE...]` any number of times, `FILE [FILE]` up to twice. */
function again(operand: Operand, repeated: boolean, place: Span): Operand {
  const { least = 1, most = null } = operand.count?.value ?? {};
  return { ...operand, count: stated({ least, most: repeated || most === null ? null : most + 1 }, place) };
}

/** `<name>`, `"name of a box"`, `<host>:<port>` without brackets and quotes. */
function withoutMarks(placeholder: string): string {
  const quoted = /^(["'])(.*)\1$/.exec(placeholder)?.[2];
  return quoted ?? (/^<.*>$/.test(placeholder) ? placeholder.replace(/<([^<>]*)>/g, '$1') : placeholder);
}
