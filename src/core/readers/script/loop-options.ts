import type { Assignment, SyntaxNode } from 'unbash';
import { forEachChild } from 'unbash';
import type { Option } from '../../model/option.ts';
import type { DeclaredName } from '../../model/option-loop.ts';
import { readVariable, textOf } from '../../shells/bash-words.ts';
import type { Span } from '../../source/source.ts';
import { matchesAll } from './case-patterns.ts';
import { laterChecks } from './later-checks.ts';
import type { NamedArm } from './loop-draft.ts';
import { keptIn, type OptionDraft, optionOf } from './option-drafts.ts';
import type { ScriptReading } from './script-reading.ts';
import type { Range, ShellScope } from './shell-scopes.ts';

/** The loop whose options are gathered. */
export interface LoopAt {
  readonly node: SyntaxNode;
  readonly scope: ShellScope;
  readonly reached: Range;
  /** The variable that holds the option while its arm runs. */
  readonly subject: string;
}

/** The options of a loop: those that its option string declares where there is one, else those that its arms answer. */
export function optionsOfLoop(
  named: readonly NamedArm[],
  declared: readonly DeclaredName[] | undefined,
  at: LoopAt,
  reading: ScriptReading,
): Option[] {
  const gatherer = new OptionGatherer(at, reading);
  const declaredByName = new Map(declared?.map((one) => [one.name, one]));
  const taken = new Set<string>();
  const options: Option[] = [];
  for (const one of named) {
    const free = one.names.filter(({ name }) => !taken.has(name));
    const known = declared === undefined ? free : free.filter(({ name }) => declaredByName.has(name));
    for (const { name } of known) taken.add(name);
    for (const group of gatherer.spellings(known, one, declaredByName))
      options.push(gatherer.option(group, one, declaredByName.get(group[0]?.name ?? '')));
  }
  for (const one of declared ?? []) if (!taken.has(one.name)) options.push(optionOf(bareDraft(one)));
  return options.sort((a, b) => (a.place?.start ?? 0) - (b.place?.start ?? 0));
}

function bareDraft({ name, presence, place }: DeclaredName): OptionDraft {
  return {
    names: [{ name, place }],
    presence,
    variable: undefined,
    values: undefined,
    default: undefined,
    requiredBy: undefined,
    place,
  };
}

type Names = NamedArm['names'];

/** A value that a variable has from the beginning. */
interface Initial {
  readonly text: string;
  readonly place: Span;
}

/** Puts together what the arms of a loop, and the script around it, show of its options. */
class OptionGatherer {
  readonly #at: LoopAt;
  readonly #reading: ScriptReading;
  readonly #required: ReadonlyMap<string, SyntaxNode>;
  readonly #initials = new Map<string, Initial | undefined>();

  constructor(at: LoopAt, reading: ScriptReading) {
    this.#at = at;
    this.#reading = reading;
    const behind = { pos: at.node.end, end: at.reached.end };
    this.#required = laterChecks(at.scope, reading, behind).required;
  }

  /** The names of an arm by the options that they spell: one option, unless the arm looks at which of them was given, or they take other arguments. */
  spellings(names: Names, { branch, arm }: NamedArm, declared: ReadonlyMap<string, DeclaredName>): Names[] {
    if (names.length === 0) return [];
    // Options that are passed over, and letters of a set (`-[abc]`, but not `-[aA]`), share an arm and no meaning.
    const letters = new Set(names.map(({ name }) => name.toLowerCase()));
    const isOfSet = letters.size > 1 && names.some(({ place }) => textAt(place).includes('['));
    if (isOfSet || (arm.isEmpty && names.length > 2)) return names.map((name) => [name]);
    const isLookedAt = this.#reading.arms.reads(branch.body, new Set([this.#at.subject]));
    const isPlaceRead = /^\d$/.test(this.#at.subject);
    const presences = new Set(names.map(({ name }) => declared.get(name)?.presence));
    return (isLookedAt && !isPlaceRead) || presences.size > 1 ? names.map((name) => [name]) : [names];
  }

  option(names: Names, one: NamedArm, declared: DeclaredName | undefined): Option {
    const { branch, argument } = one;
    const assignments = this.#reading.arms.assignmentsOf(branch.body);
    const readsArgument = (assignment: Assignment) => holds(assignment, argument);
    const variable = keptIn(assignments, readsArgument);
    const presence = declared?.presence ?? one.presence;
    const takesOne = presence !== undefined && presence !== 'none';
    // What an arm makes of the argument, `yes) colour=1`, says nothing of what else may be given.
    const isKept = takesOne && assignments.some((one) => one.name === variable && readsArgument(one));
    const initial =
      isKept && variable !== undefined ? this.#initialArgument(variable, assignments) : undefined;
    const requiring = isKept && variable !== undefined ? this.#requiredBy(variable) : undefined;
    const values = takesOne ? this.#values(one, variable) : undefined;
    const isGathered = assignments.some((one) => one.name === variable && gathers(one));
    return optionOf({
      names: names.map(({ name, place }) => ({
        name,
        place: declared?.name === name ? declared.place : place,
      })),
      presence,
      ...(one.words === undefined ? {} : { words: one.words }),
      // Several options may add to one variable, or tell by it which of them waits for its argument.
      variable: isGathered || (takesOne && !isKept) ? undefined : variable,
      values,
      // A word that the script would not let through stands for not having been given.
      default: values?.some(({ text }) => text === initial?.text) === false ? undefined : initial,
      requiredBy: initial === undefined ? requiring : undefined,
      place: declared?.place ?? names[0]?.place ?? this.#reading.script.place(branch.node),
    });
  }

  /** The check that ends the script where there is nothing in a variable that nothing but the option gives a value. */
  #requiredBy(variable: string): Span | undefined {
    const check = this.#required.get(variable);
    const { node, scope } = this.#at;
    const isGivenElsewhere = this.#reading.variables
      .of(variable)
      .some(
        (one) =>
          (one.scope !== scope || one.node.pos < node.pos || one.node.pos >= node.end) &&
          (one.word === undefined || textOf(one.word) !== ''),
      );
    return check === undefined || isGivenElsewhere ? undefined : this.#reading.script.place(check);
  }

