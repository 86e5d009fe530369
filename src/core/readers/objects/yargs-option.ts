import type { Option } from '../../model/option.ts';
import type { Relation } from '../../model/relation.ts';
import { textOf, textsOf } from './object-access.ts';
import { argumentOf, fact, NONE, nameOf, optionOf, relationOf, textFact, wordOf } from './object-parts.ts';

/** An option as the parser yargs takes it: the members that say something of the interface. */
export interface OptionDeclaration {
  readonly alias?: unknown;
  readonly type?: unknown;
  readonly array?: unknown;
  readonly describe?: unknown;
  readonly choices?: unknown;
  readonly default?: unknown;
  readonly nargs?: unknown;
  readonly demandOption?: unknown;
  readonly deprecated?: unknown;
  readonly hidden?: unknown;
  readonly global?: unknown;
  readonly group?: unknown;
  readonly conflicts?: unknown;
  readonly implies?: unknown;
}

/** Makes an option of a declaration; one without a type may take a value or not, which is not known. */
export function optionOfDeclaration(key: string, declared: OptionDeclaration): Option {
  const names = [key, ...textList(declared.alias)].map((name) =>
    name.length === 1 ? `-${name}` : `--${name}`,
  );
  // Letters first, as everywhere.
  const sorted = [...names.filter((name) => name.length === 2), ...names.filter((name) => name.length > 2)];
  const isRepeated = declared.array === true || declared.type === 'array';
  const deprecated = declared.deprecated !== undefined && declared.deprecated !== false;
  return optionOf({
    names: sorted.map(nameOf),
    argument: argumentOfDeclaration(declared, isRepeated),
    required: fact(Boolean(declared.demandOption)),
    repetition: declared.type === 'count' ? fact('counted') : isRepeated ? fact('all-count') : undefined,
    inheritance: declared.global === false ? fact('not-inherited') : fact('anywhere-below'),
    help: textFact(declared.describe),
    heading: textFact(declared.group),
    hidden: declared.hidden === true ? fact(true) : undefined,
    deprecated: deprecated ? fact({ since: undefined, replacedBy: undefined }) : undefined,
  });
}

function argumentOfDeclaration(declared: OptionDeclaration, isRepeated: boolean): Option['argument'] {
  const { type, choices, default: given } = declared;
  if (type === 'boolean' || type === 'count') return NONE;
  const isNumber = type === 'number';
  const isTyped =
    isNumber || type === 'string' || isRepeated || choices !== undefined || declared.nargs !== undefined;
  if (!isTyped) return undefined;
  const word = wordOf({ values: choices, default: given, type: isNumber ? 'number' : undefined });
  return fact(argumentOf('mandatory', isRepeated, word));
}

/** What the declarations say of options that exclude or require each other. */
export function relationsOfDeclarations(options: ReadonlyMap<string, OptionDeclaration>): Relation[] {
  const flag = (key: string) => (key.length === 1 ? `-${key}` : `--${key}`);
  return [...options].flatMap(([key, { conflicts, implies }]) =>
    (
      [
        ['excludes', conflicts],
        ['requires', implies],
      ] as const
    ).flatMap(([kind, others]) => {
      const known = textList(others).filter((other) => options.has(other));
      return known.length === 0 ? [] : [relationOf(kind, flag(key), known.map(flag))];
    }),
  );
}

function textList(value: unknown): string[] {
  const one = textOf(value);
  return one === undefined ? textsOf(value) : [one];
}
