import type { Json } from '../../findings/finding.ts';
import { countOf, quoteName } from '../../messages/wording.ts';
import { type Count, makeValueWord, type OptionArgument, type ValueWord } from '../../model/argument.ts';
import type { Knowable } from '../../model/fact.ts';
import { saysTheSame } from '../../model/same.ts';
import type { Effect } from '../change.ts';
import type { About, Context } from '../context.ts';
import { areStated } from '../facts.ts';
import { type ToldOf, wordChanges } from './word-changes.ts';

type Presence = OptionArgument['presence'];

/** How the argument of an option, or of one of its names, differs. */
export function argumentChanges(
  before: Knowable<OptionArgument>,
  after: Knowable<OptionArgument>,
  about: About,
  context: Context,
  told?: ToldOf,
): void {
  if (before === undefined || after === undefined) {
    if (before !== after) saidOrUnsaid(before, after, about, context);
    return;
  }
  const [old, newer] = [before.value, after.value];
  const certain = areStated(before, after);
  const places = { oldPlace: old.place, newPlace: newer.place };
  if (old.presence !== newer.presence) {
    context.list.add({
      ...about,
      ...places,
      kind: 'argument-changed',
      effect: PRESENCE_EFFECTS[`${old.presence} ${newer.presence}`] ?? 'other-meaning',
      certain,
      before: old.presence,
      after: newer.presence,
      message: presenceMessage(old.presence, newer.presence, quoteName(about.subject)),
    });
  }
  const [oldWords, newWords] = [wordsOf(old), wordsOf(newer)];
  if (old.presence === 'none' || newer.presence === 'none') return;
  if (oldWords.length !== newWords.length) {
    context.list.add({
      ...about,
      ...places,
      kind: 'argument-words-changed',
      effect: 'other-meaning',
      certain,
      before: oldWords.length,
      after: newWords.length,
      message: `${quoteName(about.subject)} now takes ${countOf(newWords.length, 'word')} instead of ${oldWords.length}: the words after it mean something else`,
    });
    return;
  }
  for (const [i, word] of oldWords.entries())
    wordChanges(word, newWords[i] ?? makeValueWord(), about, context, oldWords.length === 1 ? told : {});
  if (saysTheSame(countOrOne(old), countOrOne(newer))) return;
  context.list.add({
    ...about,
    ...places,
    kind: 'argument-count-changed',
    effect: 'other-meaning',
    certain: certain && areStated(old.count, newer.count),
    before: countJson(old),
    after: countJson(newer),
    message: `${quoteName(about.subject)} now takes ${countWords(countOrOne(newer))} instead of ${countWords(countOrOne(old))}: the words after it mean something else`,
  });
}

const PRESENCE_EFFECTS: Record<string, Effect> = {
  'none optional': 'compatible',
  'none mandatory': 'other-meaning',
  'optional mandatory': 'other-meaning',
  'optional none': 'refused',
  'mandatory optional': 'other-meaning',
  'mandatory none': 'other-meaning',
};

function presenceMessage(old: Presence, newer: Presence, subject: string): string {
  switch (`${old} ${newer}`) {
    case 'none optional':
      return `${subject} can now have an argument`;
    case 'none mandatory':
      return `${subject} now takes an argument: the next word becomes it`;
    case 'optional mandatory':
      return `the argument of ${subject} can no longer be left out: the next word becomes the argument`;
    case 'optional none':
      return `${subject} no longer takes an argument: command lines that give one are refused`;
    case 'mandatory optional':
      return `the argument of ${subject} can now be left out: given as a separate word, it may be taken for an operand`;
    default:
      return `${subject} no longer takes an argument: the next word becomes an operand`;
  }
}

function saidOrUnsaid(
  before: Knowable<OptionArgument>,
  after: Knowable<OptionArgument>,
  about: About,
  { list }: Context,
): void {
  const fact = after ?? before;
  list.add({
    ...about,
    kind: after === undefined ? 'argument-unsaid' : 'argument-said',
    effect: 'wording',
    before: before?.value.presence ?? null,
    after: after?.value.presence ?? null,
    message: `whether ${quoteName(about.subject)} takes an argument is ${after === undefined ? 'no longer' : 'now'} stated: ${
      { none: 'none', optional: 'it may', mandatory: 'it must' }[fact?.value.presence ?? 'none']
    }`,
    oldPlace: before?.value.place,
    newPlace: after?.value.place,
  });
}

/** An argument without words of its own has one of which nothing is known. */
function wordsOf({ presence, words }: OptionArgument): readonly ValueWord[] {
  return presence !== 'none' && words.length === 0 ? [makeValueWord()] : words;
}

/** One word where nothing else is said, as every parser has it. */
function countOrOne({ count }: OptionArgument): Count {
  return count?.value ?? { least: 1, most: 1 };
}

function countJson(argument: OptionArgument): Json {
  const { least, most } = countOrOne(argument);
  return { least, most };
}

/** `1 or more words`. */
export function countWords({ least, most }: Count): string {
  if (most === null) return least === 0 ? 'any number of words' : `${least} or more words`;
  return least === most ? countOf(least, 'word') : `${least} to ${most} words`;
}
