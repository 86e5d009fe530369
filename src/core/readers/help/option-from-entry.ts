import { makeWord, type OptionArgument } from '../../model/argument.ts';
import { type Fact, inferred, type Knowable, stated } from '../../model/fact.ts';
import { makeOption, type Option, type OptionName } from '../../model/option.ts';
import type { Place } from '../../source/source.ts';
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
  const names = entry.declaring.flatMap(({ line, declaration }) => {
    const toSpan: ToSpan = (start, end) => cleaned.span(line.start + start, line.start + end);
    return declaration.names.map((declared) => ({ declared, toSpan }));
  });
  const { kept, negated } = partNegations(names);
  const shown = names.findLast(({ declared }) => declared.argument !== undefined);
  const argument = optionArgument(shown, notations, flow);
  return makeOption({
    names: kept.map(({ name, shownAs }) => ({ ...name, argument: ownArgument(shownAs, shown, argument) })),
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
    place: entryPlace(entry, cleaned),
  });
}

/** A name with the way from its line's indexes to the source. */
interface ShownName {
  readonly declared: DeclaredName;
  readonly toSpan: ToSpan;
}

function entryPlace({ declaring }: OptionEntry, cleaned: CleanedText): Place {
  const first = declaring[0];
  const last = declaring.at(-1);
  if (first === undefined || last === undefined) return null;
  const start = first.line.start + (first.declaration.names[0]?.start ?? 0);
  return cleaned.span(start, last.line.start + last.declaration.end);
}

function optionArgument(
  shown: ShownName | undefined,
  notations: TextNotations,
  flow: TextFlow,
): Knowable<OptionArgument> {
  if (shown?.declared.argument === undefined) {
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
  const argument = makeArgument(shown.declared.argument, shown.toSpan);
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
  { declared, toSpan }: ShownName,
  shown: ShownName | undefined,
  argument: Knowable<OptionArgument>,
): Knowable<OptionArgument> {
  if (argument === undefined || shown === undefined || declared === shown.declared) return undefined;
  if (declared.argument === undefined) {
    const isBareBesideOptional =
      argument.value.presence === 'optional' &&
      declared.form === 'short' &&
      shown.declared.form === 'long' &&
      !shown.declared.argument?.separate;
    return isBareBesideOptional ? inferred(NO_ARGUMENT, null) : undefined;
  }
  if (declared.argument.presence === argument.value.presence) return undefined;
  const own = makeArgument(declared.argument, toSpan);
  return stated(own, own.place);
}

interface KeptName {
  readonly name: OptionName;
  readonly shownAs: ShownName;
}

/** Parts the names that take the option back (`--[no-]colour`, `--colour / --no-colour`) from the others. */
function partNegations(names: readonly ShownName[]): { kept: KeptName[]; negated: OptionName[] } {
  const texts = new Set(names.map(({ declared }) => declared.text));
  const kept: KeptName[] = [];
  const negated: OptionName[] = [];
  for (const shownAs of names) {
    const { declared } = shownAs;
    const place = shownAs.toSpan(declared.start, declared.end);
    const name: OptionName = {
      text: declared.text,
      form: declared.form,
      argument: undefined,
      place,
    };
    const plain = /^--no-?(.+)$/.exec(declared.text)?.[1];
    if (plain !== undefined && texts.has(`--${plain}`)) negated.push(name);
    else if (!kept.some((other) => other.name.text === declared.text)) kept.push({ name, shownAs });
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