  /** What an option has for its argument where the loop begins: what its variable holds, without what an arm puts in front (`mode=-b$2`). */
  #initialArgument(variable: string, assignments: readonly Assignment[]): Initial | undefined {
    const initial = this.#initial(variable);
    const kept = assignments.find(({ name }) => name === variable)?.value;
    const [first] = kept?.type === 'Word' ? (kept.parts ?? []) : [];
    const front = first?.type === 'Literal' ? first.value : '';
    if (initial === undefined || front === '') return initial;
    const text = initial.text.startsWith(front) ? initial.text.slice(front.length) : '';
    return text === '' ? undefined : { ...initial, text };
  }

  /** What a variable holds where the loop begins, as far as it is written out. */
  #initial(variable: string): Initial | undefined {
    if (!this.#initials.has(variable)) this.#initials.set(variable, this.#findInitial(variable));
    return this.#initials.get(variable);
  }

  #findInitial(variable: string): Initial | undefined {
    const { node, scope } = this.#at;
    const before = this.#reading.variables
      .of(variable)
      .filter((one) => one.node.end <= node.pos && (one.scope === scope || one.scope.name === undefined));
    const behind = this.#reading.variables
      .of(variable)
      .filter((one) => one.node.pos >= node.end && one.scope === scope && one.ifUnset);
    const last = before.at(-1) ?? behind[0];
    if (last?.word === undefined || this.#isConditional(last.node)) return undefined;
    const text = textOf(last.word, this.#reading.variables.constant);
    return text === undefined || text === ''
      ? undefined
      : { text, place: this.#reading.script.place(last.word) };
  }

  #isConditional(node: SyntaxNode): boolean {
    for (const { type } of this.#reading.script.around(node))
      if (['If', 'Elif', 'CaseItem', 'While', 'For', 'AndOr', 'Subshell'].includes(type)) return true;
    return false;
  }

  /** The words that an inner `case` lets through, where anything else ends the script: in the arm, or behind the loop. */
  #values({ branch, argument }: NamedArm, variable: string | undefined) {
    const { node, scope, reached } = this.#at;
    const own = variable === undefined ? [] : [variable];
    const all = this.#reading.choices(scope);
    const choices = [
      ...all.on([...argument, ...own], branch.body),
      ...all.on(own, { pos: node.end, end: reached.end }),
    ];
    for (const { branches } of choices) {
      const rest = branches.find(({ patterns }) => patterns.some(matchesAll));
      const end = rest === undefined ? undefined : this.#reading.arms.ends.ofList(rest.body);
      if (end?.kind !== 'exits' && end?.kind !== 'returns') continue;
      const words = branches
        .filter((one) => one !== rest)
        .filter(({ body }) => this.#reading.arms.ends.ofList(body).kind !== 'exits')
        .flatMap(({ patterns }) => patterns);
      const texts = words.flatMap(({ words: all, word }) =>
        all === undefined || all.some(({ goesOn }) => goesOn)
          ? [undefined]
          : all.map(({ text }) => ({ text, place: this.#reading.script.place(word) })),
      );
      const known = texts.filter((one) => one !== undefined);
      if (known.length === texts.length && known.some(({ text }) => text !== ''))
        return known.filter(({ text }) => text !== '');
    }
    return undefined;
  }
}

function textAt({ source, start, end }: Span): string {
  return source.text.slice(start, end);
}

/** Whether the word of an assignment holds an expansion of a variable. */
function holds(assignment: Assignment, wanted: ReadonlySet<string>): boolean {
  let found = false;
  const visit = (node: SyntaxNode): void => {
    const name = readVariable(node);
    if (name !== undefined && wanted.has(name)) found = true;
    forEachChild(node, visit);
  };
  visit(assignment);
  return found;
}

/** Whether an assignment adds to what its variable holds: `boxes="$boxes $OPTARG"`, `boxes+=$OPTARG`. */
function gathers(assignment: Assignment): boolean {
  return assignment.append === true || holds(assignment, new Set([assignment.name]));
}
