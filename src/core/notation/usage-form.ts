import { makeValueWord, type OptionArgument, type ValueWord } from '../model/argument.ts';
import type { FormOption } from '../model/command.ts';
import { stated } from '../model/fact.ts';
import type { Member, Relation } from '../model/relation.ts';
import type { Span } from '../source/source.ts';
import { type DeclaredName, scanDeclaration } from './declaration.ts';
import {
  type FollowingArgument,
  type FollowingWord,
  followingArgument,
  isTaker,
  takesFollowing,
  withMore,
} from './following-argument.ts';
import { type KnownOptions, NOTHING_KNOWN } from './known-options.ts';
import { makeArgument, valuesAt } from './option-argument.ts';
import type { PlacedText } from './placed-text.ts';
import { withoutRedirections } from './redirections.ts';
import { asValues } from './scanned-word.ts';
import { areLetterAndName, areSpellings, pairsLettersWithNames, pairsOutsideBrackets } from './spelling.ts';
import { endOf, parseSynopsis, type SynopsisNode, startOf } from './synopsis.ts';
import { arePairs, isBareLetter, isInPairs, isLetterAgain, plainWords } from './usage-choice.ts';
import { readHead } from './usage-head.ts';
import { type HowOften, UsageOperands } from './usage-operands.ts';
import type { UsageOption, UsageReading } from './usage-reading.ts';
import { ANY_COMMAND, ANY_OPTIONS, isAnyOptions, isPhrase, LITERAL, namesOptions } from './usage-words.ts';

/** Reads one synopsis whose text is `flow`. `titled` are the words that the title has for the command. */
export function readUsageForm(
  flow: PlacedText,
  known: KnownOptions = NOTHING_KNOWN,
  titled: readonly string[] = [],
): UsageReading {
  const root = parseSynopsis(withoutRedirections(flow.text));
  const items = root.kind === 'sequence' ? root.items : [root];
  const head = readHead(items, flow, titled);
  const walker = new FormWalker(flow, known);
  walker.sequence(items.slice(head.taken), {
    optional: false,
    repeated: false,
    bracketed: false,
  });
  return {
    form: {
      text: flow.text,
      options: walker.formOptions,
      operands: walker.operands.items,
      place: flow.place,
    },
    program: head.program,
    programPlace: head.programPlace,
    literals: head.literals,
    goesOn: head.taken < items.length,
    optionsFollow: isAnyOptions(items[head.taken]),
    options: walker.options,
    relations: walker.relations,
    spellings: walker.spellings,
    commandPlace: walker.operands.commandPlace,
    endOfOptions: walker.endOfOptions,
  };
}

interface Context extends HowOften {
  readonly bracketed: boolean;
}

class FormWalker {
  readonly formOptions: FormOption[] = [];
  readonly operands = new UsageOperands();
  readonly options: UsageOption[] = [];
  readonly relations: Relation[] = [];
  readonly spellings: [string, string][] = [];
  endOfOptions: Span | undefined;
  readonly #flow: PlacedText;
  readonly #known: KnownOptions;
  /** Whether each two names in a bracket are a letter and its long name. */
  readonly #pairsThroughout: boolean;

