import { makeWord, type OptionArgument } from '../model/argument.ts';
import type { Form, FormOption } from '../model/command.ts';
import { stated } from '../model/fact.ts';
import type { Operand } from '../model/operand.ts';
import type { Member, Relation } from '../model/relation.ts';
import type { Span } from '../source/source.ts';
import { type DeclaredName, scanDeclaration } from './declaration.ts';
import { makeArgument } from './option-argument.ts';
import type { PlacedText } from './placed-text.ts';
import { parseSynopsis, type SynopsisNode } from './synopsis.ts';

/** An option as a synopsis shows it, by its offsets in the synopsis. */
export interface UsageOption {
  readonly declared: DeclaredName;
  /** Its argument: joined to the name, or in the words that follow. */
  readonly argument: OptionArgument | undefined;
  readonly place: Span;
}

/** What one synopsis says. */
export interface UsageReading {
  readonly form: Form;
  /** The words that invoke the program (`python -m tiffin`). */
  readonly program: readonly string[];
  readonly programPlace: Span;
  /** Literal words behind the program: commands, or operands written in lower case. */
  readonly literals: readonly { readonly text: string; readonly place: Span }[];
  /** Whether anything follows the literal words. */
  readonly goesOn: boolean;
  readonly options: readonly UsageOption[];
  readonly relations: readonly Relation[];
  /** Where a placeholder for a subcommand stands. */
  readonly commandPlace: Span | undefined;
  /** Where the end of the options, `--`, is shown. */
  readonly endOfOptions: Span | undefined;
}

const LITERAL = /^[a-z0-9][\w.:+-]*$/;
const ANY_OPTIONS =
  /^[<[]*(?:any |global |common |command |other )?(?:options?|flags?|switches|opts)[>\]]*$/i;
const ANY_COMMAND = /^[<]?(?:sub-?)?(?:commands?|cmd)[>]?$/i;

const NO_FLAGS: ReadonlySet<string> = new Set();

/** Reads one synopsis whose text is `flow`. `flags` are the options known to take no argument, so that none follows them. */
export function readUsageForm(flow: PlacedText, flags: ReadonlySet<string> = NO_FLAGS): UsageReading {
  const root = parseSynopsis(flow.text);
  const items = root.kind === 'sequence' ? root.items : [root];
  const head = readHead(items, flow);
  const walker = new FormWalker(flow, flags);
  walker.sequence(items.slice(head.taken), {
    optional: false,
    repeated: false,
    bracketed: false,
  });
  return {
    form: {
      text: flow.text,
      options: walker.formOptions,
      operands: walker.operands,
      place: flow.whole,
    },
    program: head.program,
    programPlace: head.programPlace,
    literals: head.literals,
    goesOn: head.taken < items.length,
    options: walker.options,
    relations: walker.relations,
    commandPlace: walker.commandPlace,
    endOfOptions: walker.endOfOptions,
  };
}

function readHead(items: readonly SynopsisNode[], flow: PlacedText) {
  const program: string[] = [];
  const literals: { text: string; place: Span }[] = [];
  let taken = 0;
  let programEnd = 0;
  for (const item of items) {
    if (item.kind !== 'word' || item.joined !== undefined) break;
    const isModuleSwitch = program.length === 1 && item.text === '-m' && items[taken + 1]?.kind === 'word';
    if (program.length === 0 || isModuleSwitch || (program.length === 2 && program[1] === '-m')) {
      program.push(item.text);
      programEnd = item.end;
    } else if (LITERAL.test(item.text) && !ANY_OPTIONS.test(item.text) && !ANY_COMMAND.test(item.text)) {
      literals.push({
        text: item.text,
        place: flow.span(item.start, item.end),
      });
    } else break;
    taken++;
  }
  const first = items[0];
  const start = first?.kind === 'word' ? first.start : 0;
  return {
    program,
    literals,
    taken,
    programPlace: flow.span(start, Math.max(start, programEnd)),
  };
}

interface Context {
  readonly optional: boolean;
  readonly repeated: boolean;
  readonly bracketed: boolean;
}

class FormWalker {
  readonly formOptions: FormOption[] = [];
  readonly operands: Operand[] = [];
  readonly options: UsageOption[] = [];
  readonly relations: Relation[] = [];
  commandPlace: Span | undefined;
  endOfOptions: Span | undefined;
  readonly #flow: PlacedText;
  readonly #flags: ReadonlySet<string>;

  constructor(flow: PlacedText, flags: ReadonlySet<string>) {
    this.#flow = flow;
    this.#flags = flags;
  }

