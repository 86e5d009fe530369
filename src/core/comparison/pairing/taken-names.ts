import { quoteName } from '../../messages/wording.ts';
import { mainName, type Option, type OptionName } from '../../model/option.ts';
import type { Context } from '../context.ts';
import type { CommandPair } from './pairing.ts';

/** A name of one option that is another one's in the new version. */
export interface TakenName {
  readonly name: OptionName;
  readonly option: Option;
  readonly owner: Option;
  /** Whether it is known that the two are not one option. */
  readonly certain: boolean;
}

/** Tells of a name that another option has now. */
export function addTakenName(
  { name, option, owner, certain }: TakenName,
  { old }: CommandPair,
  { list }: Context,
): void {
  list.add({
    kind: 'name-taken-over',
    effect: 'other-meaning',
    certain,
    command: old.path,
    subject: name.text,
    before: mainName(option).text,
    after: mainName(owner).text,
    message: `${quoteName(name.text)} was ${otherName(option, name.text)} and is now ${otherName(owner, name.text)}: command lines with it mean something else`,
    oldPlace: name.place,
    newPlace: owner.place,
  });
}

/** An option by its main name, where that is not the name that is spoken of, else by another one, if it has one. */
function otherName(option: Option, name: string): string {
  const main = mainName(option).text;
  const other = main === name ? option.names.find(({ text }) => text !== name)?.text : main;
  return other === undefined ? 'an option of its own' : quoteName(other);
}