  constructor(flow: PlacedText, known: KnownOptions) {
    this.#flow = flow;
    this.#known = known;
    this.#pairsThroughout = pairsLettersWithNames(flow.text);
    if (this.#pairsThroughout) for (const pair of pairsOutsideBrackets(flow.text)) this.spellings.push(pair);
  }

  sequence(items: readonly SynopsisNode[], context: Context): void {
    for (let i = 0; i < items.length; i++) {
      const item = items[i];
      if (item === undefined) continue;
      const bracketed = context.bracketed || isTaker(item, items[i + 1], this.#known) || isInPairs(items, i);
      const first =
        takesFollowing(item, this.#known, context.bracketed) && !isMode(item, items[i + 1], bracketed)
          ? followingArgument(items[i + 1], { bracketed }, this.#flow.text)
          : undefined;
      if (first === undefined) {
        this.#node(item, context, undefined);
        continue;
      }
      const { argument, next } = withMore(first, items, i + 2, context.bracketed, this.#flow.text);
      this.#node(item, context, argument);
      i = next - 1;
    }
  }

  #node(node: SynopsisNode, context: Context, argument: FollowingArgument | undefined): void {
    switch (node.kind) {
      case 'word':
        if (node.text.startsWith('-') || /^\+\w/.test(node.text)) this.#option(node, context, argument);
        else this.#operand(node, context);
        break;
      case 'sequence':
        // `{zero or more boxes}`
        if (isPhrase(node)) this.#phrase(node, startOf(node) - 1, endOf(node) + 1, context);
        else this.sequence(node.items, { ...context, bracketed: true });
        break;
      case 'optional':
        if (namesOptions(node.body) || isAnyOptions(node.body) || this.#isMode(node.body)) {
          if (this.endOfOptions === undefined) break;
        }
        if (isPhrase(node.body)) {
          this.#phrase(node.body, node.start, node.end, { ...context, optional: true });
          break;
        }
        this.#node(node.body, { ...context, optional: true, bracketed: true }, undefined);
        break;
      case 'repeat':
        if (isAnyOptions(node) && this.endOfOptions === undefined) break;
        this.#node(node.body, { ...context, repeated: true }, argument);
        break;
      case 'choice':
        this.#choice(node, context, argument);
        break;
    }
  }

  /** `[mode]` before all operands stands for the options that are modes: as an operand it could not be told from the next. */
  #isMode(body: SynopsisNode): boolean {
    return this.operands.items.length === 0 && body.kind === 'word' && /^modes?$/i.test(body.text);
  }

  /** `[input file...]`: plain words in one bracket are the name of one operand. */
  #phrase(body: SynopsisNode, start: number, end: number, context: Context): void {
    const inner = this.#flow.text.slice(start + 1, end - 1);
    const dots = /\s*(?:\.\.\.|…)$/.exec(inner);
    const text = inner.slice(0, dots?.index ?? inner.length).trim();
    const from = start + 1 + inner.indexOf(text);
    const word = { kind: 'word', text, joined: undefined, start: from, end: from + text.length } as const;
    const repeated = context.repeated || body.kind === 'repeat' || dots !== null;
    this.#operand(word, { ...context, bracketed: true, repeated });
  }

  #choice(
    node: SynopsisNode & { kind: 'choice' },
    context: Context,
    argument: FollowingArgument | undefined,
  ): void {
    const words = plainWords(node);
    if (words !== undefined) {
      this.operands.addChoice(words, this.#flow.span(node.start, node.end), context);
      return;
    }
    const members: Member[] = [];
    let complete = true;
    let before: { name: string; end: number } | undefined;
    const isPaired = arePairs(node.alternatives);
    const count = node.alternatives.length;
    const between = (from: number, to: SynopsisNode) => this.#flow.text.slice(from, startOf(to));
    const firstForm = this.formOptions.length;
    const isAboutCommands = node.alternatives.some(
      (one) => one.kind === 'word' && ANY_COMMAND.test(one.text) && !LITERAL.test(one.text),
    );
    for (const [i, alternative] of node.alternatives.entries()) {
      // `[-h | round | COMMAND]`: a word beside the placeholder for the command is one of the commands.
      if (isAboutCommands && alternative.kind === 'word' && LITERAL.test(alternative.text)) continue;
      // `[-plain|p NAME]`: a letter without its hyphen beside an option.
      if (before !== undefined && (isBareLetter(alternative) || isLetterAgain(alternative, before.name)))
        continue;
      const optionsBefore = this.options.length;
      const operandsBefore = this.operands.items.length;
      this.#node(alternative, { ...context, optional: true, bracketed: true }, argument);
      const option = this.options[optionsBefore];
      const operand = this.operands.items[operandsBefore];
      const name = option?.declared.text;
      const isSpelling =
        name !== undefined &&
        before !== undefined &&
        (this.#isSame(before.name, name) ||
          (isPaired || (this.#pairsThroughout && count === 2 && areLetterAndName(before.name, name))
            ? i % 2 === 1
            : areSpellings(before.name, name, between(before.end, alternative), count)));
      if (isSpelling && before !== undefined) this.spellings.push([before.name, name]);
      before = name === undefined ? undefined : { name, end: endOf(alternative) };
      if (isSpelling) continue;
      if (option !== undefined) {
        members.push({
          kind: 'option',
          name: option.declared.text,
          value: undefined,
          place: option.place,
        });
      } else if (operand !== undefined) {
        members.push({
          kind: 'operand',
          name: operand.name,
          value: undefined,
          place: operand.place,
        });
      } else complete = false;
    }
    if (complete && members.length === 1 && !context.optional) this.#require(firstForm);
    if (!complete || members.length < 2 || !members.some((member) => member.kind === 'option')) return;
    this.relations.push({
      kind: context.optional ? 'at-most-one' : 'exactly-one',
      subject: undefined,
      members,
      basis: 'stated',
      place: this.#flow.span(node.start, node.end),
    });
  }

  /** Whether a list shows two names as spellings of one option. */
  #isSame(name: string, other: string): boolean {
    const option = this.#known.byName.get(name);
    return option !== undefined && option === this.#known.byName.get(other);
  }

  /** Spellings of one option that stand outside of brackets: it must be given. */
  #require(from: number): void {
    for (let i = from; i < this.formOptions.length; i++) {
      const option = this.formOptions[i];
      if (option !== undefined) this.formOptions[i] = { ...option, required: true };
    }
  }

  #option(
    node: SynopsisNode & { kind: 'word' },
    context: Context,
    argument: FollowingArgument | undefined,
  ): void {
    const place = this.#flow.span(node.start, node.end);
    if (node.text === '--') {
      this.endOfOptions ??= place;
      return;
    }
    if (node.text === '-') {
      this.#operand(node, context);
      return;
    }
    const [declared, ...others] = scanDeclaration(this.#flow.text, node.start, node.end)?.names ?? [];
    if (declared === undefined) return;
    // `[+toolchain]` is a placeholder, unless a list has it as a name.
    if (declared.form === 'plus' && declared.text.length > 2 && !this.#known.byName.has(declared.text))
      return;
    this.#push(declared, context, argument, place);
    // `-q,--quiet`: spellings of one option in one word.
    for (const other of others) {
      this.spellings.push([declared.text, other.text]);
      this.#push(other, context, argument, place);
    }
  }

  #push(
    declared: DeclaredName,
    context: Context,
    argument: FollowingArgument | undefined,
    place: Span,
  ): void {
    this.options.push({
      declared,
      place: this.#flow.span(declared.start, declared.end),
      argument: this.#optionArgument(declared, argument, context),
      isGrouped: context.bracketed || declared.argument !== undefined,
    });
    this.formOptions.push({
      name: declared.text,
      required: !context.optional,
      repeated: context.repeated,
      place,
    });
  }

  #optionArgument(
    declared: DeclaredName,
    following: FollowingArgument | undefined,
    { optional }: Context,
  ): OptionArgument | undefined {
    if (declared.argument !== undefined) {
      const argument = makeArgument(declared.argument, (start, end) => this.#flow.span(start, end));
      const words = optional ? argument.words : argument.words.map(asPlaceholder);
      return { ...argument, words };
    }
    if (following === undefined) return undefined;
    const words = [following, ...following.others];
    const place = this.#flow.span(following.start, words.at(-1)?.end ?? following.end);
    return {
      presence: following.optional ? 'optional' : 'mandatory',
      words: words.map((word) => this.#word(word)),
      count: following.count && stated(following.count, place),
      place,
    };
  }

  #word({ text, values, start, end }: FollowingWord): ValueWord {
    const place = this.#flow.span(start, end);
    return makeValueWord({ placeholder: stated(text, place), values: valuesAt(values, place) });
  }

  #operand(node: SynopsisNode & { kind: 'word' }, context: Context): void {
    // Behind `--`, options are another program's, and operands here.
    if (ANY_OPTIONS.test(node.text) && this.endOfOptions === undefined) return;
    const { text } = this.#flow;
    const isBraced = text[node.start - 1] === '{' && text[node.end] === '}';
    const values = isBraced ? asValues(node.text.split(','), true) : undefined;
    this.operands.add(node.text, this.#flow.span(node.start, node.end), context, values);
  }
}

/** `--conf=/etc/boxes.cnf` outside of brackets must be given, so that the value stands for another, and is no default. */
function asPlaceholder(word: ValueWord): ValueWord {
  return word.default === undefined ? word : { ...word, placeholder: word.default, default: undefined };
}

/** `{ -7 | --new } DIRECTORY ...`: what may come any number of times behind options of which one must be given is an operand. */
function isMode(item: SynopsisNode, next: SynopsisNode | undefined, isBracketed: boolean): boolean {
  return item.kind === 'choice' && next?.kind === 'repeat' && !isBracketed;
}
