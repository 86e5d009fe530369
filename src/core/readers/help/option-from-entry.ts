import { makeWord, type OptionArgument } from '../../model/argument.ts';
import { type Fact, inferred, type Knowable, stated } from '../../model/fact.ts';
import { makeOption, type Option, type OptionName } from '../../model/option.ts';
import { allowedValues } from './allowed-values.ts';
import type { CleanedText } from './cleaned-text.ts';
import type { DeclaredName } from './declaration.ts';
import { makeArgument, NO_ARGUMENT, type ToSpan } from './option-argument.ts';
import type { OptionEntry } from './option-entries.ts';
import { TextFlow } from './text-flow.ts';
import { readNotations, type TextNotations } from './text-notations.ts';

/** Makes an option of an entry of an option list. */
export function optionFromEntry(
  entry: OptionEntry,
  heading: Fact<string> | undefined,
  cleaned: CleanedText,
): Option {
  const flow = new TextFlow(cleaned, entry.pieces);
  const notations = readNotations(flow);
  const toSpan: ToSpan = (start, end) => cleaned.span(entry.line.start + start, entry.line.start + end);
  const { names } = entry.declaration;
  const { kept, negated } = partNegations(names, toSpan);
  const shown = names.findLast((name) => name.argument !== undefined);
  const argument = optionArgument(shown, notations, flow, toSpan);
  return makeOption({
    names: kept.map(({ name, declared }) => ({
      ...name,
      argument: ownArgument(declared, shown, argument, toSpan),
    })),
    negatedNames: negated,
    argument,
    required: notations.required,
    environment: notations.environment,
    deprecated:
      notations.deprecated === undefined
        ? undefined
        : {
            ...notations.deprecated,
            value: { since: undefined, replacedBy: undefined },
          },
    help: flow.text === '' ? undefined : stated(flow.text, flow.whole),
    listed: true,
    heading,
    place: toSpan(names[0]?.start ?? 0, entry.declaration.end),
  });
}

function optionArgument(
  shown: DeclaredName | undefined,
  notations: TextNotations,
  flow: TextFlow,
  toSpan: ToSpan,
): Knowable<OptionArgument> {
  if (shown?.argument === undefined) {
    if (notations.typeMark?.value === 'mandatory') {
      const word = makeWord({
        default: notations.default,
        values: allowedValues(notations, flow),
      });
      return inferred(
        { presence: 'mandatory', words: [word], count: undefined, place: null },
        notations.typeMark.place,
      );
    }
    // A list that shows arguments at all shows them for each option; still nothing says "none".
    return inferred(NO_ARGUMENT, null);
  }
  const argument = makeArgument(shown.argument, toSpan);
  const last = argument.words.at(-1);
  const words =
    last === undefined
      ? argument.words
      : [
          ...argument.words.slice(0, -1),
          {
            ...last,
            default: notations.default,
            values: last.values ?? allowedValues(notations, flow),
          },
        ];
  return stated({ ...argument, words }, argument.place);
}

/**
 * What one name takes where it differs from the option: a short name shown bare beside `--long[=VALUE]` takes nothing,
 * while a mandatory argument shown once is every name's.
 */
function ownArgument(
  declared: DeclaredName,
  shown: DeclaredName | undefined,
  argument: Knowable<OptionArgument>,
  toSpan: ToSpan,
): Knowable<OptionArgument> {
  if (argument === undefined || shown === undefined || declared === shown) return undefined;
  if (declared.argument === undefined) {
    const isBareBesideOptional =
      argument.value.presence === 'optional' &&
      declared.form === 'short' &&
      shown.form === 'long' &&
      !shown.argument?.separate;
    return isBareBesideOptional ? inferred(NO_ARGUMENT, null) : undefined;
  }
  if (declared.argument.presence === argument.value.presence) return undefined;
  const own = makeArgument(declared.argument, toSpan);
  return stated(own, own.place);
}

interface KeptName {
  readonly name: OptionName;
  readonly declared: DeclaredName;
}

/** Parts the names that take the option back (`--[no-]colour`, `--colour / --no-colour`) from the others. */
function partNegations(
  names: readonly DeclaredName[],
  toSpan: ToSpan,
): { kept: KeptName[]; negated: OptionName[] } {
  const texts = new Set(names.map((name) => name.text));
  const kept: KeptName[] = [];
  const negated: OptionName[] = [];
  for (const declared of names) {
    const place = toSpan(declared.start, declared.end);
    const name: OptionName = {
      text: declared.text,
      form: declared.form,
      argument: undefined,
      place,
    };
    const plain = /^--no-?(.+)$/.exec(declared.text)?.[1];
    if (plain !== undefined && texts.has(`--${plain}`)) negated.push(name);
    else if (!kept.some((other) => other.name.text === declared.text)) kept.push({ name, declared });
    if (declared.negated !== undefined) {
      negated.push({
        text: declared.negated,
        form: 'long',
        argument: undefined,
        place,
      });
    }
  }
  return { kept, negated };
}
