import { addTo } from '../collections/grouped.ts';
import type { Fact } from '../model/fact.ts';
import type { Operand } from '../model/operand.ts';
import { mainName, type Option } from '../model/option.ts';
import { allNames, optionsByName } from '../model/options-by-name.ts';
import type { Member, Relation } from '../model/relation.ts';
import type { CommandAt } from '../model/walk.ts';
import type { Clause, Literal } from './satisfy.ts';

/** Why a set of command lines is as small as it is: a relation, or something that must always be given. */
export type Cause =
  | {
      /** A relation that a source declares. */
      readonly kind: 'relation';
      /** The relation. */
      readonly relation: Relation;
    }
  | {
      /** An option that must be given. */
      readonly kind: 'required-option';
      /** The option. */
      readonly option: Option;
    }
  | {
      /** An operand that must be given. */
      readonly kind: 'required-operand';
      /** The operand. */
      readonly operand: Operand;
    };

/** What a command line may hold or not: an option, an option with a given value, or an operand. */
export interface Variable {
  /** What it is. */
  readonly kind: 'option' | 'value' | 'operand';
  /** As it is typed: `--sort`, `--sort=size`, `BOX`. */
  readonly text: string;
  /** The option that it is, or whose value; undefined for operands. */
  readonly option: Option | undefined;
}

/** The clauses that one cause puts on the command line. */
export interface ClauseGroup {
  readonly cause: Cause;
  readonly clauses: readonly Clause[];
}

/** The rules of one command as clauses. */
export interface Formula {
  readonly variables: readonly Variable[];
  readonly groups: readonly ClauseGroup[];
  /** What holds whatever the relations say: a value means its option, and an option means one of all its values. */
  readonly structure: readonly Clause[];
  /** How many relations have too many members to be judged. */
  readonly tooLarge: number;
  /** Relations with a member that is not among the options and operands known; they are not in the groups. */
  readonly unknown: readonly { readonly relation: Relation; readonly member: Member }[];
}

/** A relation of two hundred members has twenty thousand pairs. */
const MEMBER_LIMIT = 200;

/** The rules of a command: its relations, and what must always be given. Inferred ones are left out. */
export function formulaOf(at: CommandAt): Formula {
  return new FormulaBuilder(at).build();
}

class FormulaBuilder {
  readonly #at: CommandAt;
  readonly #variables: Variable[] = [];
  readonly #byText = new Map<string, number>();
  readonly #byOption = new Map<Option, number>();
  readonly #options: ReadonlyMap<string, Option>;
  readonly #operands: ReadonlySet<string>;
  readonly #structure: Clause[] = [];
  readonly #values = new Map<Option, Literal[]>();

  constructor(at: CommandAt) {
    this.#at = at;
    // A command's own options come before those of the commands above it.
    this.#options = optionsByName(
      at.line.toReversed().flatMap(({ options }) => options.items),
      allNames,
    );
    const { operands, forms } = at.command;
    this.#operands = new Set(
      [...operands.items, ...forms.flatMap((form) => form.operands)].map(({ name }) => name),
    );
  }

  build(): Formula {
    const { command } = this.#at;
    const groups: ClauseGroup[] = [];
    const unknown: { relation: Relation; member: Member }[] = [];
    let tooLarge = 0;
    for (const relation of command.relations) {
      if (relation.basis === 'inferred') continue;
      if (relation.members.length > MEMBER_LIMIT) {
        tooLarge++;
        continue;
      }
      const member = [
        ...(relation.subject === undefined ? [] : [relation.subject]),
        ...relation.members,
      ].find((one) => !this.#isKnown(one));
      if (member === undefined)
        groups.push({ cause: { kind: 'relation', relation }, clauses: this.#clauses(relation) });
      else unknown.push({ relation, member });
    }
    for (const option of command.options.items) {
      if (!isSure(option.required, true)) continue;
      groups.push({ cause: { kind: 'required-option', option }, clauses: [[this.#option(option)]] });
    }
    for (const operand of command.operands.items) {
      if (operand.count === undefined || operand.count.basis === 'inferred' || operand.count.value.least < 1)
        continue;
      const literal = this.#variable({ kind: 'operand', text: operand.name, option: undefined });
      groups.push({ cause: { kind: 'required-operand', operand }, clauses: [[literal]] });
    }
    for (const [option, values] of this.#values) {
      // Where it counts once only, two values cannot both be meant.
      const isSingle = option.repetition?.value === 'refused' || option.repetition?.value === 'last-wins';
      if (isSingle && option.repetition?.basis !== 'inferred')
        for (const clause of atMostOne(values)) this.#structure.push(clause);
      if (this.#areAll(option)) this.#structure.push([-this.#option(option), ...values]);
    }
    return { variables: this.#variables, groups, structure: this.#structure, tooLarge, unknown };
  }

  /** Whether the option takes one word, and every word that it may take is spoken of. */
  #areAll(option: Option): boolean {
    const { argument } = option;
    const [word, ...others] = argument?.value.words ?? [];
    const { values } = word ?? {};
    if (argument?.value.presence !== 'mandatory' || values === undefined || others.length > 0) return false;
    if (argument.basis === 'inferred' || values.basis === 'inferred' || word?.separator !== undefined)
      return false;
    return values.value.every(({ value }) => this.#byText.has(`value ${mainName(option).text}=${value}`));
  }

  #isKnown({ kind, name }: Member): boolean {
    return kind === 'option' ? this.#options.has(name) : this.#operands.has(name);
  }

  #clauses({ kind, subject, members }: Relation): Clause[] {
    const literals = [...new Set(members.map((member) => this.#member(member)))];
    switch (kind) {
      case 'exactly-one':
        return [literals, ...atMostOne(literals)];
      case 'at-most-one':
        return atMostOne(literals);
      case 'at-least-one':
        return [literals];
      case 'all-or-none':
        return literals.map((literal, i) => [-literal, literals[(i + 1) % literals.length] ?? literal]);
      case 'requires':
      case 'excludes': {
        if (subject === undefined) return [];
        const asking = this.#member(subject);
        return literals.map((literal) => [-asking, kind === 'requires' ? literal : -literal]);
      }
      case 'later-wins':
        return [];
    }
  }

  #member({ kind, name, value }: Member): Literal {
    const option = this.#options.get(name);
    if (kind === 'operand' || option === undefined) {
      return this.#variable({ kind: 'operand', text: name, option: undefined });
    }
    const own = this.#option(option);
    if (value === undefined) return own;
    const before = this.#variables.length;
    const literal = this.#variable({ kind: 'value', text: `${mainName(option).text}=${value}`, option });
    if (this.#variables.length > before) {
      this.#structure.push([-literal, own]);
      addTo(this.#values, option, literal);
    }
    return literal;
  }

  #option(option: Option): Literal {
    const known = this.#byOption.get(option);
    if (known !== undefined) return known;
    this.#variables.push({ kind: 'option', text: mainName(option).text, option });
    this.#byOption.set(option, this.#variables.length);
    return this.#variables.length;
  }

  #variable(variable: Variable): Literal {
    const key = `${variable.kind} ${variable.text}`;
    const known = this.#byText.get(key);
    if (known !== undefined) return known;
    this.#variables.push(variable);
    this.#byText.set(key, this.#variables.length);
    return this.#variables.length;
  }
}

function atMostOne(literals: readonly Literal[]): Clause[] {
  return literals.flatMap((a, i) => literals.slice(i + 1).map((b) => [-a, -b]));
}

function isSure<T>(fact: Fact<T> | undefined, value: T): boolean {
  return fact !== undefined && fact.basis !== 'inferred' && fact.value === value;
}
