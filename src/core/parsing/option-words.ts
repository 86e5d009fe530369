import { didYouMean } from '../messages/did-you-mean.ts';
import { listNames, quoteName } from '../messages/wording.ts';
import type { OptionArgument } from '../model/argument.ts';
import { withTwoHyphens } from '../model/long-hyphens.ts';
import { argumentOf } from '../model/option.ts';
import { argumentOfNamed, calledName, type NamedOption } from './option-lookup.ts';
import type { ReadingState } from './reading-state.ts';

/** Reads the words of a command line that are options, and their arguments. */
export class OptionWords {
  readonly #state: ReadingState;

  constructor(state: ReadingState) {
    this.#state = state;
  }

  /** `--name`, `--name=value`. */
  readLong(index: number, text: string): void {
    const equals = text.indexOf('=');
    const hasValue = equals > 0 && this.#valueForms()?.longEquals !== false;
    const name = hasValue ? text.slice(0, equals) : text;
    const { verdict, names, found } = this.#state.lookup.long(name);
    if (verdict !== 'exact' && verdict !== 'unknown') this.#state.rule('optionAbbreviations');
    if (found === undefined) {
      if (verdict === 'ambiguous') {
        this.#state.part(index, 0, name.length, 'option', null, verdict);
        this.#state.report(
          'ambiguous-option',
          `option ${quoteName(name)} is ambiguous: it could be ${listNames(names, 'or')}`,
          index,
        );
      } else {
        this.#assumeHyphens(name);
        this.#unknownOption(index, 0, name.length, name);
      }
      if (hasValue) this.#state.part(index, equals + 1, text.length, 'option-argument', null, null);
      return;
    }
    this.#state.part(index, 0, name.length, 'option', found.name.text, verdict);
    this.#giveValue(index, found, hasValue ? equals + 1 : undefined);
  }

  /** Whether a word with two hyphens is read letter by letter: where names begin with one hyphen only, and letters that do not exist are passed over. */
  get areLettersOnly(): boolean {
    const { rules, at } = this.#state;
    const isPassed = rules.known(at.line, 'unknownOptions') === 'ignored';
    return isPassed && rules.known(at.line, 'optionPrefixes')?.includes('--') === false;
  }

  /** `-x`, `-xyz`, `-xVALUE`, `-sort`, `-5`, `+x`. */
  readSingle(index: number, text: string): void {
    if (/^-\d+$/.test(text) && this.#isNumberOption()) {
      this.#state.part(index, 0, text.length, 'option', '-NUM', 'exact');
      const listed = this.#state.lookup.exact('-NUM');
      if (listed !== undefined) this.#giveValue(index, listed, undefined);
      return;
    }
    if (text.startsWith('+') && !this.#state.lookup.hasPlusNames) {
      this.#readPlus(index, text);
      return;
    }
    const equals = text.indexOf('=');
    const name = equals > 0 ? text.slice(0, equals) : text;
    const { lookup } = this.#state;
    const isEither = text.startsWith('-') && lookup.takesOneHyphen(text);
    // Where either number of hyphens is accepted, a letter is one only by itself (`getopt_long_only`).
    const isLetter = isEither
      ? text.length === 2 && lookup.exact(text) !== undefined
      : name.length === 2 && !text.startsWith('+');
    const asLong = isLetter ? undefined : lookup.long(isEither ? withTwoHyphens(name) : name);
    const isLong = asLong?.found !== undefined && !this.#isGroupInstead(text);
    if (isLong && asLong.found !== undefined) {
      if (asLong.verdict !== 'exact') this.#state.rule('optionAbbreviations');
      this.#state.part(index, 0, name.length, 'option', asLong.found.name.text, asLong.verdict);
      this.#giveValue(index, asLong.found, equals > 0 ? equals + 1 : undefined);
    } else if (asLong?.verdict === 'ambiguous' && (isEither || !this.#isGroup(text))) {
      this.#state.part(index, 0, name.length, 'option', null, 'ambiguous');
      this.#state.report(
        'ambiguous-option',
        `option ${quoteName(name)} is ambiguous: it could be ${listNames(asLong.names, 'or')}`,
        index,
      );
    } else if (isEither && lookup.exact(text.slice(0, 2)) === undefined) {
      this.#unknownOption(index, 0, name.length, name);
    } else {
      if (!this.#isGroup(text)) this.#assumeHyphens(name);
      this.#readLetters(index, text, 1);
    }
  }

  /** `+name` where a plus sign may begin every option, and none is declared with one. */
  #readPlus(index: number, text: string): void {
    const name = text.slice(1).split('=', 1)[0] ?? '';
    const { found } = this.#state.lookup.long(name.length === 1 ? `-${name}` : `--${name}`);
    const end = name.length + 1;
    if (found === undefined) {
      this.#unknownOption(index, 0, end, text.slice(0, end));
      return;
    }
    this.#state.part(index, 0, end, 'option', found.name.text, 'exact');
    this.#giveValue(index, found, end < text.length ? end + 1 : undefined);
  }

  /** Notes that a name would be known if long names took one hyphen or two. */
  #assumeHyphens(name: string): void {
    if (this.#state.lookup.isKnownOtherwise(name)) this.#state.rule('longHyphens');
  }

  #isNumberOption(): boolean {
    return this.#state.rules.known(this.#state.at.line, 'numberOption') === true;
  }

  /** Whether a word is a negative number, and no option. */
  isNegativeNumber(text: string): boolean {
    const isOption = /^-\d+$/.test(text) && this.#isNumberOption();
    if (isOption) return false;
    if (!/^-(?:\d+\.?\d*|\.\d+)$/.test(text)) return false;
    if (this.#state.lookup.names.some((name) => /^-\d$/.test(name))) return false;
    return this.#state.rule('negativeNumbers');
  }

  /** Whether a word that is a single-hyphen long name is read as a group of letters. */
  #isGroupInstead(text: string): boolean {
    return this.#isGroup(text) && this.#state.rule('singleHyphenWord') === 'group';
  }

  /** Whether all letters of a word are options, up to the first that takes an argument. */
  #isGroup(text: string): boolean {
    for (const letter of [...text].slice(1)) {
      const found = this.#state.lookup.exact(`${text[0]}${letter}`);
      if (found === undefined) return false;
      const presence = argumentOfNamed(found)?.presence;
      if (presence === 'mandatory' || presence === 'optional') return true;
    }
    return true;
  }

  /** The letters of a word from an index on; `prefix` is what the names begin with. */
  #readLetters(index: number, text: string, from: number, prefix = text[0] ?? '-'): void {
    if (this.#isWholeUnknown(text, from, prefix)) {
      this.#unknownOption(index, 0, text.length, text);
      return;
    }
    let isFirst = true;
    for (let at = from; at < text.length; ) {
      const letter = String.fromCodePoint(text.codePointAt(at) ?? 0);
      const end = at + letter.length;
      const start = isFirst ? 0 : at;
      const found = this.#state.lookup.exact(`${prefix}${letter}`);
      if (found === undefined) {
        // Whether the rest of the word is its argument cannot be known.
        this.#unknownOption(index, start, end, `${prefix}${letter}`);
        // A letter that is passed over leaves those behind it as they are.
        if (this.#state.rules.known(this.#state.at.line, 'unknownOptions') === 'ignored') {
          isFirst = false;
          at = end;
          continue;
        }
        if (end < text.length) this.#state.part(index, end, text.length, 'option', null, 'not-judged');
        return;
      } else if (!isFirst && !this.#state.rule('grouping')) {
        this.#unknownOption(index, start, text.length, text);
        return;
      } else {
        this.#state.part(index, start, end, 'option', found.name.text, 'exact');
        const presence = argumentOfNamed(found)?.presence;
        if (presence === 'mandatory' || presence === 'optional') {
          const joined = this.#joinedToLetter(text, end);
          this.#giveValue(index, found, joined);
          if (joined !== undefined) return;
          isFirst = false;
          at = end;
          continue;
        }
        this.#giveValue(index, found, undefined);
      }
      isFirst = false;
      at = end;
    }
  }

  /** Whether a word that begins with a letter is no option at all: where letters are known not to be grouped, and nothing is joined to this one. */
  #isWholeUnknown(text: string, from: number, prefix: string): boolean {
    const { rules, at, lookup } = this.#state;
    if (rules.known(at.line, 'grouping') !== false) return false;
    const letter = String.fromCodePoint(text.codePointAt(from) ?? 0);
    const end = from + letter.length;
    if (end === text.length) return false;
    const found = lookup.exact(`${prefix}${letter}`);
    if (found === undefined) return false;
    const presence = argumentOfNamed(found)?.presence;
    if (text[end] === '=') return this.#valueForms()?.shortEquals === false && presence === 'mandatory';
    return presence === 'none' || this.#joinedToLetter(text, end) === undefined;
  }

  /** `xzf FILE` as the first word: letters without a hyphen, whose arguments follow in order. */
  readBundle(): void {
    const text = this.#state.words[0] ?? '';
    if (text === '' || text.startsWith('-') || text.startsWith('+')) return;
    if (this.#state.rules.known(this.#state.at.line, 'bundleWithoutHyphen') !== true) return;
    this.#state.next = 1;
    for (let at = 0; at < text.length; ) {
      const letter = String.fromCodePoint(text.codePointAt(at) ?? 0);
      const end = at + letter.length;
      const found = this.#state.lookup.exact(`-${letter}`);
      if (found === undefined) {
        this.#unknownOption(0, at, end, `-${letter}`);
      } else {
        this.#state.part(0, at, end, 'option', found.name.text, 'exact');
        this.#giveValue(0, found, undefined);
      }
      at = end;
    }
  }

  /** Where the value begins that is joined to a letter which ends at an index; undefined where none is. */
  #joinedToLetter(text: string, end: number): number | undefined {
    if (end === text.length) return undefined;
    const forms = this.#valueForms();
    if (text[end] === '=' && forms?.shortEquals === true) return end + 1;
    return forms?.shortJoined === false ? undefined : end;
  }

  #valueForms() {
    return this.#state.rules.known(this.#state.at.line, 'valueForms');
  }

  /** Whether the argument of an option may be the next word. */
  #mayFollow({ name }: NamedOption): boolean {
    const forms = this.#valueForms();
    return (name.form === 'short' ? forms?.shortSeparate : forms?.longSeparate) !== false;
  }

  /** Takes an option's argument: the rest of the word from `joined` on, or the words that follow. */
  #giveValue(index: number, named: NamedOption, joined: number | undefined): void {
    const argument = argumentOfNamed(named);
    const called = calledName(named);
    const values: string[] = [];
    const text = this.#state.words[index] ?? '';
    const isKnown = named.negated || argumentOf(named.option, named.name) !== undefined;
    const presence = argument?.presence ?? 'none';
    if (joined !== undefined) {
      this.#state.part(index, joined, text.length, 'option-argument', called, null);
      if (presence === 'none' && isKnown) this.#readFlagValue(index, named, joined, values);
      else values.push(text.slice(joined));
    }
    if (presence === 'mandatory' && joined === undefined && !this.#mayFollow(named))
      this.#state.report(
        'value-missing',
        `option ${quoteName(named.name.text)} needs an argument joined to it`,
        index,
      );
    else if (presence === 'mandatory') this.#takeWords(index, named, argument, values);
    else if (presence === 'optional' && joined === undefined && this.#takesSeparateOptional())
      this.#takeNext(called, values, true);
    this.#state.given.push({
      name: called,
      option: named.option,
      negated: named.negated !== (presence === 'none' && values[0] === 'false'),
      argument,
      values,
      word: index,
    });
  }

  /** A value that a flag was given, in the word from `start` on. */
  #readFlagValue(index: number, named: NamedOption, start: number, values: string[]): void {
    const value = (this.#state.words[index] ?? '').slice(start);
    const meaning = this.#state.rule('flagValues');
    if (meaning === 'ignored') return;
    if (meaning === 'passed-on') {
      this.#state.operands.push({ word: index, start });
      return;
    }
    const isTruth = value === 'true' || value === 'false';
    if (meaning === 'true-or-false' && isTruth) {
      values.push(value);
      return;
    }
    const expected = meaning === 'refused' ? '' : ' but true or false';
    const message = `option ${quoteName(named.name.text)} takes no argument${expected}`;
    this.#state.report('value-unexpected', message, index);
  }

  #takesSeparateOptional(): boolean {
    return (
      this.#state.next < this.#state.words.length &&
      this.#state.rule('optionalValues') === 'joined-or-separate'
    );
  }

  #takeWords(
    index: number,
    named: NamedOption,
    argument: OptionArgument | undefined,
    values: string[],
  ): void {
    const words = Math.max(1, argument?.words.length ?? 1);
    const least = words - 1 + (argument?.count?.value.least ?? 1);
    const most =
      words -
      1 +
      (argument?.count === undefined ? 1 : (argument.count.value.most ?? Number.POSITIVE_INFINITY));
    const called = calledName(named);
    while (values.length < least) {
      if (this.#takeNext(called, values, false)) continue;
      if (this.#state.rule('missingArguments') === 'empty') return;
      const placeholder = argument?.words[Math.min(values.length, words - 1)]?.placeholder?.value;
      const name = placeholder === undefined ? '' : `: ${placeholder}`;
      this.#state.report(
        'value-missing',
        `option ${quoteName(named.name.text)} needs an argument${name}`,
        index,
      );
      return;
    }
    while (values.length < most && this.#takeNext(called, values, true));
  }

  /** Takes the next word as an argument; one that looks like an option only where it must be taken and may be. */
  #takeNext(called: string, values: string[], mayLeave: boolean): boolean {
    const text = this.#state.words[this.#state.next];
    if (text === undefined) return false;
    if (this.#state.mayBeOption(text) && text !== '-' && !this.isNegativeNumber(text)) {
      if (mayLeave || !this.#state.rule('hyphenValues')) return false;
    }
    this.#state.part(this.#state.next, 0, text.length, 'option-argument', called, null);
    this.#state.next++;
    values.push(text);
    return true;
  }

  #unknownOption(index: number, start: number, end: number, name: string): void {
    const meaning = this.#state.rule('unknownOptions');
    const isSure = this.#state.lookup.complete;
    this.#state.part(index, start, end, 'option', null, isSure ? 'unknown' : 'not-judged');
    if (meaning === 'ignored') return;
    if (meaning === 'passed-on') {
      this.#state.operands.push({ word: index });
      // It is an operand like others, and may be the one that ends the options.
      if (this.#state.rules.known(this.#state.at.line, 'operandOrder') === 'first-operand-ends-options')
        this.#state.optionsEnded = true;
      return;
    }
    const near = didYouMean(
      name,
      name.length > 2 ? this.#state.lookup.names.filter((known) => known.length > 2) : [],
    );
    if (isSure) this.#state.report('unknown-option', `unknown option ${quoteName(name)}${near}`, index);
    else
      this.#state.report(
        'not-judged',
        `no option ${quoteName(name)} is known, but the list may be incomplete${near}`,
        index,
      );
  }
}