  sequence(items: readonly SynopsisNode[], context: Context): void {
    for (let i = 0; i < items.length; i++) {
      const item = items[i];
      if (item === undefined) continue;
      const argument = takesFollowing(item, this.#flags)
        ? followingArgument(items[i + 1], context)
        : undefined;
      this.#node(item, context, argument);
      if (argument !== undefined) i++;
    }
  }

  #node(node: SynopsisNode, context: Context, argument: FollowingArgument | undefined): void {
    switch (node.kind) {
      case 'word':
        if (node.text.startsWith('-') || /^\+\w/.test(node.text)) this.#option(node, context, argument);
        else this.#operand(node, context);
        break;
      case 'sequence':
        this.sequence(node.items, context);
        break;
      case 'optional':
        this.#node(node.body, { ...context, optional: true, bracketed: true }, undefined);
        break;
      case 'repeat':
        this.#node(node.body, { ...context, repeated: true }, argument);
        break;
      case 'choice':
        this.#choice(node, context, argument);
        break;
    }
  }

  #choice(
    node: SynopsisNode & { kind: 'choice' },
    context: Context,
    argument: FollowingArgument | undefined,
  ): void {
    const members: Member[] = [];
    let complete = true;
    for (const alternative of node.alternatives) {
      const optionsBefore = this.options.length;
      const operandsBefore = this.operands.length;
      this.#node(alternative, { ...context, optional: true, bracketed: true }, argument);
      const option = this.options[optionsBefore];
      const operand = this.operands[operandsBefore];
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
    if (!complete || members.length < 2 || !members.some((member) => member.kind === 'option')) return;
    this.relations.push({
      kind: context.optional ? 'at-most-one' : 'exactly-one',
      subject: undefined,
      members,
      basis: 'stated',
      place: this.#flow.span(node.start, node.end),
    });
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
    const declared = scanDeclaration(this.#flow.text, node.start, node.end)?.names[0];
    if (declared === undefined) return;
    this.options.push({
      declared,
      place: this.#flow.span(declared.start, declared.end),
      argument: this.#optionArgument(declared, argument),
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
  ): OptionArgument | undefined {
    if (declared.argument !== undefined) {
      return makeArgument(declared.argument, (start, end) => this.#flow.span(start, end));
    }
    if (following === undefined) return undefined;
    const place = this.#flow.span(following.start, following.end);
    return {
      presence: following.optional ? 'optional' : 'mandatory',
      words: [makeWord({ placeholder: stated(following.text, place) })],
      count: undefined,
      place,
    };
  }

  #operand(node: SynopsisNode & { kind: 'word' }, context: Context): void {
    if (ANY_OPTIONS.test(node.text)) return;
    const place = this.#flow.span(node.start, node.end);
    const isCommand = this.commandPlace === undefined && ANY_COMMAND.test(node.text);
    if (isCommand) this.commandPlace = place;
    const name = node.text.replace(/^<(.*)>$/, '$1');
    if (!/[\w-]/.test(name)) return;
    const existing = this.operands.at(-1);
    if (existing?.name === name) {
      // `FILE [FILE...]` is one operand, once or more.
      this.operands[this.operands.length - 1] = {
        ...existing,
        count: stated({ least: existing.count?.value.least ?? 1, most: null }, place),
      };
      return;
    }
    const keyword = /^([a-z_][\w-]*)=/.exec(name);
    this.operands.push({
      kind: isCommand ? 'command-line' : keyword === null ? 'word' : 'keyword',
      name: keyword?.[1] ?? name,
      word: makeWord({ placeholder: stated(node.text, place) }),
      vocabulary: [],
      count: stated({ least: context.optional ? 0 : 1, most: context.repeated ? null : 1 }, place),
      help: undefined,
      place,
    });
  }
}

interface FollowingArgument {
  readonly text: string;
  readonly optional: boolean;
  readonly start: number;
  readonly end: number;
}

/** Whether a node is an option, or a choice of options, without an argument of its own. */
function takesFollowing(node: SynopsisNode, flags: ReadonlySet<string>): boolean {
  if (node.kind === 'choice') return node.alternatives.every((one) => takesFollowing(one, flags));
  return (
    node.kind === 'word' &&
    !flags.has(node.text) &&
    node.joined === undefined &&
    /^--?[A-Za-z0-9?]/.test(node.text) &&
    !/[=<]/.test(node.text)
  );
}

/** The placeholder that follows an option as its argument; undefined where an operand follows. */
function followingArgument(node: SynopsisNode | undefined, context: Context): FollowingArgument | undefined {
  if (node === undefined) return undefined;
  if (node.kind === 'repeat') return followingArgument(node.body, context);
  if (node.kind === 'optional') {
    const inner = context.bracketed ? followingArgument(node.body, context) : undefined;
    return inner === undefined ? undefined : { ...inner, optional: true };
  }
  if (node.kind === 'choice') {
    const isValues = node.alternatives.every((part) => part.kind === 'word' && !part.text.startsWith('-'));
    if (!isValues || !context.bracketed) return undefined;
    const text = node.alternatives.map((part) => (part.kind === 'word' ? part.text : '')).join('|');
    return { text, optional: false, start: node.start, end: node.end };
  }
  if (node.kind !== 'word' || node.text.startsWith('-') || node.joined !== undefined) return undefined;
  const isMarked = /^<|^[A-Z][A-Z0-9_=:,.-]*$/.test(node.text);
  if (!isMarked && !context.bracketed) return undefined;
  return { text: node.text, optional: false, start: node.start, end: node.end };
}
