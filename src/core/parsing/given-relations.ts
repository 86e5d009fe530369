import { listNames, quoteName } from '../messages/wording.ts';
import type { Member, Relation } from '../model/relation.ts';
import type { CommandAt } from '../model/walk.ts';
import type { CommandLineReading } from './command-line-reader.ts';

/** A relation that a command line breaks. */
export interface RelationFault {
  readonly message: string;
  /** The word that breaks it; null where one is lacking. */
  readonly word: number | null;
}

/** The relations of a command that the options given break; those that are only inferred are not judged. */
export function findRelationFaults(at: CommandAt, reading: CommandLineReading): RelationFault[] {
  return at.command.relations
    .filter(({ basis, members, subject }) => basis !== 'inferred' && onlyOptions([...members, subject]))
    .flatMap((relation) => faultOf(relation, reading) ?? []);
}

/** Operands of a relation are known only once a form is chosen; relations with them are not judged here. */
function onlyOptions(members: readonly (Member | undefined)[]): boolean {
  return members.every((member) => member === undefined || member.kind === 'option');
}

function faultOf(relation: Relation, reading: CommandLineReading): RelationFault | undefined {
  const { kind, members, subject } = relation;
  const given = members.flatMap((member) => {
    const word = wordOf(member, reading);
    return word === undefined ? [] : [{ name: shown(member), word }];
  });
  const names = members.map(shown);
  const [first, second] = given.toSorted((a, b) => a.word - b.word);
  switch (kind) {
    case 'exactly-one':
    case 'at-most-one':
      if (second !== undefined && first !== undefined)
        return {
          message: `${quoteName(second.name)} cannot be used with ${quoteName(first.name)}`,
          word: second.word,
        };
      return kind === 'exactly-one' && first === undefined && !reading.lost
        ? { message: `expected one of ${listNames(names, 'or')}`, word: null }
        : undefined;
    case 'at-least-one':
      return first === undefined && !reading.lost
        ? { message: `expected at least one of ${listNames(names, 'or')}`, word: null }
        : undefined;
    case 'all-or-none': {
      const lacking = members.find((member) => wordOf(member, reading) === undefined);
      return first !== undefined && lacking !== undefined
        ? { message: `${quoteName(first.name)} needs ${quoteName(shown(lacking))} with it`, word: first.word }
        : undefined;
    }
    case 'requires': {
      const word = subject && wordOf(subject, reading);
      const lacking = members.find((member) => wordOf(member, reading) === undefined);
      return subject !== undefined && word !== undefined && lacking !== undefined
        ? { message: `${quoteName(shown(subject))} needs ${quoteName(shown(lacking))} with it`, word }
        : undefined;
    }
    case 'excludes': {
      const word = subject && wordOf(subject, reading);
      return subject !== undefined && word !== undefined && first !== undefined
        ? {
            message: `${quoteName(first.name)} cannot be used with ${quoteName(shown(subject))}`,
            word: Math.max(word, first.word),
          }
        : undefined;
    }
    case 'later-wins':
      return undefined;
  }
}

function shown({ name, value }: Member): string {
  return value === undefined ? name : `${name}=${value}`;
}

/** The index of the word that gives a member, with its value where it has one; undefined where none does. */
function wordOf({ name, value }: Member, { given }: CommandLineReading): number | undefined {
  return given.find(
    ({ option, negated, name: called, values }) =>
      (called === name || (!negated && option.names.some(({ text }) => text === name))) &&
      (value === undefined || values.includes(value)),
  )?.word;
}
